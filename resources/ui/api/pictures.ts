import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useHistory } from '@/undo/history';
import { useNotices } from '@/notices/notices';
import { api } from './client';
import { orderKey } from './orders';
import type { Hints, Incoming, MarkedArea } from './types';

/** Marks what must stay in, in a picture of an order; can be undone. */
export function useMark(orderId: number, sha256: string | undefined) {
    const client = useQueryClient();
    const history = useHistory(orderId);
    const notices = useNotices();
    return async (before: MarkedArea[], after: MarkedArea[]) => {
        const put = async (seen: MarkedArea[], areas: MarkedArea[]) => {
            await api.put(`pictures/${sha256}/must-stay-in`, { seen, areas });
            await client.invalidateQueries({ queryKey: orderKey(orderId) });
        };
        try {
            await put(before, after);
            history.add({ back: () => put(after, before), forth: () => put(before, after) });
        } catch (error) {
            notices.say((error as Error).message, { lasts: true });
            await client.invalidateQueries({ queryKey: orderKey(orderId) });
        }
    };
}

export const useHints = (sha256: string | undefined, enabled = true) =>
    useQuery({
        queryKey: ['looked', sha256],
        queryFn: () => api.get<Hints>(`pictures/${sha256}/looked`),
        enabled: enabled && sha256 !== undefined,
        staleTime: Infinity,
    });

/** Takes a picture off an order; the original stays in the studio's store. */
export const removePicture = (orderId: number, pictureId: number) => api.delete<void>(`orders/${orderId}/pictures/${pictureId}`);

export const incoming = (orderId: number, token: string) => api.get<Incoming>(`orders/${orderId}/incoming/${token}`);
