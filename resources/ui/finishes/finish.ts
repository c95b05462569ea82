import type { ComponentType } from 'react';
import type { Line } from '@/api/types';
import type { Change, DrawingFigures, LineView, PixelRect, UsedPicture } from '@/api/types';
import type { Dimension } from '@/api/types';
import type { Frame } from '@/drawing/layout';
import type { PaperProps } from '@/drawing/paper';
import type { Word } from '@/sentence/word';

/** What lies on the drawing: its figures, and where they are on the screen. */
export interface OnDrawing {
    drawing: DrawingFigures;
    frame: Frame;
}

export interface HandlesProps extends OnDrawing {
    onType: (name: string, typed: string) => void;
}

/** The picture under its window, in screen pixels. */
export interface DraggedProps {
    line: Line;
    picture: UsedPicture;
    /** the part of it that is printed, in its own pixels */
    rect: PixelRect;
    image: PixelRect;
    sheet: PixelRect;
    perPixel: number;
}

export interface BesideProps {
    drawing: DrawingFigures;
    /** the rendered plan */
    href: string;
    /** the drawing's size in screen pixels */
    room: { width: number; height: number };
}

/** What the screens show of a finish that others don't have. The register is beside this file. */
export interface FinishUi {
    /** as one chooses it */
    label: string;
    note: string;
    /** what is set besides when a line becomes one */
    start?: (line: Line) => Change;
    /** the words of its sentence that open */
    words: Record<string, Word>;
    /** whether a line becomes one only by putting several together */
    isGathered?: boolean;
    /** the paper and what is on it, where that isn't one picture on one paper */
    Paper?: ComponentType<PaperProps>;
    /** dimensions of the print that is chosen, beside those of the whole */
    figures?: (drawing: DrawingFigures, chosen: number) => Dimension[];
    /** whether the paper has an edge of its own to be drawn, within the sheet */
    hasPaperEdge?: boolean;
    /** lines over the plan */
    Lines?: ComponentType<OnDrawing>;
    /** what can be dragged, with the drawing's own */
    Handles?: ComponentType<HandlesProps>;
    /** what can be dragged over all else */
    Joints?: ComponentType<HandlesProps>;
    /** what is seen round the picture while it is dragged, until the rendered plan arrives */
    Dragged?: ComponentType<DraggedProps>;
    /** another way of looking at it, beside the drawing: the room it takes there, in screen pixels, 0 for none */
    beside?: { Look: ComponentType<BesideProps>; room: (drawing: DrawingFigures) => number };
    /** the keys it answers to */
    keys?: { keys: string; does: string }[];
}

export type FinishOf = (line: LineView) => FinishUi;
