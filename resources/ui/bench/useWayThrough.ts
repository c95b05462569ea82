import { useNavigate } from 'react-router';
import type { LineView, OrderSheet } from '@/api/types';
import { useNotices } from '@/notices/notices';

/** From line to line on the bench, and back to the order. */
export function useWayThrough(order: OrderSheet, line: LineView) {
    const navigate = useNavigate();
    const notices = useNotices();
    const sheet = `/orders/${order.id}`;
    const at = order.lines.findIndex(({ id }) => id === line.id);
    const go = (id: number | undefined) => id !== undefined && void navigate(`${sheet}/lines/${id}`);
    const leave = () => void navigate(sheet);
    return {
        /** the line's place among the order's, from 0 */
        at,
        go,
        leave,
        /** On to the next that isn't passed. */
        goOn: () => {
            const after = [...order.lines.slice(at + 1), ...order.lines.slice(0, at)];
            const next = after.find(({ state }) => state === 'open' || state === 'waiting');
            if (next) {
                go(next.id);
            } else {
                notices.say('Every line is passed. Make the files when you are ready.');
                leave();
            }
        },
    };
}
