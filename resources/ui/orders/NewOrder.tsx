import { Dialog } from 'radix-ui';
import { useState, type FormEvent } from 'react';
import { Link, useNavigate } from 'react-router';
import { useAct } from '@/api/act';
import { ApiError } from '@/api/client';
import { createOrder, useOrderChoices } from '@/api/orders';
import { Button } from '@/common/Button';
import { Choice } from '@/common/Choice';
import { Field } from '@/common/Field';
import { OverPage } from '@/common/OverPage';
import { useAwaited } from '@/common/useAwaited';
import { useKept } from '@/common/useKept';

/** Client, lab, day: and at once the order sheet. */
export function NewOrder({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
    return (
        <OverPage title="New order" isOpen={open} onOpen={onOpenChange} className="w-[26rem]">
            <Form />
        </OverPage>
    );
}

function Form() {
    const navigate = useNavigate();
    const choices = useOrderChoices();
    const [client, setClient] = useKept('new-order.client');
    const [title, setTitle] = useKept('new-order.title');
    const [dueOn, setDueOn] = useKept('new-order.due');
    const [chosen, setLab] = useState<string | null>(null);
    const lab = chosen ?? (choices.data?.labs.length === 1 ? choices.data.labs[0]! : null);
    const create = useAct(() => createOrder({ client, title: title || null, dueOn: dueOn || null, lab }), {
        onSuccess: ({ id }) => {
            [setClient, setTitle, setDueOn].forEach((set) => set(''));
            void navigate(`/orders/${id}`);
        },
    });
    const errors = create.error instanceof ApiError ? (create.error.body.errors ?? {}) : {};
    // A quick hand is faster than the labs: the only one is the order's, once it is known.
    const isReady = lab !== null || !choices.isFetching;
    const wait = useAwaited<'create'>(isReady, () => create.mutate());
    const submit = (event: FormEvent) => {
        event.preventDefault();
        if (isReady) {
            create.mutate();
        } else {
            wait('create');
        }
    };
    return (
        <form onSubmit={submit} noValidate className="flex flex-col gap-4">
            <Field
                label="Client"
                list="known-clients"
                autoFocus
                value={client}
                onChange={(e) => setClient(e.target.value)}
                error={errors.client?.[0]}
            />
            <datalist id="known-clients">
                {choices.data?.clients.map((name) => (
                    <option key={name} value={name} />
                ))}
            </datalist>
            <Field
                label="What it is called, if anything"
                value={title}
                onChange={(e) => setTitle(e.target.value)}
                error={errors.title?.[0]}
            />
            <div>
                <p className="mb-1 text-small text-soft">Lab</p>
                <Choice
                    label="Lab"
                    value={lab}
                    options={(choices.data?.labs ?? []).map((name) => ({ value: name, label: name }))}
                    onChoose={setLab}
                />
                {choices.data?.labs.length === 0 && (
                    <p className="text-row">
                        There is no lab yet.{' '}
                        <Link to="/labs/new" className="font-semibold text-copper underline underline-offset-4">
                            Add the one you print with
                        </Link>{' '}
                        first.
                    </p>
                )}
                {errors.lab && (
                    <p role="alert" className="mt-1 text-small text-stops">
                        {errors.lab[0]}
                    </p>
                )}
            </div>
            <Field
                label="Due, if a day is set"
                type="date"
                value={dueOn}
                onChange={(e) => setDueOn(e.target.value)}
                error={errors.dueOn?.[0]}
                className="w-44"
            />
            {create.error && Object.keys(errors).length === 0 && (
                <p role="alert" className="text-small text-stops">
                    {create.error.message}
                </p>
            )}
            <div className="mt-2 flex gap-3">
                <Button look="main" type="submit" disabled={create.isPending}>
                    Open its order sheet
                </Button>
                <Dialog.Close asChild>
                    <Button>Not now</Button>
                </Dialog.Close>
            </div>
        </form>
    );
}
