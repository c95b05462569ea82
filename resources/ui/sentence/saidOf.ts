import { cellLine } from '@/api/cells';
import type { SaidOf } from '@/api/lists';
import type { LineView } from '@/api/types';

const OF_ALL = 'whole with 2 in to mat over, thin black line, optical centre';

const OF_BLOCKS: Record<string, string> = {
    caption: 'above, on the right, a bit smaller',
    lettering: 'white, italic, bigger, at the bottom',
    overlays: 'top right, 60 %, smaller',
};

const kindOf = (block: string) => block.split('.')[0]!;

/** What may be said of it. */
export const exampleFor = ({ block }: SaidOf) => (block === undefined ? OF_ALL : (OF_BLOCKS[kindOf(block)] ?? OF_ALL));

/** “ of the mark “studio.png” in cell 2”: what of a line words are said of. */
export function named({ cell, block }: SaidOf, line: LineView): string {
    const inCell = cell === undefined ? '' : ` cell ${cell + 1}`;
    if (block === undefined) {
        return inCell && ` of${inCell}`;
    }
    const { lettering, overlays } = (cell === undefined ? line : cellLine(line, cell)).line;
    const at = Number(block.split('.')[1] ?? 0);
    const names: Record<string, string> = {
        caption: 'the caption',
        lettering: `“${lettering?.[at]?.text ?? ''}”`,
        overlays: `the mark “${overlays?.[at]?.picture ?? ''}”`,
    };
    return ` of ${names[kindOf(block)]}${inCell && ` in${inCell}`}`;
}
