import type { Outline } from '@/api/types';

interface Shown {
    name: string;
    gamut: Outline;
    isPaper: boolean;
    /** In words, beside sRGB. */
    beside?: string;
}

const [WIDE, HIGH, PAD] = [300, 280, 26];
/** The part of the diagram that holds all outlines: u′ from 0.05, v′ from 0.1, so many of it across and down. */
const [FROM_U, FROM_V, SPAN] = [0.05, 0.1, 0.52];
const DASHES = ['', '7 4', '2 3', '10 3 2 3'];

/** What spaces and papers hold, in the CIE 1976 u′v′ diagram, told apart by their line and by words at the side. */
export function GamutPlot({ outlines }: { outlines: Shown[] }) {
    const x = (u: number) => PAD + ((u - FROM_U) / SPAN) * (WIDE - PAD);
    const y = (v: number) => HIGH - PAD - ((v - FROM_V) / SPAN) * (HIGH - PAD);
    const path = (gamut: Outline) =>
        `${gamut.map(([u, v], i) => `${i === 0 ? 'M' : 'L'}${x(u).toFixed(1)} ${y(v).toFixed(1)}`).join(' ')} Z`;
    const papers = outlines.filter(({ isPaper }) => isPaper);
    const line = (outline: Shown) =>
        outline.isPaper
            ? { className: 'stroke-copper', strokeDasharray: DASHES[papers.indexOf(outline) % DASHES.length], strokeWidth: 1.6 }
            : {
                  className: outline.name === 'sRGB' ? 'stroke-ink' : 'stroke-soft',
                  strokeDasharray: outline.name === 'sRGB' ? '' : '7 4',
                  strokeWidth: 1.2,
              };
    const ticks = [0.1, 0.2, 0.3, 0.4, 0.5];
    return (
        <figure className="flex gap-5">
            <svg width={WIDE} height={HIGH} role="img" aria-label={`Gamuts of ${outlines.map(({ name }) => name).join(', ')}`}>
                <path d={`M${PAD} 0 V${HIGH - PAD} H${WIDE}`} className="fill-none stroke-ink/60" strokeWidth="0.8" />
                {ticks.map((tick) => (
                    <g key={tick} className="fill-soft text-tiny narrow">
                        <text x={x(tick)} y={HIGH - 10} textAnchor="middle">
                            {tick}
                        </text>
                        <text x={PAD - 5} y={y(tick) + 4} textAnchor="end">
                            {tick}
                        </text>
                    </g>
                ))}
                <text x={WIDE - 4} y={HIGH - PAD - 6} textAnchor="end" className="fill-ink text-small narrow">
                    u′
                </text>
                <text x={PAD + 8} y={12} className="fill-ink text-small narrow">
                    v′
                </text>
                {outlines.map((outline) => (
                    <path key={outline.name} d={path(outline.gamut)} fill="none" {...line(outline)} />
                ))}
            </svg>
            <figcaption className="w-52 pt-3 text-small">
                <ul className="flex flex-col gap-1.5">
                    {outlines.map((outline) => (
                        <li key={outline.name} className="flex items-baseline gap-2.5">
                            <svg width="34" height="6" aria-hidden="true" className="shrink-0 translate-y-[-3px]">
                                <path d="M0 3 H34" fill="none" {...line(outline)} />
                            </svg>
                            <span>
                                {outline.name}
                                {outline.isPaper ? ' paper' : ''}
                                {outline.beside && <span className="block text-small text-soft">{outline.beside}</span>}
                            </span>
                        </li>
                    ))}
                </ul>
                <p className="mt-3 text-soft">Farther out is stronger. What lies inside a line can be shown there.</p>
            </figcaption>
        </figure>
    );
}
