import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useHistory } from '@/undo/history';
import { api, uploaded } from './client';
import { together, useAway, useChangedLines } from './line-steps';
import { orderKey } from './orders';
import type { LastTime, LinesMade, LineView, ListRead, ListText, ReadPrint, WishesDone, WishTried } from './types';

/** A list that is longer than this isn't kept in the cache by all its letters. */
const keyOf = (text: string) => (text.length < 4000 ? text : `${text.length}:${text.slice(0, 2000)}…${text.slice(-2000)}`);

/**
 * What the server makes of words while they are typed: one question at a time, always with the newest words; what was answered last
 * stays until the next is there.
 */
function useUnderstood<T>(text: string, keyFor: (text: string) => readonly unknown[], ask: (text: string) => Promise<T>) {
    const [asked, setAsked] = useState(text);
    const { data, error, isFetching, isPlaceholderData } = useQuery({
        queryKey: keyFor(asked),
        queryFn: () => ask(asked),
        enabled: asked.trim() !== '',
        placeholderData: keepPreviousData,
        staleTime: Infinity,
        gcTime: 60_000,
        retry: false,
    });
    useEffect(() => {
        if (!isFetching) {
            setAsked(text);
        }
    }, [text, isFetching]);
    const isEmpty = text.trim() === '';
    return {
        answer: isEmpty ? undefined : data,
        error: isEmpty ? null : error,
        /** the answer is to the words as they are now */
        isCurrent: !isEmpty && data !== undefined && asked === text && !isPlaceholderData,
    };
}

/**
 * What words mean in an order, without doing anything.
 *
 * @param chosen the pictures that are meant where nothing is said
 */
export const useListRead = (orderId: number, text: string, pictures: number, chosen: string[]) =>
    useUnderstood(
        text,
        (words) => ['list', orderId, pictures, keyOf(words), chosen],
        (words) => api.post<ListRead>(`orders/${orderId}/list/read`, { text: words, chosen }),
    );

/** What a file says that a client has sent. */
export const listText = (orderId: number, file: File) =>
    uploaded<ListText>(`orders/${orderId}/list/file`, 'list', file, 'The list couldn’t be read.');

/** What the order's client had last time; null where there was no time before. */
export const useLastTime = (orderId: number) =>
    useQuery({
        queryKey: ['last-time', orderId],
        queryFn: () => api.get<LastTime>(`orders/${orderId}/last-time`).then(({ lastTime }) => lastTime),
        staleTime: Infinity,
    });

/** Puts lines as they were read on the order; undone as one. */
export function useTakeList(orderId: number) {
    const client = useQueryClient();
    const history = useHistory(orderId);
    const away = useAway(orderId);
    return useMutation({
        mutationFn: (prints: Pick<ReadPrint, 'wanted' | 'remark'>[]) =>
            history.during(async () => {
                const asked = prints.map(({ wanted, remark }) => ({ wanted, remark }));
                const made = await api.post<LinesMade>(`orders/${orderId}/list`, { lines: asked });
                await client.invalidateQueries({ queryKey: orderKey(orderId) });
                const step = together(made.lines.map((id) => away(id)));
                history.add({ back: step.forth, forth: step.back });
                return made;
            }),
    });
}

/** What of a line something is said of; nothing: all of it. */
export interface SaidOf {
    /** one of its prints */
    cell?: number;
    /** a block of letters or a mark: caption, lettering.0, overlays.1 */
    block?: string;
}

/** What a line would be if something were said of it. */
export const useWishTried = (line: LineView, text: string, { cell, block }: SaidOf) =>
    useUnderstood(
        text,
        (words) => ['wish', line.id, line.version, cell, block, words],
        (words) => api.post<WishTried>(`lines/${line.id}/wish`, { text: words, cell, block }),
    );

interface Said extends SaidOf {
    text: string;
    lines: LineView[];
    /** gets the sheet that lines share now, while the order with it is still on its way */
    onSheet: (sheet: number) => void;
}

/** Says something of lines; undone as one. Gives what could not be done, in words. */
export function useSay(orderId: number) {
    const client = useQueryClient();
    const history = useHistory(orderId);
    const changed = useChangedLines(orderId);
    const away = useAway(orderId);
    const say = async ({ text, lines, cell, block, onSheet }: Said) => {
        const asked = lines.map(({ id, version }) => ({ id, version }));
        const done = await api.post<WishesDone>(`orders/${orderId}/wishes`, { text, lines: asked, cell, block });
        const steps = changed(lines, done.lines);
        if (done.gathered) {
            const { line: sheet, instead } = done.gathered;
            const fresh = client.invalidateQueries({ queryKey: orderKey(orderId) });
            onSheet(sheet); // before the lines that it stands for are gone
            await fresh;
            const came = away(sheet);
            const left = lines.map((line) => done.lines.find(({ id }) => id === line.id) ?? line);
            const went = left.filter(({ id }) => instead.includes(id)).map(({ id, version }) => away(id, version));
            steps.push(...went, { back: came.forth, forth: came.back });
        }
        if (steps.length > 0) {
            history.add(together(steps));
        }
        return done;
    };
    return useMutation({ mutationFn: (said: Said) => history.during(() => say(said)) });
}
