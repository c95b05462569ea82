import { Link } from 'react-router';
import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import type { WordProps } from '@/words/word';

const FIRST = 'first';

/** Which of the lab's papers it is printed on. */
export function PaperWord({ line, order, change, close }: WordProps) {
    const tell = useTell();
    return (
        <div className="flex flex-col gap-3">
            <Choice
                label={`Papers of ${order.labCard.name}`}
                value={line.line.paper ?? FIRST}
                onDone={close}
                onChoose={(paper) => tell(change({ paper: paper === FIRST ? null : paper }))}
                options={[
                    { value: FIRST, label: 'As usual', note: order.labCard.papers[0]?.name },
                    ...order.labCard.papers.map(({ name, surface, profile }) => ({
                        value: name,
                        label: name,
                        note: `${surface}${profile ? '' : ', no profile'}`,
                    })),
                ]}
            />
            <Link to="/labs" className="text-small text-soft underline underline-offset-4">
                Papers and profiles of the labs
            </Link>
        </div>
    );
}
