import type { MarkedArea } from '@/api/types';

/** A mark smaller than this share of the picture was a click, not a mark. */
const SMALLEST = 0.01;

/** An area as it was dragged, from any of its corners: measured from the left upper one. */
export const normal = (area: MarkedArea): MarkedArea => ({
    ...area,
    x: Math.min(area.x, area.x + area.width),
    y: Math.min(area.y, area.y + area.height),
    width: Math.abs(area.width),
    height: Math.abs(area.height),
});

export const isMark = ({ width, height }: MarkedArea) => width > SMALLEST && height > SMALLEST;
