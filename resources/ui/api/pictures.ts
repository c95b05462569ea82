import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
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
            await history.during(async () => {
                await put(before, after);
                history.add({ back: () => put(after, before), forth: () => put(before, after) });
            });
        } catch (error) {
            notices.say((error as Error).message, { lasts: true });
            await client.invalidateQueries({ queryKey: orderKey(orderId) });
        }
    };
}

export const useHints = (sha256: string | undefined, enabled = true) =>
    useQuery({ ...looked(sha256), enabled: enabled && sha256 !== undefined });

const looked = (sha256: string | undefined) => ({
    queryKey: ['looked', sha256],
    queryFn: () => api.get<Hints>(`pictures/${sha256}/looked`),
    staleTime: Infinity,
});

/** The same, asked for when it is needed. */
export const lookedAt = (client: QueryClient, sha256: string) => client.fetchQuery(looked(sha256));

/** What is seen in pictures is there when one asks for it: the colours, say, when a popover opens. */
export function useLookedAhead(pictures: string[]) {
    const client = useQueryClient();
    const all = [...new Set(pictures)].join(' ');
    useEffect(() => {
        all.split(' ').forEach((sha256) => sha256 && void client.prefetchQuery(looked(sha256)));
    }, [client, all]);
}

/** Takes a picture off an order; the original stays in the studio's store. */
export const removePicture = (orderId: number, pictureId: number) => api.delete<void>(`orders/${orderId}/pictures/${pictureId}`);

export const incoming = (orderId: number, token: string) => api.get<Incoming>(`orders/${orderId}/incoming/${token}`);
