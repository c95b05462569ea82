import { useState } from 'react';
import { useParcelActs } from '@/api/parcels';
import type { Parcel } from '@/api/types';
import { Button } from '@/common/Button';
import { useTell } from '@/common/useTell';

const today = () => new Date().toLocaleDateString('sv-SE');

/** For a parcel that is brought there: when, and what the lab gave as a receipt. */
export function ByHand({ orderId, parcel }: { orderId: number; parcel: Parcel }) {
    const acts = useParcelActs(orderId);
    const tell = useTell();
    const [on, setOn] = useState(parcel.handedOverOn ?? today());
    const [note, setNote] = useState(parcel.receiptNote ?? '');
    const isOver = parcel.handedOverOn !== null;
    const keep = (day: string | null) => tell(acts.byHand.mutateAsync({ id: parcel.id, on: day, note: note.trim() || null }));
    const field = 'border-b border-edge-soft bg-transparent py-0.5 text-row outline-none focus:border-copper';
    return (
        <form
            className="mb-3 flex flex-wrap items-baseline gap-3 text-row"
            aria-label={`Parcel ${parcel.number} handed over by hand`}
            onSubmit={(event) => {
                event.preventDefault();
                keep(on);
            }}
        >
            <label className="flex items-baseline gap-2">
                <span className="text-soft">Handed over on</span>
                <input type="date" required value={on} onChange={(event) => setOn(event.target.value)} className={field} />
            </label>
            <label className="flex min-w-0 grow items-baseline gap-2">
                <span className="text-soft">receipt</span>
                <input
                    value={note}
                    onChange={(event) => setNote(event.target.value)}
                    maxLength={2000}
                    placeholder="what the lab gave: a number, a name"
                    className={`${field} min-w-0 grow`}
                />
            </label>
            <Button onClick={() => keep(on)} disabled={acts.byHand.isPending}>
                {isOver ? 'Keep' : 'It is handed over'}
            </Button>
            {isOver && (
                <Button onClick={() => keep(null)} disabled={acts.byHand.isPending}>
                    It isn’t
                </Button>
            )}
        </form>
    );
}
