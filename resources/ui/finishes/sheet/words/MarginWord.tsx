import { useUnit } from '@/api/people';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

/** What is left free inside the sheet's edge. */
export function MarginWord({ line, change, close }: WordProps) {
    const unit = useUnit();
    return (
        <Typed
            label="Free inside the edge"
            value={line.line.sheet?.margin ?? `0 ${unit}`}
            onSet={(margin) => change({ sheet: { margin } })}
            onDone={close}
        />
    );
}
