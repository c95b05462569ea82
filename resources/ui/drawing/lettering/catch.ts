import type { Box, DrawingFigures } from '@/api/types';

/** A block catches on a line it comes this near to, in screen pixels. */
const CATCHES = 7;

/** Lettering keeps this far from the paper's edge where no frame says otherwise, in mm. */
const MARGIN = 5;

export interface Caught {
    left: number;
    top: number;
    /** the lines it caught on, in mm */
    across: number | null;
    down: number | null;
}

/**
 * Where a dragged block comes to lie: with its left, middle or right on the paper's and the image's middle, on margins, or in line
 * with other blocks, where it comes near. In mm.
 */
export function caught(
    wanted: { left: number; top: number },
    size: { width: number; height: number },
    { paper, image, frameCover }: DrawingFigures,
    others: Box[],
    scale: number,
): Caught {
    const near = CATCHES / scale;
    const margin = frameCover > 0 ? frameCover : MARGIN;
    const along = (at: number, long: number, lines: number[]) => {
        let best: { by: number; line: number } | null = null;
        for (const line of lines) {
            for (const part of [0, 0.5, 1]) {
                const by = line - (at + part * long);
                if (Math.abs(by) <= near && (best === null || Math.abs(by) < Math.abs(best.by))) {
                    best = { by, line };
                }
            }
        }
        return best;
    };
    const across = along(wanted.left, size.width, [
        paper.width / 2,
        margin,
        paper.width - margin,
        image.left + image.width / 2,
        ...others.flatMap((box) => [box.left, box.left + box.width / 2, box.left + box.width]),
    ]);
    const down = along(wanted.top, size.height, [
        paper.height / 2,
        margin,
        paper.height - margin,
        image.top + image.height / 2,
        ...others.flatMap((box) => [box.top, box.top + box.height / 2, box.top + box.height]),
    ]);
    return {
        left: wanted.left + (across?.by ?? 0),
        top: wanted.top + (down?.by ?? 0),
        across: across?.line ?? null,
        down: down?.line ?? null,
    };
}
