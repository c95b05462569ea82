import { useId, type InputHTMLAttributes, type ReactNode } from 'react';

type Props = InputHTMLAttributes<HTMLInputElement> & {
    label: ReactNode;
    error?: string | null;
    note?: ReactNode;
    beside?: boolean;
};

/** A labelled input whose error stands right under it and is read with it. */
export function Field({ label, error, note, beside = false, className = '', ...input }: Props) {
    const id = useId();
    return (
        <div>
            <div className={beside ? 'flex items-center justify-between gap-3' : 'flex flex-col gap-1'}>
                <label htmlFor={id} className="text-small text-soft">
                    {label}
                </label>
                <input
                    id={id}
                    aria-invalid={error ? true : undefined}
                    aria-describedby={error || note ? `${id}-said` : undefined}
                    autoComplete="off"
                    {...input}
                    className={`rounded-sm border bg-white px-2 py-[5px] ${error ? 'border-stops' : 'border-edge'} ${className}`}
                />
            </div>
            {(error || note) && (
                <p
                    id={`${id}-said`}
                    role={error ? 'alert' : undefined}
                    className={`mt-1 text-small ${error ? 'text-stops' : 'text-soft'}`}
                >
                    {error || note}
                </p>
            )}
        </div>
    );
}
