import type { DrawingFigures, LineView, MarkedArea } from '@/api/types';
import type { FinishUi } from '@/finishes/finish';
import type { Frame } from './layout';
import type { WantedWindow } from './tools/window';
import type { ProofView } from './useProof';

/** What is drawn of a line, and what the hand does there. */
export interface PaperProps {
    line: LineView & { drawing: DrawingFigures };
    finish: FinishUi;
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
