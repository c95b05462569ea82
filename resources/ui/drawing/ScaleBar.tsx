const LENGTHS = [
    { mm: 5, label: '5 mm' },
    { mm: 10, label: '1 cm' },
    { mm: 25.4, label: '1 in' },
    { mm: 50.8, label: '2 in' },
    { mm: 127, label: '5 in' },
    { mm: 254, label: '10 in' },
    { mm: 508, label: '20 in' },
    { mm: 1270, label: '50 in' },
];

/** A ruler of a round length at the drawing's scale. */
export function ScaleBar({ scale }: { scale: number }) {
    const length = LENGTHS.findLast((candidate) => candidate.mm * scale <= 110) ?? LENGTHS[0]!;
    const width = length.mm * scale;
    return (
        <svg
            width={width + 2}
            height="22"
            role="img"
            aria-label={`Scale: this bar is ${length.label}`}
            className="overflow-visible"
        >
            <path
                d={`M1 12 v8 M1 16 H${width + 1} M${width + 1} 12 v8 M${width / 2 + 1} 14 v4`}
                className="fill-none stroke-ink"
            />
            <text x={width / 2 + 1} y="9" textAnchor="middle" className="narrow fill-ink text-[12px]">
                {length.label}
            </text>
        </svg>
    );
}
