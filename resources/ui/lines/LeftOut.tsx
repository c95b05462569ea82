import { Link } from 'react-router';
import { useAct } from '@/api/act';
import { usePassLines } from '@/api/left-out';
import type { LeftOut as Left } from '@/api/types';
import { Button } from '@/common/Button';
import { Mark } from '@/common/Mark';
import { useNotices } from '@/notices/notices';
import { useMake } from './useMake';

/** So many are named; of more it is told how many. */
const MOST_NAMED = 8;

const numbers = (lines: Left[]) => {
    const named = lines.slice(0, MOST_NAMED).map(({ number }) => number);
    const more = lines.length - named.length;
    return `${named.join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
};

interface Props {
    orderId: number;
    lines: Left[];
    /** given before any files are made: passes those that are fine, so that it can be undone, and says which could not be */
    passBefore?: () => Promise<string[]>;
}

/** Lines that nobody has passed, where the files of the others are: what is fine is passed and made in one press. */
export function LeftOut({ orderId, lines, passBefore }: Props) {
    const notices = useNotices();
    const make = useMake(orderId);
    const fine = lines.filter(({ canPass }) => canPass);
    const toSee = lines.filter(({ canPass }) => !canPass);
    const isBefore = passBefore !== undefined;
    const passLines = usePassLines(orderId);
    /** Passes them; gives which files are to be made then: before, of all that is passed. */
    const pass = async () => {
        if (passBefore) {
            const missed = await passBefore();
            return { missed, make: missed.length < fine.length ? [] : null };
        }
        const { lines: passed, missed } = await passLines(fine);
        return { missed, make: passed.length > 0 ? passed.map(({ id }) => id) : null };
    };
    const passAndMake = useAct(
        async () => {
            const { missed, make: these } = await pass();
            missed.forEach((words) => notices.say(words, { lasts: true }));
            if (these) {
                await make.mutateAsync(these).catch(() => undefined); // it has told
            }
        },
        { onError: (error) => notices.say(error.message, { lasts: true }) },
    );
    return lines.length === 0 ? null : (
        <div role="note" className="mt-4 flex items-center gap-3 border border-rule bg-chrome px-4 py-2.5 text-row">
            <Mark level="look" />
            <p className="min-w-0 grow">
                <b>{lines.length === 1 ? `Line ${numbers(lines)} isn’t passed` : `Lines ${numbers(lines)} aren’t passed`}</b>
                {`, and no files ${isBefore ? 'will be' : 'are'} made of ${lines.length === 1 ? 'it' : 'them'}.`}
            </p>
            {toSee.length > 0 && (
                <Link to={`/orders/${orderId}/look`} className="font-semibold text-copper underline underline-offset-4">
                    Look at {toSee.length === lines.length ? (toSee.length === 1 ? 'it' : 'them') : numbers(toSee)}
                </Link>
            )}
            {fine.length > 0 && (
                <Button onClick={() => passAndMake.mutate()} disabled={passAndMake.isPending}>
                    {isBefore ? 'Pass' : 'Pass and make'}{' '}
                    {fine.length === lines.length ? (fine.length === 1 ? 'it' : 'them') : numbers(fine)}
                    {isBefore && ', and make all'}
                </Button>
            )}
        </div>
    );
}
