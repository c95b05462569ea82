/** Which of several things laid out in rows is gone to by a key: the one beside it, above or below it, the first, the last. */
export function nextOf(key: string, at: number, tops: number[]): number | null {
    const rowOf = (top: number | undefined) => tops.flatMap((one, i) => (one === top ? [i] : []));
    const row = rowOf(tops[at]);
    const column = row.indexOf(at);
    const inRowOf = (one: number) => {
        const those = rowOf(tops[one]);
        return those[column] ?? those.at(-1) ?? at;
    };
    switch (key) {
        case 'ArrowRight':
            return Math.min(at + 1, tops.length - 1);
        case 'ArrowLeft':
            return Math.max(at - 1, 0);
        case 'ArrowDown':
            return inRowOf(row.at(-1)! + 1);
        case 'ArrowUp':
            return inRowOf(row[0]! - 1);
        case 'Home':
            return 0;
        case 'End':
            return tops.length - 1;
        default:
            return null;
    }
}
