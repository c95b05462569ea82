import { useHistograms } from '@/api/views';
import type { Histogram, LineView } from '@/api/types';

const [WIDE, HIGH] = [250, 84];

/** Histograms of the picture as it is and of the file as it will be: lightness as an area, the channels as lines over it. */
export function Histograms({ line }: { line: LineView }) {
    const { data, error } = useHistograms(line);
    return (
        <aside
            aria-label="Histograms"
            className="absolute right-3 bottom-3 z-20 w-[282px] rounded border border-rule bg-white p-4 text-small shadow-lg"
        >
            {error && <p role="alert">{error.message}</p>}
            {data ? (
                <>
                    <One title="The picture" of={data.before} />
                    <One title="The file" of={data.after} clipped={data.clipped} />
                </>
            ) : (
                !error && <p className="text-soft">Counting…</p>
            )}
        </aside>
    );
}

/** With a space that keeps a figure and its sign on one line. */
const percent = (share: number) => `${share > 0 && share < 0.001 ? '< 0.1' : +(share * 100).toFixed(1)}\u202f%`;

function One({ title, of, clipped }: { title: string; of: Histogram; clipped?: number }) {
    const at = (values: number[]) =>
        values
            .map(
                (value, i) =>
                    `${i === 0 ? 'M' : 'L'}${((i / (values.length - 1)) * WIDE).toFixed(1)} ${(HIGH - value * HIGH).toFixed(1)}`,
            )
            .join(' ');
    return (
        <section className="not-first:mt-3">
            <h3 className="mb-1 text-row font-semibold">{title}</h3>
            <svg
                width={WIDE}
                height={HIGH + 20}
                role="img"
                aria-label={`${title}: ${percent(of.dark)} at the dark end, ${percent(of.light)} at the light end`}
            >
                <path d={`${at(of.lightness)} L${WIDE} ${HIGH} L0 ${HIGH} Z`} className="fill-ink/25" />
                <path d={at(of.red)} className="fill-none stroke-channel-red" strokeWidth="1" />
                <path d={at(of.green)} className="fill-none stroke-channel-green" strokeWidth="1" strokeDasharray="5 2" />
                <path d={at(of.blue)} className="fill-none stroke-channel-blue" strokeWidth="1" strokeDasharray="1.5 2" />
                <path d={`M0 0 V${HIGH} H${WIDE} V0`} className="fill-none stroke-ink/50" strokeWidth="0.8" />
                {/* Three-quarter tones: L* 10 to 40 */}
                <path
                    d={`M${WIDE * 0.1} ${HIGH + 3} v4 H${WIDE * 0.4} v-4`}
                    className="fill-none stroke-ink/70"
                    strokeWidth="0.8"
                />
                <text x={WIDE * 0.25} y={HIGH + 18} textAnchor="middle" className="fill-soft text-tiny narrow">
                    three-quarter tones {percent(of.threeQuarter)}
                </text>
            </svg>
            <p className="mt-1 text-soft">
                {percent(of.dark)} at the dark end, {percent(of.light)} at the light
                {clipped !== undefined && `: ${clipped < 0.001 ? 'none' : percent(clipped)} clipped by the conversion`}
            </p>
        </section>
    );
}
