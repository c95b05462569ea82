import type { DrawingFigures } from '@/api/types';

/**
 * Where a print comes to lie that is dragged: on its sheet's edges and middle, and beside or in line with the other prints of its
 * sheet, where it comes near; else on the unit's steps. In mm from the sheet's corner.
 */
export function snapped(
    wanted: { left: number; top: number },
    chosen: number,
    { prints, sheets }: DrawingFigures,
    near: number,
    rounded: (mm: number) => number,
) {
    const print = prints[chosen]!;
    const sheet = sheets[print.sheet]!;
    const others = prints.filter((other, i) => i !== chosen && other.sheet === print.sheet).map(({ at }) => at);
    const along = (at: number, size: number, room: number, edges: { from: number; to: number }[]) => {
        const places = [
            0,
            room - size,
            (room - size) / 2,
            ...edges.flatMap(({ from, to }) => [from, to, from - size, to - size]),
        ].filter((place) => place >= -1e-6 && place <= room - size + 1e-6);
        const best = places.sort((a, b) => Math.abs(a - at) - Math.abs(b - at))[0];
        const isCaught = best !== undefined && Math.abs(best - at) <= near;
        return { at: Math.max(0, isCaught ? best : Math.min(rounded(at), Math.max(0, room - size))), isCaught };
    };
    const left = along(
        wanted.left,
        print.at.width,
        sheet.width,
        others.map((at) => ({ from: at.left - sheet.left, to: at.left + at.width - sheet.left })),
    );
    const top = along(
        wanted.top,
        print.at.height,
        sheet.height,
        others.map((at) => ({ from: at.top - sheet.top, to: at.top + at.height - sheet.top })),
    );
    return { left: left.at, top: top.at, isCaught: left.isCaught || top.isCaught };
}
