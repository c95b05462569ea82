import { Dialog } from 'radix-ui';
import { useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { ApiError } from '@/api/client';
import { orderExportUrl, useAtAnotherLab, useOrderActs, useOrderChoices, useOrderHistory } from '@/api/orders';
import type { HeadOfOrder, LineView, OrderSheet } from '@/api/types';
import { Button } from '@/common/Button';
import { Choice } from '@/common/Choice';
import { daysAway, longDay } from '@/common/days';
import { Field } from '@/common/Field';
import { Menu, MenuAct, MenuDownload } from '@/common/Menu';
import { useNotices } from '@/notices/notices';
import { OverPage } from '@/common/OverPage';
import { WhatWouldChange } from '@/common/WhatWouldChange';
import { NamesOfOrder } from '@/names/NamesOfOrder';
import { RemarkField } from '@/lines/Remark';

/** What the order is headed with, and what is done with all of it. */
export function OrderHead({ order, chosen }: { order: OrderSheet; chosen: LineView[] }) {
    const [isOpen, setIsOpen] = useState(false);
    const [isHistory, setIsHistory] = useState(false);
    const [isNames, setIsNames] = useState(false);
    const remarks = [order.remark, order.remarkForLab && `For the lab: ${order.remarkForLab}`].filter(Boolean);
    return (
        <header>
            <div className="flex items-baseline gap-4">
                <h1 className="min-w-0 grow truncate font-serif text-title leading-tight">
                    {order.client}
                    {order.title ? `, ${order.title[0]!.toLowerCase()}${order.title.slice(1)}` : ''}
                </h1>
                {order.isPutAway && <span className="text-row font-semibold text-look">Put away</span>}
                <More
                    order={order}
                    onChange={() => setIsOpen(true)}
                    onNames={() => setIsNames(true)}
                    onHistory={() => setIsHistory(true)}
                />
            </div>
            <button
                type="button"
                aria-label="Change client, name, day, lab or remarks"
                onClick={() => setIsOpen(true)}
                className="mt-1 h-6 text-left text-row text-soft hover:text-ink hover:underline hover:underline-offset-4"
            >
                Order {order.number} · {order.lab}
                {order.dueOn ? ` · due ${longDay(order.dueOn)}, ${daysAway(order.dueOn)}` : ' · no day set'}
            </button>
            {remarks.length > 0 && <p className="mt-1 max-w-[60rem] font-serif text-base">{remarks.join(' · ')}</p>}
            <OverPage className="w-[32rem]" title="The order" isOpen={isOpen} onOpen={setIsOpen}>
                <Form order={order} onDone={() => setIsOpen(false)} />
            </OverPage>
            <OverPage className="w-[32rem]" title="Names of its files" isOpen={isNames} onOpen={setIsNames}>
                <NamesOfOrder order={order} chosen={chosen} onDone={() => setIsNames(false)} />
            </OverPage>
            <OverPage className="w-[32rem]" title="What was done" isOpen={isHistory} onOpen={setIsHistory}>
                <History orderId={order.id} isOpen={isHistory} />
            </OverPage>
        </header>
    );
}

function Form({ order, onDone }: { order: OrderSheet; onDone: () => void }) {
    const choices = useOrderChoices();
    const { change } = useOrderActs(order.id);
    // As it was when it was opened, or as somebody else has made it since: what is typed is held against that.
    const [seen, setSeen] = useState<HeadOfOrder>(order);
    const [isMet, setIsMet] = useState(false);
    const [head, setHead] = useState(() => typed(order));
    const set = (what: Partial<typeof head>) => setHead((held) => ({ ...held, ...what }));
    const other = useAtAnotherLab(order.id, head.lab === order.lab ? null : head.lab);
    const errors = change.error instanceof ApiError ? (change.error.body.errors ?? {}) : {};
    const submit = (event: FormEvent) => {
        event.preventDefault();
        const was = typed(seen);
        const said = Object.entries(head).filter(([key, value]) => was[key as keyof typeof head] !== value);
        change.mutate(
            { version: seen.version, ...Object.fromEntries(said.map(([key, value]) => [key, value.trim() || null])) },
            {
                onSuccess: onDone,
                onError: (error) => {
                    if (error instanceof ApiError && error.body.now) {
                        const now = error.body.now as HeadOfOrder;
                        // What wasn't touched here follows; what was typed stays, beside what stands now.
                        setHead((held) => ({ ...held, ...untouched(held, was, typed(now)) }));
                        setSeen(now);
                        setIsMet(true);
                    }
                },
            },
        );
    };
    const theirs = (key: keyof typeof head) =>
        isMet && head[key] !== typed(seen)[key] ? <Theirs words={typed(seen)[key]} /> : null;
    return (
        <form onSubmit={submit} noValidate className="flex flex-col gap-3.5">
            <Field
                label="Client"
                list="known-clients"
                autoFocus
                value={head.client}
                onChange={(event) => set({ client: event.target.value })}
                error={errors.client?.[0]}
            />
            {theirs('client')}
            <datalist id="known-clients">
                {choices.data?.clients.map((name) => (
                    <option key={name} value={name} />
                ))}
            </datalist>
            <Field
                label="What it is called, if anything"
                value={head.title}
                onChange={(event) => set({ title: event.target.value })}
                error={errors.title?.[0]}
            />
            {theirs('title')}
            <Field
                label="Due, if a day is set"
                type="date"
                value={head.dueOn}
                onChange={(event) => set({ dueOn: event.target.value })}
                error={errors.dueOn?.[0]}
                className="w-44"
            />
            {theirs('dueOn')}
            <div>
                <p className="mb-1 text-small text-soft">Lab</p>
                <Choice
                    label="Lab"
                    value={head.lab}
                    options={(choices.data?.labs ?? [order.lab]).map((name) => ({ value: name, label: name }))}
                    onChoose={(lab) => set({ lab })}
                />
                {head.lab !== order.lab && (
                    <div className="mt-2 rounded-sm bg-blush px-3 py-2">
                        {other.data ? (
                            <WhatWouldChange lines={other.data.lines} />
                        ) : (
                            <p className="text-row">Planning every line anew…</p>
                        )}
                    </div>
                )}
            </div>
            {theirs('lab')}
            <RemarkField label="Remark, for ourselves" value={head.remark} onType={(remark) => set({ remark })} />
            {theirs('remark')}
            <RemarkField label="Remark, for the lab" value={head.remarkForLab} onType={(remarkForLab) => set({ remarkForLab })} />
            {theirs('remarkForLab')}
            {change.error && Object.keys(errors).length === 0 && (
                <p role="alert" className="text-small text-stops">
                    {change.error.message}
                </p>
            )}
            <div className="sticky -bottom-6 -mx-6 flex gap-3 border-t border-rule bg-white px-6 py-4">
                <Button look="main" type="submit" disabled={change.isPending || (head.lab !== order.lab && !other.data)}>
                    Keep it
                </Button>
                <Dialog.Close asChild>
                    <Button>Leave it as it was</Button>
                </Dialog.Close>
            </div>
        </form>
    );
}

/** What a head is as the fields of its form. */
const typed = (head: HeadOfOrder) => ({
    client: head.client,
    title: head.title ?? '',
    dueOn: head.dueOn ?? '',
    lab: head.lab,
    remark: head.remark ?? '',
    remarkForLab: head.remarkForLab ?? '',
});

/** Of what somebody else has changed, the fields that weren't touched here. */
const untouched = (held: ReturnType<typeof typed>, was: ReturnType<typeof typed>, now: ReturnType<typeof typed>) =>
    Object.fromEntries(Object.entries(now).filter(([key]) => held[key as keyof typeof held] === was[key as keyof typeof was]));

/** What a field is by now, since somebody else has changed it. */
const Theirs = ({ words }: { words: string }) => (
    <p className="-mt-2.5 text-small text-look">Meanwhile it is: {words === '' ? 'empty' : <q>{words}</q>}</p>
);

function History({ orderId, isOpen }: { orderId: number; isOpen: boolean }) {
    const history = useOrderHistory(orderId, isOpen);
    const when = (at: string) =>
        new Date(at).toLocaleString('en-GB', {
            weekday: 'short',
            day: 'numeric',
            month: 'short',
            hour: '2-digit',
            minute: '2-digit',
        });
    if (!history.data) {
        return <p className="text-soft">Fetching…</p>;
    }
    return (
        <ol className="flex flex-col gap-1 text-row">
            {history.data.events.length === 0 && <li className="text-soft">Nothing was done yet.</li>}
            {history.data.events.map((event) => (
                <li key={event.id} className="grid grid-cols-[9rem_1fr] gap-3 border-b border-rule py-1.5 last:border-0">
                    <span className="text-soft">{when(event.at)}</span>
                    <span>
                        <span className="font-semibold">{event.who}</span> {event.what}
                        {event.line !== null && <span className="text-soft"> · line {event.line}</span>}
                    </span>
                </li>
            ))}
        </ol>
    );
}

interface MoreProps {
    order: OrderSheet;
    onChange: () => void;
    onNames: () => void;
    onHistory: () => void;
}

function More({ order, onChange, onNames, onHistory }: MoreProps) {
    const acts = useOrderActs(order.id);
    const navigate = useNavigate();
    const { say } = useNotices();
    const onError = (error: Error) => say(error.message, { lasts: true });
    const putAway = () =>
        acts.putAway.mutate(undefined, {
            onSuccess: () => {
                say(`Order ${order.number} is put away.`);
                void navigate('/');
            },
            onError,
        });
    const remove = () =>
        acts.remove.mutate(undefined, {
            onSuccess: () => {
                say(`Order ${order.number} is removed. It is kept for thirty days.`, {
                    lasts: true,
                    act: { label: 'Bring it back', run: () => acts.restore.mutate() },
                });
                void navigate('/');
            },
            onError,
        });
    return (
        <Menu trigger={<Button>The order…</Button>}>
            <MenuAct onSelect={onChange}>Change client, day, lab, remarks</MenuAct>
            <MenuAct onSelect={onNames}>Names of its files</MenuAct>
            <MenuAct onSelect={onHistory}>What was done</MenuAct>
            <MenuAct
                onSelect={() => acts.copy.mutate(undefined, { onSuccess: ({ id }) => void navigate(`/orders/${id}`), onError })}
            >
                Copy it
            </MenuAct>
            <MenuDownload href={orderExportUrl(order.id)}>Export it with its pictures</MenuDownload>
            {order.isPutAway ? (
                <MenuAct onSelect={() => acts.bringBack.mutate(undefined, { onError })}>Bring it back to the desk</MenuAct>
            ) : (
                <MenuAct onSelect={putAway}>Put it away</MenuAct>
            )}
            <MenuAct isGrave onSelect={remove}>
                Remove it
            </MenuAct>
        </Menu>
    );
}
