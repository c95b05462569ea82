import { useState } from 'react';

interface Props {
    /** ends of the dimension line, in screen pixels */
    from: { x: number; y: number };
    to: { x: number; y: number };
    /** where the extension lines start, on the thing that is measured */
    edge: number;
    label: string;
    name: string;
    /** saves a typed length; fails with the words to show */
    onType?: (typed: string) => Promise<unknown>;
}

const GAP = 6;
const FIGURE_WIDTH_A_LETTER = 6.4;

/** The lines of one dimension: thin extension lines, filled arrows, a gap for the figure. */
export function DimensionLines({ from, to, edge, label }: Props) {
    const upright = from.x === to.x;
    const half = (label.length * FIGURE_WIDTH_A_LETTER) / 2 + GAP;
    const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
    const arrow = (at: { x: number; y: number }, sign: number) =>
        upright ? `M${at.x} ${at.y} l-3.3 ${9 * sign} h6.6 z` : `M${at.x} ${at.y} l${9 * sign} -3.3 v6.6 z`;
    return (
        <g>
            <g className="stroke-ink" strokeWidth="1">
                {upright ? (
                    <path d={`M${from.x - 6} ${from.y} H${edge - 3} M${to.x - 6} ${to.y} H${edge - 3}`} />
                ) : (
                    <path d={`M${from.x} ${from.y - 6} V${edge - 3} M${to.x} ${to.y - 6} V${edge - 3}`} />
                )}
                {upright ? (
                    <path d={`M${from.x} ${from.y + 4} V${middle.y - half} M${to.x} ${to.y - 4} V${middle.y + half}`} />
                ) : (
                    <path d={`M${from.x + 4} ${from.y} H${middle.x - half} M${to.x - 4} ${to.y} H${middle.x + half}`} />
                )}
            </g>
            <path d={`${arrow(from, 1)} ${arrow(to, -1)}`} className="fill-ink" />
        </g>
    );
}

/** The figure of a dimension: pressed, it is typed into. */
export function DimensionFigure({ from, to, label, name, onType }: Props) {
    const [typed, setTyped] = useState<string | null>(null);
    const [error, setError] = useState<string | null>(null);
    const upright = from.x === to.x;
    const place = { left: (from.x + to.x) / 2, top: (from.y + to.y) / 2 };
    const close = () => {
        setTyped(null);
        setError(null);
    };
    if (typed !== null && onType) {
        return (
            <form
                noValidate
                className="absolute z-20 -translate-1/2"
                style={{ ...place, ...(upright ? { left: Math.max(place.left, 62) } : {}) }}
                onSubmit={(event) => {
                    event.preventDefault();
                    onType(typed).then(close, (failed: Error) => setError(failed.message));
                }}
            >
                <input
                    autoFocus
                    aria-label={name}
                    aria-invalid={error !== null}
                    value={typed}
                    onChange={(event) => setTyped(event.target.value)}
                    onFocus={(event) => event.target.select()}
                    onBlur={close}
                    onKeyDown={(event) => event.key === 'Escape' && close()}
                    className="w-24 rounded-[3px] border border-copper bg-white px-2 py-1 text-center"
                />
                {error && (
                    <p
                        role="alert"
                        className="absolute top-full left-0 mt-1 w-64 rounded-[3px] bg-white p-2 text-small text-stops shadow"
                    >
                        {error}
                    </p>
                )}
            </form>
        );
    }
    return (
        <button
            type="button"
            aria-label={`${name}: ${label}. Type another`}
            onClick={() => setTyped(label)}
            className={`narrow absolute z-10 -translate-1/2 rounded-[2px] px-1 text-[14px] leading-none font-semibold whitespace-nowrap hover:bg-white/80 ${upright ? '-rotate-90' : ''}`}
            style={place}
        >
            {label}
        </button>
    );
}
