import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useHistory } from '@/undo/history';
import { useNotices } from '@/notices/notices';
import { api } from './client';
import { together, useLineStep } from './line-steps';
import { orderKey } from './orders';
import type { Choices, Given, HouseFinish, HouseFinishes, LineView, OrderSheet } from './types';

const FINISHES = ['house-finishes'];

export const useHouseFinishes = () =>
    useQuery({
        queryKey: FINISHES,
        queryFn: () => api.get<HouseFinishes>('house-finishes'),
        select: (answer) => answer.finishes,
    });

/** Runs an act on the studio's house finishes and shows them as they are afterwards. */
export function useFinishAct<T>(act: (given: T) => Promise<unknown>) {
    const client = useQueryClient();
    return useMutation({ mutationFn: act, onSettled: () => client.invalidateQueries({ queryKey: FINISHES }) });
}

/** Gives a house finish to lines, says what their lab doesn't have, and can be undone as one. */
export function useGiveFinish(orderId: number) {
    const client = useQueryClient();
    const notices = useNotices();
    const history = useHistory(orderId);
    const step = useLineStep(orderId);
    const give = async (finish: HouseFinish, lines: LineView[]) => {
        const given = await api.post<Given>(`orders/${orderId}/house-finishes/${finish.id}`, {
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
    return (finish: HouseFinish, lines: LineView[]) => history.during(() => give(finish, lines));
}

/** What a line has chosen, each choice in words. */
export const useChoices = ({ id, version }: LineView) =>
    useQuery({ queryKey: ['choices', id, version], queryFn: () => api.get<Choices>(`lines/${id}/choices`) });

/** Keeps some of a line's choices under a name. */
export const keepFinish = (finish: { name: string; line: number; choices: string[] }) =>
    api.post<HouseFinish>('house-finishes', finish);

export const changeFinish = ({ id, version }: HouseFinish, change: { name?: string; choices?: string[] }) =>
    api.patch<HouseFinish>(`house-finishes/${id}`, { version, ...change });

export const removeFinish = (id: number) => api.delete<void>(`house-finishes/${id}`);
