import { useId } from 'react';
import type { CardField } from '@/api/types';
import type { CardDraft } from './useCardDraft';

const LONG = ['sizes', 'prices'];

interface Props {
    fields: CardField[];
    draft: CardDraft;
}

/** Fields of a card as they are typed, each with what it is for, and what was read of it or is wrong with it. */
export const CardFields = ({ fields, draft }: Props) => (
    <div className="grid max-w-[46rem] grid-cols-2 gap-x-8 gap-y-4">
        {fields.map((field) => (
            <OneField key={field.name} field={field} draft={draft} />
        ))}
    </div>
);

function OneField({ field, draft }: { field: CardField; draft: CardDraft }) {
    const id = useId();
    const value = draft.typed.texts[field.name] ?? '';
    const error = draft.tried?.errors[field.name];
    const isLong = LONG.includes(field.name);
    const shared = {
        id,
        'aria-describedby': `${id}-said`,
        'aria-invalid': error ? true : undefined,
        className: `w-full rounded-sm border bg-white px-2 py-[5px] ${error ? 'border-stops' : 'border-edge'}`,
    };
    return (
        <div className={isLong ? 'col-span-2' : ''}>
            <label htmlFor={id} className="mb-1 block text-small font-semibold">
                {field.label}
            </label>
            {field.choices.length > 0 ? (
                <select {...shared} value={value || field.start} onChange={(event) => draft.text(field.name, event.target.value)}>
                    {field.choices.map((choice) => (
                        <option key={choice}>{choice}</option>
                    ))}
                </select>
            ) : isLong ? (
                <textarea
                    {...shared}
                    rows={field.name === 'prices' ? 6 : 2}
                    value={value}
                    placeholder={field.start}
                    onChange={(event) => draft.text(field.name, event.target.value)}
                />
            ) : (
                <input
                    {...shared}
                    value={value}
                    placeholder={field.start}
                    autoComplete="off"
                    onChange={(event) => draft.text(field.name, event.target.value)}
                />
            )}
            <p
                id={`${id}-said`}
                role={error ? 'alert' : undefined}
                className={`mt-1 text-small ${error ? 'text-stops' : 'text-soft'}`}
            >
                {error ?? draft.tried?.told[field.name] ?? field.purpose}
            </p>
        </div>
    );
}
