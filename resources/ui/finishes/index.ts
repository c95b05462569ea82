import type { LineView } from '@/api/types';
import { canvas } from './canvas';
import type { FinishUi } from './finish';
import { panels } from './panels';
import { print } from './print';
import { screen } from './screen';
import { sheet } from './sheet';

/** The register of finishes, by their names in the order file: a new one is named here and nowhere else. */
export const FINISHES = { print, canvas, panels, 'shared-sheet': sheet, 'screen-copy': screen } satisfies Record<
    string,
    FinishUi
>;

const all: Record<string, FinishUi> = FINISHES;

export const finishOf = (line: LineView): FinishUi => all[line.line.make ?? 'print'] ?? print;

/** The words of all finishes. */
export const WORDS_OF_FINISHES = Object.assign({}, ...Object.values(all).map((finish) => finish.words)) as FinishUi['words'];
