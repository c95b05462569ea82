import type { FinishUi } from '../finish';
import { figuresOf } from './figures';
import { SheetOnPaper } from './SheetOnPaper';
import { ArrangedWord } from './words/ArrangedWord';
import { CellsWord } from './words/CellsWord';
import { CutsWord } from './words/CutsWord';
import { GutterWord } from './words/GutterWord';
import { MarginWord } from './words/MarginWord';
import { MarksWord } from './words/MarksWord';

/** Several prints on one sheet, to be cut apart. */
export const sheet: FinishUi = {
    label: 'A shared sheet',
    note: 'several prints on one',
    isGathered: true,
    words: {
        cells: { title: 'What is on it', Panel: CellsWord },
        arranged: { title: 'How they lie', Panel: ArrangedWord },
        gutter: { title: 'Between the prints', Panel: GutterWord },
        margin: { title: 'Inside the sheet’s edge', Panel: MarginWord },
        marks: { title: 'Cut marks', Panel: MarksWord },
        cuts: { title: 'How it is cut apart', Panel: CutsWord },
    },
    Paper: SheetOnPaper,
    figures: figuresOf,
    keys: [
        { keys: 'T', does: 'on a shared sheet: turn the chosen print' },
        { keys: 'A', does: 'on a shared sheet: arrange again what was placed by hand' },
        { keys: 'X', does: 'on a shared sheet: draw the numbered cuts' },
        { keys: 'Delete', does: 'on a shared sheet: take the picture out of the chosen print' },
    ],
};
