import { useId, useState } from 'react';
import { useLineActs } from '@/api/lines';
import type { LineView } from '@/api/types';
import { Button } from '@/common/Button';
import { Popup } from '@/common/Popup';
import { useKept } from '@/common/useKept';

interface Props {
    orderId: number;
    line: LineView;
    className?: string;
}

/** What is remarked of a line: for oneself, and for the lab. */
export function Remark({ orderId, line, className = '' }: Props) {
    const [isOpen, setIsOpen] = useState(false);
    const has = line.remark ?? line.remarkForLab;
    return (
        <Popup
            title={`Remark on line ${line.number}`}
            isOpen={isOpen}
            onOpen={setIsOpen}
            align="end"
            className="w-[22rem]"
            trigger={
                <button
                    type="button"
                    aria-label={`${has ? 'The remark' : 'A remark'} on line ${line.number}`}
                    className={`relative z-10 h-6 text-small text-soft underline underline-offset-4 hover:text-ink ${className}`}
                >
                    Remark
                </button>
            }
        >
            <Form orderId={orderId} line={line} onDone={() => setIsOpen(false)} />
        </Popup>
    );
}

function Form({ orderId, line, onDone }: { orderId: number; line: LineView; onDone: () => void }) {
    const acts = useLineActs(orderId, line.id);
    const [own, setOwn, ownIsKept] = useKept(`remark.${line.id}`, line.remark ?? '');
    const [lab, setLab, labIsKept] = useKept(`remark-for-lab.${line.id}`, line.remarkForLab ?? '');
    const [error, setError] = useState<string | null>(null);
    return (
        <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                acts.remark(own.trim() || null, lab.trim() || null).then(
                    () => {
                        ownIsKept();
                        labIsKept();
                        onDone();
                    },
                    (failed: Error) => setError(failed.message),
                );
            }}
        >
            <RemarkField label="For ourselves" value={own} onType={setOwn} autoFocus />
            <RemarkField label="For the lab" value={lab} onType={setLab} />
            {error && (
                <p role="alert" className="text-small text-stops">
                    {error}
                </p>
            )}
            <Button type="submit" look="main" disabled={acts.isSaving}>
                Keep it
            </Button>
        </form>
    );
}

interface FieldProps {
    label: string;
    value: string;
    onType: (value: string) => void;
    autoFocus?: boolean;
}

export function RemarkField({ label, value, onType, autoFocus }: FieldProps) {
    const id = useId();
    return (
        <div className="flex flex-col gap-1">
            <label htmlFor={id} className="text-small text-soft">
                {label}
            </label>
            <textarea
                id={id}
                rows={2}
                maxLength={2000}
                autoFocus={autoFocus}
                value={value}
                onChange={(event) => onType(event.target.value)}
                onKeyDown={(event) => {
                    if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
                        event.currentTarget.form?.requestSubmit();
                    }
                }}
                className="rounded-sm border border-edge bg-white px-2 py-1"
            />
        </div>
    );
}
