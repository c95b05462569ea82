import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { useHistory } from '@/undo/history';
import { api } from './client';
import { useAway } from './line-steps';
import { orderKey } from './orders';
import type { Created, Making } from './types';

/** What differs from print to print of a test strip: how far the three-quarter tones are opened, how much more contrast, or both. */
const STEPS = [0, 0.15, 0.3, 0.45, 0.6];
const FEW_STEPS = [0, 0.2, 0.4];

export type StripOver = 'lightness' | 'contrast' | 'both';

function settings(over: StripOver, now: { open: number; contrast: number }) {
    return {
        lightness: STEPS.map((open) => ({ open, contrast: now.contrast })),
        contrast: STEPS.map((contrast) => ({ open: now.open, contrast })),
        both: FEW_STEPS.flatMap((contrast) => FEW_STEPS.map((open) => ({ open, contrast }))),
    }[over];
}

/** A further line that is kept apart from what was ordered, gone to at once; undone as it came. */
function useFurtherLine<T>(orderId: number, make: (asked: T) => Promise<Created>) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const history = useHistory(orderId);
    const away = useAway(orderId);
    return useMutation({
        mutationFn: (asked: T) =>
            history.during(async () => {
                const { id } = await make(asked);
                await client.invalidateQueries({ queryKey: orderKey(orderId) });
                const came = away(id);
                history.add({ back: came.forth, forth: came.back });
                void navigate(`/orders/${orderId}/lines/${id}`);
            }),
    });
}

interface Strip {
    lineId: number;
    over: StripOver;
    now: { open: number; contrast: number };
}

/** The same print at several settings for its paper, on one sheet. */
export const useTestStrip = (orderId: number) =>
    useFurtherLine(orderId, ({ lineId, over, now }: Strip) =>
        api.post<Created>(`lines/${lineId}/test-strip`, { settings: settings(over, now) }),
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
