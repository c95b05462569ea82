import { useEffect, useRef, type KeyboardEvent, type RefObject } from 'react';

const ANSWERS = '[data-answer]:not(:disabled)';

const all = (within: Element | null | undefined) => [...(within?.querySelectorAll<HTMLElement>(ANSWERS) ?? [])];

/**
 * Answers to what isn't clear, by keys alone: ↓ at the field's end leads to the first; among them the arrows walk, a digit gives the
 * line's answer of that number, Escape leads back. What is answered by a key leads on to the next that isn't clear.
 *
 * @param isRead what stands there is as it was read
 */
export function useAnswering(field: RefObject<HTMLTextAreaElement | null>, isRead: boolean) {
    const list = useRef<HTMLOListElement>(null);
    const isAnswering = useRef(false);
    useEffect(() => {
        if (isAnswering.current && isRead) {
            isAnswering.current = false;
            (all(list.current)[0] ?? field.current)?.focus();
        }
    });

    return {
        list,
        /** In the field: whether the key led to the answers. */
        leads: (event: KeyboardEvent<HTMLTextAreaElement>) => {
            const { selectionEnd, value } = event.currentTarget;
            const first = all(list.current)[0];
            if (event.key !== 'ArrowDown' || !first || value.slice(selectionEnd).includes('\n')) {
                return false;
            }
            event.preventDefault();
            first.focus();
            return true;
        },
        /** Among the answers. */
        onKeyDown: (event: KeyboardEvent<HTMLOListElement>) => {
            const at = document.activeElement;
            if (!(at instanceof HTMLElement) || !at.matches(ANSWERS) || event.ctrlKey || event.metaKey || event.altKey) {
                return;
            }
            const answers = all(list.current);
            const by = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }[event.key];
            const meant = /^[1-9]$/.test(event.key) ? all(at.closest('[data-sure]'))[Number(event.key) - 1] : undefined;
            if (by !== undefined) {
                (answers[answers.indexOf(at) + by] ?? (by < 0 ? field.current : at))?.focus();
            } else if (event.key === 'Escape') {
                field.current?.focus();
            } else if (meant || event.key === 'Enter' || event.key === ' ') {
                isAnswering.current = true;
                (meant ?? at).click();
            } else {
                return;
            }
            event.preventDefault();
            event.stopPropagation();
        },
    };
}
