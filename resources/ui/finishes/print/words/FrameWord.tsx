import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

/** What a frame will hide all round; drawn and checked, never printed. */
export function FrameWord({ line, change, close }: WordProps) {
    return (
        <Typed
            label="A frame hides"
            value={line.uses.frameCover}
            onSet={(typed) => change({ frameCover: typed })}
            onDone={close}
            note="All round. It is drawn and checked, never printed; 0 mm for no frame. F shows it."
        />
    );
}
