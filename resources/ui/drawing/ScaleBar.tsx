const LENGTHS = {
    in: [0.25, 0.5, 1, 2, 5, 10, 20, 50],
    cm: [0.5, 1, 2, 5, 10, 20, 50, 100],
};

const MM = { in: 25.4, cm: 10 };
const MOST_PX = 110;

/** A ruler of a round length at the drawing's scale, in the unit that its sizes stand in. */
export function ScaleBar({ scale, unit }: { scale: number; unit: 'in' | 'cm' }) {
    const length = LENGTHS[unit].findLast((candidate) => candidate * MM[unit] * scale <= MOST_PX) ?? LENGTHS[unit][0]!;
    const width = length * MM[unit] * scale;
    const label = `${length} ${unit}`;
    return (
        <svg width={width + 2} height="22" role="img" aria-label={`Scale: this bar is ${label}`} className="overflow-visible">
            <path
                d={`M1 12 v8 M1 16 H${width + 1} M${width + 1} 12 v8 M${width / 2 + 1} 14 v4`}
                className="fill-none stroke-ink"
            />
            <text x={width / 2 + 1} y="9" textAnchor="middle" className="fill-ink text-small narrow">
                {label}
            </text>
        </svg>
    );
}
