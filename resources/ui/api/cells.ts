import type { DrawingFigures, LineView } from './types';

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
