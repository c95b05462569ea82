import { useTell } from '@/common/useTell';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

/** How deep a canvas's bars are, and what is left to hold on to. */
export function DepthWord({ line, order, change }: WordProps) {
    const tell = useTell();
    const { depth, spare } = line.line.canvas ?? {};
    return (
        <div className="flex flex-col gap-3">
            <Typed
                label="The bars are deep"
                value={line.uses.depth}
                onSet={(typed) => change({ canvas: { depth: typed } })}
                note="A length, px of the file, or % of the face’s short side. It is added on all four sides."
            />
            <Typed
                label="To spare beyond them"
                value={line.uses.spare}
                onSet={(typed) => change({ canvas: { spare: typed } })}
                note="Something to hold on to when you wrap it yourself; ticks in it show the folds."
            />
            {(depth !== undefined || spare !== undefined) && (
                <button
                    type="button"
                    className="self-start font-semibold text-copper underline underline-offset-4"
                    onClick={() => tell(change({ canvas: { depth: null, spare: null } }))}
                >
                    {`As ${order.labCard.name} says: ${order.labCard.depth}`}
                </button>
            )}
        </div>
    );
}
