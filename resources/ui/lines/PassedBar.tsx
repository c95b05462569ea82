interface Props {
    /** passed, or made */
    done: number;
    all: number;
    /** open and worth a look, open and stopped */
    look?: number;
    stops?: number;
    wide?: boolean;
}

/** Lines passed of all, as one bar: passed or made, worth a look, stopped, and the rest. */
export function PassedBar({ done, all, look = 0, stops = 0, wide = false }: Props) {
    const share = (count: number) => `${(count / Math.max(1, all)) * 100}%`;
    return (
        <div className="flex items-center gap-3">
            <svg
                className={`h-[6px] overflow-hidden rounded-full bg-groove ${wide ? 'w-full max-w-[150px] min-w-16' : 'w-24'}`}
                preserveAspectRatio="none"
                aria-hidden="true"
            >
                <rect width={share(done)} height="6" className="fill-fine" />
                <rect x={share(done)} width={share(look)} height="6" className="fill-look" />
                <rect x={share(done + look)} width={share(stops)} height="6" className="fill-stops" />
            </svg>
            <span className="text-row whitespace-nowrap text-soft">
                {done} of {all} passed
            </span>
        </div>
    );
}
