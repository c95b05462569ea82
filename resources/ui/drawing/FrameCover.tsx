import type { OnDrawing } from './finish';

/** What a frame will cover, hatched. */
export function FrameCover({ drawing: { paper, frameCover }, frame }: OnDrawing) {
    const [left, top, right, bottom] = [frame.x(0), frame.y(0), frame.x(paper.width), frame.y(paper.height)];
    const wide = Math.min(frameCover * frame.scale, (right - left) / 2, (bottom - top) / 2);
    return (
        <g data-testid="frame-cover">
            <defs>
                <pattern id="hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                    <path d="M1.5 0 V7" className="stroke-white/70" strokeWidth="2.6" />
                    <path d="M1.5 0 V7" className="stroke-ink/80" strokeWidth="1" />
                </pattern>
            </defs>
            <path
                fill="url(#hatch)"
                fillRule="evenodd"
                d={`M${left} ${top} H${right} V${bottom} H${left} Z M${left + wide} ${top + wide} H${right - wide} V${bottom - wide} H${left + wide} Z`}
            />
        </g>
    );
}
