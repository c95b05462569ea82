import type { ListedSize } from '@/api/types';

const HEIGHT = 84;
const GAP = 10;
/** Of a label, about */
const LETTER = 4.4;
const MOST = 24;

/** What a lab prints, each size as an outline at one scale, the smallest first. */
export function SizesDrawn({ sizes, height = HEIGHT }: { sizes: ListedSize[]; height?: number }) {
    const shown = sizes.toSorted((a, b) => a.width * a.height - b.width * b.height).slice(0, MOST);
    const tallest = Math.max(...shown.map((size) => size.height), 1);
    const scale = height / tallest;
    let at = 0;
    const places = shown.map((size) => {
        const x = at;
        at += Math.max(size.width * scale, size.label.length * LETTER) + GAP;
        return { size, x };
    });
    return (
        <svg
            width={at}
            height={height + 18}
            role="img"
            aria-label={`Its sizes at one scale: ${shown.map(({ label }) => label).join(', ')}`}
            className="max-w-full"
        >
            {places.map(({ size, x }) => (
                <g key={size.label}>
                    <rect
                        x={x + 0.5}
                        y={height - size.height * scale + 0.5}
                        width={size.width * scale}
                        height={size.height * scale}
                        className="fill-white stroke-ink"
                        strokeWidth="0.8"
                    />
                    <text x={x} y={height + 14} className="fill-soft text-tiny narrow">
                        {size.label}
                    </text>
                </g>
            ))}
        </svg>
    );
}
