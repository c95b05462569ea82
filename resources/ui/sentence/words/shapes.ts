import type { LineView } from '@/api/types';

/** Width to height, as they are named. */
export const SHAPES: { ratio: string; label: string }[] = [
    { ratio: 'picture', label: 'as the picture' },
    { ratio: '1:1', label: 'square' },
    { ratio: '3:2', label: '3 : 2' },
    { ratio: '16:9', label: '16 : 9' },
    { ratio: '2.39:1', label: '2.39 : 1' },
    { ratio: '3:1', label: '3 : 1' },
];

const ONE_SIDE = /\b(wide|high|long|short)$/;

const BOTH_SIDES = /^([\d.]+) x ([\d.]+) (in|cm|mm)$/;

export const isOneSide = (size: string | undefined) => ONE_SIDE.test(size ?? '');

/** A shape for what has a size already: one side that is given stays, of two the longer one does. */
export function shaped({ line, drawing }: LineView, ratio: string) {
    if (isOneSide(line.size)) {
        return { ratio };
    }
    const sides = BOTH_SIDES.exec(line.size ?? '');
    const long = sides
        ? `${Math.max(Number(sides[1]), Number(sides[2]))} ${sides[3]}`
        : `${Math.max(drawing?.paper.width ?? 0, drawing?.paper.height ?? 0)} mm`;
    return { size: `${long} long`, ratio };
}
