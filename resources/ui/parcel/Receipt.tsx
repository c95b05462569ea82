import { parcelUrl } from '@/api/parcels';
import type { Parcel, ParcelReceipt } from '@/api/types';

/** The lab's receipt, as it is kept. */
export function Receipt({ parcel, receipt }: { parcel: Parcel; receipt: ParcelReceipt }) {
    const at = new Date(receipt.at).toLocaleString('en-GB', { dateStyle: 'long', timeStyle: 'short' });
    const differs = parcel.isPriced && receipt.total !== null && parcel.total !== receipt.total;
    const says = [
        ['Receipt', receipt.number],
        ['Received', at],
        ['What', `${counted(receipt.files, 'file')}, ${counted(receipt.pieces, 'piece')}`],
        receipt.total === null && parcel.isPriced
            ? ['Total by the price list', parcel.total ?? 'not known']
            : ['Total', receipt.total ?? 'not said'],
    ];
    return (
        <div role="group" aria-label="Receipt" className="mb-3 border-y border-rule bg-white px-4 py-2.5 text-row">
            <div className="flex items-center gap-8">
                <dl className="flex grow flex-wrap gap-x-8 gap-y-1">
                    {says.map(([what, said]) => (
                        <div key={what}>
                            <dt className="text-small text-soft">{what}</dt>
                            <dd className="font-semibold tabular-nums">{said}</dd>
                        </div>
                    ))}
                </dl>
                <a href={parcelUrl(parcel, 'receipt')} className="font-semibold text-copper underline underline-offset-4">
                    To print
                </a>
            </div>
            {differs && <p className="pt-1 text-look">The price list says {parcel.total}.</p>}
        </div>
    );
}

const counted = (many: number, one: string) => `${many} ${many === 1 ? one : `${one}s`}`;
