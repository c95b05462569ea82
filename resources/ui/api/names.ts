import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useHistory } from '@/undo/history';
import { api } from './client';
import { together, useChangedLines } from './line-steps';
import type { LinesNamed, LineView, Name, NamesTried } from './types';

/**
 * What all files of an order would be called.
 *
 * @param lines ids of those that are named so; null for all
 */
export const useNamesTried = (orderId: number, name: Name, lines: number[] | null) =>
    useQuery({
        queryKey: ['names', orderId, name, lines],
        queryFn: () => api.post<NamesTried>(`orders/${orderId}/names/tried`, { name, lines }),
        placeholderData: keepPreviousData,
        gcTime: 0,
        retry: false,
    });

/** Names lines so, undone as one; where all are meant, those that come later, too. */
export function useNameLines(orderId: number) {
    const history = useHistory(orderId);
    const changed = useChangedLines(orderId);
    const give = (name: Name | null, isForAll: boolean, lines: { id: number; version: number }[], version?: number) =>
        api.put<LinesNamed>(`orders/${orderId}/names`, { name, isForAll, lines, version });
    return useMutation({
        /** version: of the order as it was seen */
        mutationFn: ({ name, lines, isForAll, version }: { name: Name; lines: LineView[]; isForAll: boolean; version: number }) =>
            history.during(async () => {
                const asked = lines.map((line) => ({ id: line.id, version: line.version }));
                const named = await give(name, isForAll, asked, version);
                const steps = changed(lines, named.lines);
                if (isForAll) {
                    const forAll = async (as: Name | null) => void (await give(as, true, []));
                    steps.push({ back: () => forAll(named.before), forth: () => forAll(name) });
                }
                if (steps.length > 0) {
                    history.add(together(steps));
                }
                return named;
            }),
    });
}
