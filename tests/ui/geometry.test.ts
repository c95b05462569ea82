import { expect, test } from 'vitest';
import { spread } from '@/drawing/layout';
import { draggedRect, moved, tightened } from '@/drawing/tools/window';
import { hang } from '@/wall/hang';

/** What does not hold; looked at once at the end, since thousands of single expectations take minutes. */
function watch() {
    const broken: string[] = [];
    return {
        holds: (what: string, is: boolean) => void (is || broken.push(what)),
        look: () => expect(broken).toEqual([]),
    };
}

/** Numbers that are the same in every run (a linear congruential generator, Numerical Recipes' constants). */
function numbers(seed: number) {
    let state = seed;
    return (from: number, to: number) => {
        state = (state * 1664525 + 1013904223) % 2 ** 32;
        return from + (state / 2 ** 32) * (to - from);
    };
}

test('figures pushed apart never overlap and stay as near as can be', () => {
    const next = numbers(3);
    const { holds, look } = watch();
    for (let i = 0; i < 500; i++) {
        const figures = Array.from({ length: 1 + Math.floor(next(0, 7)) }, () => ({ at: next(0, 800), size: next(10, 60) }));
        const places = spread(figures, 0, 800);
        const order = figures.map((_, at) => at).sort((a, b) => places[a]! - places[b]!);
        order.forEach((at, k) => {
            const { size } = figures[at]!;
            holds('starts inside', places[at]! - size / 2 > -0.001);
            holds('ends inside', places[at]! + size / 2 < 800.001);
            const after = order[k + 1];
            if (after !== undefined) {
                holds('apart', places[after]! - places[at]! > (size + figures[after]!.size) / 2);
            }
        });
    }
    look();
    // What has room stays where it is.
    expect(
        spread(
            [
                { at: 100, size: 40 },
                { at: 300, size: 40 },
            ],
            0,
            800,
        ),
    ).toEqual([100, 300]);
});

test('the window under the hand keeps its shape and never leaves the picture', () => {
    const next = numbers(7);
    const { holds, look } = watch();
    for (let i = 0; i < 1000; i++) {
        const picture = { width: Math.round(next(300, 9000)), height: Math.round(next(300, 9000)) };
        const paper = { width: next(30, 1500), height: next(30, 1500) };
        let window = { x: next(0, 1), y: next(0, 1), tight: next(1, 6) };
        window = moved(window, { x: next(-5000, 5000), y: next(-5000, 5000) }, picture, paper);
        window = tightened(window, next(0.3, 3), picture, paper);
        const rect = draggedRect(window, picture, paper);
        holds('shape', Math.abs(rect.width / rect.height / (paper.width / paper.height) - 1) < 1e-6);
        holds('left', rect.x >= 0);
        holds('top', rect.y >= 0);
        holds('right', rect.x + rect.width <= picture.width + 0.01);
        holds('bottom', rect.y + rect.height <= picture.height + 0.01);
        // It is the largest of its shape, made tighter.
        const largest = Math.min(picture.width, (picture.height * paper.width) / paper.height);
        holds('largest', Math.abs(rect.width * window.tight - largest) < 0.01 * largest);
    }
    look();
});

test('a picture follows the hand by the pixels it is dragged', () => {
    const [picture, paper] = [
        { width: 4200, height: 2800 },
        { width: 254, height: 203.2 },
    ];
    const start = { x: 0.5, y: 0.5, tight: 1.5 };
    const before = draggedRect(start, picture, paper);
    const after = draggedRect(moved(start, { x: 100, y: -40 }, picture, paper), picture, paper);
    expect(before.x - after.x).toBeCloseTo(100, 1);
    expect(before.y - after.y).toBeCloseTo(-40, 1);
});

test('prints on the wall never overlap, keep one scale and fit', () => {
    const next = numbers(11);
    const { holds, look } = watch();
    for (let i = 0; i < 200; i++) {
        const pieces = Array.from({ length: 1 + Math.floor(next(0, 40)) }, () => ({
            width: next(50, 2300),
            height: next(50, 2300),
        }));
        const wall = { width: next(500, 2400), height: next(400, 1300) };
        const { scale, places } = hang(pieces, wall, 40, 22, i % 2 ? 1800 : 0);
        holds('scale', scale > 0);
        const boxes = pieces.map((piece, at) => ({ ...places[at]!, w: piece.width * scale, h: piece.height * scale }));
        boxes.forEach((box, at) => {
            holds('wide', box.x + box.w <= wall.width + 0.5);
            holds('high', box.y + box.h <= wall.height + 0.5);
            for (const other of boxes.slice(at + 1)) {
                const across = Math.min(box.x + box.w, other.x + other.w) - Math.max(box.x, other.x);
                const down = Math.min(box.y + box.h, other.y + other.h) - Math.max(box.y, other.y);
                holds('apart', !(across > 0.01 && down > 0.01));
            }
        });
        holds('person', i % 2 === 0 || 1800 * scale <= wall.height);
    }
    look();
});
