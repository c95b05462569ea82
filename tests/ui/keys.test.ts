import { expect, test } from 'vitest';
import { actOf, type Keys } from '@/common/keys';

const names = ['a', '?', '[', 'Enter', 'ArrowLeft', 'ctrl+z', 'ctrl+shift+z', 'Delete'];
const keys: Keys = Object.fromEntries(names.map((name) => [name, () => undefined]));

const press = (key: string, held: ('ctrl' | 'meta' | 'shift' | 'alt')[] = [], isOnButton = false) => {
    const [ctrlKey, metaKey, shiftKey, altKey] = (['ctrl', 'meta', 'shift', 'alt'] as const).map((one) => held.includes(one));
    const act = actOf(keys, { key, ctrlKey: ctrlKey!, metaKey: metaKey!, shiftKey: shiftKey!, altKey: altKey! }, isOnButton);
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
])('%s', (_, pressed, meant) => expect(pressed()).toBe(meant));
