import type { Box, Dimension, DrawingFigures } from '@/api/types';
import type { Frame } from './frame';
import { hangApart } from './pieces';

/** Rows of dimension lines lie this far from each other and from the sheet, in screen pixels. */
const ROW = 24;
const AWAY = 16;
const MARGIN_ROW = 40;
const FOOT = 40;
const SIDE = 30;
const LETTER = 6.5;

export const figureWidth = (label: string) => label.length * LETTER + 8;

export interface PlacedDimension extends Dimension {
    /** the dimension line's place across its direction, in screen pixels */
    at: number;
    /** its two ends along it */
    start: number;
    end: number;
    /** the edge of the sheet its extension lines come from */
    edge: number;
    /** the middle of its figure along it */
    figure: number;
}

/** What the drawing shows: the whole sheet, or panels as they hang. */
const seenSheet = (drawing: DrawingFigures): Box => (hangApart(drawing) ? drawing.hung.size : drawing.sheet);

const kind = (dimensions: Dimension[], across: boolean, isMargin: boolean) =>
    dimensions.filter((dimension) => dimension.across === across && dimension.isMargin === isMargin);

/** What the dimensions want round the sheet, in screen pixels. */
function roomRound({ dimensions }: DrawingFigures, beside: number) {
    const sides = kind(dimensions, false, true);
    return {
        left: SIDE + AWAY + ROW * kind(dimensions, false, false).length,
        top: 34 + AWAY + ROW * kind(dimensions, true, false).length,
        right: beside + (sides.length > 0 ? SIDE + Math.max(...sides.map((one) => figureWidth(one.label))) : SIDE),
        bottom: FOOT + (kind(dimensions, true, true).length > 0 ? MARGIN_ROW : 6),
    };
}

/** How much room a drawing takes at a scale, in screen pixels. */
export function sizeAt(scale: number, drawing: DrawingFigures, beside: number) {
    const sheet = seenSheet(drawing);
    const room = roomRound(drawing, beside);
    return {
        width: Math.ceil(room.left + sheet.width * scale + room.right),
        height: Math.ceil(room.top + sheet.height * scale + room.bottom),
    };
}

/**
 * The largest scale at which the sheet and all its dimensions fit.
 *
 * @param beside room that is left free at the right, in screen pixels
 * @param wanted the scale that is wanted instead, where it is drawn at one
 */
export function frameFor(drawing: DrawingFigures, width: number, height: number, beside: number, wanted?: number): Frame {
    const sheet = seenSheet(drawing);
    const room = roomRound(drawing, beside);
    const fitting = Math.min((width - room.left - room.right) / sheet.width, (height - room.top - room.bottom) / sheet.height);
    const scale = wanted ?? Math.max(0.01, fitting);
    const left = Math.round(room.left + (width - room.left - room.right - sheet.width * scale) / 2 - sheet.left * scale);
    const top = Math.round(room.top + (height - room.top - room.bottom - sheet.height * scale) / 2 - sheet.top * scale);
    return { scale, x: (mm) => left + mm * scale, y: (mm) => top + mm * scale };
}

/** Figures along one line, pushed apart so that none lies on another, each as near to its own place as can be. */
export function spread(figures: { at: number; size: number }[], from: number, to: number): number[] {
    const order = figures.map((_, i) => i).sort((a, b) => figures[a]!.at - figures[b]!.at);
    const places = figures.map(({ at }) => at);
    const gap = (a: number, b: number) => (figures[a]!.size + figures[b]!.size) / 2 + 4;
    let last = -1;
    for (const i of order) {
        places[i] = Math.max(places[i]!, last < 0 ? from + figures[i]!.size / 2 : places[last]! + gap(last, i));
        last = i;
    }
    last = -1;
    for (const i of [...order].reverse()) {
        places[i] = Math.min(places[i]!, last < 0 ? to - figures[i]!.size / 2 : places[last]! - gap(last, i));
        last = i;
    }
    return places;
}

/** Sizes above and left of the sheet, the outermost farthest out; margins below and right of it. */
export function placeDimensions(drawing: DrawingFigures, frame: Frame, width: number, height: number): PlacedDimension[] {
    const { dimensions } = drawing;
    const sheet = seenSheet(drawing);
    const [left, top] = [frame.x(sheet.left), frame.y(sheet.top)];
    const [right, bottom] = [frame.x(sheet.left + sheet.width), frame.y(sheet.top + sheet.height)];
    const ends = (one: Dimension) =>
        one.across ? { start: frame.x(one.from), end: frame.x(one.to) } : { start: frame.y(one.from), end: frame.y(one.to) };
    const rows = (all: Dimension[], edge: number) =>
        all.map((one, i) => {
            const { start, end } = ends(one);
            return { ...one, start, end, edge, at: edge - AWAY - ROW * (all.length - 1 - i), figure: (start + end) / 2 };
        });
    const margins = (all: Dimension[], edge: number, size: (one: Dimension) => number, to: number) => {
        const middles = all.map((one) => ({ at: (ends(one).start + ends(one).end) / 2, size: size(one) }));
        const figures = spread(middles, 4, to - 4);
        return all.map((one, i) => ({ ...one, ...ends(one), edge, at: edge + 12, figure: figures[i]! }));
    };
    return [
        ...rows(kind(dimensions, true, false), top),
        ...rows(kind(dimensions, false, false), left),
        ...margins(kind(dimensions, true, true), bottom, (one) => figureWidth(one.label), width),
        // They end above the figures below the sheet.
        ...margins(kind(dimensions, false, true), right, () => 16, Math.min(height - FOOT, bottom + 10)),
    ];
}
