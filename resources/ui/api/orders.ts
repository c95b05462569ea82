import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { useRefreshing } from './act';
import { api, uploaded } from './client';
import { LOOK_EVERY_MS, WATCH_EVERY_MS } from './query-client';
import type { Created, HeadOfOrder, LineChanges, LineView, NewOrderChoices, OrderHistory, Orders, OrderSheet } from './types';

/** Where an order can be: on the desk, there waiting for somebody, put away, or removed. */
export type Where = keyof Orders['counts'];

export const useOrders = (where: Where, find: string, page: number) =>
    useQuery({
        queryKey: ['orders', where, find, page],
        queryFn: () => api.get<Orders>(`orders?where=${where}&find=${encodeURIComponent(find)}&page=${page}`),
        placeholderData: keepPreviousData,
        refetchInterval: LOOK_EVERY_MS,
    });

export const orderKey = (id: number) => ['order', id];

/** The order; a line that was just changed here is never put back by an answer that set out before. */
export function useOrder(id: number) {
    const client = useQueryClient();
    return useQuery({
        queryKey: orderKey(id),
        queryFn: async () => {
            const fresh = await api.get<OrderSheet>(`orders/${id}`);
            const held = new Map(client.getQueryData<OrderSheet>(orderKey(id))?.lines.map((line) => [line.id, line]));
            const newer = (line: LineView) => {
                const mine = held.get(line.id);
                return mine && mine.version > line.version ? mine : line;
            };
            return { ...fresh, lines: fresh.lines.map(newer) };
        },
        refetchInterval: (query) => (query.state.data?.making ? WATCH_EVERY_MS : LOOK_EVERY_MS),
    });
}

/** What a new order can be made of. */
export const useOrderChoices = () => useQuery({ queryKey: ['new-order'], queryFn: () => api.get<NewOrderChoices>('new-order') });

export const createOrder = (order: { client: string; title: string | null; dueOn: string | null; lab: string | null }) =>
    api.post<Created>('orders', order);

/** Has an order asked for again. */
export function useOrderRefresh(id: number) {
    const client = useQueryClient();
    return useCallback(() => client.invalidateQueries({ queryKey: orderKey(id) }), [client, id]);
}

/** The lines of an order as they are known at the moment of asking. */
export function useLinesNow(id: number) {
    const client = useQueryClient();
    return () => client.getQueryData<OrderSheet>(orderKey(id))?.lines ?? [];
}

/** What of an order's head is changed; what is left out stays. */
export type HeadChange = Partial<Pick<HeadOfOrder, 'client' | 'title' | 'lab' | 'dueOn' | 'remark' | 'remarkForLab'>> & {
    version: number;
};

/** What is done to a whole order. */
export function useOrderActs(id: number) {
    const client = useQueryClient();
    const onSuccess = () => client.invalidateQueries();
    return {
        change: useMutation({ mutationFn: (head: HeadChange) => api.patch<HeadOfOrder>(`orders/${id}`, head), onSuccess }),
        copy: useMutation({ mutationFn: () => api.post<Created>(`orders/${id}/copy`), onSuccess }),
        putAway: useMutation({ mutationFn: () => api.post<HeadOfOrder>(`orders/${id}/put-away`), onSuccess }),
        bringBack: useMutation({ mutationFn: () => api.post<HeadOfOrder>(`orders/${id}/bring-back`), onSuccess }),
        // its own page is left for the list, and isn't asked after what is gone
        remove: useMutation({
            mutationFn: () => api.delete<void>(`orders/${id}`),
            onSuccess: () => client.invalidateQueries({ queryKey: ['orders'] }),
        }),
        restore: useMutation({ mutationFn: () => api.post<HeadOfOrder>(`orders/${id}/restore`), onSuccess }),
    };
}

/** Which lines come out otherwise at another lab; null asks nothing. */
export const useAtAnotherLab = (id: number, lab: string | null) =>
    useQuery({
        queryKey: ['order-tried', id, lab],
        queryFn: () => api.post<LineChanges>(`orders/${id}/tried`, { lab }),
        enabled: lab !== null,
        gcTime: 0,
    });

export const useOrderHistory = (id: number, isOpen: boolean) =>
    useQuery({
        queryKey: ['order-history', id],
        queryFn: () => api.get<OrderHistory>(`orders/${id}/history`),
        enabled: isOpen,
        staleTime: 0,
    });

/** Takes an order in from the ZIP of its order file and pictures. */
export const useImportOrder = () =>
    useRefreshing(
        (file: File) => uploaded<Created>('orders/import', 'order', file, 'The order wasn’t taken in. Try it again.'),
        ['orders'],
    );

/** The ZIP of an order's file and its pictures. */
export const orderExportUrl = (id: number) => `/api/orders/${id}/export`;
