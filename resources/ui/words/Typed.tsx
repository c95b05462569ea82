import { useRef, useState, type FormEvent, type ReactNode } from 'react';
import { Button } from '@/common/Button';
import { Field } from '@/common/Field';

interface Props {
    label: ReactNode;
    value: string;
    note?: ReactNode;
    width?: string;
    /** words stand left, figures right */
    isWords?: boolean;
    inputMode?: 'numeric' | 'text';
    /** what is typed is added to others: the field is empty again once it is */
    adds?: boolean;
    /** saves; fails with the words for the field */
    onSet: (typed: string) => Promise<unknown>;
    onDone?: () => void;
}

/** Exact entry: typed, set with Enter, its error told where it is typed. Leaving it sets it, too. */
export function Typed({ label, value, note, width = 'w-32', isWords = false, inputMode, adds = false, onSet, onDone }: Props) {
    const [typed, setTyped] = useState(value);
    const [error, setError] = useState<string | null>(null);
    const [known, setKnown] = useState(value);
    /** what is on its way: Enter and leaving the field set it once */
    const sent = useRef<string | null>(null);
    if (known !== value) {
        setKnown(value);
        setTyped(value);
    }
    const set = async () => {
        const words = typed.trim();
        if (words === value || words === sent.current) {
            return true;
        }
        sent.current = words;
        try {
            await onSet(words);
            setError(null);
            if (adds) {
                setTyped('');
            }
            return true;
        } catch (failed) {
            setError((failed as Error).message);
            return false;
        } finally {
            sent.current = null;
        }
    };
    const submit = (event: FormEvent) => {
        event.preventDefault();
        void set().then((done) => done && onDone?.());
    };
    return (
        <form onSubmit={submit} noValidate className="flex items-start gap-2">
            <div className="grow">
                <Field
                    label={label}
                    beside
                    value={typed}
                    inputMode={inputMode}
                    note={note}
                    error={error}
                    onChange={(event) => setTyped(event.target.value)}
                    onFocus={(event) => event.target.select()}
                    onBlur={() => void set()}
                    className={`${isWords ? '' : 'text-right'} ${width}`}
                />
            </div>
            <Button type="submit" className="sr-only">
                Set
            </Button>
        </form>
    );
}
