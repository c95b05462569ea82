import type { Dimension, DrawingFigures, SheetPrint } from '@/api/types';

/** The figures of one print of a sheet, named so that they can be typed into. */
export const figuresOf = ({ prints }: DrawingFigures, chosen: number): Dimension[] => {
    const print = prints[Math.min(chosen, prints.length - 1)];
    return print ? print.dimensions.map((one) => ({ ...one, name: `${nameOf(prints.indexOf(print))}-${one.name}` })) : [];
};

/** What the figures of a print begin with. */
export const nameOf = (print: number) => `print-${print + 1}`;

/** The prints of a cell are told by its number, from 1. */
export const numberOf = (print: SheetPrint) => print.cell + 1;
