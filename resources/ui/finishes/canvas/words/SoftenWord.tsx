import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';
import { asPercent, fromPercent } from '@/words/percent';

/** How much the edge of a canvas is softened, so that faces and details on it do not read. */
export function SoftenWord({ line, change, close }: WordProps) {
    return (
        <Typed
            label="Softened by"
            value={asPercent(line.line.canvas?.soften ?? 0)}
            onSet={async (typed) => change({ canvas: { soften: fromPercent(typed) || null } })}
            onDone={close}
            note="Nothing at the fold, most at the wall; 0 % for none."
        />
    );
}
