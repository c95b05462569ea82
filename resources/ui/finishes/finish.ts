import type { Change, Line } from '@/api/types';
import type { DrawnFinish } from '@/drawing/finish';
import type { Word } from '@/words/word';

/** What the screens show of a finish that others don't have. The register is beside this file. */
export interface FinishUi extends DrawnFinish {
    /** as one chooses it */
    label: string;
    note: string;
    /** what is set besides when a line becomes one */
    start?: (line: Line) => Change;
    /** the words of its sentence that open */
    words: Record<string, Word>;
    /** whether a line becomes one only by putting several together */
    isGathered?: boolean;
    /** the keys it answers to */
    keys?: { keys: string; does: string }[];
}
