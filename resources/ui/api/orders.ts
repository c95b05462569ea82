import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from './client';
import { LOOK_EVERY_MS, WATCH_EVERY_MS } from './query-client';
import type { Created, LineView, NewOrderChoices, OrderSheet, Orders } from './types';

export const useOrders = (find: string) =>
    useQuery({
        queryKey: ['orders', find],
        queryFn: () => api.get<Orders>(`orders?find=${encodeURIComponent(find)}`),
        select: (answer) => answer.orders,
        placeholderData: (before) => before,
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
export const newOrderChoices = () => api.get<NewOrderChoices>('new-order');

export const createOrder = (order: { client: string; title: string | null; dueOn: string | null; lab: string | null }) =>
    api.post<Created>('orders', order);
