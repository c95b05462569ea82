import type { WordProps } from '@/sentence/word';
import { Typed } from '@/sentence/Typed';

/** What is left free between the prints. */
export function GutterWord({ line, change, close }: WordProps) {
    return (
        <Typed
            label="Free between prints"
            value={line.line.sheet?.gutter ?? '0 in'}
            onSet={(gutter) => change({ sheet: { gutter } })}
            onDone={close}
            note="0 lays them edge to edge: one cut parts two."
        />
    );
}
