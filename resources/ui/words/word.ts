import type { ComponentType } from 'react';
import type { LineActs } from '@/api/lines';
import type { LineView, OrderSheet } from '@/api/types';

export interface WordProps {
    line: LineView;
    order: OrderSheet;
    /** saves; fails with the words for the field */
    change: LineActs['change'];
    close: () => void;
}

/** What a word of the sentence opens, and what its popover is called. */
export interface Word {
    title: string;
    Panel: ComponentType<WordProps>;
}
