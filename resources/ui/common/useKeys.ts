import { useEffect, useRef } from 'react';

type Keys = Record<string, (event: KeyboardEvent) => void>;

/** Something that has its own use for keys: a field, an open popover, menu or dialog. */
const isTaken = (target: EventTarget | null) =>
    target instanceof Element &&
    target.closest('input:not([type=checkbox]), select, textarea, [role=dialog], [role=menu], [role=radiogroup]') !== null;

/**
 * Page-wide keys, by KeyboardEvent.key, with “ctrl+” or “ctrl+shift+” before it (Control, or Command). Enter and Space stay with the button or link that has the focus; while a dialog
 * is open, keys are the dialog's.
 */
export function useKeys(keys: Keys) {
    const held = useRef(keys);
    useEffect(() => {
        held.current = keys;
    });
    useEffect(() => {
        const pressed = (event: KeyboardEvent) => {
            const single = event.key.length === 1 ? event.key.toLowerCase() : event.key;
            const withControl = event.ctrlKey || event.metaKey;
            const name = withControl ? `ctrl+${event.shiftKey ? 'shift+' : ''}${single}` : event.key;
            const act = held.current[name] ?? (withControl ? undefined : held.current[single]);
            const onButton = event.target instanceof Element && event.target.closest('button, a') !== null;
            if (!act || event.altKey || isTaken(event.target) || (onButton && event.key === 'Enter')) {
                return;
            }
            event.preventDefault();
            act(event);
        };
        window.addEventListener('keydown', pressed);
        return () => window.removeEventListener('keydown', pressed);
    }, []);
}
