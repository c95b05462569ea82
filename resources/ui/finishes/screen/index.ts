import type { FinishUi } from '../finish';
import { ScreenWord } from './words/ScreenWord';

/** A copy for a screen, which never goes to the lab. */
export const screen: FinishUi = {
    label: 'A screen copy',
    note: 'not for the lab',
    start: () => ({ longSide: 1600 }),
    words: { screen: { title: 'Size on a screen', Panel: ScreenWord } },
};
