import type { Goes } from '@/api/types';

export interface Tally {
    /** “80 prints of 8 × 10 in”: what is made, kind by kind, in the order it comes in */
    kinds: { many: number; what: string }[];
    /** “86 pieces”, where that isn’t said by the kinds */
    besides: string[];
    /** of all that has a price; null where nothing has */
    money: string | null;
    /** lines whose price the lab’s card doesn’t say; none where it says none at all */
    unpriced: string | null;
}

const THIN_SPACE = '\u2009';

/** As core writes money: “1 214.50 €”. */
const inMoney = (hundredths: number, currency: string) =>
    `${(hundredths / 100).toFixed(2).replace(/\B(?=(\d{3})+\.)/g, THIN_SPACE)}${THIN_SPACE}${currency}`;

const sum = (all: Goes[], of: (one: Goes) => number) => all.reduce((total, one) => total + of(one), 0);

const counted = (many: number, one: string, several: string) => `${many} ${many === 1 ? one : several}`;

/** What goes to the lab of several lines, together. */
export function tally(lines: (Goes | null)[]): Tally {
    const all = lines.filter((goes) => goes !== null);
    const kinds = new Map<string, { many: number; one: string }>();
    for (const { copies, one, many } of all) {
        kinds.set(many, { one, many: (kinds.get(many)?.many ?? 0) + copies });
    }
    const [made, prints, pieces] = [
        sum(all, ({ copies }) => copies),
        sum(all, (one) => one.prints),
        sum(all, (one) => one.pieces),
    ];
    const priced = all.filter(({ price }) => price !== null);
    const unpriced = all.length - priced.length;
    const currency = priced[0]?.currency;
    return {
        kinds: [...kinds].map(([several, { many, one }]) => ({ many, what: many === 1 ? one : several })),
        besides: [
            ...(prints === made && kinds.size < 2 ? [] : [`${counted(prints, 'print', 'prints')} in all`]),
            ...(pieces === made ? [] : [counted(pieces, 'piece', 'pieces')]),
        ],
        money:
            currency == null
                ? null
                : inMoney(
                      sum(priced, ({ price }) => price ?? 0),
                      currency,
                  ),
        unpriced: currency == null || unpriced === 0 ? null : `${counted(unpriced, 'line', 'lines')} without a price`,
    };
}
