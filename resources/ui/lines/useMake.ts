import { useNavigate } from 'react-router';
import { useAct } from '@/api/act';
import { makeFiles } from '@/api/makes';
import { useNotices } from '@/notices/notices';

/** Has the files of an order's passed lines made, or those of some of them, and goes to where one sees it. */
export function useMake(orderId: number) {
    const notices = useNotices();
    const navigate = useNavigate();
    return useAct((lines: number[]) => makeFiles(orderId, lines.length > 0 ? lines : undefined), {
        onSuccess: ({ stopped }) => {
            stopped.forEach((words) => notices.say(words, { lasts: true }));
            void navigate(`/orders/${orderId}/make`);
        },
        onError: (error) => notices.say(error.message, { lasts: true }),
    });
}
