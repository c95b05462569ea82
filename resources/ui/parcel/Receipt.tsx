import type { Parcel, ParcelReceipt } from '@/api/types';

/** The lab's receipt, as it is kept. */
export function Receipt({ parcel, receipt }: { parcel: Parcel; receipt: ParcelReceipt }) {
    const at = new Date(receipt.at).toLocaleString('en-GB', { dateStyle: 'long', timeStyle: 'short' });
    const differs = parcel.isPriced && receipt.total !== null && parcel.total !== receipt.total;
    return (
        <dl
            className="mb-3 flex flex-wrap gap-x-8 gap-y-1 border-y border-rule bg-white px-4 py-2.5 text-[13.5px]"
            aria-label="Receipt"
        >
            {[
                ['Receipt', receipt.number],
                ['Received', at],
                [
                    'What',
                    `${receipt.files} ${receipt.files === 1 ? 'file' : 'files'}, ${receipt.pieces} ${receipt.pieces === 1 ? 'piece' : 'pieces'}`,
                ],
                ['Total', receipt.total ?? 'not said'],
            ].map(([what, says]) => (
                <div key={what}>
                    <dt className="text-[12px] text-soft">{what}</dt>
                    <dd className="font-semibold tabular-nums">{says}</dd>
                </div>
            ))}
            {differs && <p className="basis-full text-look">The price list says {parcel.total}.</p>}
        </dl>
    );
}
