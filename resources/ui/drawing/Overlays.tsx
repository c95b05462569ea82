import type { DrawingFigures, MustStayIn } from '@/api/types';
import type { Frame } from './layout';

/** A thin dark line with a white halo, so that it reads on any picture. */
export function Haloed({ d, className, width = 1, dashes }: { d: string; className: string; width?: number; dashes?: string }) {
    return (
        <>
            <path d={d} className="fill-none stroke-white/80" strokeWidth={width + 2} strokeDasharray={dashes} />
            <path d={d} className={`fill-none ${className}`} strokeWidth={width} strokeDasharray={dashes} />
        </>
    );
}

interface OnDrawing {
    drawing: DrawingFigures;
    frame: Frame;
}

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

/** Where the paper is cut out of a larger sheet, or out of its bleed: ticks at its corners, outside it. */
export function TrimTicks({ drawing: { paper, sheet, ticks, bleed }, frame }: OnDrawing) {
    if (!ticks && bleed === 0) {
        return null;
    }
    const [left, top, right, bottom] = [frame.x(0), frame.y(0), frame.x(paper.width), frame.y(paper.height)];
    const away = Math.max(3, frame.scale);
    const long = Math.max(7, 5 * frame.scale);
    const across = sheet.width > paper.width + 0.01;
    const down = sheet.height > paper.height + 0.01;
    const vertical = [left, right].map((x) => `M${x} ${top - away} v${-long} M${x} ${bottom + away} v${long}`);
    const level = [top, bottom].map((y) => `M${left - away} ${y} h${-long} M${right + away} ${y} h${long}`);
    return <Haloed d={[...(across ? vertical : []), ...(down ? level : [])].join(' ')} className="stroke-ink" />;
}

/** Where a canvas is folded round its bars: chain lines; where it goes behind them: short dashes. */
export function Folds({ drawing: { paper, sheet, wrap }, frame }: OnDrawing) {
    if (!wrap || wrap.depth === 0) {
        return null;
    }
    const across = (y: number) => `M${frame.x(sheet.left)} ${frame.y(y)} H${frame.x(sheet.left + sheet.width)}`;
    const down = (x: number) => `M${frame.x(x)} ${frame.y(sheet.top)} V${frame.y(sheet.top + sheet.height)}`;
    const { depth, spare } = wrap;
    return (
        <g data-testid="folds">
            <Haloed
                d={[across(0), across(paper.height), down(0), down(paper.width)].join(' ')}
                className="stroke-ink"
                width={1.2}
                dashes="16 4 2.5 4"
            />
            {spare > 0 && (
                <Haloed
                    d={[across(-depth), across(paper.height + depth), down(-depth), down(paper.width + depth)].join(' ')}
                    className="stroke-ink/80"
                    width={0.9}
                    dashes="4 3"
                />
            )}
        </g>
    );
}

/** An area that must stay in: a copper outline with its label. */
export function Marked({ area, at }: { area: MustStayIn; at: { x: number; y: number; width: number; height: number } }) {
    const wide = area.label.length * 5.6 + 12;
    return (
        <g data-testid="marked">
            <rect {...at} className="fill-none stroke-white/80" strokeWidth="4" rx="1.5" />
            <rect {...at} className="fill-none stroke-copper" strokeWidth="1.8" rx="1.5" />
            <rect x={at.x - 0.9} y={at.y - 16} width={wide} height="16" className="fill-copper" />
            <text x={at.x + 5} y={at.y - 4.5} className="narrow fill-white text-[12px]">
                {area.label}
            </text>
        </g>
    );
}
