import { Link } from 'react-router';
import { useLineActs } from '@/api/lines';
import type { LineView, OrderSheet } from '@/api/types';
import { Button } from '@/common/Button';
import { useNotices } from '@/common/notices';
import { useTell } from '@/common/useTell';

interface Props {
    order: OrderSheet;
    /** the strip */
    line: LineView;
    /** the line it is for */
    of: LineView;
}

type Tone = NonNullable<LineView['line']['forPaper']>;

const percent = (share: number) => `${Math.round(share * 100)}\u2009%`;

/** “straight”, “opened by 20 %, 10 % more contrast” */
const label = ({ open = 0, contrast = 0 }: Tone) =>
    [open > 0 && `opened by ${percent(open)}`, contrast > 0 && `${percent(contrast)} more contrast`].filter(Boolean).join(', ') ||
    'straight';

/** The settings of a test strip: the one that is chosen by eye is given to its line in one press. */
export function TestStripBar({ order, line, of }: Props) {
    const acts = useLineActs(order.id, of.id);
    const notices = useNotices();
    const tell = useTell();
    const { open = 0, contrast = 0 } = of.line.forPaper ?? {};
    const give = (tone: Tone) =>
        tell(
            acts
                .change({ forPaper: { open: tone.open || null, contrast: tone.contrast || null } })
                .then(() => notices.say(`Line ${of.number} is ${label(tone)} for its paper.`)),
        );
    return (
        <div
            className="flex flex-wrap items-baseline gap-2 border-t border-rule bg-white px-[26px] py-2 text-[13px]"
            data-testid="test-strip"
        >
            <p className="mr-2">
                A test strip for{' '}
                <Link to={`/orders/${order.id}/lines/${of.id}`} className="underline underline-offset-2">
                    line {of.number}
                </Link>
                . Which is right?
            </p>
            {line.cells.map(({ place, line: { forPaper = {} } }) => {
                const isIts = (forPaper.open ?? 0) === open && (forPaper.contrast ?? 0) === contrast;
                return (
                    <Button
                        key={place}
                        aria-pressed={isIts}
                        onClick={() => give(forPaper)}
                        className={isIts ? 'border-copper text-copper' : ''}
                    >
                        {label(forPaper)}
                    </Button>
                );
            })}
        </div>
    );
}
