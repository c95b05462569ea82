import { useRef, useState, type FormEvent } from 'react';
import { ApiError } from '@/api/client';
import { useAddLine } from '@/api/lines';
import type { OrderSheet } from '@/api/types';
import { Button, Key } from '@/common/Button';
import { Field } from '@/common/Field';
import { useKeys } from '@/common/useKeys';
import { AddSheet } from './AddSheet';
import { useDrop } from './dragging';

/** The empty end of the lines: what was ordered is typed here, or a picture is dropped on it. */
export function AddLine({
    order,
    onFiles,
}: {
    order: OrderSheet;
    onFiles: (files: File[], then: (name: string) => void) => void;
}) {
    const first = useRef<HTMLFormElement>(null);
    const [size, setSize] = useState('');
    const [copies, setCopies] = useState('1');
    const [picture, setPicture] = useState('');
    const add = useAddLine(order.id);
    const focus = () => first.current?.querySelector<HTMLInputElement>('input')?.focus();
    useKeys({ a: focus });
    const drop = useDrop({
        onPictures: (names) => setPicture(names[0]!),
        onFiles: (files) => onFiles(files.slice(0, 1), setPicture),
    });
    const errors = add.error instanceof ApiError ? (add.error.body.errors ?? {}) : {};
    const submit = (event: FormEvent) => {
        event.preventDefault();
        add.mutate(
            { size, copies: copies === '' ? 0 : Number(copies), picture: picture || null },
            {
                onSuccess: () => {
                    setPicture('');
                    setCopies('1');
                    focus();
                },
            },
        );
    };
    return (
        <form
            ref={first}
            onSubmit={submit}
            noValidate
            aria-label="Add a print"
            className={`border-t border-rule py-4 pl-[46px] ${drop.isOver ? 'bg-blush' : ''}`}
            {...drop.handlers}
        >
            <div className="flex items-end gap-4">
                <Field
                    label="Size"
                    list="lab-sizes"
                    placeholder="8 × 10 in"
                    value={size}
                    onChange={(e) => setSize(e.target.value)}
                    aria-invalid={!!errors.size}
                    className="w-36"
                />
                <datalist id="lab-sizes">
                    {order.labCard.sizes.map((offered) => (
                        <option key={offered.size} value={offered.label} />
                    ))}
                </datalist>
                <Field
                    label="Prints"
                    type="number"
                    min={1}
                    max={9999}
                    value={copies}
                    onChange={(e) => setCopies(e.target.value)}
                    aria-invalid={!!errors.copies}
                    className="w-20"
                />
                <label className="flex flex-col gap-1 text-small text-soft">
                    Picture
                    <select
                        value={picture}
                        onChange={(e) => setPicture(e.target.value)}
                        className="h-[34px] w-44 rounded-[3px] border border-[#8f8f8e] bg-white px-2 text-base text-ink"
                    >
                        <option value="">none yet</option>
                        {order.pictures.map((offered) => (
                            <option key={offered.id}>{offered.name}</option>
                        ))}
                    </select>
                </label>
                <Button type="submit" disabled={add.isPending || size.trim() === ''} className="h-[34px]">
                    Add this print<Key>A</Key>
                </Button>
                <span className="flex h-[34px] items-center">
                    <AddSheet order={order} />
                </span>
            </div>
            {add.error && (
                <p role="alert" className="mt-2 text-small text-stops">
                    {add.error.message}
                </p>
            )}
        </form>
    );
}
