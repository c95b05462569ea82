import type { MarkedArea, PixelRect } from '@/api/types';

/** An area that must stay in: a copper outline with its label. */
export function Marked({ area, at }: { area: MarkedArea; at: PixelRect }) {
    const wide = area.label.length * 5.6 + 12;
    return (
        <g data-testid="marked">
            <rect {...at} className="fill-none stroke-white/80" strokeWidth="4" rx="1.5" />
            <rect {...at} className="fill-none stroke-copper" strokeWidth="1.8" rx="1.5" />
            <rect x={at.x - 0.9} y={at.y - 16} width={wide} height="16" className="fill-copper" />
            <text x={at.x + 5} y={at.y - 4.5} className="fill-white text-small narrow">
                {area.label}
            </text>
        </g>
    );
}
