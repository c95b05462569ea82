import { useCallback } from 'react';
import { cellLine } from '@/api/cells';
import type { LineActs } from '@/api/lines';
import type { LineView } from '@/api/types';
import { useChosen } from '@/drawing/tools/chosen';

/** What is worked on of a line that carries several prints: the chosen one; and what is said of several that are chosen together. */
export function useChosenCells(line: LineView, { change: changeLine, changeCell, changeCells }: LineActs) {
    const { chosen, also } = useChosen();
    const cellOf = (print: number) => line.drawing?.prints[print]?.cell;
    const place = chosen === null ? undefined : cellOf(chosen);
    const places = [...new Set((chosen === null ? [] : [chosen, ...also]).flatMap((print) => cellOf(print) ?? []))];
    const change: LineActs['change'] = useCallback(
        (by) => (place === undefined ? changeLine(by) : changeCell(place, by)),
        [changeLine, changeCell, place],
    );
    return {
        place,
        /** what the hand works on: the chosen print of several, or the line itself */
        worked: place === undefined ? line : cellLine(line, place),
        change,
        /** what the sentence of a print says goes to all that are chosen with it */
        changeAll: ((by) => (places.length > 1 ? changeCells(places, by) : change(by))) as LineActs['change'],
        told: told(places),
    };
}

/** “Cell 1”, “Cells 1, 2 and 4” */
function told(places: number[]) {
    const numbers = places.map((place) => place + 1).sort((a, b) => a - b);
    const last = numbers.pop();
    return numbers.length === 0 ? `Cell ${last}` : `Cells ${numbers.join(', ')} and ${last}`;
}
