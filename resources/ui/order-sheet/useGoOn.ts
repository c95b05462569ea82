import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { useManyActs } from '@/api/lines';
import { orderKey } from '@/api/orders';
import type { OrderSheet } from '@/api/types';
import { useNotices } from '@/common/notices';
import { isFine, wantsEyes } from '@/review/wantsEyes';
import { useMake } from '@/make/useMake';

/**
 * On to what comes next, in one key: what is fine is passed; what wants eyes is looked at; where nothing does, the files are made.
 */
export function useGoOn(orderId: number) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const notices = useNotices();
    const acts = useManyActs(orderId);
    const make = useMake(orderId);
    return useMutation({
        mutationFn: async () => {
            const lines = () => client.getQueryData<OrderSheet>(orderKey(orderId))?.lines ?? [];
            const fine = lines().filter(isFine);
            const missed = fine.length > 0 ? await acts.pass(fine) : [];
            missed.forEach((words) => notices.say(words, { lasts: true }));
            if (lines().some(wantsEyes)) {
                void navigate(`/orders/${orderId}/look`);
            } else {
                await make.mutateAsync([]).catch(() => undefined); // it has told
            }
        },
        onError: (error) => notices.say(error.message, { lasts: true }),
    });
}
