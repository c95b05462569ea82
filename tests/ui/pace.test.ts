import { expect, test } from 'vitest';
import { Pace } from '@/keys/pace';

/** What a row of presses comes to: keys with the milliseconds they come at, and “→” where the page changes. */
const pressed = (...row: [string, number][]) => {
    const pace = new Pace();
    return row.flatMap(([key, at]) => (key === '→' ? (pace.pageChanged(at), []) : [pace.pressed(key, at, true)]));
};

test.each<[string, [string, number][], (string | null)[]]>([
    [
        'the third of three letters within half a second is typing',
        [
            ['w', 0],
            ['h', 150],
            ['o', 300],
        ],
        [null, null, 'typing'],
    ],
    [
        'and so is what follows',
        [
            ['w', 0],
            ['h', 150],
            ['o', 300],
            ['l', 700],
            ['e', 1100],
        ],
        [null, null, 'typing', 'typing', 'typing'],
    ],
    [
        'until half a second is quiet',
        [
            ['w', 0],
            ['h', 150],
            ['o', 300],
            ['l', 801],
        ],
        [null, null, 'typing', null],
    ],
    [
        'one letter again and again is no word',
        [
            ['y', 0],
            ['y', 100],
            ['Y', 200],
            ['y', 300],
        ],
        [null, null, null, null],
    ],
    [
        'letters with time between act',
        [
            ['t', 0],
            ['c', 300],
            ['k', 600],
            ['p', 900],
        ],
        [null, null, null, null],
    ],
    [
        'signs, arrows and keys with names are none',
        [
            ['[', 0],
            [']', 50],
            ['+', 90],
            ['Escape', 95],
            ['ArrowUp', 99],
        ],
        [null, null, null, null, null],
    ],
    [
        'figures are: “8x1” is a size',
        [
            ['8', 0],
            ['x', 90],
            ['1', 180],
        ],
        [null, null, 'typing'],
    ],
    [
        'a letter just after a page changed',
        [
            ['l', 0],
            ['→', 40],
            ['s', 200],
            ['s', 900],
        ],
        [null, 'page-changed', null],
    ],
    [
        'but not the one that changed it',
        [
            ['y', 0],
            ['→', 40],
            ['y', 300],
        ],
        [null, null],
    ],
    [
        'a second Enter within half a second',
        [
            ['Enter', 0],
            ['Enter', 499],
            ['Enter', 1000],
        ],
        [null, 'twice', null],
    ],
    [
        'each of them begins the time anew',
        [
            ['Enter', 0],
            ['Enter', 400],
            ['Enter', 800],
        ],
        [null, 'twice', 'twice'],
    ],
])('%s', (_, row, meant) => expect(pressed(...row)).toEqual(meant));

test('what is typed into a field is no burst, and an Enter there counts', () => {
    const pace = new Pace();
    expect(['w', 'h', 'o'].map((key, i) => pace.pressed(key, i * 100, false))).toEqual([null, null, null]);
    expect(pace.pressed('l', 300, true)).toBeNull();
    expect(pace.pressed('Enter', 400, false)).toBeNull();
    expect(pace.pressed('Enter', 600, true)).toBe('twice');
});

test('it says how long keys rest, and no key that has rested is refused', () => {
    const pace = new Pace();
    pace.pressed('w', 0, true);
    expect(pace.lettersRest(10)).toBe(0);
    pace.pressed('h', 100, true);
    expect(pace.lettersRest(110)).toBe(390);
    expect(pace.pressed('o', 500, true)).toBeNull();
    pace.pressed('Enter', 1000, true);
    expect(pace.enterRests(1100)).toBe(400);
    expect(pace.pressed('Enter', 1500, true)).toBeNull();
    pace.pageChanged(2000);
    expect(pace.lettersRest(2100)).toBe(300);
    expect(pace.pressed('q', 2400, true)).toBeNull();
});
