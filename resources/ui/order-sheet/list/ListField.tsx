import { useEffect, useRef, type KeyboardEvent, type RefObject } from 'react';
import { isHome } from '@/keys/home';
import { Key } from '@/common/Button';

/** Of the field, when it holds a list: how it was read stands below. */
const MOST_ROWS = 7;

interface Props {
    field: RefObject<HTMLTextAreaElement | null>;
    text: string;
    onWrite: (words: string) => void;
    onSubmit: (then: 'add' | 'go on') => void;
    /** whether a key led elsewhere */
    leads: (event: KeyboardEvent<HTMLTextAreaElement>) => boolean;
    /** how many pictures are chosen: they are meant where nothing is said */
    chosen: number;
    /** how many pictures the order has; where more come and nothing is said of them yet, the hand is led here */
    pictures: number;
    isNext: boolean;
}

/** The field that holds what was ordered, in the client's words. */
export function ListField({ field, text, onWrite, onSubmit, leads, chosen, pictures, isNext }: Props) {
    const seen = useRef(pictures);
    useEffect(() => {
        if (isNext) {
            const haveCome = pictures > seen.current;
            seen.current = pictures;
            if (haveCome && isHome(document.activeElement)) {
                field.current?.focus();
            }
        }
    }, [field, isNext, pictures]);
    const pressed = (event: KeyboardEvent<HTMLTextAreaElement>) => {
        if (leads(event)) {
            return;
        }
        const withControl = event.ctrlKey || event.metaKey;
        if (event.key === 'Enter' && (withControl || (!event.shiftKey && !text.includes('\n')))) {
            event.preventDefault();
            onSubmit(event.shiftKey ? 'go on' : 'add');
        } else if (event.key === 'Escape') {
            field.current?.blur();
        }
    };
    return (
        <label className="min-w-0 grow">
            <span className="text-small text-soft">
                What was ordered, in the client’s words
                <Key>A</Key>
            </span>
            <textarea
                ref={field}
                value={text}
                onChange={(event) => onWrite(event.target.value)}
                onKeyDown={pressed}
                rows={Math.min(MOST_ROWS, Math.max(1, text.split('\n').length))}
                spellCheck={false}
                placeholder={
                    chosen > 0
                        ? `8×10, matte: a line of each of the ${chosen} chosen pictures`
                        : '2 of lighthouse 11×15, whole, thin line. Or paste the whole list.'
                }
                className="mt-1 block w-full resize-none rounded-sm border border-edge bg-white px-2.5 py-[5px] font-serif text-sentence leading-[25px]"
            />
        </label>
    );
}
