import { useUnit } from '@/api/people';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

/** What is left free between the prints. */
export function GutterWord({ line, change, close }: WordProps) {
    const unit = useUnit();
    return (
        <Typed
            label="Free between prints"
            value={line.line.sheet?.gutter ?? `0 ${unit}`}
            onSet={(gutter) => change({ sheet: { gutter } })}
            onDone={close}
            note="0 lays them edge to edge: one cut parts two."
        />
    );
}
