import type { Change, DrawingFigures, LineView } from './types';

/** One of the prints that a line carries, as if it were a line of its own. */
export function cellLine(line: LineView, place: number): LineView {
    const cell = line.cells.find((one) => one.place === place);
    return cell ? { ...line, ...cell, cells: [] } : line;
}

/** The same, where it can be drawn. */
export function drawnCell(line: LineView, place: number): (LineView & { drawing: DrawingFigures }) | null {
    const cell = cellLine(line, place);
    return cell.drawing ? { ...cell, drawing: cell.drawing } : null;
}

/** In a change of several prints: for each the strongest colour of its own picture. */
export const ITS_OWN = 'its own';

/** Whether a change asks for each picture's own colour. */
export const asksForOwn = (change: Change): boolean => JSON.stringify(change).includes(`"${ITS_OWN}"`);

/** A change with a print's own colour in place of what asks for it. */
export const withOwn = (change: Change, colour: string): Change =>
    JSON.parse(JSON.stringify(change).replaceAll(`"${ITS_OWN}"`, JSON.stringify(colour))) as Change;
