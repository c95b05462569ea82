/** What is done by each key, by KeyboardEvent.key, with “ctrl+” or “ctrl+shift+” before it (Control, or Command). */
export type Keys = Record<string, (event: KeyboardEvent) => void>;

type Pressed = Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'shiftKey' | 'altKey'>;

/**
 * What a press of keys does, or nothing. Letters stand small in what is done, and mean both; with Alt a key is the browser's, but for
 * letters that want it.
 *
 * @param isElsewhere whether something of its own has the focus, a button or a link, say: Enter is its own
 * @param wantsAlt whether a letter, figure or sign acts only with Alt
 */
export function actOf(keys: Keys, event: Pressed, isElsewhere: boolean, wantsAlt = false): Keys[string] | undefined {
    const isSingle = event.key.length === 1 && !event.ctrlKey && !event.metaKey;
    if (event.altKey !== (isSingle && wantsAlt) || (isElsewhere && event.key === 'Enter')) {
        return undefined;
    }
    const small = event.key.length === 1 ? event.key.toLowerCase() : event.key;
    return event.ctrlKey || event.metaKey
        ? keys[`ctrl+${event.shiftKey ? 'shift+' : ''}${small}`]
        : (keys[event.key] ?? keys[small]);
}
