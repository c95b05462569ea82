/** What is done by each key, by KeyboardEvent.key, with “ctrl+” or “ctrl+shift+” before it (Control, or Command). */
export type Keys = Record<string, (event: KeyboardEvent) => void>;

type Pressed = Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'shiftKey' | 'altKey'>;

/**
 * What a press of keys does, or nothing. Letters stand small in what is done, and mean both; with Alt a key is the browser's.
 *
 * @param isOnButton whether a button or a link has the focus: Enter is its own
 */
export function actOf(keys: Keys, event: Pressed, isOnButton: boolean): Keys[string] | undefined {
    if (event.altKey || (isOnButton && event.key === 'Enter')) {
        return undefined;
    }
    const small = event.key.length === 1 ? event.key.toLowerCase() : event.key;
    return event.ctrlKey || event.metaKey
        ? keys[`ctrl+${event.shiftKey ? 'shift+' : ''}${small}`]
        : (keys[event.key] ?? keys[small]);
}
