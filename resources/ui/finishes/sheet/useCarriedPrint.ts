import type { DrawingFigures } from '@/api/types';
import { useDrag } from '@/common/useDrag';
import type { PaperProps } from '@/drawing/finish';
import { onScreen } from '@/drawing/pieces';
import { unitOf } from '@/drawing/units';
import { nameOf } from './figures';
import { snapped } from './snap';

/** A cell catches on an edge it is dragged this near to, in screen pixels. */
const CATCHES = 7;

interface On extends Pick<PaperProps, 'frame' | 'onType'> {
    drawing: DrawingFigures;
    chosen: number;
}

/** A whole print carried over its sheet by its rim: where it would lie, said on the way, and typed where it is let go. */
export function useCarriedPrint({ drawing, chosen, frame, onType }: On) {
    const print = drawing.prints[chosen]!;
    const sheet = drawing.sheets[print.sheet]!;
    const unit = unitOf(drawing);
    const start = { left: print.at.left - sheet.left, top: print.at.top - sheet.top };
    const { held, handlers } = useDrag<ReturnType<typeof snapped> | 'not yet'>({
        begin: () => 'not yet',
        move: (_held, by) => {
            const wanted = { left: start.left + by.x / frame.scale, top: start.top + by.y / frame.scale };
            return snapped(wanted, chosen, drawing, CATCHES / frame.scale, unit.rounded);
        },
        end: (at) => {
            if (at !== 'not yet') {
                onType(`${nameOf(chosen)}-at`, `${unit.typed(at.left, true)}, ${unit.typed(at.top, true)}`);
            }
        },
    });
    const at = held === 'not yet' ? null : held;
    return {
        handlers,
        /** in screen pixels */
        at: at && {
            ...onScreen(frame)(print.at),
            x: frame.x(sheet.left + at.left),
            y: frame.y(sheet.top + at.top),
        },
        isCaught: at?.isCaught ?? false,
        says: at ? `${unit.said(at.left)} from left, ${unit.said(at.top)} from top` : '',
    };
}
