/** A share from 0 to 1 as it stands in a field. */
export const asPercent = (share: number) => `${+(share * 100).toFixed(1)} %`;

/** A typed share; fails with the words for the field. */
export function fromPercent(typed: string): number {
    const match = typed.replace(',', '.').match(/^(\d{1,3}(?:\.\d+)?)\s*%?$/);
    const share = match ? Number(match[1]) / 100 : NaN;
    if (!(share >= 0 && share <= 1)) {
        throw new Error(`“${typed}” is no amount. Write a number from 0 to 100, such as 30 %.`);
    }
    return +share.toFixed(4);
}
