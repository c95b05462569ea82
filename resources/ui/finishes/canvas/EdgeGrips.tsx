import { Grip, millimetres } from '@/drawing/Grip';
import { unitOf } from '@/drawing/units';
import type { HandlesProps } from '@/drawing/finish';

/** Grips on a canvas's edge: dragged outward from the fold it becomes deeper on all four sides. */
export function EdgeGrips({ drawing, frame, onType }: HandlesProps) {
    const { paper, sheet, wrap } = drawing;
    const said = unitOf(drawing).typed;
    if (!wrap) {
        return null;
    }
    const common = { inMm: millimetres(frame), said, onType };
    return (
        <>
            <Grip
                {...common}
                x={frame.x(sheet.left + sheet.width - wrap.spare)}
                y={frame.y(paper.height / 2)}
                cursor="ew-resize"
                measure={(at) => ({ name: 'depth-right', length: Math.max(0, at.x - paper.width) })}
            />
            <Grip
                {...common}
                x={frame.x(paper.width / 2)}
                y={frame.y(sheet.top + sheet.height - wrap.spare)}
                cursor="ns-resize"
                measure={(at) => ({ name: 'depth-bottom', length: Math.max(0, at.y - paper.height) })}
            />
        </>
    );
}
