import type { DrawingFigures } from '@/api/types';

/** Steps a dragged length is rounded to, by the unit of the paper. */
const STEPS: Record<string, { mm: number; step: number }> = {
    in: { mm: 25.4, step: 0.05 },
    cm: { mm: 10, step: 0.1 },
    mm: { mm: 1, step: 1 },
};

export interface PaperUnit {
    /** a length in mm as it is typed: exactly where it is told to be, else rounded to the unit's steps */
    typed: (mm: number, exact?: boolean) => string;
    /** the same to be read at a glance */
    said: (mm: number) => string;
    /** the nearest step, in mm */
    rounded: (mm: number) => number;
}

/** The unit that a drawing's sizes stand in. */
function unitSaid({ dimensions }: DrawingFigures): string {
    const label = dimensions.find((one) => !one.isMargin && /[a-z]+$/.test(one.label))?.label ?? '';
    return label.match(/[a-z]+$/)?.[0] ?? 'mm';
}

/** The unit of a ruler: the drawing's, or the studio's where the drawing's is neither. */
export function rulerUnit(drawing: DrawingFigures | null | undefined, studio: 'in' | 'cm'): 'in' | 'cm' {
    const said = drawing ? unitSaid(drawing) : studio;
    return said === 'in' || said === 'cm' ? said : studio;
}

/** How lengths are dragged on a drawing: in the unit its sizes stand in. */
export function unitOf(drawing: DrawingFigures): PaperUnit {
    const said = unitSaid(drawing);
    const unit = said in STEPS ? said : 'mm'; // pixels are no length
    const { mm: size, step } = STEPS[unit] ?? STEPS.mm!;
    const rounded = (mm: number) => Math.round(mm / size / step) * step * size;
    return {
        rounded,
        typed: (mm, exact = false) => {
            const inUnit = +(mm / size).toFixed(4);
            return exact
                ? Math.abs(inUnit * size - mm) < 1e-6
                    ? `${inUnit} ${unit}`
                    : `${+mm.toFixed(6)} mm`
                : `${+(rounded(mm) / size).toFixed(3)} ${unit}`;
        },
        said: (mm) => `${+(mm / size).toFixed(2)} ${unit}`,
    };
}
