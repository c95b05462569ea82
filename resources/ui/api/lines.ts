import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useHistory } from '@/undo/history';
import type { Step } from '@/undo/stacks';
import { useNotices } from '@/notices/notices';
import { ApiError, api } from './client';
import { together, useAway, useChangedLines, useHeldLines, useLineStep } from './line-steps';
import { asksForOwn, cellLine, withOwn } from './cells';
import { orderKey } from './orders';
import { lookedAt } from './pictures';
import type { Change, LinesPassed, LineView } from './types';

export interface LineActs {
    /**
     * Saves a change; the promise fails with the words for the field. What builds on what is there (one more part, the
     * other way up) is given as a function: it is asked when the changes before it have been saved.
     */
    change: (change: Change | ((line: LineView) => Change)) => Promise<LineView>;
    /** The same of one of the prints that the line carries, by its place. */
    changeCell: (place: number, change: Change | ((line: LineView) => Change)) => Promise<LineView>;
    /** The same of several of them at once. */
    changeCells: (places: number[], change: Change | ((line: LineView) => Change)) => Promise<LineView>;
    /** A figure typed into the drawing. */
    type: (name: string, typed: string) => Promise<LineView>;
    pass: () => Promise<LineView>;
    hold: () => Promise<LineView>;
    /** What is remarked of it; a passed line stays passed. */
    remark: (own: string | null, lab: string | null) => Promise<LineView>;
    remove: () => Promise<void>;
    isSaving: boolean;
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
    const remark = useMutation({
        scope: { id: `line-${lineId}` },
        mutationFn: (body: { remark: string | null; remarkForLab: string | null }) =>
            api.put<LineView>(`lines/${lineId}/remark`, { ...body, version: lines.get(lineId).version }),
        onSuccess: lines.keep,
    });
    const remove = useMutation({
        scope: { id: `line-${lineId}` },
        mutationFn: () =>
            history.during(async () => {
                const off = away(lineId);
                await off.forth();
                history.add(off);
            }),
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
    const acted = (send: (line: LineView) => Promise<LineView>) => history.during(() => act.mutateAsync(send));
    const patch = (line: LineView, body: object) => api.patch<LineView>(`lines/${lineId}`, { ...body, version: line.version });
    return {
        change: (change) => acted((line) => patch(line, { change: typeof change === 'function' ? change(line) : change })),
        changeCell: (place, change) =>
            acted((line) =>
                patch(line, { cell: place, change: typeof change === 'function' ? change(cellLine(line, place)) : change }),
            ),
        changeCells: (places, change) =>
            acted(async (line) => {
                const cells = places.map(async (cell) => {
                    const at = cellLine(line, cell);
                    const its = typeof change === 'function' ? change(at) : change;
                    if (!asksForOwn(its)) {
                        return [{ cell, change: its }];
                    }
                    const own = at.picture && (await lookedAt(client, at.picture.sha256)).colours[0];
                    return own ? [{ cell, change: withOwn(its, own.code) }] : []; // without a picture it has no colour of its own
                });
                const those = (await Promise.all(cells)).flat();
                if (those.length === 0) {
                    throw new Error('None of them has a picture yet, and a colour of its own.');
                }
                return patch(line, { cells: those });
            }),
        type: (name, typed) => acted((line) => patch(line, { figure: { name, typed } })),
        pass: () => acted(({ version }) => api.post(`lines/${lineId}/pass`, { version })),
        hold: () => acted(({ version }) => api.post(`lines/${lineId}/hold`, { version })),
        remark: (own, lab) => remark.mutateAsync({ remark: own, remarkForLab: lab }),
        remove: () => remove.mutateAsync(),
        isSaving: act.isPending || remark.isPending,
    };
}

/** What can be done to several lines at once, undone as one; gives back what could not be done, in words. */
export function useManyActs(orderId: number) {
    const history = useHistory(orderId);
    const changed = useChangedLines(orderId);
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
    /** Holds what is answered of lines, to be undone as one. */
    const done = (chosen: LineView[], ask: () => Promise<LinesPassed>) =>
        history.during(async () => {
            const { lines, missed } = await ask();
            const steps = changed(chosen, lines);
            if (steps.length > 0) {
                history.add(together(steps));
            }
            return missed;
        });
    return {
        pass: (chosen: LineView[]) => done(chosen, () => passLines(orderId, chosen)),
        /** Says yes to what they have alike; those with nothing else to look at pass. */
        settle: (chosen: LineView[], alike: string) =>
            done(chosen, () => api.post<LinesPassed>(`orders/${orderId}/settle`, { alike, lines: asSeen(chosen) })),
        remove: (chosen: LineView[]) =>
            history.during(() =>
                forEach(chosen, async (line) => {
                    const off = away(line.id);
                    await off.forth();
                    return off;
                }),
            ),
    };
}

/** Passes lines as they were seen; says which could not be, in words. */
export const passLines = (orderId: number, lines: Pick<LineView, 'id' | 'version'>[]) =>
    api.post<LinesPassed>(`orders/${orderId}/pass`, { lines: asSeen(lines) });

const asSeen = (lines: Pick<LineView, 'id' | 'version'>[]) => lines.map(({ id, version }) => ({ id, version }));

/** Adds a line to an order. */
export function useAddLine(orderId: number) {
    const client = useQueryClient();
    const history = useHistory(orderId);
    const away = useAway(orderId);
    return useMutation({
        mutationFn: (wanted: { size: string; copies: number; picture: string | null; wanted?: Change }) =>
            history.during(async () => {
                const line = await api.post<LineView>(`orders/${orderId}/lines`, wanted);
                await client.invalidateQueries({ queryKey: orderKey(orderId) });
                const off = away(line.id);
                history.add({ back: off.forth, forth: off.back });
                return line;
            }),
    });
}
