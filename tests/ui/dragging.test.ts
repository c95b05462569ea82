import { describe, expect, test } from 'vitest';
import type { DrawingFigures } from '@/api/types';
import { caught } from '@/drawing/lettering/catch';
import { isMark, normal } from '@/drawing/tools/area';
import { rulerUnit, unitOf } from '@/drawing/units';
import { snapped } from '@/finishes/sheet/snap';

/** What of a drawing the code under test looks at. */
const drawing = (of: object) => of as DrawingFigures;

const box = (left: number, top: number, width: number, height: number) => ({ left, top, width, height });

describe('a print carried over its sheet', () => {
    const sheet = drawing({
        sheets: [box(0, 0, 200, 300), box(220, 0, 200, 300)],
        prints: [
            { sheet: 0, at: box(0, 0, 50, 70) },
            { sheet: 0, at: box(100, 20, 60, 90) },
            { sheet: 1, at: box(260, 0, 30, 30) },
        ],
    });
    const to = (left: number, top: number) => snapped({ left, top }, 0, sheet, 2, Math.round);

    test.each([
        ['catches on the left edge', to(1.5, 150.3), { left: 0, top: 150, isCaught: true }],
        ['and on the middle of the sheet', to(76, 40.4), { left: 75, top: 40, isCaught: true }],
        ['in line with another print, beside it', to(51, 21), { left: 50, top: 20, isCaught: true }],
        ['else it comes to lie on a step of its unit', to(33.4, 200.6), { left: 33, top: 201, isCaught: false }],
        ['never over the edge', to(-80, 500), { left: 0, top: 230, isCaught: false }],
    ])('%s', (_, got, wanted) => expect(got).toEqual(wanted));

    test('prints of another sheet are nothing to it', () => {
        expect(to(38.7, 150).isCaught).toBe(false); // 40 is where the print of the second sheet begins
    });
});

describe('a block of letters', () => {
    const paper = drawing({ paper: box(0, 0, 100, 80), image: box(10, 10, 60, 60), frameCover: 0 });
    const at = (left: number, top: number) => caught({ left, top }, { width: 20, height: 10 }, paper, [box(5, 60, 30, 8)], 7);

    test.each([
        ['its middle on the paper’s', at(40.6, 34.5), { left: 40, top: 35, across: 50, down: 40 }],
        ['its left on the margin', at(5.4, 20), { left: 5, top: 20, across: 5, down: null }],
        ['its right on the right margin', at(75.5, 20), { left: 75, top: 20, across: 95, down: null }],
        ['in line with another block', at(50.3, 60.2), { left: 50, top: 60, across: 60, down: 60 }],
        ['nowhere near a line it stays', at(28, 16), { left: 28, top: 16, across: null, down: null }],
    ])('%s', (_, got, wanted) => {
        expect(got.left).toBeCloseTo(wanted.left, 9);
        expect(got.top).toBeCloseTo(wanted.top, 9);
    });
});

describe('lengths that are dragged', () => {
    const sizedIn = (label: string) => drawing({ dimensions: [{ isMargin: false, label }] });

    test.each([
        ['inches, on the twentieth', sizedIn('11 in'), 26, '1 in', '1.02 in'],
        ['centimetres, on the millimetre', sizedIn('28 cm'), 26.4, '2.6 cm', '2.64 cm'],
        ['millimetres', sizedIn('280 mm'), 26.4, '26 mm', '26.4 mm'],
        ['pixels are no length', sizedIn('1600 px'), 26.4, '26 mm', '26.4 mm'],
    ])('%s', (_, on, mm, typed, said) => {
        expect([unitOf(on).typed(mm), unitOf(on).said(mm)]).toEqual([typed, said]);
    });

    test('typed exactly, what has no short figure in the unit stands in millimetres', () => {
        const inches = unitOf(sizedIn('11 in'));
        expect([inches.typed(25.4 * 1.25, true), inches.typed(10 / 3, true)]).toEqual(['1.25 in', '3.333333 mm']);
    });

    test('a ruler has the drawing’s unit, or the studio’s where that is neither', () => {
        expect([rulerUnit(sizedIn('28 cm'), 'in'), rulerUnit(sizedIn('280 mm'), 'in'), rulerUnit(null, 'cm')]).toEqual([
            'cm',
            'in',
            'cm',
        ]);
    });
});

test('an area is the same from whatever corner it is dragged, and a click is none', () => {
    const from = normal({ label: 'a face', x: 0.5, y: 0.75, width: -0.25, height: -0.5 });
    expect(from).toEqual({ label: 'a face', x: 0.25, y: 0.25, width: 0.25, height: 0.5 });
    expect([isMark(from), isMark({ ...from, width: 0.004 })]).toEqual([true, false]);
});
