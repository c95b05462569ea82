import type { SheetPrint } from '@/api/types';
import type { Frame } from '../frame';

/** Where a print lies on the drawing, in screen pixels: its paper's corner, or the other one it is turned about. */
export interface PrintPlace {
    x: number;
    y: number;
    /** a quarter to the right */
    isTurned: boolean;
}

/** Which part of a block's width lies left of its anchor. */
export const SHARE = { left: 0, middle: 0.5, right: 1 };

const USUAL_HEIGHT = 9;
const OF_SHORT_SIDE = 0.04;

/** How high a new block is, in mm: as always on a print in the hand, more on one that hangs on a wall. */
export const newHeight = ({ width, height }: { width: number; height: number }) =>
    Math.max(USUAL_HEIGHT, Math.round(Math.min(width, height) * OF_SHORT_SIDE));

/** Where what is lettered lies on the drawing: one print of a sheet, or all of it. */
export const placeOf = (print: SheetPrint | undefined, frame: Frame): PrintPlace =>
    print === undefined
        ? { x: frame.x(0), y: frame.y(0), isTurned: false }
        : {
              x: frame.x(print.at.left + (print.isTurned ? print.at.width : 0)),
              y: frame.y(print.at.top),
              isTurned: print.isTurned,
          };
