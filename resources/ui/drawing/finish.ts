import type { ComponentType } from 'react';
import type { Dimension, DrawingFigures, Line, LineView, MarkedArea, PixelRect, UsedPicture } from '@/api/types';
import type { Frame } from './frame';
import type { WantedWindow } from './tools/window';
import type { ProofView } from './useProof';

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

/** What is drawn of a line, and what the hand does there. */
export interface PaperProps {
    line: LineView & { drawing: DrawingFigures };
    finish: DrawnFinish;
    frame: Frame;
    showsFrame: boolean;
    proof: ProofView;
    /** the drawing's width, in screen pixels */
    width: number;
    onWindow: (window: WantedWindow) => Promise<unknown>;
    onTurn: () => void;
    onType: (name: string, typed: string) => void;
    onMark: (area: MarkedArea) => void;
}

/** What is drawn of a finish that others don't have: the drawing is handed it, and knows no finish. */
export interface DrawnFinish {
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
}
