import { expect, test } from 'vitest';
import { actOf, type Keys } from '@/keys/acts';

const names = ['a', '?', '[', 'Enter', 'ArrowLeft', 'ctrl+z', 'ctrl+shift+z', 'Delete'];
const keys: Keys = Object.fromEntries(names.map((name) => [name, () => undefined]));

const press = (key: string, held: ('ctrl' | 'meta' | 'shift' | 'alt')[] = [], isElsewhere = false, wantsAlt = false) => {
    const [ctrlKey, metaKey, shiftKey, altKey] = (['ctrl', 'meta', 'shift', 'alt'] as const).map((one) => held.includes(one));
    const act = actOf(
        keys,
        { key, ctrlKey: ctrlKey!, metaKey: metaKey!, shiftKey: shiftKey!, altKey: altKey! },
        isElsewhere,
        wantsAlt,
    );
    return names.find((name) => keys[name] === act);
};

test.each([
    ['a letter, small or large', () => press('a'), 'a'],
    ['', () => press('A', ['shift']), 'a'],
    ['a sign', () => press('?', ['shift']), '?'],
    ['a key with a name', () => press('ArrowLeft'), 'ArrowLeft'],
    ['with Shift, too', () => press('ArrowLeft', ['shift']), 'ArrowLeft'],
    ['with Control', () => press('z', ['ctrl']), 'ctrl+z'],
    ['with Command', () => press('z', ['meta']), 'ctrl+z'],
    ['with Control and Shift, where browsers tell a capital', () => press('Z', ['ctrl', 'shift']), 'ctrl+shift+z'],
    ['a letter with Control isn’t the letter', () => press('a', ['ctrl']), undefined],
    ['nor is one with Alt', () => press('a', ['alt']), undefined],
    ['a letter without its Control', () => press('z'), undefined],
    ['Enter where nothing has the focus', () => press('Enter'), 'Enter'],
    ['Enter on a button is the button’s', () => press('Enter', [], true), undefined],
    ['other keys on a button aren’t', () => press('a', [], true), 'a'],
    ['where letters want Alt, one without it', () => press('a', [], false, true), undefined],
    ['… with it', () => press('a', ['alt'], false, true), 'a'],
    ['… a sign', () => press('[', [], false, true), undefined],
    ['… keys with names, and those with Control, don’t', () => press('Enter', [], false, true), 'Enter'],
    ['', () => press('z', ['ctrl'], false, true), 'ctrl+z'],
])('%s', (_, pressed, meant) => expect(pressed()).toBe(meant));
