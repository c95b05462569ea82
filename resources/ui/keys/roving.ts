/** Which of several things laid out in rows is gone to by a key: the one beside it, above or below it, the first, the last. */
export function nextOf(key: string, at: number, tops: number[]): number | null {
    const row = tops.map((top, i) => (top === tops[at] ? i : -1)).filter((i) => i >= 0);
    const column = row.indexOf(at);
    const inRow = (beside: number | undefined, last: boolean) => {
        const those = tops.map((top, i) => (beside !== undefined && top === tops[beside] ? i : -1)).filter((i) => i >= 0);
        return those.length === 0 ? at : (those[column] ?? (last ? those.at(-1)! : those[0]!));
    };
    switch (key) {
        case 'ArrowRight':
            return Math.min(at + 1, tops.length - 1);
        case 'ArrowLeft':
            return Math.max(at - 1, 0);
        case 'ArrowDown':
            return inRow(row.at(-1)! + 1 < tops.length ? row.at(-1)! + 1 : undefined, true);
        case 'ArrowUp':
            return inRow(row[0]! > 0 ? row[0]! - 1 : undefined, true);
        case 'Home':
            return 0;
        case 'End':
            return tops.length - 1;
        default:
            return null;
    }
}
