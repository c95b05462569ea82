import { useState, type FormEvent } from 'react';
import { ApiError } from '@/api/client';
import { usePeopleActs } from '@/api/people';
import type { PasswordLink, Person } from '@/api/types';
import { Button } from '@/common/Button';
import { Field } from '@/common/Field';
import { useNotices } from '@/notices/notices';

const ACT = 'text-row text-soft underline underline-offset-4 hover:text-ink';

/** Who works here: added by a link to choose a password, signed out, removed. */
export function People({ people, canMail }: { people: Person[]; canMail: boolean }) {
    const acts = usePeopleActs();
    const { say } = useNotices();
    const [given, setGiven] = useState<{ to: string; link: PasswordLink } | null>(null);
    const [asked, setAsked] = useState<number | null>(null);
    const onError = (error: Error) => say(error.message, { lasts: true });
    return (
        <>
            <ul className="max-w-[38rem]">
                {people.map((person) => (
                    <li key={person.id} className="flex items-baseline gap-4 border-b border-rule py-2 text-row">
                        <span className="grow">
                            <span className="font-semibold">{person.name}</span>
                            {person.isMe && ' (you)'} <span className="text-soft">{person.email}</span>
                        </span>
                        <button
                            type="button"
                            className={ACT}
                            aria-label={`A new link for ${person.name}`}
                            onClick={() =>
                                acts.link.mutate(person.id, {
                                    onSuccess: (link) => setGiven({ to: person.name, link }),
                                    onError,
                                })
                            }
                        >
                            New link
                        </button>
                        <button
                            type="button"
                            className={ACT}
                            aria-label={`Sign ${person.name} out everywhere`}
                            onClick={() =>
                                acts.signOut.mutate(person.id, {
                                    onSuccess: () => say(`${person.name} is signed out everywhere.`),
                                    onError,
                                })
                            }
                        >
                            Sign out
                        </button>
                        <button
                            type="button"
                            className={`${ACT} hover:text-stops`}
                            aria-label={asked === person.id ? `Remove ${person.name} for good` : `Remove ${person.name}`}
                            onClick={() => {
                                if (asked !== person.id) {
                                    setAsked(person.id);
                                    return;
                                }
                                setAsked(null);
                                acts.remove.mutate(person.id, {
                                    onSuccess: () => {
                                        say(`${person.name} is removed, and out.`);
                                        if (person.isMe) {
                                            window.location.assign('/sign-in');
                                        }
                                    },
                                    onError,
                                });
                            }}
                        >
                            {asked === person.id ? 'Remove for good?' : 'Remove'}
                        </button>
                    </li>
                ))}
            </ul>
            {given && <Given to={given.to} link={given.link} onDone={() => setGiven(null)} />}
            <Add canMail={canMail} onAdded={(to, link) => setGiven({ to, link })} />
        </>
    );
}

/** A link as it is handed over: it is shown this once. */
function Given({ to, link, onDone }: { to: string; link: PasswordLink; onDone: () => void }) {
    const { say } = useNotices();
    return (
        <div className="max-w-[38rem] rounded-sm bg-blush px-4 py-3 text-row">
            <p>
                {link.wasMailed ? `The link was mailed to ${to}.` : `Give this link to ${to}.`} A password is chosen by it once,
                within three days. It isn’t shown again.
            </p>
            <div className="mt-2 flex gap-2">
                <input
                    readOnly
                    aria-label={`The link for ${to}`}
                    value={link.link}
                    onFocus={(event) => event.target.select()}
                    className="min-w-0 grow rounded-sm border border-edge bg-white px-2 py-1"
                />
                <Button onClick={() => void navigator.clipboard.writeText(link.link).then(() => say('The link is copied.'))}>
                    Copy
                </Button>
                <Button look="quiet" onClick={onDone}>
                    Done
                </Button>
            </div>
        </div>
    );
}

function Add({ canMail, onAdded }: { canMail: boolean; onAdded: (to: string, link: PasswordLink) => void }) {
    const { add } = usePeopleActs();
    const [typed, setTyped] = useState({ name: '', email: '' });
    const errors = add.error instanceof ApiError ? (add.error.body.errors ?? {}) : {};
    const submit = (event: FormEvent) => {
        event.preventDefault();
        add.mutate(typed, {
            onSuccess: (link) => {
                onAdded(typed.name, link);
                setTyped({ name: '', email: '' });
            },
        });
    };
    return (
        <form onSubmit={submit} noValidate aria-label="Add somebody" className="flex items-start gap-3">
            <Field
                label="Name"
                value={typed.name}
                onChange={(event) => setTyped({ ...typed, name: event.target.value })}
                error={errors.name?.[0]}
                className="w-44"
            />
            <Field
                label="E-mail"
                type="email"
                value={typed.email}
                onChange={(event) => setTyped({ ...typed, email: event.target.value })}
                error={errors.email?.[0] ?? (add.error && Object.keys(errors).length === 0 ? add.error.message : null)}
                note={canMail ? 'The link is mailed.' : undefined}
                className="w-56"
            />
            <Button type="submit" className="mt-[22px]" disabled={typed.name === '' || typed.email === '' || add.isPending}>
                Add
            </Button>
        </form>
    );
}
