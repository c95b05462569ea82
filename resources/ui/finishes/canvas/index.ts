import type { FinishUi } from '../finish';
import { DraggedEdges } from './DraggedEdges';
import { EdgeGrips } from './EdgeGrips';
import { Folds } from './Folds';
import { TURNED_WIDE, TurnedView } from './TurnedView';
import { ApartWord } from './words/ApartWord';
import { DarkenWord } from './words/DarkenWord';
import { DepthWord } from './words/DepthWord';
import { EdgeWord } from './words/EdgeWord';
import { SoftenWord } from './words/SoftenWord';

/** One picture that goes round its bars. */
export const canvas: FinishUi = {
    label: 'A canvas',
    note: 'round its bars',
    words: {
        depth: { title: 'How deep the edge is', Panel: DepthWord },
        edge: { title: 'The edge', Panel: EdgeWord },
        soften: { title: 'Softening of the edge', Panel: SoftenWord },
        darken: { title: 'Darkening of the edge', Panel: DarkenWord },
        apart: { title: 'Face and edge', Panel: ApartWord },
    },
    Lines: Folds,
    Handles: EdgeGrips,
    Dragged: DraggedEdges,
    beside: { Look: TurnedView, room: ({ wrap }) => (wrap && wrap.depth > 0 ? TURNED_WIDE : 0) },
    keys: [{ keys: 'B', does: 'a canvas as it hangs, turned, large' }],
};
