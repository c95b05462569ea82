import { useState } from 'react';
import { useSay, useWishTried } from '@/api/lists';
import type { LineView } from '@/api/types';
import { useNotices } from '@/common/notices';
import { useAwaited } from '@/common/useAwaited';

/**
 * Something being said of lines: how it is read, what it makes of the first of them, and taking it as one act.
 *
 * @param staysALine what makes no line of it, such as sharing a sheet, isn’t taken
 */
export function useSaying(orderId: number, lines: LineView[], onDone: () => void, staysALine = false) {
    const [text, setText] = useState('');
    const { answer: seen, isCurrent } = useWishTried(lines[0]!, text);
    const say = useSay(orderId);
    const notices = useNotices();
    const parts = seen?.parts ?? [];
    const saysNothing = parts.every((part) => part.is === 'left' || part.is === 'passed');
    const wait = useAwaited<'take'>(isCurrent, () => take());
    const take = () => {
        wait(!isCurrent && text.trim() !== '' ? 'take' : null); // a quick hand is faster than the answer
        if (!isCurrent || say.isPending || saysNothing || (staysALine && !seen?.line)) {
            return;
        }
        // What was not understood stays in the field.
        const left = parts
            .filter((part) => part.is === 'left')
            .map((part) => part.words.trim())
            .join(', ');
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
    return { text, setText, seen, isCurrent, take };
}
