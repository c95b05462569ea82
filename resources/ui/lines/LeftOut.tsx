import { Link } from 'react-router';
import { useAct } from '@/api/act';
import { usePassLines } from '@/api/left-out';
import type { LeftOut as Left } from '@/api/types';
import { Button } from '@/common/Button';
import { Mark } from '@/common/Mark';
import { useNotices } from '@/notices/notices';
import { useMake } from './useMake';

const numbers = (lines: Left[]) => lines.map(({ number }) => number).join(', ');

/** Lines that nobody has passed, where the files of the others are: what is fine is passed and made in one press. */
export function LeftOut({ orderId, lines }: { orderId: number; lines: Left[] }) {
    const notices = useNotices();
    const make = useMake(orderId);
    const fine = lines.filter(({ canPass }) => canPass);
    const toSee = lines.filter(({ canPass }) => !canPass);
    const pass = usePassLines(orderId);
    const passAndMake = useAct(
        async () => {
            const { lines: passed, missed } = await pass(fine);
            missed.forEach((words) => notices.say(words, { lasts: true }));
            if (passed.length > 0) {
                await make.mutateAsync(passed.map(({ id }) => id)).catch(() => undefined); // it has told
            }
        },
        { onError: (error) => notices.say(error.message, { lasts: true }) },
    );
    return lines.length === 0 ? null : (
        <div role="note" className="mt-4 flex items-center gap-3 border border-rule bg-chrome px-4 py-2.5 text-row">
            <Mark level="look" />
            <p className="min-w-0 grow">
                <b>{lines.length === 1 ? `Line ${numbers(lines)} isn’t passed` : `Lines ${numbers(lines)} aren’t passed`}</b>, and
                no files are made of {lines.length === 1 ? 'it' : 'them'}.
            </p>
            {toSee.length > 0 && (
                <Link to={`/orders/${orderId}/look`} className="font-semibold text-copper underline underline-offset-4">
                    Look at {toSee.length === lines.length ? (toSee.length === 1 ? 'it' : 'them') : numbers(toSee)}
                </Link>
            )}
            {fine.length > 0 && (
                <Button onClick={() => passAndMake.mutate()} disabled={passAndMake.isPending}>
                    Pass and make {fine.length === lines.length ? (fine.length === 1 ? 'it' : 'them') : numbers(fine)}
                </Button>
            )}
        </div>
    );
}
