import { useState, type FormEvent, type ReactNode } from 'react';
import { Link } from 'react-router';
import { changePassword } from '@/api/people';
import { useChangeStudio, useStudio, type StudioChange } from '@/api/studio';
import type { NamePart, Studio } from '@/api/types';
import { ApiError } from '@/api/client';
import { Button } from '@/common/Button';
import { Choice } from '@/common/Choice';
import { Field } from '@/common/Field';
import { Loading } from '@/common/Loading';
import { useNotices } from '@/notices/notices';
import { BelowOrders } from '@/common/BelowOrders';
import { NAME_PARTS } from '@/names/nameParts';
import { Parts } from '@/words/Parts';
import { Typed } from '@/words/Typed';
import { OwnWords } from './OwnWords';
import { People } from './People';
import { UsualFile } from './UsualFile';
import { Home } from '@/common/Home';

/** The studio: what it is called and measures in, what it usually does, where its files lie, and who works in it. */
export function StudioPage() {
    const studio = useStudio();
    return (
        <BelowOrders title="The studio" keys={[{ keys: 'Tab', does: 'walk the page' }]}>
            {studio.data ? <Settled studio={studio.data} /> : <Loading error={studio.error} />}
        </BelowOrders>
    );
}

function Settled({ studio }: { studio: Studio }) {
    const { mutateAsync } = useChangeStudio();
    const notices = useNotices();
    const change = (what: StudioChange) => mutateAsync(what);
    const tell = (promise: Promise<unknown>) => void promise.catch((error: Error) => notices.say(error.message, { lasts: true }));
    return (
        <Home className="relative grow overflow-auto px-10 py-8">
            <div className="mx-auto max-w-[62rem]">
                <h1 className="mb-5 font-serif text-title leading-tight">{studio.name}</h1>
                <Part title="Name and unit" about="What is typed with its own unit always stands as it is typed.">
                    <div className="max-w-96">
                        <Typed label="Name" value={studio.name} width="w-64" isWords onSet={(name) => change({ name })} />
                    </div>
                    <div className="w-64">
                        <Choice
                            label="Measured in"
                            value={studio.unit}
                            onChoose={(unit) => tell(change({ unit }))}
                            options={[
                                { value: 'in', label: 'Inches' },
                                { value: 'cm', label: 'Centimetres' },
                            ]}
                        />
                    </div>
                </Part>
                <Part title="People" about="Whoever is here sees all orders. What each did stands in an order’s history.">
                    <People people={studio.people} canMail={studio.canMail} />
                </Part>
                <Part title="Your password" about="Everywhere else you are signed out by a new one.">
                    <Password />
                </Part>
                <Part title="Names of files" about="New lines begin with it; a lab’s limits are kept.">
                    <div className="flex w-[30rem] flex-col gap-2 text-row">
                        <Parts
                            of="the name"
                            parts={studio.usualNames.parts ?? []}
                            named={NAME_PARTS}
                            change={(changed) =>
                                change({
                                    usual: {
                                        ...studio.usual,
                                        name: {
                                            ...studio.usualNames,
                                            parts: changed(studio.usualNames.parts ?? []) as [NamePart, ...NamePart[]],
                                        },
                                    },
                                })
                            }
                        />
                    </div>
                </Part>
                <Part title="Files, usually" about="New lines begin with it; what a lab doesn’t take stops a line.">
                    <UsualFile usual={studio.usual} onChange={(usual) => tell(change({ usual }))} />
                </Part>
                <Part
                    title="Folders on the server"
                    about="Planisher reads the one and writes into the other; nothing in either is ever changed."
                >
                    <div className="flex max-w-[34rem] flex-col gap-3">
                        <Typed
                            label="Pictures are taken from"
                            isWords
                            value={studio.picturesFolder ?? ''}
                            width="w-80"
                            note="Besides what is dropped on an order. Empty for none."
                            onSet={(picturesFolder) => change({ picturesFolder: picturesFolder || null })}
                        />
                        <Typed
                            label="Made files go into"
                            isWords
                            value={studio.exportFolder ?? ''}
                            width="w-80"
                            note="Besides Planisher’s own folder. Empty for none."
                            onSet={(exportFolder) => change({ exportFolder: exportFolder || null })}
                        />
                    </div>
                </Part>
                <Part
                    title="Own words"
                    about="What clients’ words mean here. A list is read by them; what they said stays as it was."
                >
                    <OwnWords />
                </Part>
                <Part title="House finishes" about="Choices and marks kept under a name.">
                    <Link to="/house-finishes" className="text-row font-semibold text-copper underline underline-offset-4">
                        See them
                    </Link>
                </Part>
            </div>
        </Home>
    );
}

/** A thing that is settled here, and what it means. */
const Part = ({ title, about, children }: { title: string; about: string; children: ReactNode }) => (
    <section aria-label={title} className="grid grid-cols-[16rem_1fr] gap-x-10 border-t border-rule py-5">
        <div>
            <h2 className="text-base font-semibold">{title}</h2>
            <p className="mt-1 text-small text-soft">{about}</p>
        </div>
        <div className="flex flex-col gap-3">{children}</div>
    </section>
);

function Password() {
    const [typed, setTyped] = useState({ current: '', password: '' });
    const [errors, setErrors] = useState<Record<string, string[]>>({});
    const { say } = useNotices();
    const submit = (event: FormEvent) => {
        event.preventDefault();
        changePassword(typed).then(
            () => {
                setErrors({});
                setTyped({ current: '', password: '' });
                say('Your password is changed.');
            },
            (error: Error) => setErrors((error instanceof ApiError && error.body.errors) || { current: [error.message] }),
        );
    };
    return (
        <form onSubmit={submit} noValidate className="flex items-start gap-3">
            <Field
                label="Now"
                type="password"
                autoComplete="current-password"
                value={typed.current}
                onChange={(event) => setTyped({ ...typed, current: event.target.value })}
                error={errors.current?.[0]}
                className="w-44"
            />
            <Field
                label="From now on"
                type="password"
                autoComplete="new-password"
                value={typed.password}
                onChange={(event) => setTyped({ ...typed, password: event.target.value })}
                error={errors.password?.[0]}
                className="w-44"
            />
            <Button type="submit" className="mt-[22px]" disabled={typed.current === '' || typed.password === ''}>
                Change it
            </Button>
        </form>
    );
}
