/** A thin dark line with a white halo, so that it reads on any picture. */
export function Haloed({ d, className, width = 1, dashes }: { d: string; className: string; width?: number; dashes?: string }) {
    return (
        <>
            <path d={d} className="fill-none stroke-white/80" strokeWidth={width + 2} strokeDasharray={dashes} />
            <path d={d} className={`fill-none ${className}`} strokeWidth={width} strokeDasharray={dashes} />
        </>
    );
}
