import type { Parcel } from '@/api/types';

const STATIONS = ['packed', 'sent', 'received', 'printing', 'dispatched'] as const;

/** Where a parcel is: a line with its stations, filled as far as it has come. */
export function Track({ parcel }: { parcel: Parcel }) {
    const share = parcel.bytes === 0 ? 0 : parcel.sent / parcel.bytes;
    const at = STATIONS.indexOf(parcel.state as (typeof STATIONS)[number]);
    const reached = at < 0 ? (parcel.state === 'back' ? 1 : 0) : at;
    const far = (at < 0 && parcel.state !== 'back' ? share : reached) / (STATIONS.length - 1);
    const percent = Math.floor(share * 100);
    const isMoving = parcel.state === 'sending' || parcel.state === 'waiting' || (parcel.state === 'stopped' && share > 0);
    return (
        <div className="pt-2 pb-4">
            <p className="pb-2 text-row" role="status">
                <b className="inline-block font-semibold first-letter:uppercase">{parcel.stateLabel}</b>
                {isMoving && `, ${percent} % is with ${parcel.lab}`}
            </p>
            <div
                className="relative mx-1 h-[3px] bg-rule"
                role="progressbar"
                aria-label={`Parcel ${parcel.number}`}
                aria-valuenow={percent}
                aria-valuemin={0}
                aria-valuemax={100}
            >
                <div
                    className={`absolute inset-y-0 left-0 ${parcel.state === 'back' ? 'bg-stops' : 'bg-copper'}`}
                    style={{ width: `${far * 100}%` }}
                />
                {STATIONS.map((station, i) => (
                    <span
                        key={station}
                        className={`absolute top-1/2 h-2.5 w-[3px] -translate-y-1/2 ${i <= reached ? 'bg-ink' : 'bg-rule'}`}
                        style={{ left: `calc(${(i / (STATIONS.length - 1)) * 100}% - 1.5px)` }}
                    />
                ))}
            </div>
            <ol className="mt-2 flex justify-between text-small text-soft" aria-hidden="true">
                {STATIONS.map((station, i) => (
                    <li key={station} className={i === reached ? 'text-ink' : ''}>
                        {i === 1 && parcel.handedOverOn ? `handed over ${parcel.handedOverOn}` : station}
                    </li>
                ))}
            </ol>
        </div>
    );
}
