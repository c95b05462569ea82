import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from './client';
import { orderKey } from './orders';
import { LOOK_EVERY_MS, WATCH_EVERY_MS } from './query-client';
import type { Parcel, ParcelFile, ParcelPacked, Parcels } from './types';

const MOVING: Parcel['state'][] = ['sending', 'waiting', 'sent'];

export const parcelsKey = (orderId: number) => ['parcels', orderId];

/** An order's parcels, watched while one is on its way. */
export const useParcels = (orderId: number) =>
    useQuery({
        queryKey: parcelsKey(orderId),
        queryFn: () => api.get<Parcels>(`orders/${orderId}/parcels`),
        refetchInterval: (query) =>
            query.state.data?.parcels.some(({ state, handedOverOn }) => MOVING.includes(state) && !handedOverOn)
                ? WATCH_EVERY_MS
                : LOOK_EVERY_MS,
    });

/** What is done with parcels. */
export function useParcelActs(orderId: number) {
    const client = useQueryClient();
    const onSettled = async () => {
        await client.invalidateQueries({ queryKey: parcelsKey(orderId) });
        void client.invalidateQueries({ queryKey: orderKey(orderId) });
    };
    const send = (id: number) => api.post(`parcels/${id}/send`);
    return {
        /** Packs lines, and sends them where the lab has a service. */
        pack: useMutation({
            mutationFn: async ({ lines, isSent }: { lines: number[]; isSent: boolean }) => {
                const parcel = await api.post<ParcelPacked>(`orders/${orderId}/parcels`, { lines });
                if (isSent) {
                    await send(parcel.id);
                }
                return parcel;
            },
            onSettled,
        }),
        send: useMutation({ mutationFn: send, onSettled }),
        stop: useMutation({ mutationFn: (id: number) => api.post(`parcels/${id}/stop`), onSettled }),
        byHand: useMutation({
            mutationFn: ({ id, on, note }: { id: number; on: string | null; note: string | null }) =>
                api.put(`parcels/${id}/by-hand`, { on, note }),
            onSettled,
        }),
    };
}

/** What there is of a parcel to be had. */
export const parcelUrl = ({ id }: Parcel, what: 'receipt' | 'job-sheet' | 'zip') => `/api/parcels/${id}/${what}`;

/** A file of a parcel, drawn: as it was made here, or as the lab shows that it has it. */
export const parcelFileUrl = ({ id }: ParcelFile, whose: 'ours' | 'preview') => `/api/parcel-files/${id}/${whose}`;
