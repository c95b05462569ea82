import { useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useHistory } from '@/undo/history';
import type { Step } from '@/undo/stacks';
import { ApiError, api } from './client';
import { orderKey } from './orders';
import type { LineView, OrderSheet } from './types';

const MEANWHILE = 'This line was changed in another window since. It isn’t undone; look at what it is now.';

/** A line as the page holds it now, and how an answered one is put there. */
export function useHeldLines(orderId: number) {
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
export function useLineStep(orderId: number) {
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
            if (JSON.stringify(line.settled) !== JSON.stringify(to.settled)) {
                line = await api.put<LineView>(`lines/${to.id}/settled`, { version: line.version, settled: to.settled });
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

/** Takes lines off the order and puts them back. */
export function useAway(orderId: number) {
    const client = useQueryClient();
    const lines = useHeldLines(orderId);
    const { earliest, isSame } = useHistory(orderId);
    /** @param left the version that a line had which is off the order already */
    return (lineId: number, left = 0): Step => {
        let version = left;
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

/** Several steps as one: done again in their order, undone from the last. */
export const together = (steps: Step[]): Step => {
    const each = async (of: Step[], run: (one: Step) => Promise<void>) => {
        for (const one of of) {
            await run(one);
        }
    };
    return { back: () => each(steps.toReversed(), (one) => one.back()), forth: () => each(steps, (one) => one.forth()) };
};

/** Holds lines that were changed at once as they are now, and gives the steps that take each back to what it was before. */
export function useChangedLines(orderId: number) {
    const held = useHeldLines(orderId);
    const step = useLineStep(orderId);
    return (before: LineView[], after: LineView[]): Step[] => {
        const steps = after.flatMap((line) => {
            const was = before.find(({ id, version }) => id === line.id && version !== line.version);
            return was ? [step(was, line)] : [];
        });
        after.forEach(held.keep);
        return steps;
    };
}
