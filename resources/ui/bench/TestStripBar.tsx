import { Link } from 'react-router';
import { useLineActs } from '@/api/lines';
import type { LineView, OrderSheet } from '@/api/types';
import { Button } from '@/common/Button';
import { useNotices } from '@/notices/notices';
import { useTell } from '@/common/useTell';

interface Props {
    order: OrderSheet;
    /** the strip */
    line: LineView;
    /** the line it is for */
    of: LineView;
}

type Cell = LineView['cells'][number];

/** What the strip says below a print, such as “opened by 20 %”. */
const said = ({ line: { caption } }: Cell) =>
    caption?.parts.map((part) => (typeof part === 'string' ? part : part.text)).join(' · ') ?? '';

/** The settings of a test strip: the one that is chosen by eye is given to its line in one press. */
export function TestStripBar({ order, line, of }: Props) {
    const acts = useLineActs(order.id, of.id);
    const notices = useNotices();
    const tell = useTell();
    const { open = 0, contrast = 0 } = of.line.forPaper ?? {};
    const give = (cell: Cell) => {
        const tone = cell.line.forPaper ?? {};
        tell(
            acts
                .change({ forPaper: { open: tone.open || null, contrast: tone.contrast || null } })
                .then(() => notices.say(`Line ${of.number} is ${said(cell)} for its paper.`)),
        );
    };
    return (
        <div
            className="flex flex-wrap items-baseline gap-2 border-t border-rule bg-white px-[26px] py-2 text-row"
            data-testid="test-strip"
        >
            <p className="mr-2">
                A test strip for{' '}
                <Link to={`/orders/${order.id}/lines/${of.id}`} className="underline underline-offset-2">
                    line {of.number}
                </Link>
                . Which is right?
            </p>
            {line.cells.map((cell) => {
                const {
                    place,
                    line: { forPaper = {} },
                } = cell;
                const isIts = (forPaper.open ?? 0) === open && (forPaper.contrast ?? 0) === contrast;
                return (
                    <Button
                        key={place}
                        aria-pressed={isIts}
                        onClick={() => give(cell)}
                        className={isIts ? 'border-copper text-copper' : ''}
                    >
                        {said(cell)}
                    </Button>
                );
            })}
        </div>
    );
}
