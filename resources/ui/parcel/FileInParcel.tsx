import { useState } from 'react';
import { Link } from 'react-router';
import { parcelFileUrl } from '@/api/parcels';
import type { Parcel, ParcelFile } from '@/api/types';
import { Mark } from '@/common/Mark';
import { LeftToHands } from './LeftToHands';
import { FileExtent } from '@/lines/FileExtent';

interface Props {
    orderId: number;
    parcel: Parcel;
    file: ParcelFile;
}

/** A file as the lab gets it: how often, on what, how far it has come, and what the lab thinks of it. */
export function FileInParcel({ orderId, parcel, file }: Props) {
    const [isBeside, setIsBeside] = useState(false);
    const isWithLab = parcel.receipt !== null || parcel.state === 'back' || parcel.state === 'sent';
    return (
        <li className="border-t border-rule py-2.5">
            <div className="grid grid-cols-[52px_minmax(15rem,24rem)_1fr_auto] items-center gap-4">
                <FileExtent picture={file.picture} shows={file.shows} />
                <div className="min-w-0">
                    <p className="truncate font-medium">{file.name}</p>
                    <p className="text-small text-soft">
                        <Link
                            to={`/orders/${orderId}/lines/${file.lineId}`}
                            className="underline underline-offset-2 hover:text-ink"
                        >
                            Line {file.lineNumber}
                        </Link>
                        {` · ${file.copies} × ${file.sheet}`}
                        {[file.on && `on ${file.on}`, ...file.extras].filter(Boolean).map((said) => ` · ${said}`)}
                    </p>
                </div>
                <div className="min-w-0 text-row">
                    {file.reasons.map((reason) => (
                        <p key={reason} className="flex items-baseline gap-2">
                            <Mark level="stops" /> {reason}
                        </p>
                    ))}
                    {file.difference && (
                        <p className="flex items-baseline gap-2">
                            <Mark level="look" /> {file.difference}
                        </p>
                    )}
                    {file.reasons.length === 0 &&
                        !file.difference &&
                        file.byHand.map((said) => <LeftToHands key={said} said={said} />)}
                </div>
                <div className="flex items-baseline gap-4 text-row tabular-nums">
                    {parcel.state === 'sending' && file.sent < file.bytes && (
                        <progress value={file.sent} max={file.bytes} aria-label={file.name} className="w-24" />
                    )}
                    {file.price && <span className="text-soft">{file.price}</span>}
                    {isWithLab && !parcel.handedOverOn && (
                        <button
                            type="button"
                            aria-expanded={isBeside}
                            aria-label={`The lab’s preview of ${file.name}`}
                            className="font-semibold text-copper underline underline-offset-4"
                            onClick={() => setIsBeside(!isBeside)}
                        >
                            The lab’s preview
                        </button>
                    )}
                </div>
            </div>
            {isBeside && <Beside file={file} />}
        </li>
    );
}

/** Ours and the lab's, side by side. */
function Beside({ file }: { file: ParcelFile }) {
    const [isMissing, setIsMissing] = useState(false);
    return (
        <div className="mt-2 flex gap-6 bg-desk p-4" data-testid="beside">
            <figure>
                <img src={parcelFileUrl(file, 'ours')} alt={`${file.name} as it was made`} className="h-56 w-auto" />
                <figcaption className="pt-1 text-small">ours</figcaption>
            </figure>
            <figure>
                {isMissing ? (
                    <p className="py-6 text-row">The lab shows no preview of this file.</p>
                ) : (
                    <img
                        src={parcelFileUrl(file, 'preview')}
                        alt={`${file.name} as the lab will print it`}
                        className="h-56 w-auto"
                        onError={() => setIsMissing(true)}
                    />
                )}
                <figcaption className="pt-1 text-small">the lab’s{file.difference ? '' : ', the same to a pixel'}</figcaption>
            </figure>
        </div>
    );
}
