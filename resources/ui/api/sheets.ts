import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useHistory } from '@/undo/history';
import { api } from './client';
import { together, useAway } from './line-steps';
import { orderKey } from './orders';
import type { HouseFinish, LineView, ReadyWays, SheetMade, SheetsTried, LinesMade } from './types';

/** Prints to be put on shared sheets: of lines, and of pictures, each in one size. */
export interface Gathered {
    lines: LineView[];
    pictures: string[];
    /** the size that each picture is printed in */
    each: string | null;
}

const asked = ({ lines, pictures, each }: Gathered) => ({
    lines: lines.map(({ id, version }) => ({ id, version })),
    pictures,
    each,
});

/** What they would take of every sheet that the lab lists. */
export const useSheetsTried = (orderId: number, gathered: Gathered) =>
    useQuery({
        queryKey: ['sheets', orderId, asked(gathered)],
        queryFn: () => api.post<SheetsTried>(`orders/${orderId}/sheets/tried`, asked(gathered)),
        enabled: gathered.pictures.length === 0 || gathered.each !== null,
        retry: false,
        placeholderData: (before) => before,
    });

/** The ways to share a sheet out that arithmetic gives. */
export const useReadyWays = (size: string) =>
    useQuery({
        queryKey: ['ready-sheets', size],
        queryFn: () => api.get<ReadyWays>(`sheets/ready?size=${encodeURIComponent(size)}`),
        enabled: size !== '',
        retry: false,
        staleTime: Infinity,
    });

/** Puts prints on shared sheets and takes them apart again; both can be undone. */
export function useSheetActs(orderId: number) {
    const client = useQueryClient();
    const history = useHistory(orderId);
    const away = useAway(orderId);
    return useMemo(() => {
        const refetch = () => client.invalidateQueries({ queryKey: orderKey(orderId) });
        /** These lines came, those went: as one step. */
        const step = (came: number[], went: LineView[]) => {
            const [comes, goes] = [came.map((id) => away(id)), went.map(({ id, version }) => away(id, version))];
            const turned = comes.map(({ back, forth }) => ({ back: forth, forth: back }));
            history.add(together([...turned, ...goes]));
        };
        return {
            gather: (gathered: Gathered, size: string) =>
                history.during(async () => {
                    const made = await api.post<SheetMade>(`orders/${orderId}/sheets`, { ...asked(gathered), size });
                    await refetch();
                    step(
                        [made.line.id],
                        gathered.lines.filter(({ id }) => made.instead.includes(id)),
                    );
                    return made.line;
                }),
            /** A house finish of a sheet, its cells filled with pictures in their order. */
            fill: (finish: HouseFinish, pictures: string[]) =>
                history.during(async () => {
                    const { lines } = await api.post<LinesMade>(`orders/${orderId}/house-finishes/${finish.id}/fill`, {
                        pictures,
                    });
                    await refetch();
                    step(lines, []);
                }),
            apart: (line: LineView) =>
                history.during(async () => {
                    const { lines } = await api.post<LinesMade>(`lines/${line.id}/apart`, { version: line.version });
                    await refetch();
                    step(lines, [line]);
                    return lines;
                }),
        };
    }, [client, history, away, orderId]);
}
