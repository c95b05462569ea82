import { useState, type FormEvent } from 'react';
import { ApiError } from '@/api/client';
import { useOwnWordActs, useOwnWords } from '@/api/own-words';
import type { OwnWord } from '@/api/types';
import { Button } from '@/common/Button';
import { Field } from '@/common/Field';
import { useNotices } from '@/notices/notices';
import { Typed } from '@/words/Typed';

/** Words of the studio’s clients that mean one thing here: listed, changed, forgotten, and new ones taught. */
export function OwnWords() {
    const words = useOwnWords();
    const { change, forget } = useOwnWordActs();
    const { say } = useNotices();
    return (
        <>
            <ul className="max-w-[38rem]">
                {words.data?.map((word: OwnWord) => (
                    <li key={word.id} className="flex items-start gap-4 border-b border-rule py-2 text-row">
                        <span className="w-40 shrink-0 pt-1.5 font-semibold break-words">{word.words}</span>
                        <div className="grow">
                            <Typed
                                label="means"
                                value={word.means}
                                width="w-56"
                                isWords
                                note={word.means === '' ? 'It is never minded.' : undefined}
                                onSet={(means) => change.mutateAsync({ ...word, means })}
                            />
                        </div>
                        <button
                            type="button"
                            className="pt-1.5 text-soft underline underline-offset-4 hover:text-stops"
                            aria-label={`Forget “${word.words}”`}
                            onClick={() =>
                                forget.mutate(word, {
                                    onSuccess: () => say(`“${word.words}” is forgotten. Lines that are there stay as they are.`),
                                    onError: (error) => say(error.message, { lasts: true }),
                                })
                            }
                        >
                            Forget
                        </button>
                    </li>
                ))}
            </ul>
            {words.data?.length === 0 && (
                <p className="text-row text-soft">None yet. They are taught here, or where a list isn’t clear: “always…”.</p>
            )}
            <Teach />
        </>
    );
}

function Teach() {
    const [typed, setTyped] = useState({ words: '', means: '' });
    const [errors, setErrors] = useState<Record<string, string[]>>({});
    const { teach } = useOwnWordActs();
    const submit = (event: FormEvent) => {
        event.preventDefault();
        teach.mutate(typed, {
            onSuccess: () => {
                setTyped({ words: '', means: '' });
                setErrors({});
            },
            onError: (error) => setErrors((error instanceof ApiError && error.body.errors) || { words: [error.message] }),
        });
    };
    return (
        <form onSubmit={submit} noValidate className="flex items-start gap-3" aria-label="Teach a word">
            <Field
                label="A word"
                value={typed.words}
                onChange={(event) => setTyped({ ...typed, words: event.target.value })}
                error={errors.words?.[0]}
                className="w-40"
            />
            <Field
                label="always means"
                value={typed.means}
                onChange={(event) => setTyped({ ...typed, means: event.target.value })}
                error={errors.means?.[0]}
                note="Empty: it is never minded."
                className="w-56"
            />
            <Button type="submit" className="mt-[22px]" disabled={typed.words.trim() === '' || teach.isPending}>
                Teach it
            </Button>
        </form>
    );
}
