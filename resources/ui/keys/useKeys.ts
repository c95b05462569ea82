import { useEffect, useRef } from 'react';
import { actOf, type Keys } from './acts';
import { refused, refusalOf } from './guard';
import { isHome } from './home';
import { lettersWantAlt } from './letters';

/** Something that has its own use for keys: a field, an open popover, menu or dialog, wherever it is open. */
const isTaken = (target: EventTarget | null) =>
    (target instanceof Element &&
        target.closest('input:not([type=checkbox]), select, textarea, [role=radiogroup], [contenteditable]') !== null) ||
    document.querySelector('[role=dialog], [role=menu], [role=listbox]') !== null;

/** Page-wide keys. Enter is what has the focus's, and the page's where that is nothing; while a dialog is open, keys are the dialog's. */
export function useKeys(keys: Keys) {
    const held = useRef(keys);
    useEffect(() => {
        held.current = keys;
    });
    useEffect(() => {
        const pressed = (event: KeyboardEvent) => {
            const act = isTaken(event.target) ? undefined : actOf(held.current, event, !isHome(event.target), lettersWantAlt());
            if (!act) {
                return;
            }
            event.preventDefault();
            const why = refusalOf(event);
            if (why) {
                refused(why, event.key);
            } else {
                act(event);
            }
        };
        window.addEventListener('keydown', pressed);
        return () => window.removeEventListener('keydown', pressed);
    }, []);
}
