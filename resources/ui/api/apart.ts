import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { useHistory } from '@/undo/history';
import { api } from './client';
import { useAway } from './line-steps';
import { orderKey } from './orders';
import type { Created, Making } from './types';

/** How far the three-quarter tones are opened, from print to print of a test strip. */
const STRIP = [0, 0.15, 0.3, 0.45, 0.6];

/** A further line that is kept apart from what was ordered, gone to at once; undone as it came. */
function useFurtherLine<T>(orderId: number, make: (asked: T) => Promise<Created>) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const history = useHistory(orderId);
    const away = useAway(orderId);
    return useMutation({
        mutationFn: make,
        onSuccess: async ({ id }) => {
            await client.invalidateQueries({ queryKey: orderKey(orderId) });
            const came = away(id);
            history.add({ back: came.forth, forth: came.back });
            void navigate(`/orders/${orderId}/lines/${id}`);
        },
    });
}

/** The same print at several settings for its paper, on one sheet. */
export const useTestStrip = (orderId: number) =>
    useFurtherLine(orderId, ({ lineId, contrast }: { lineId: number; contrast: number }) =>
        api.post<Created>(`lines/${lineId}/test-strip`, { settings: STRIP.map((open) => ({ open, contrast })) }),
    );

/** A line once more, to be changed before it is made. */
export const useReprintChanged = (orderId: number) =>
    useFurtherLine(orderId, (lineId: number) => api.post<Created>(`lines/${lineId}/reprint`));

/** Files of a line once more, to the last byte. */
export function useReprint(orderId: number) {
    const client = useQueryClient();
    return useMutation({
        mutationFn: (lineId: number) => api.post<Making>(`orders/${orderId}/reprints`, { lines: [lineId] }),
        onSettled: () =>
            Promise.all([
                client.invalidateQueries({ queryKey: ['makes', orderId] }),
                client.invalidateQueries({ queryKey: ['parcels', orderId] }),
            ]),
    });
}
