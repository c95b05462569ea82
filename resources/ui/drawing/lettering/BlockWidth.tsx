import type { DrawingFigures, Lettering, SetBlock } from '@/api/types';
import { useDrag } from '@/common/useDrag';
import { unitOf } from '../units';
import { SHARE } from './place';

/** Nothing is set narrower, in mm. */
const LEAST = 3;

interface Props {
    block: SetBlock;
    drawing: DrawingFigures;
    scale: number;
    isTurned: boolean;
    onKeep: (next: Partial<Lettering>) => Promise<unknown>;
}

/** The right edge of a block: dragged, it says how wide the block may become. */
export function BlockWidth({ block, drawing, scale, isTurned, onKeep }: Props) {
    const { width } = block.box;
    const share = SHARE[block.align];
    const unit = unitOf(drawing);
    const { held: widest, handlers } = useDrag<number>({
        begin: (event) => {
            event.stopPropagation();
            return width;
        },
        move: (_held, _by, event) => {
            const rect = event.currentTarget.parentElement!.getBoundingClientRect();
            const grown = isTurned ? event.clientY - rect.bottom : event.clientX - rect.right;
            // From the block's anchor the width goes to one side, or to both.
            return Math.max(LEAST, width + (grown / scale) * (share === 0.5 ? 2 : 1));
        },
        end: (held) => void onKeep({ widest: unit.typed(held, false) }).catch(() => undefined),
    });
    return (
        <>
            <span
                aria-hidden="true"
                data-testid="block-width"
                className="absolute top-1/2 -right-1.5 h-5 w-2.5 -translate-y-1/2 cursor-ew-resize border border-ink bg-white opacity-0 group-hover:opacity-100 group-focus:opacity-100"
                {...handlers}
            />
            {widest !== null && (
                <span
                    aria-hidden="true"
                    className="absolute top-0 h-full border-x border-copper"
                    style={{ left: share * (width - widest) * scale, width: widest * scale }}
                >
                    <span className="absolute -top-5 right-0 bg-white/90 px-1 text-row font-semibold whitespace-nowrap narrow">
                        {unit.typed(widest, false)} at most
                    </span>
                </span>
            )}
        </>
    );
}
