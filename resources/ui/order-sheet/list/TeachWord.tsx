import { useState, type FormEvent } from 'react';
import { ApiError } from '@/api/client';
import { useOwnWordActs } from '@/api/own-words';
import { Button } from '@/common/Button';
import { Field } from '@/common/Field';
import { useNotices } from '@/notices/notices';
import { Popup } from '@/common/Popup';

interface Props {
    orderId: number;
    /** that isn’t clear */
    words: string;
    /** the likeliest meaning */
    likely: string;
}

/** A word is more than this many letters? Then it is a sentence, and no word to be taught. */
const LONGEST = 40;

/** What can be taught: a word or a few, of letters. */
export const isWord = (words: string) => words.length <= LONGEST && /\p{L}{2}/u.test(words) && !words.includes('\n');

/** An answer to a doubt that holds for every list from now on; it is kept on The studio. */
export function TeachWord({ orderId, words, likely }: Props) {
    const [isOpen, setOpen] = useState(false);
    const [means, setMeans] = useState(likely);
    const [error, setError] = useState<string | null>(null);
    const { teach } = useOwnWordActs();
    const notices = useNotices();
    const keep = (meaning: string) =>
        teach.mutateAsync({ words, means: meaning, order: orderId }).then(
            () => {
                setOpen(false);
                notices.say(
                    meaning === ''
                        ? `“${words}” is never minded from now on. It stands on The studio.`
                        : `“${words}” means “${meaning}” from now on. It stands on The studio.`,
                );
            },
            (failed: Error) =>
                setError(Object.values((failed instanceof ApiError && failed.body.errors) || {})[0]?.[0] ?? failed.message),
        );
    const submit = (event: FormEvent) => {
        event.preventDefault();
        event.stopPropagation();
        void keep(means.trim());
    };
    return (
        <Popup
            title={`What “${words}” always means`}
            isOpen={isOpen}
            onOpen={(opens) => {
                setOpen(opens);
                setMeans(likely);
                setError(null);
            }}
            className="w-[22rem]"
            trigger={
                <button
                    type="button"
                    aria-label={`Say what “${words}” always means`}
                    className="text-soft underline underline-offset-4 hover:text-ink"
                >
                    always…
                </button>
            }
        >
            <form onSubmit={submit} noValidate className="flex flex-col gap-3">
                <Field
                    label={`“${words}” always means`}
                    value={means}
                    error={error}
                    note="In words that are understood: a size, a paper, a border."
                    onChange={(event) => setMeans(event.target.value)}
                />
                <div className="flex items-center gap-4">
                    <Button type="submit" look="main" disabled={teach.isPending || means.trim() === ''}>
                        Keep it
                    </Button>
                    <button
                        type="button"
                        className="font-semibold text-copper underline underline-offset-4"
                        disabled={teach.isPending}
                        onClick={() => void keep('')}
                    >
                        Never mind it
                    </button>
                </div>
            </form>
        </Popup>
    );
}
