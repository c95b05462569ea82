import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { useSay, useWishTried } from '@/api/lists';
import type { LineView, WordsPart } from '@/api/types';
import { Key } from '@/common/Button';
import { useNotices } from '@/common/notices';
import { Parts } from '@/order-sheet/list/Parts';

interface Props {
    orderId: number;
    line: LineView;
    /** the line as it would be, or nothing while nothing is said */
    onTried: (line: LineView | null) => void;
    onDone: () => void;
}

/** A field under the sentence: what is said in it changes the line as one act; while one types, sentence and drawing show it. */
export function SayIt({ orderId, line, onTried, onDone }: Props) {
    const [text, setText] = useState('');
    const { answer: seen, isCurrent } = useWishTried(line, text);
    const say = useSay(orderId);
    const notices = useNotices();
    const field = useRef<HTMLInputElement>(null);
    useEffect(() => field.current?.focus(), []);
    useEffect(() => onTried(seen?.line ?? null), [seen, onTried]);
    useEffect(() => () => onTried(null), [onTried]);

    const submit = () => {
        if (!isCurrent || !seen?.line || say.isPending) {
            return;
        }
        const left = notUnderstood(seen.parts);
        say.mutate(
            { text, lines: [line] },
            {
                onSuccess: ({ missed }) => {
                    missed.forEach((words) => notices.say(words, { lasts: true }));
                    setText(left);
                    if (left === '') {
                        onDone();
                    }
                },
                onError: (error) => notices.say(error.message, { lasts: true }),
            },
        );
    };
    const pressed = (event: KeyboardEvent) => {
        if (event.key === 'Enter') {
            event.preventDefault();
            submit();
        } else if (event.key === 'Escape') {
            event.stopPropagation();
            onDone();
        }
    };
    return (
        <div className="border-t border-rule bg-white px-[26px] py-2" data-testid="say-it">
            <label className="flex items-baseline gap-3">
                <span className="text-[13px] whitespace-nowrap text-soft">Say what is wanted</span>
                <input
                    ref={field}
                    value={text}
                    onChange={(event) => setText(event.target.value)}
                    onKeyDown={pressed}
                    spellCheck={false}
                    autoComplete="off"
                    placeholder="whole with 2 in to mat over, thin black line, optical centre"
                    className="min-w-0 grow border-b border-copper bg-transparent py-0.5 font-serif text-[18px] outline-none"
                />
                <span className="text-[12px] whitespace-nowrap text-soft">
                    <Key>⏎</Key> takes it <Key>Esc</Key> leaves it
                </span>
            </label>
            {seen && (
                <p className="mt-1 text-small" role="status" aria-busy={!isCurrent}>
                    <Parts parts={seen.parts} />
                    <Doubted parts={seen.parts} />
                    {seen.missed.map((words) => (
                        <span key={words} className="ml-3 text-stops">
                            {words}
                        </span>
                    ))}
                </p>
            )}
        </div>
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

/** What stays in the field when the rest is taken. */
export const notUnderstood = (parts: WordsPart[]) =>
    parts
        .filter((part) => part.is === 'left')
        .map((part) => part.words.trim())
        .join(', ');
