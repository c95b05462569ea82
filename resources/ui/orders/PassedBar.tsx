import type { Level, LineState } from '@/api/types';

/** Lines passed of all, as one bar: passed or made, worth a look, stopped, and the rest. */
export function PassedBar({ lines, wide = false }: { lines: { state: LineState; level: Level }[]; wide?: boolean }) {
    const done = lines.filter((line) => line.state === 'passed' || line.state === 'made').length;
    const open = lines.filter((line) => line.state === 'open');
    const look = open.filter((line) => line.level === 'look').length;
    const stops = open.filter((line) => line.level === 'stops').length;
    const share = (count: number) => `${(count / Math.max(1, lines.length)) * 100}%`;
    return (
        <div className="flex items-center gap-3">
            <svg
                className={`h-[6px] overflow-hidden rounded-full bg-[#dcdcdb] ${wide ? 'w-[220px]' : 'w-24'}`}
                preserveAspectRatio="none"
                aria-hidden="true"
            >
                <rect width={share(done)} height="6" className="fill-fine" />
                <rect x={share(done)} width={share(look)} height="6" className="fill-look" />
                <rect x={share(done + look)} width={share(stops)} height="6" className="fill-stops" />
            </svg>
            <span className="text-[13px] whitespace-nowrap text-soft">
                {done} of {lines.length} passed
            </span>
        </div>
    );
}
