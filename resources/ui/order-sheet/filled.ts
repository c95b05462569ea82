import type { Change, LineView } from '@/api/types';

/** Pictures put into the cells of a shared sheet that have none yet, in their order; where all have one, from the first on. */
export function filled(line: LineView, pictures: string[]): Change {
    const cells = line.line.sheet?.cells ?? [];
    const empty = cells.map((_, place) => place).filter((place) => !cells[place]!.picture);
    const into = empty.length > 0 ? empty : cells.map((_, place) => place);
    const given = new Map(into.map((place, i) => [place, pictures[i]]));
    return {
        sheet: {
            cells: cells.map((cell, place) => {
                const picture = given.get(place);
                return picture === undefined || picture === cell.picture ? cell : { ...cell, picture, window: undefined };
            }),
        },
    } as Change;
}
