import { QueryClient, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { useHistory, type Step } from '@/common/history';
import { useNotices } from '@/common/notices';
import { ApiError, api } from './client';
import type {
    Change,
    Histogram,
    HouseFinish,
    Lab,
    LineView,
    Looked,
    Make,
    MustStayIn,
    OrderHead,
    OrderRow,
    OrderSheet,
    SeenOnPaper,
    User,
} from './types';

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

/** A plan is looked at when it has rested this long. */
const RESTS_MS = 900;

/** What changes on its paper; its findings then know of it, too. */
export function useSeen(line: LineView) {
    const client = useQueryClient();
    const [rested, setRested] = useState<string | null>(null);
    useEffect(() => {
        const timer = setTimeout(() => setRested(line.planHash), RESTS_MS);
        return () => clearTimeout(timer);
    }, [line.planHash]);
    return useQuery({
        queryKey: ['seen', line.id, line.planHash, line.uses.paper?.name],
        queryFn: async () => {
            const seen = await api.get<SeenOnPaper>(`lines/${line.id}/seen/${line.planHash}`);
            void client.invalidateQueries({ queryKey: ['order'] });
            return seen;
        },
        enabled: line.planHash !== null && rested === line.planHash,
        staleTime: Infinity,
    });
}

export const useHistograms = (line: LineView) =>
    useQuery({
        queryKey: ['histogram', line.id, line.planHash],
        queryFn: () =>
            api.get<{ before: Histogram; after: Histogram; clipped: number }>(`lines/${line.id}/histogram/${line.planHash}`),
        enabled: line.planHash !== null,
        staleTime: Infinity,
        placeholderData: (before) => before,
    });

/** How large the files will be, in words. */
export const useWeight = (line: LineView) =>
    useQuery({
        queryKey: ['weight', line.id, line.planHash],
        queryFn: () => api.get<{ note: string }>(`lines/${line.id}/weight/${line.planHash}`),
        enabled: line.planHash !== null,
        staleTime: Infinity,
    });

export const useLabs = () =>
    useQuery({ queryKey: ['labs'], queryFn: () => api.get<{ labs: Lab[] }>('labs'), select: (answer) => answer.labs });

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

export interface LineActs {
    /**
     * Saves a change; the promise fails with the words for the field. What builds on what is there (one more part, the
     * other way up) is given as a function: it is asked when the changes before it have been saved.
     */
    change: (change: Change | ((line: LineView) => Change)) => Promise<LineView>;
    /** A figure typed into the drawing. */
    type: (name: string, typed: string) => Promise<LineView>;
    pass: () => Promise<LineView>;
    hold: () => Promise<LineView>;
    remove: () => Promise<void>;
    isSaving: boolean;
}

const MEANWHILE = 'This line was changed in another window since. It isn’t undone; look at what it is now.';

/** A line as the page holds it now, and how an answered one is put there. */
function useHeldLines(orderId: number) {
    const client = useQueryClient();
    return useMemo(
        () => ({
            get: (lineId: number) => {
                const line = client.getQueryData<OrderSheet>(orderKey(orderId))?.lines.find((held) => held.id === lineId);
                if (!line) {
                    throw new ApiError(404, 'This line isn’t on the order any more.');
                }
                return line;
            },
            keep: (line: LineView) =>
                client.setQueryData<OrderSheet>(orderKey(orderId), (order) =>
                    order ? { ...order, lines: order.lines.map((held) => (held.id === line.id ? line : held)) } : order,
                ),
        }),
        [client, orderId],
    );
}

/** Takes a line from one of its states to another and back, as long as nobody else has changed it in between. */
function useLineStep(orderId: number) {
    const lines = useHeldLines(orderId);
    const { earliest, isSame } = useHistory(orderId);
    return (before: LineView, after: LineView): Step => {
        const take = async (from: LineView, to: LineView) => {
            let line = lines.get(to.id);
            if (earliest(line.id, line.version) !== earliest(from.id, from.version)) {
                throw new ApiError(409, MEANWHILE);
            }
            if (JSON.stringify(line.line) !== JSON.stringify(to.line)) {
                line = await api.put<LineView>(`lines/${to.id}`, { version: line.version, line: to.line });
            }
            if (to.state === 'passed' && line.state !== 'passed') {
                line = await api.post<LineView>(`lines/${to.id}/pass`, { version: line.version });
            } else if (to.state !== 'passed' && line.state === 'passed') {
                line = await api.post<LineView>(`lines/${to.id}/hold`, { version: line.version });
            }
            isSame(line.id, line.version, earliest(to.id, to.version));
            lines.keep(line);
        };
        return { back: () => take(after, before), forth: () => take(before, after) };
    };
}

/**
 * What can be done to a line. Acts on one line go one after another, each on the version the one before left behind; a
 * line that somebody else changed meanwhile is shown as it is now, and nothing is overwritten. Each can be undone.
 */
export function useLineActs(orderId: number, lineId: number): LineActs {
    const client = useQueryClient();
    const lines = useHeldLines(orderId);
    const notices = useNotices();
    const history = useHistory(orderId);
    const step = useLineStep(orderId);
    const away = useAway(orderId);
    const act = useMutation({
        scope: { id: `line-${lineId}` },
        mutationFn: async (send: (line: LineView) => Promise<LineView>) => {
            const before = lines.get(lineId);
            const after = await send(before);
            if (after.version !== before.version) {
                history.add(step(before, after));
            }
            return after;
        },
        onMutate: () => client.cancelQueries({ queryKey: orderKey(orderId) }),
        onSuccess: lines.keep,
        onError: (error) => {
            if (error instanceof ApiError && error.status === 409) {
                lines.keep(error.body.line as LineView);
                notices.say(error.message, { lasts: true });
            }
        },
    });
    const remove = useMutation({
        scope: { id: `line-${lineId}` },
        mutationFn: async () => {
            const off = away(lineId);
            await off.forth();
            history.add(off);
        },
        onSuccess: () =>
            notices.say('The line was removed.', {
                lasts: true,
                act: { label: 'Bring it back', run: () => void history.undo() },
            }),
        onError: (error) => {
            notices.say(error.message, { lasts: true });
            void client.invalidateQueries({ queryKey: orderKey(orderId) });
        },
    });
    const patch = (line: LineView, body: object) => api.patch<LineView>(`lines/${lineId}`, { ...body, version: line.version });
    return {
        change: (change) =>
            act.mutateAsync((line) => patch(line, { change: typeof change === 'function' ? change(line) : change })),
        type: (name, typed) => act.mutateAsync((line) => patch(line, { figure: { name, typed } })),
        pass: () => act.mutateAsync(({ version }) => api.post(`lines/${lineId}/pass`, { version })),
        hold: () => act.mutateAsync(({ version }) => api.post(`lines/${lineId}/hold`, { version })),
        remove: () => remove.mutateAsync(),
        isSaving: act.isPending,
    };
}

/** Takes lines off the order and puts them back. */
function useAway(orderId: number) {
    const client = useQueryClient();
    const lines = useHeldLines(orderId);
    const { earliest, isSame } = useHistory(orderId);
    return (lineId: number): Step => {
        let version = 0;
        return {
            back: async () => {
                const line = await api.post<LineView>(`lines/${lineId}/restore`);
                isSame(lineId, line.version, earliest(lineId, version));
                await client.invalidateQueries({ queryKey: orderKey(orderId) });
            },
            forth: async () => {
                version = lines.get(lineId).version;
                await api.delete<void>(`lines/${lineId}`, { version });
                client.setQueryData<OrderSheet>(orderKey(orderId), (order) =>
                    order ? { ...order, lines: order.lines.filter((line) => line.id !== lineId) } : order,
                );
            },
        };
    };
}

/** Several steps undone and done again as one. */
const together = (steps: Step[]): Step => {
    const each = async (run: (one: Step) => Promise<void>) => {
        for (const one of steps) {
            await run(one);
        }
    };
    return { back: () => each((one) => one.back()), forth: () => each((one) => one.forth()) };
};

/** What can be done to several lines at once, undone as one; gives back what could not be done, in words. */
export function useManyActs(orderId: number) {
    const lines = useHeldLines(orderId);
    const history = useHistory(orderId);
    const step = useLineStep(orderId);
    const away = useAway(orderId);
    const forEach = async (chosen: LineView[], act: (line: LineView) => Promise<Step>) => {
        const [steps, missed]: [Step[], string[]] = [[], []];
        for (const line of chosen) {
            try {
                steps.push(await act(line));
            } catch (error) {
                missed.push(`Line ${line.number}: ${(error as Error).message}`);
            }
        }
        if (steps.length > 0) {
            history.add(together(steps));
        }
        return missed;
    };
    return {
        pass: (chosen: LineView[]) =>
            forEach(chosen, async (line) => {
                const after = await api.post<LineView>(`lines/${line.id}/pass`, { version: line.version });
                lines.keep(after);
                return step(line, after);
            }),
        remove: (chosen: LineView[]) =>
            forEach(chosen, async (line) => {
                const off = away(line.id);
                await off.forth();
                return off;
            }),
    };
}

/** Adds a line to an order. */
export function useAddLine(orderId: number) {
    const client = useQueryClient();
    const history = useHistory(orderId);
    const away = useAway(orderId);
    return useMutation({
        mutationFn: (wanted: { size: string; copies: number; picture: string | null }) =>
            api.post<LineView>(`orders/${orderId}/lines`, wanted),
        onSuccess: async (line) => {
            await client.invalidateQueries({ queryKey: orderKey(orderId) });
            const off = away(line.id);
            history.add({ back: off.forth, forth: off.back });
        },
    });
}

/** Marks what must stay in, in a picture of an order; can be undone. */
export function useMark(orderId: number, sha256: string | undefined) {
    const client = useQueryClient();
    const history = useHistory(orderId);
    const notices = useNotices();
    return async (before: MustStayIn[], after: MustStayIn[]) => {
        const put = async (seen: MustStayIn[], areas: MustStayIn[]) => {
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

export const useLooked = (sha256: string | undefined, enabled = true) =>
    useQuery({
        queryKey: ['looked', sha256],
        queryFn: () => api.get<Looked>(`pictures/${sha256}/looked`),
        enabled: enabled && sha256 !== undefined,
        staleTime: Infinity,
    });

const FINISHES = ['house-finishes'];

export const useHouseFinishes = () =>
    useQuery({
        queryKey: FINISHES,
        queryFn: () => api.get<{ finishes: HouseFinish[] }>('house-finishes'),
        select: (answer) => answer.finishes,
    });

/** Runs an act on the studio's house finishes and shows them as they are afterwards. */
export function useFinishAct<T>(act: (given: T) => Promise<unknown>) {
    const client = useQueryClient();
    return useMutation({ mutationFn: act, onSuccess: () => client.invalidateQueries({ queryKey: FINISHES }) });
}

/** Gives a house finish to lines, says what their lab doesn't have, and can be undone as one. */
export function useGiveFinish(orderId: number) {
    const client = useQueryClient();
    const notices = useNotices();
    const history = useHistory(orderId);
    const step = useLineStep(orderId);
    return async (finish: HouseFinish, lines: LineView[]) => {
        const given = await api.post<{ leftOut: string[]; missed: string[] }>(`orders/${orderId}/house-finishes/${finish.id}`, {
            lines: lines.map(({ id, version }) => ({ id, version })),
        });
        await client.invalidateQueries({ queryKey: orderKey(orderId) });
        const now = client.getQueryData<OrderSheet>(orderKey(orderId))?.lines ?? [];
        const steps = lines.flatMap((before) => {
            const after = now.find((line) => line.id === before.id);
            return after && after.version !== before.version ? [step(before, after)] : [];
        });
        if (steps.length > 0) {
            history.add(together(steps));
        }
        notices.say(
            given.leftOut.length > 0
                ? `“${finish.name}” is given, but for what the lab doesn’t have: ${given.leftOut.join(', ')}.`
                : `“${finish.name}” is given to ${lines.length === 1 ? 'the line' : `${lines.length} lines`}.`,
            { lasts: given.leftOut.length > 0 },
        );
        given.missed.forEach((words) => notices.say(words, { lasts: true }));
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
