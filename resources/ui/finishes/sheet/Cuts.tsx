import { Haloed } from '@/drawing/Haloed';
import type { OnDrawing } from '@/drawing/finish';

/** The straight cuts in their order: dashed lines from edge to edge of the piece they cut, each with its number. */
export function Cuts({ drawing, frame }: OnDrawing) {
    return (
        <svg className="pointer-events-none absolute inset-0 size-full" aria-hidden="true" data-testid="cuts">
            {drawing.cuts.map((cut, i) => {
                const [left, top] = [frame.x(cut.left), frame.y(cut.top)];
                const [right, bottom] = [frame.x(cut.right), frame.y(cut.bottom)];
                const isDown = left === right;
                // Numbers of neighbouring cuts stand beside each other.
                const along = Math.min((isDown ? bottom - top : right - left) / 2, 16 + ((cut.number - 1) % 4) * 21);
                const [x, y] = isDown ? [left, top + along] : [left + along, top];
                return (
                    <g key={i}>
                        <Haloed d={`M${left} ${top} L${right} ${bottom}`} className="stroke-copper" width={1.6} dashes="7 4" />
                        <circle cx={x} cy={y} r="9.5" className="fill-copper stroke-white" strokeWidth="1.5" />
                        <text x={x} y={y + 4.2} textAnchor="middle" className="fill-white text-small font-semibold narrow">
                            {cut.number}
                        </text>
                    </g>
                );
            })}
        </svg>
    );
}
