import type { Box, DrawingFigures, PixelRect } from '@/api/types';
import type { Frame } from './frame';

/** The pieces that are seen, in screen pixels, and how far each is from its place on the undivided print. */
export interface Pieces {
    pieces: { at: PixelRect; shift: { x: number; y: number } }[];
    areApart: boolean;
}

/** A place on the drawing in screen pixels. */
export const onScreen = (frame: Frame) => (box: Box) => ({
    x: frame.x(box.left),
    y: frame.y(box.top),
    width: box.width * frame.scale,
    height: box.height * frame.scale,
});

/** Whether there are several pieces, each at its place on the wall. */
export const hangApart = ({ hung }: DrawingFigures) => hung.pieces.length > 1;

/** Pieces that hang apart are seen as they hang: each shows a part of the undivided print, at its place on the wall. */
export function piecesOf(drawing: DrawingFigures, frame: Frame): Pieces {
    const place = onScreen(frame);
    const areApart = hangApart(drawing);
    return {
        areApart,
        pieces: areApart
            ? drawing.hung.pieces.map(({ at, shows }) => ({
                  at: place(at),
                  shift: { x: (at.left - shows.left) * frame.scale, y: (at.top - shows.top) * frame.scale },
              }))
            : [{ at: place(drawing.sheet), shift: { x: 0, y: 0 } }],
    };
}

/** How far from its place on the undivided print something hangs that is found in a piece there, or at it; all in mm. */
export function hangsBy(drawing: DrawingFigures, which: 'at' | 'shows', { x, y }: { x: number; y: number }) {
    const holds = ({ left, top, width, height }: Box) => x >= left && x <= left + width && y >= top && y <= top + height;
    const piece = hangApart(drawing) ? drawing.hung.pieces.find((one) => holds(one[which])) : undefined;
    return piece ? { x: piece.at.left - piece.shows.left, y: piece.at.top - piece.shows.top } : { x: 0, y: 0 };
}

export const shifted = (rect: PixelRect, by: { x: number; y: number }): PixelRect => ({
    ...rect,
    x: rect.x + by.x,
    y: rect.y + by.y,
});

export const css = (rect: PixelRect) => ({ left: rect.x, top: rect.y, width: rect.width, height: rect.height });
