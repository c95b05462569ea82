import type { FinishUi } from '../finish';
import { Joints } from './Joints';
import { GapWord } from './words/GapWord';
import { PanelsWord } from './words/PanelsWord';

/** One picture shared out between several panels. */
export const panels: FinishUi = {
    label: 'A set of panels',
    note: 'one picture across several',
    start: (line) => (line.panels ? {} : { panels: { columns: [1, 1, 1] } }),
    words: {
        panels: { title: 'How it is shared out', Panel: PanelsWord },
        gap: { title: 'How they hang', Panel: GapWord },
    },
    hasPaperEdge: true,
    Joints,
};
