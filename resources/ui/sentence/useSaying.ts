import { useKept } from '@/common/useKept';
import { useSay, useWishTried, type SaidOf } from '@/api/lists';
import type { LineView, WishesDone } from '@/api/types';
import { useNotices } from '@/notices/notices';
import { useAwaited } from '@/common/useAwaited';

/**
 * Something being said of lines: how it is read, what it makes of the first of them, and taking it as one act.
 *
 * @param of what of the line it is said of, where that is chosen
 * @param onDone gets the sheet that the lines share now, where that was said
 */
export function useSaying(orderId: number, lines: LineView[], onDone: (sheet?: number) => void, of: SaidOf = {}) {
    const [text, setText] = useKept(`said.${lines.map(({ id }) => id).join('-')}.${of.cell ?? ''}.${of.block ?? ''}`);
    const { answer: seen, isCurrent } = useWishTried(lines[0]!, text, of);
    const say = useSay(orderId);
    const notices = useNotices();
    const parts = seen?.parts ?? [];
    const saysNothing = parts.every((part) => part.is === 'left' || part.is === 'passed');
    const wait = useAwaited<'take'>(isCurrent, () => take());
    const take = () => {
        wait(!isCurrent && text.trim() !== '' ? 'take' : null); // a quick hand is faster than the answer
        if (!isCurrent || say.isPending || saysNothing) {
            return;
        }
        // What was not understood stays in the field.
        const left = parts
            .filter((part) => part.is === 'left')
            .map((part) => part.words.trim())
            .join(', ');
        const toSheet = (sheet: number) => {
            if (left !== '') {
                notices.say(`Not understood: “${left}”.`, { lasts: true });
            }
            onDone(sheet);
        };
        const said = ({ missed, gathered }: WishesDone) => {
            missed.forEach((words) => notices.say(words, { lasts: true }));
            setText(left);
            if (!gathered && left === '') {
                onDone();
            }
        };
        say.mutateAsync({ text, lines, ...of, onSheet: toSheet }).then(said, (error: Error) =>
            notices.say(error.message, { lasts: true }),
        );
    };
    return { text, setText, seen, isCurrent, take };
}
