import { useState, type ReactNode } from 'react';

interface Props {
    title: string;
    /** what it says, to be read */
    says: ReactNode;
    /** how it is filled in */
    children: ReactNode;
    isOpen?: boolean;
}

/** A part of a lab card: read at a glance, and filled in where one stands. */
export function CardSection({ title, says, children, isOpen: atFirst = false }: Props) {
    const [isOpen, setIsOpen] = useState(atFirst);
    return (
        <section aria-label={title} className="grid grid-cols-[9rem_1fr_5rem] gap-x-6 border-t border-rule py-4">
            <h2 className="text-row font-semibold">{title}</h2>
            <div className="min-w-0 text-base">{isOpen ? children : says}</div>
            <button
                type="button"
                aria-expanded={isOpen}
                aria-label={`${isOpen ? 'Close' : 'Change'} ${title.toLowerCase()}`}
                className="h-7.5 self-start justify-self-end text-row font-semibold text-copper underline underline-offset-4"
                onClick={() => setIsOpen(!isOpen)}
            >
                {isOpen ? 'Close' : 'Change'}
            </button>
        </section>
    );
}
