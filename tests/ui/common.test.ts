import { expect, test } from 'vitest';
import type { Goes, LineView } from '@/api/types';
import { fewAtOnce } from '@/common/fewAtOnce';
import { tally } from '@/common/goes';
import { placesFor } from '@/pictures/filled';

test('jobs run in turn, so many at once, also after one that failed', async () => {
    const run = fewAtOnce(2);
    const begun: number[] = [];
    const end: (() => void)[] = [];
    [0, 1, 2, 3].forEach((n) =>
        run(() => {
            begun.push(n);
            return new Promise((done) => (end[n] = done));
        }),
    );
    const settle = () => new Promise((done) => setTimeout(done));
    expect(begun).toEqual([0, 1]);
    end[1]!();
    await settle();
    expect(begun).toEqual([0, 1, 2]);
    end[0]!();
    end[2]!();
    await settle();
    expect(begun).toEqual([0, 1, 2, 3]);
});

const goes = (of: Partial<Goes>): Goes =>
    ({
        copies: 1,
        one: 'print of 8 × 10 in',
        many: 'prints of 8 × 10 in',
        prints: 1,
        pieces: 1,
        price: null,
        currency: null,
        ...of,
    }) as Goes;

test('what goes is told by kind, with prints and pieces where they are not the same, and money', () => {
    const triptych = goes({ one: 'set of three panels', many: 'sets of three panels', pieces: 3, price: 120_000, currency: '€' });
    expect(tally([goes({ copies: 2, prints: 2, pieces: 2, price: 1450, currency: '€' }), triptych, goes({}), null])).toEqual({
        kinds: [
            { many: 3, what: 'prints of 8 × 10 in' },
            { many: 1, what: 'set of three panels' },
        ],
        besides: ['4 prints in all', '6 pieces'],
        money: '1\u2009214.50\u2009€',
        unpriced: '1 line without a price',
    });
    expect(tally([goes({})])).toMatchObject({ besides: [], money: null, unpriced: null });
});

test('dropped pictures come to the chosen cell and on, else to those that are empty, else to all', () => {
    const sheet = (...pictures: (string | null)[]) =>
        ({ line: { sheet: { cells: pictures.map((picture) => ({ picture })) } } }) as unknown as LineView;
    expect(placesFor(sheet('a', null, 'b', null))).toEqual([1, 3]);
    expect(placesFor(sheet('a', null, 'b', null), 2)).toEqual([2, 3]);
    expect(placesFor(sheet('a', 'b'))).toEqual([0, 1]);
    expect(placesFor({ line: {} } as LineView)).toEqual([0]);
});
