import type { Box } from '@/api/types';

interface Props {
    drawn: { paper: { width: number; height: number }; prints: { sheet: number; at: Box }[] };
    /** screen pixels per mm */
    scale: number;
}

/** No more sheets than this are drawn; the rest is told by a number. */
const MOST = 4;

/** Sheets with the places of their prints, small and at one scale. */
export function SheetSketch({ drawn: { paper, prints }, scale }: Props) {
    const sheets = 1 + Math.max(0, ...prints.map(({ sheet }) => sheet));
    const shown = Math.min(sheets, MOST);
    const apart = paper.width * 0.06;
    const width = shown * paper.width + (shown - 1) * apart;
    const thin = 0.8 / scale;
    return (
        <span className="flex items-center gap-1">
            <svg
                width={width * scale}
                height={paper.height * scale}
                viewBox={`0 0 ${width} ${paper.height}`}
                aria-hidden="true"
                className="overflow-visible"
            >
                {Array.from({ length: shown }, (_, sheet) => (
                    <g key={sheet} transform={`translate(${sheet * (paper.width + apart)} 0)`}>
                        <rect width={paper.width} height={paper.height} className="fill-white stroke-soft" strokeWidth={thin} />
                        {prints
                            .filter((print) => print.sheet === sheet)
                            .map(({ at }, i) => (
                                <rect
                                    key={i}
                                    x={at.left}
                                    y={at.top}
                                    width={at.width}
                                    height={at.height}
                                    className="fill-groove stroke-ink"
                                    strokeWidth={thin}
                                />
                            ))}
                    </g>
                ))}
            </svg>
            {sheets > shown && <span className="text-small narrow">+ {sheets - shown}</span>}
        </span>
    );
}
