import { Link, useParams } from 'react-router';
import { useParcels } from '@/api/parcels';
import { Loading, Trouble } from '@/common/Loading';
import { OfOrder } from '@/common/OfOrder';
import { LeftOut } from '@/lines/LeftOut';
import { OneParcel } from './OneParcel';
import { WhatGoes } from './WhatGoes';
import { Home } from '@/common/Home';

const KEYS = [
    { keys: 'Ctrl ↵', does: 'pack what is ticked, and send it' },
    { keys: 'P', does: 'stop the newest parcel that is on its way' },
    { keys: 'D', does: 'download the newest parcel' },
    { keys: 'J', does: 'its job sheet' },
];

/** What goes to the lab, and where it is. */
export function ParcelPage() {
    const id = Number(useParams().order);
    const parcels = useParcels(id);
    if (!parcels.data) {
        return <Loading error={parcels.error ?? parcels.failureReason} />;
    }
    const { order, lab, lines, leftOut, parcels: all } = parcels.data;
    return (
        <OfOrder
            title={`Parcels of ${order.number}`}
            order={{ ...order, id }}
            here="to the lab"
            keys={KEYS}
            acts={
                <>
                    <Link to={`/orders/${id}/make`} className="text-row text-soft underline underline-offset-4">
                        Files made
                    </Link>
                </>
            }
        >
            <Trouble error={parcels.failureReason} />
            <Home className="relative grow overflow-auto px-10 py-6">
                <h1 className="font-serif text-title leading-tight">To {lab.name}</h1>
                {!lab.hasService && (
                    <p className="mt-1 text-row text-soft">
                        This lab has no service on its{' '}
                        <Link to={`/labs/${lab.id}`} className="underline underline-offset-2 hover:text-ink">
                            card
                        </Link>
                        : download the parcel, bring it there, and note when.
                    </p>
                )}
                <LeftOut orderId={id} lines={leftOut} />
                <WhatGoes
                    key={lines.map(({ id, why, parcel }) => `${id}${why}${parcel}`).join()}
                    orderId={id}
                    lab={lab}
                    lines={lines}
                />
                {all.map((parcel, i) => (
                    <OneParcel key={parcel.id} orderId={id} parcel={parcel} hasService={lab.hasService} isNewest={i === 0} />
                ))}
            </Home>
        </OfOrder>
    );
}
