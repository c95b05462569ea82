import { QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useNotices } from '@/common/notices';
import { ApiError, api } from './client';
import type { Change, LineView, Make, OrderHead, OrderRow, OrderSheet, User } from './types';

const TRIES = 8;
const again = (count: number, error: Error) => error instanceof ApiError && error.isPassing && count < TRIES;

export const makeQueryClient = () =>
    new QueryClient({
        defaultOptions: {
            queries: { retry: again, retryDelay: 1500, networkMode: 'always', staleTime: 1000 },
            mutations: { retry: again, retryDelay: 1500, networkMode: 'always' },
        },
    });

/** How often a page looks for what others have changed. */
const LOOK_EVERY_MS = 4000;
const WATCH_EVERY_MS = 700;

export const useMe = () =>
    useQuery({
        queryKey: ['me'],
        queryFn: () => api.get<{ user: User | null }>('me'),
        staleTime: Infinity,
        select: (me) => me.user,
    });

export const useOrders = (find: string) =>
    useQuery({
        queryKey: ['orders', find],
        queryFn: () => api.get<{ orders: OrderRow[] }>(`orders?find=${encodeURIComponent(find)}`),
        select: (answer) => answer.orders,
        placeholderData: (before) => before,
        refetchInterval: LOOK_EVERY_MS,
    });

const orderKey = (id: number) => ['order', id];

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

export const useMakes = (orderId: number) =>
    useQuery({
        queryKey: ['makes', orderId],
        queryFn: () => api.get<{ order: OrderHead; makes: Make[] }>(`orders/${orderId}/make`),
        refetchInterval: (query) => {
            const busy = query.state.data?.makes.some((make) =>
                make.files.some((file) => file.state === 'waiting' || file.state === 'making'),
            );
            return busy ? WATCH_EVERY_MS : LOOK_EVERY_MS;
        },
    });

/** Puts an answered line into the order that is shown. */
function useKeepLine(orderId: number) {
    const client = useQueryClient();
    return (line: LineView) =>
        client.setQueryData<OrderSheet>(orderKey(orderId), (order) =>
            order ? { ...order, lines: order.lines.map((held) => (held.id === line.id ? line : held)) } : order,
        );
}

export interface LineActs {
    /**
     * Saves a change; the promise fails with the words for the field. What builds on what is there (one more part, the
     * other way up) is given as a function: it is asked when the changes before it have been saved.
     */
    change: (change: Change | ((line: LineView) => Change)) => Promise<LineView>;
    pass: () => Promise<LineView>;
    hold: () => Promise<LineView>;
    remove: () => Promise<void>;
    isSaving: boolean;
}

/**
 * What can be done to a line. Acts on one line go one after another, each on the version the one before left behind; a
 * line that somebody else changed meanwhile is shown as it is now, and nothing is overwritten.
 */
export function useLineActs(orderId: number, lineId: number): LineActs {
    const client = useQueryClient();
    const keep = useKeepLine(orderId);
    const notices = useNotices();
    const act = useMutation({
        scope: { id: `line-${lineId}` },
        mutationFn: async (send: (line: LineView) => Promise<LineView>) => {
            const line = client.getQueryData<OrderSheet>(orderKey(orderId))?.lines.find((held) => held.id === lineId);
            if (!line) {
                throw new ApiError(404, 'This line isn’t on the order any more.');
            }
            return send(line);
        },
        onMutate: () => client.cancelQueries({ queryKey: orderKey(orderId) }),
        onSuccess: keep,
        onError: (error) => {
            if (error instanceof ApiError && error.status === 409) {
                keep(error.body.line as LineView);
                notices.say(error.message, { lasts: true });
            }
        },
    });
    const remove = useMutation({
        scope: { id: `line-${lineId}` },
        mutationFn: () => {
            const line = client.getQueryData<OrderSheet>(orderKey(orderId))?.lines.find((held) => held.id === lineId);
            return api.delete<void>(`lines/${lineId}`, { version: line?.version });
        },
        onSuccess: () => {
            client.setQueryData<OrderSheet>(orderKey(orderId), (order) =>
                order ? { ...order, lines: order.lines.filter((line) => line.id !== lineId) } : order,
            );
            notices.say('The line was removed.', {
                lasts: true,
                act: {
                    label: 'Bring it back',
                    run: () =>
                        void api
                            .post(`lines/${lineId}/restore`)
                            .then(() => client.invalidateQueries({ queryKey: orderKey(orderId) })),
                },
            });
        },
        onError: (error) => {
            notices.say(error.message, { lasts: true });
            void client.invalidateQueries({ queryKey: orderKey(orderId) });
        },
    });
    return {
        change: (change) =>
            act.mutateAsync((line) =>
                api.patch(`lines/${lineId}`, {
                    change: typeof change === 'function' ? change(line) : change,
                    version: line.version,
                }),
            ),
        pass: () => act.mutateAsync(({ version }) => api.post(`lines/${lineId}/pass`, { version })),
        hold: () => act.mutateAsync(({ version }) => api.post(`lines/${lineId}/hold`, { version })),
        remove: () => remove.mutateAsync(),
        isSaving: act.isPending,
    };
}

/** Runs an act whose failure has no field to stand at: it is told at the foot of the page. */
export function useTell() {
    const notices = useNotices();
    return (promise: Promise<unknown>) =>
        void promise.catch((error: Error) => {
            if (!(error instanceof ApiError && error.status === 409)) {
                notices.say(error.message, { lasts: true });
            }
        });
}
