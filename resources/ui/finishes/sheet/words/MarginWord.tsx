import type { WordProps } from '@/sentence/word';
import { Typed } from '@/sentence/Typed';

/** What is left free inside the sheet's edge. */
export function MarginWord({ line, change, close }: WordProps) {
    return (
        <Typed
            label="Free inside the edge"
            value={line.line.sheet?.margin ?? '0 in'}
            onSet={(margin) => change({ sheet: { margin } })}
            onDone={close}
        />
    );
}
