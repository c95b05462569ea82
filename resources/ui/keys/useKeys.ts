import { useEffect, useRef } from 'react';
import { actOf, type Keys } from './acts';
import { isOverPage, refused, refusalOf } from './guard';
import { isField, isHome } from './home';
import { lettersWantAlt } from './letters';

/** Something that has its own use for keys: a field, and all that lies over the page. */
const isTaken = (event: KeyboardEvent) =>
    isOverPage(event) ||
    isField(event.target) ||
    (event.target instanceof Element && event.target.closest('[role=radiogroup]') !== null);

/** Page-wide keys. Enter is what has the focus's, and the page's where that is nothing; while a dialog is open, keys are the dialog's. */
export function useKeys(keys: Keys) {
    const held = useRef(keys);
    useEffect(() => {
        held.current = keys;
    });
    useEffect(() => {
        const pressed = (event: KeyboardEvent) => {
            const act = isTaken(event) ? undefined : actOf(held.current, event, !isHome(event.target), lettersWantAlt());
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
