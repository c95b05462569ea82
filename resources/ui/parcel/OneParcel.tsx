import { useRef } from 'react';
import { parcelUrl, useParcelActs } from '@/api/parcels';
import type { Parcel } from '@/api/types';
import { Button, Key } from '@/common/Button';
import { Mark } from '@/common/Mark';
import { useDownload } from '@/common/useDownload';
import { useKeys } from '@/keys/useKeys';
import { useTell } from '@/common/useTell';
import { ByHand } from './ByHand';
import { FileInParcel } from './FileInParcel';
import { Receipt } from './Receipt';
import { Track } from './Track';

interface Props {
    orderId: number;
    parcel: Parcel;
    hasService: boolean;
    isNewest: boolean;
}

/** A parcel: what is in it, where it is, what the lab says. */
export function OneParcel({ orderId, parcel, hasService, isNewest }: Props) {
    const acts = useParcelActs(orderId);
    const tell = useTell();
    const download = useDownload();
    const zip = useRef<HTMLAnchorElement>(null);
    const sheet = useRef<HTMLAnchorElement>(null);
    const isGoing = parcel.state === 'sending' || parcel.state === 'waiting';
    const canGo = hasService && (parcel.state === 'packed' || parcel.state === 'stopped') && !parcel.handedOverOn;
    const turn = () => {
        if (isGoing) {
            tell(acts.stop.mutateAsync(parcel.id));
        } else if (canGo) {
            tell(acts.send.mutateAsync(parcel.id));
        }
    };
    useKeys(isNewest ? { ...(isGoing ? { p: turn } : {}), d: () => zip.current?.click(), j: () => sheet.current?.click() } : {});
    return (
        <section className="mt-8" aria-label={`Parcel ${parcel.number}`}>
            <div className="flex items-end gap-4 pb-1">
                <h2 className="grow font-serif text-lead">
                    Parcel {parcel.number}{' '}
                    <span className="text-base text-soft">
                        {parcel.size}
                        {parcel.total && ` · ${parcel.total}${parcel.isPriced ? '' : ' and what has no price'} by the price list`}
                    </span>
                </h2>
                <a
                    ref={sheet}
                    href={parcelUrl(parcel, 'job-sheet')}
                    onClick={download}
                    className="text-row font-semibold text-copper underline underline-offset-4"
                >
                    Job sheet{isNewest && <Key>J</Key>}
                </a>
                {parcel.isZipUnderWay ? (
                    <span className="text-small text-soft" role="status">
                        packing the ZIP…
                    </span>
                ) : (
                    <a
                        ref={zip}
                        href={parcelUrl(parcel, 'zip')}
                        onClick={download}
                        className="text-row font-semibold text-copper underline underline-offset-4"
                    >
                        All as ZIP{isNewest && <Key>D</Key>}
                    </a>
                )}
                {(isGoing || canGo) && (
                    <Button look={canGo ? 'main' : 'plain'} onClick={turn} disabled={acts.stop.isPending || acts.send.isPending}>
                        {isGoing ? 'Stop' : parcel.state === 'packed' ? 'Send' : 'Go on'}
                        {isNewest && isGoing && <Key>P</Key>}
                    </Button>
                )}
            </div>
            <Track parcel={parcel} />
            {parcel.trouble && (
                <p role="alert" className="flex items-baseline gap-2 pb-2 text-row">
                    <Mark level={parcel.state === 'stopped' ? 'stops' : 'look'} />
                    <span>
                        {parcel.trouble}
                        {parcel.secondsToNextTry !== null && ` Tried again in ${parcel.secondsToNextTry} s.`}
                    </span>
                </p>
            )}
            {parcel.labSaid && (
                <p className="flex items-baseline gap-2 pb-2 text-row">
                    <Mark level="look" /> {parcel.lab} says: {parcel.labSaid}
                </p>
            )}
            {parcel.receipt && <Receipt parcel={parcel} receipt={parcel.receipt} />}
            {(parcel.handedOverOn !== null || parcel.state === 'packed' || parcel.state === 'stopped') && (
                <ByHand orderId={orderId} parcel={parcel} />
            )}
            <ul>
                {parcel.files.map((file) => (
                    <FileInParcel key={file.id} orderId={orderId} parcel={parcel} file={file} />
                ))}
            </ul>
        </section>
    );
}
