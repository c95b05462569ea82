import { useNavigate } from 'react-router';
import type { Change } from '@/api/types';
import { useSheetActs } from '@/api/sheets';
import { Button } from '@/common/Button';
import { useTell } from '@/common/useTell';
import { useChosen } from '@/drawing/tools/chosen';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

/** What the sheet carries: cells come to it, go from it, and are taken apart into lines. */
export function CellsWord({ line, order, change, close }: WordProps) {
    const tell = useTell();
    const navigate = useNavigate();
    const { choose } = useChosen();
    const acts = useSheetActs(order.id);
    const cells = line.line.sheet?.cells ?? [];
    const set = (next: object[]) => change({ sheet: { cells: next } } as Change);
    const apart = () =>
        tell(
            acts.apart(line).then(() => {
                close();
                void navigate(`/orders/${order.id}`);
            }),
        );
    return (
        <div className="flex flex-col gap-3">
            <ol className="flex flex-col gap-px">
                {cells.map((cell, place) => (
                    <li key={place} className="flex items-baseline gap-2 rounded-sm px-1 py-[3px] hover:bg-chrome">
                        <button
                            type="button"
                            className="min-w-0 grow truncate text-left"
                            onClick={() => {
                                choose(line.drawing?.prints.findIndex((print) => print.cell === place) ?? null);
                                close();
                            }}
                        >
                            {place + 1} · {cell.size.replace(' x ', ' × ')}, {cell.picture ?? 'no picture yet'}
                            {(cell.copies ?? 1) === 1 ? '' : `, ${cell.copies} of it`}
                        </button>
                        {cells.length > 1 && (
                            <button
                                type="button"
                                aria-label={`Take cell ${place + 1} off the sheet`}
                                className="size-5 rounded-sm text-soft hover:bg-white hover:text-stops"
                                onClick={() => {
                                    choose(null);
                                    tell(set(cells.filter((_, at) => at !== place).map((one) => ({ picture: null, ...one }))));
                                }}
                            >
                                ×
                            </button>
                        )}
                    </li>
                ))}
            </ol>
            <Typed
                label="One more, of the size"
                value=""
                onSet={(size) => (size === '' ? Promise.resolve() : set([...cells, { size, picture: null }]))}
            />
            <Button onClick={apart}>Take them apart into lines</Button>
        </div>
    );
}
