import { useNavigate } from 'react-router';
import { useAct } from '@/api/act';
import { useManyActs } from '@/api/lines';
import { useLinesNow } from '@/api/orders';
import { useNotices } from '@/notices/notices';
import { isFine, wantsEyes } from '@/lines/wantsEyes';
import { useMake } from '@/lines/useMake';

/**
 * On to what comes next, in one key: what is fine is passed; what wants eyes is looked at; where nothing does, the files are made.
 */
export function useGoOn(orderId: number) {
    const lines = useLinesNow(orderId);
    const navigate = useNavigate();
    const notices = useNotices();
    const acts = useManyActs(orderId);
    const make = useMake(orderId);
    return useAct(
        async () => {
            const fine = lines().filter(isFine);
            const missed = fine.length > 0 ? await acts.pass(fine) : [];
            missed.forEach((words) => notices.say(words, { lasts: true }));
            if (lines().some(wantsEyes)) {
                void navigate(`/orders/${orderId}/look`);
            } else {
                await make.mutateAsync([]).catch(() => undefined); // it has told
            }
        },
        { onError: (error) => notices.say(error.message, { lasts: true }) },
    );
}
