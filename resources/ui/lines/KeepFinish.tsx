import { useState, type FormEvent } from 'react';
import { keepFinish, useChoices, useFinishAct } from '@/api/house-finishes';
import type { LineView } from '@/api/types';
import { Button } from '@/common/Button';
import { Field } from '@/common/Field';
import { useNotices } from '@/notices/notices';

/** Choices that are a line's own: they are kept only where they are asked for. */
const OF_ONE = ['size', 'turn', 'name'];

const LONGEST = 48;

/** What a finish is called where nobody says: what it settles, in a few words. */
const calledBy = (words: string[]) => {
    const name = words.slice(0, 3).join(', ').slice(0, LONGEST).trim();
    return name.charAt(0).toUpperCase() + name.slice(1);
};

interface AtOnceProps {
    line: LineView;
    /** by what was typed; empty where nothing was */
    called: string;
    /** to choose what of it is kept */
    onChoose: () => void;
    done: () => void;
}

/** A line's choices kept in one press, under the name that was typed or one of their own words; which of them can be chosen, too. */
export function KeepAtOnce({ line, called, onChoose, done }: AtOnceProps) {
    const choices = useChoices(line);
    const notices = useNotices();
    const its = Object.entries(choices.data?.choices ?? {}).filter(([key]) => !OF_ONE.includes(key));
    const name = called.trim() || calledBy(its.map(([, words]) => words));
    const keep = useFinishAct(() => keepFinish({ name, line: line.id, choices: its.map(([key]) => key) }));
    const press = () =>
        keep.mutate(undefined, {
            onSuccess: () => {
                notices.say(`“${name}” is kept as a house finish.`);
                done();
            },
        });
    const link = 'text-left font-semibold text-copper underline underline-offset-4';
    return (
        <>
            {its.length > 0 && (
                <button type="button" className={link} onClick={press} disabled={keep.isPending}>
                    Keep this line’s as “{name}”
                </button>
            )}
            {keep.error && (
                <p role="alert" className="text-small text-stops">
                    {keep.error.message}
                </p>
            )}
            <button type="button" className={link} onClick={onChoose}>
                Keep this line’s choices…
            </button>
        </>
    );
}

/** Which of a line's choices are kept, and under which name. */
export function KeepFinish({ line, done }: { line: LineView; done: () => void }) {
    const choices = useChoices(line);
    const [name, setName] = useState('');
    const [left, setLeft] = useState<ReadonlySet<string>>(new Set(OF_ONE));
    const all = Object.entries(choices.data?.choices ?? {});
    const keep = useFinishAct(() =>
        keepFinish({ name, line: line.id, choices: all.map(([key]) => key).filter((key) => !left.has(key)) }),
    );
    const submit = (event: FormEvent) => {
        event.preventDefault();
        keep.mutate(undefined, { onSuccess: done });
    };
    return (
        <form onSubmit={submit} noValidate className="flex flex-col gap-3">
            <Field
                label="Kept under the name"
                autoFocus
                value={name}
                onChange={(event) => setName(event.target.value)}
                error={keep.error?.message}
            />
            <fieldset>
                <legend className="mb-1 text-small text-soft">It will settle</legend>
                {all.map(([key, words]) => (
                    <label key={key} className="flex items-baseline gap-2 rounded-sm px-1 py-[3px] hover:bg-chrome">
                        <input
                            type="checkbox"
                            className="translate-y-[2px] accent-copper"
                            checked={!left.has(key)}
                            onChange={(event) =>
                                setLeft(
                                    (held) => new Set(event.target.checked ? [...held].filter((k) => k !== key) : [...held, key]),
                                )
                            }
                        />
                        {words}
                    </label>
                ))}
            </fieldset>
            <div className="flex gap-3">
                <Button look="main" type="submit" disabled={keep.isPending}>
                    Keep it
                </Button>
                <Button onClick={done}>Not now</Button>
            </div>
        </form>
    );
}
