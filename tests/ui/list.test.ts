import { describe, expect, test } from 'vitest';
import type { ReadLine, ReadPrint, WordsPart } from '@/api/types';
import { inShort, rowsOf, takenBack } from '@/order-sheet/list/rows';
import { answered, taken, without } from '@/order-sheet/list/taken';

const part = (words: string, why: string | null = null): WordsPart => ({
    words,
    is: why === null ? 'read' : 'unsure',
    why,
    role: null,
    isMany: false,
    offers: [],
});

const print = (picture: string, isWhole = true): ReadPrint => ({
    wanted: { picture },
    remark: null,
    isSure: true,
    isWhole,
    said: null,
    kind: 'print, 8 × 10 in',
});

const line = (number: number, words: string | WordsPart[], more: Partial<ReadLine> = {}): ReadLine => ({
    number,
    isSure: true,
    speaksOf: null,
    parts: typeof words === 'string' ? [part(words)] : words,
    prints: [print(`${number}.jpg`)],
    ...more,
});

const unsure = (number: number, words: string, more: Partial<ReadLine> = {}) =>
    line(number, [part(words, 'Which size?')], { isSure: false, ...more });

describe('what of a list goes on the order', () => {
    test('what is clear and whole does, the rest stays in its words', () => {
        const lines = [line(1, '0401 8x10'), unsure(2, '0402 big'), line(3, '0403', { prints: [print('3.jpg', false)] })];
        const { prints, open, left } = taken(lines, new Set());
        expect(prints).toEqual(lines[0]!.prints);
        expect(open.map(({ number }) => number)).toEqual([2, 3]);
        expect(left).toBe('0402 big\n0403');
    });

    test('taken as it was read it goes, too, where it is whole; and nothing stays when all have gone', () => {
        const lines = [line(1, '0401 8x10'), unsure(2, '0402 big')];
        const { prints, left } = taken(lines, new Set(['0402 big']));
        expect([prints.length, left]).toEqual([2, '']);
        const half = [unsure(1, '0402', { prints: [print('2.jpg', false)] })];
        expect(taken(half, new Set(['0402'])).prints).toEqual([]);
    });

    test('a heading over what stays is kept, politeness isn’t', () => {
        const polite = line(1, [{ ...part('Hi there!'), is: 'passed' }], { prints: [] });
        const heading = line(2, '8x10:', { prints: [] });
        expect(taken([polite, heading, unsure(3, '0402')], new Set()).left).toBe('8x10:\n0402');
    });
});

describe('answers', () => {
    const text = 'hello\r\n2 of 0402 big\n0403 big';
    const doubted = line(2, [part('2 of 0402 '), part('big', 'Which size?')]);
    const offer = { label: '11 × 14 in', with: '11x14', picture: null };

    test('stand in the place of what wasn’t clear', () => {
        expect(answered(text, [doubted], offer)).toBe('hello\n2 of 0402 11x14\n0403 big');
    });

    test('or of the part that was pressed', () => {
        expect(answered(text, [doubted], { ...offer, with: '3 of 0402 ' }, 0)).toBe('hello\n3 of 0402 big\n0403 big');
    });

    test('nothing is answered in a text that has changed since', () => {
        expect(answered('other words', [doubted], offer)).toBeNull();
    });

    test('a line is left out by its number', () => expect(without(text, 2)).toBe('hello\n0403 big'));
});

describe('rows', () => {
    const isTaken = ({ isSure, prints }: ReadLine) => isSure && prints.length > 0;

    test('three or more alike are one row, two are two', () => {
        const alike = [1, 2, 3].map((number) => line(number, `${number}`));
        expect(rowsOf(alike, isTaken).map(({ is }) => is)).toEqual(['folded']);
        expect(rowsOf(alike.slice(1), isTaken).map(({ is }) => is)).toEqual(['line', 'line']);
    });

    test('what is unclear in the same way is one row, wherever it stands', () => {
        const rows = rowsOf([unsure(1, 'big'), line(2, '0402'), unsure(3, 'Big ')], isTaken);
        expect(rows.map(({ is }) => is)).toEqual(['cause', 'line']);
    });

    test('what takes something back stands below that, and that is struck out', () => {
        const lines = [line(1, '0401', { prints: [] }), line(2, '0402'), line(3, 'no, not 0401', { speaksOf: 1, prints: [] })];
        expect(rowsOf(lines, isTaken).map((row) => row.is === 'line' && row.line.number)).toEqual([1, 3, 2]);
        expect([...takenBack(lines)]).toEqual([1]);
    });

    test('names in short', () => {
        expect(inShort(['DSC_0403.jpg', 'DSC_0404.jpg', 'DSC_0411.jpg'])).toBe('DSC 0403, 0404, 0411');
        expect(inShort(['harbour.jpg', 'heron.jpg'])).toBe('harbour, heron');
    });
});
