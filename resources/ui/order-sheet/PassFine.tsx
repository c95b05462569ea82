import { useAct } from '@/api/act';
import { useManyActs } from '@/api/lines';
import type { LineView } from '@/api/types';
import { Button, Key } from '@/common/Button';
import { useNotices } from '@/notices/notices';
import { useKeys } from '@/keys/useKeys';
import { isFine } from '@/lines/wantsEyes';

/** Passes all lines that have nothing to look at, in one press. */
export function PassFine({ orderId, lines }: { orderId: number; lines: LineView[] }) {
    const acts = useManyActs(orderId);
    const notices = useNotices();
    const fine = lines.filter(isFine);
    const pass = useAct(() => acts.pass(fine), {
        onSuccess: (missed) => missed.forEach((words) => notices.say(words, { lasts: true })),
        onError: (error) => notices.say(error.message, { lasts: true }),
    });
    const press = () => {
        if (fine.length > 0 && !pass.isPending) {
            pass.mutate();
        }
    };
    useKeys({ f: press });
    return fine.length === 0 ? null : (
        <Button onClick={press} disabled={pass.isPending}>
            Pass {fine.length} that {fine.length === 1 ? 'is' : 'are'} fine
            <Key>F</Key>
        </Button>
    );
}
