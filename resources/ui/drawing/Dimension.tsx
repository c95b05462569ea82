import { useRef, useState } from 'react';
import { figureWidth, type PlacedDimension } from './layout';

const ARROW = 9;

/** The lines of one dimension: thin extension lines, filled arrows, a gap for the figure of a size. */
export function DimensionLines({ dimension }: { dimension: PlacedDimension }) {
    const { across, at, start, end, edge, isMargin, figure, label } = dimension;
    const point = (along: number, off: number) => (across ? `${along} ${off}` : `${off} ${along}`);
    const line = (a: number, b: number, off: number) => (b > a ? `M${point(a, off)} L${point(b, off)} ` : '');
    const beyond = Math.sign(at - edge) * 5;
    const half = figureWidth(label) / 2;
    const roomy = end - start > 2 * ARROW + 4;
    const split = !isMargin && end - start > 2 * half + 2 * ARROW;
    const arrow = (along: number, sign: number) =>
        across ? `M${along} ${at} l${ARROW * sign} -3.3 v6.6 z` : `M${at} ${along} l-3.3 ${ARROW * sign} h6.6 z`;
    return (
        <g>
            <path
                className="fill-none stroke-ink"
                d={
                    `M${point(start, edge + beyond * 0.4)} L${point(start, at + beyond)} ` +
                    `M${point(end, edge + beyond * 0.4)} L${point(end, at + beyond)} ` +
                    (split
                        ? line(start + 4, figure - half, at) + line(figure + half, end - 4, at)
                        : line(start + (roomy ? 4 : 0), end - (roomy ? 4 : 0), at)) +
                    // A figure that had to move is led back to what it measures.
                    (isMargin && Math.abs(figure - (start + end) / 2) > 6
                        ? `M${point((start + end) / 2, at)} L${point(figure, at + beyond * 1.2)}`
                        : '')
                }
            />
            {roomy && <path className="fill-ink" d={`${arrow(start, 1)} ${arrow(end, -1)}`} />}
        </g>
    );
}

interface FigureProps {
    dimension: PlacedDimension;
    /** saves a typed length; fails with the words to show */
    onType: (name: string, typed: string) => Promise<unknown>;
}

const words = (name: string) => {
    const said = name.replaceAll('-', ' ');
    return said[0]!.toUpperCase() + said.slice(1);
};

/** The figure of a dimension: pressed, it is typed into. */
export function DimensionFigure({ dimension, onType }: FigureProps) {
    const { across, at, figure, isMargin, label, name, canBeTyped, start, end } = dimension;
    const [typed, setTyped] = useState<string | null>(null);
    const [error, setError] = useState<string | null>(null);
    /** what is typed is on its way, or given up: the field that goes then sets nothing more */
    const isDone = useRef(false);
    const upright = !across && !isMargin;
    // Margins' figures stand beside their line; a size's on it, or beside one too short to hold it.
    const short = !isMargin && end - start <= figureWidth(label) + 22;
    const along = short ? end + figureWidth(label) / 2 + 4 : figure;
    const off = isMargin ? at + (across ? 14 : 8) : at;
    const place = across ? { left: along, top: off } : { left: off, top: along };
    const side = !across && isMargin ? '-translate-y-1/2' : '-translate-1/2';
    const close = () => {
        isDone.current = true;
        setTyped(null);
        setError(null);
    };
    /** Enter sets what is typed, and so does leaving the field. */
    const set = () => {
        if (isDone.current || typed === null) {
            return;
        }
        if (typed === label) {
            return close();
        }
        isDone.current = true;
        onType(name, typed).then(close, (failed: Error) => {
            isDone.current = false;
            setError(failed.message);
        });
    };
    if (typed !== null) {
        return (
            <form
                noValidate
                className="absolute z-20 -translate-1/2"
                style={{ ...place, left: Math.max(place.left, 62) }}
                onSubmit={(event) => {
                    event.preventDefault();
                    set();
                }}
            >
                <input
                    autoFocus
                    aria-label={words(name)}
                    aria-invalid={error !== null}
                    value={typed}
                    onChange={(event) => setTyped(event.target.value)}
                    onFocus={(event) => event.target.select()}
                    onBlur={set}
                    onKeyDown={(event) => event.key === 'Escape' && close()}
                    className="w-24 rounded-sm border border-copper bg-white px-2 py-1 text-center"
                />
                {error && (
                    <p
                        role="alert"
                        className="absolute top-full left-0 mt-1 w-64 rounded-sm bg-white p-2 text-small text-stops shadow"
                    >
                        {error}
                    </p>
                )}
            </form>
        );
    }
    const look = `narrow absolute z-10 ${side} rounded-xs px-1 text-row leading-[15px] whitespace-nowrap ${upright ? '-rotate-90' : ''} ${name.startsWith('image') || name.startsWith('paper') ? 'font-semibold' : ''}`;
    return canBeTyped ? (
        <button
            type="button"
            aria-label={`${words(name)}: ${label}. Type another`}
            data-figure={name}
            onClick={() => {
                isDone.current = false;
                setTyped(label);
            }}
            className={`${look} hover:bg-white/80`}
            style={place}
        >
            {label}
        </button>
    ) : (
        <span className={look} data-figure={name} style={place}>
            {label}
        </span>
    );
}
