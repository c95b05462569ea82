import { useEffect, useRef, type KeyboardEvent } from 'react';
import type { WordsPart } from '@/api/types';
import { Key } from '@/common/Button';

interface Props {
    label: string;
    /** what may be said, for example */
    example: string;
    text: string;
    onText: (text: string) => void;
    onTake: () => void;
    onLeave: () => void;
}

/** A field that something is said in: Enter takes it, Esc leaves it. */
export function SayField({ label, example, text, onText, onTake, onLeave }: Props) {
    const field = useRef<HTMLInputElement>(null);
    // Words that were left here once are there again, and typed over at once.
    useEffect(() => {
        field.current?.focus();
        field.current?.select();
    }, []);
    const pressed = (event: KeyboardEvent) => {
        if (event.key === 'Enter') {
            event.preventDefault();
            onTake();
        } else if (event.key === 'Escape') {
            event.stopPropagation();
            onLeave();
        }
    };
    return (
        <label className="flex items-baseline gap-3">
            <span className="text-row whitespace-nowrap text-soft">{label}</span>
            <input
                ref={field}
                value={text}
                onChange={(event) => onText(event.target.value)}
                onKeyDown={pressed}
                spellCheck={false}
                autoComplete="off"
                placeholder={example}
                className="min-w-0 grow border-b border-copper bg-transparent py-0.5 font-serif text-sentence outline-none"
            />
            <span className="text-small whitespace-nowrap text-soft">
                <Key>⏎</Key> takes it <Key>Esc</Key> leaves it
            </span>
        </label>
    );
}

/** What isn't clear of it, in words. */
export const Doubted = ({ parts }: { parts: WordsPart[] }) => (
    <>
        {parts
            .filter((part) => part.why !== null)
            .map((part, i) => (
                <span key={i} className={`ml-3 ${part.is === 'left' ? 'text-stops' : 'text-look'}`}>
                    “{part.words.trim()}”: {part.why}
                </span>
            ))}
    </>
);
