import { useEffect, useRef } from 'react';
import { actOf, type Keys } from './keys';

/** Something that has its own use for keys: a field, an open popover, menu or dialog. */
const isTaken = (target: EventTarget | null) =>
    target instanceof Element &&
    target.closest('input:not([type=checkbox]), select, textarea, [role=dialog], [role=menu], [role=radiogroup]') !== null;

/** But for a word whose popover was left by Esc: that isn't opened again by the next Enter. */
const isOnButton = (target: EventTarget | null) =>
    target instanceof Element && target.closest('button:not([data-left]), a') !== null;

/** Page-wide keys. Enter and Space stay with the button or link that has the focus; while a dialog is open, keys are the dialog's. */
export function useKeys(keys: Keys) {
    const held = useRef(keys);
    useEffect(() => {
        held.current = keys;
    });
    useEffect(() => {
        const pressed = (event: KeyboardEvent) => {
            const act = isTaken(event.target) ? undefined : actOf(held.current, event, isOnButton(event.target));
            if (act) {
                event.preventDefault();
                act(event);
            }
        };
        window.addEventListener('keydown', pressed);
        return () => window.removeEventListener('keydown', pressed);
    }, []);
}
