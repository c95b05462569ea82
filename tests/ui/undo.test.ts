import { beforeEach, expect, test } from 'vitest';
import { Stacks, type Step } from '@/undo/stacks';

const log: string[] = [];
const told = { changed: () => undefined, failed: (words: string) => void log.push(`told: ${words}`) };

const step = (name: string): Step => ({
    back: async () => void log.push(`${name} back`),
    forth: async () => void log.push(`${name} forth`),
});

beforeEach(() => void log.splice(0));

test('what was done is taken back from the last to the first, and done again the other way round', async () => {
    const stacks = new Stacks();
    stacks.add(step('a'));
    stacks.add(step('b'));
    await stacks.undo(told);
    await stacks.undo(told);
    expect([stacks.canUndo, stacks.canRedo]).toEqual([false, true]);
    await stacks.undo(told); // nothing is left
    await stacks.redo(told);
    await stacks.redo(told);
    expect(log).toEqual(['b back', 'a back', 'a forth', 'b forth']);
    expect([stacks.canUndo, stacks.canRedo]).toEqual([true, false]);
});

test('something new takes away what was undone', async () => {
    const stacks = new Stacks();
    stacks.add(step('a'));
    await stacks.undo(told);
    stacks.add(step('b'));
    expect(stacks.canRedo).toBe(false);
    await stacks.redo(told);
    expect(log).toEqual(['a back']);
});

test('a step that can’t be taken is told and gone, and the one below it is next', async () => {
    const stacks = new Stacks();
    stacks.add(step('a'));
    stacks.add({ back: () => Promise.reject(new Error('Line 3 isn’t there any more.')), forth: async () => undefined });
    await stacks.undo(told);
    expect([stacks.canUndo, stacks.canRedo]).toEqual([true, false]);
    await stacks.undo(told);
    expect(log).toEqual(['told: Line 3 isn’t there any more.', 'a back']);
});

test('undo waits for what is still on its way, and takes that back', async () => {
    const stacks = new Stacks();
    stacks.add(step('a'));
    let arrive = () => undefined as void;
    const sent = stacks.during(async () => {
        await new Promise<void>((done) => (arrive = done));
        stacks.add(step('b'));
    });
    const failing = stacks.during(() => Promise.reject(new Error('It is too large.')));
    const undone = stacks.undo(told);
    await expect(failing).rejects.toThrow('It is too large.');
    expect(log).toEqual([]);
    arrive();
    await Promise.all([sent, undone]);
    expect(log).toEqual(['b back']);
});

test('a step waits for the one before, however fast the keys are', async () => {
    const stacks = new Stacks();
    let finish = () => undefined as void;
    stacks.add(step('a'));
    stacks.add({
        back: () => new Promise((done) => (finish = () => (log.push('b back'), done()))),
        forth: async () => undefined,
    });
    const both = [stacks.undo(told), stacks.undo(told)];
    await new Promise((later) => setTimeout(later));
    expect(log).toEqual([]);
    finish();
    await Promise.all(both);
    expect(log).toEqual(['b back', 'a back']);
});

test('a version that was put back is the same as the one it was put back to', () => {
    const stacks = new Stacks();
    stacks.isSame(7, 5, 3);
    expect([stacks.earliest(7, 5), stacks.earliest(7, 6), stacks.earliest(8, 5)]).toEqual([3, 6, 5]);
});
