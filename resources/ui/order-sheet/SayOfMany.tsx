import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { useSay, useWishTried } from '@/api/lists';
import type { LineView } from '@/api/types';
import { Key } from '@/common/Button';
import { useNotices } from '@/common/notices';
import { Doubted, notUnderstood } from '@/sentence/SayIt';
import { Parts } from './list/Parts';

interface Props {
    orderId: number;
    /** at least one */
    lines: LineView[];
    onDone: () => void;
}

/** What is said in it is done to all chosen lines, as one act. How it is read is shown, and what it makes of the first of them. */
export function SayOfMany({ orderId, lines, onDone }: Props) {
    const [text, setText] = useState('');
    const { answer: seen, isCurrent } = useWishTried(lines[0]!, text);
    const say = useSay(orderId);
    const notices = useNotices();
    const field = useRef<HTMLInputElement>(null);
    useEffect(() => field.current?.focus(), []);
    const pressed = (event: KeyboardEvent) => {
        if (event.key === 'Escape') {
            onDone();
        }
        if (event.key !== 'Enter' || !seen || !isCurrent || say.isPending) {
            return;
        }
        event.preventDefault();
        const left = notUnderstood(seen.parts);
        if (seen.parts.every((part) => part.is !== 'read' && part.is !== 'unsure')) {
            return;
        }
        say.mutate(
            { text, lines },
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
    return (
        <div className="mb-3 rounded-[3px] border border-copper bg-white px-4 py-2">
            <label className="flex items-baseline gap-3">
                <span className="text-[13px] whitespace-nowrap text-soft">
                    Say of {lines.length === 1 ? 'this line' : `these ${lines.length} lines`}
                </span>
                <input
                    ref={field}
                    value={text}
                    onChange={(event) => setText(event.target.value)}
                    onKeyDown={pressed}
                    spellCheck={false}
                    autoComplete="off"
                    placeholder="matte, whole, 1/4 in white border"
                    className="min-w-0 grow border-b border-copper bg-transparent py-0.5 font-serif text-[18px] outline-none"
                />
                <span className="text-[12px] whitespace-nowrap text-soft">
                    <Key>⏎</Key> takes it <Key>Esc</Key> leaves it
                </span>
            </label>
            {seen && (
                <div className="mt-1 text-small" role="status">
                    <Parts parts={seen.parts} />
                    <Doubted parts={seen.parts} />
                    {seen.line && (
                        <p className="font-serif text-[15px]">
                            {lines.length === 1 ? '' : 'The first of them: '}
                            {seen.line.sentence.map((segment) => segment.text).join('')}.
                        </p>
                    )}
                </div>
            )}
        </div>
    );
}
