import type { Change, LineView } from '@/api/types';

/**
 * The places that dropped pictures come to, in their order: of a shared sheet from the chosen cell on, or those that have none yet, or
 * where all have one from the first; of any other line its own.
 */
export function placesFor(line: LineView, chosen?: number): number[] {
    const cells = line.line.sheet?.cells;
    if (!cells) {
        return [0];
    }
    const all = cells.map((_, place) => place);
    const empty = all.filter((place) => !cells[place]!.picture);
    return chosen !== undefined ? all.slice(chosen) : empty.length > 0 ? empty : all;
}

/** Pictures put into the cells of a shared sheet. */
export function filled(line: LineView, pictures: string[]): Change {
    const given = new Map(placesFor(line).map((place, i) => [place, pictures[i]]));
    return {
        sheet: {
            cells: (line.line.sheet?.cells ?? []).map((cell, place) => {
                const picture = given.get(place);
                return picture === undefined || picture === cell.picture ? cell : { ...cell, picture, window: undefined };
            }),
        },
    } as Change;
}
