import { expect, test } from 'vitest';
import { Burst } from '@/common/burst';

const press = (key: string, timeStamp: number, ctrlKey = false) => ({ key, timeStamp, ctrlKey, metaKey: false });

const pressed = (keys: string[], every: number, ctrlKey = false) => {
    const burst = new Burst();
    return keys.map((key, i) => burst.isTyping(press(key, i * every, ctrlKey)));
};

test('the third letter within half a second is typing, and so is what follows it', () => {
    expect(pressed([...'lustre'], 100)).toEqual([false, false, true, true, true, true]);
    expect(pressed([...'lab'], 249)).toEqual([false, false, true]);
    expect(pressed([...'seen'], 100)).toEqual([false, false, false, true]);
});

test('letters pressed one after the other are keys', () => {
    expect(pressed([...'ymbo'], 250)).not.toContain(true);
    expect(pressed([...'yyyyy'], 20)).not.toContain(true);
    expect(pressed([...'yrYryy'], 50)).not.toContain(true);
});

test('what is no letter, or has Control, is never typing', () => {
    expect(pressed([...'[[[[++++'], 10)).not.toContain(true);
    expect(pressed(['ArrowLeft', 'ArrowLeft', 'ArrowLeft', 'Enter'], 10)).not.toContain(true);
    expect(pressed([...'zzzz'], 10, true)).not.toContain(true);
});

test('one press that several ask about counts once', () => {
    const burst = new Burst();
    const [one, two] = [press('l', 0), press('s', 100)];
    expect([one, one, one, two, two].map((each) => burst.isTyping(each))).not.toContain(true);
});
