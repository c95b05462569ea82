import { useHints, useMark } from '@/api/pictures';
import type { MarkedArea } from '@/api/types';
import { useMode } from '@/drawing/tools/mode';
import { Button, Key } from '@/common/Button';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

const EDGES = [
    ['x', 'Left'],
    ['y', 'Top'],
    ['width', 'Width'],
    ['height', 'Height'],
] as const;

const round = (fraction: number) => +(fraction * 100).toFixed(1);

/** What must stay in: marked on the picture once, known to all its lines. */
export function MarkedWord({ line, order, close }: WordProps) {
    const areas = line.mustStayIn;
    const mark = useMark(order.id, line.picture?.sha256);
    const hints = useHints(line.picture?.sha256);
    const { set } = useMode();
    const change = (i: number, next: Partial<MarkedArea>) =>
        mark(
            areas,
            areas.map((area, at) => (at === i ? { ...area, ...next } : area)),
        );
    const setEdge = (i: number, key: (typeof EDGES)[number][0]) => (typed: string) => {
        const percent = Number(typed.replace('%', '').replace(',', '.').trim());
        const next = { ...areas[i]!, [key]: percent / 100 };
        const fits =
            percent >= 0 && next.width > 0 && next.height > 0 && next.x + next.width <= 1.0001 && next.y + next.height <= 1.0001;
        return fits
            ? change(i, { [key]: percent / 100 })
            : Promise.reject(new Error(`“${typed}” goes beyond the picture. Give per cent of it, such as 25.`));
    };
    return (
        <div className="flex flex-col gap-3">
            {areas.map((area, i) => (
                <fieldset key={i} className="flex flex-col gap-1.5 border-b border-rule pb-3">
                    <Typed label="Called" value={area.label} width="w-40" onSet={(label) => change(i, { label })} />
                    <div className="grid grid-cols-2 gap-x-4 gap-y-1.5">
                        {EDGES.map(([key, name]) => (
                            <Typed
                                key={key}
                                label={<span className="whitespace-nowrap">{name} %</span>}
                                value={String(round(area[key]))}
                                width="w-[3.4rem]"
                                onSet={setEdge(i, key)}
                            />
                        ))}
                    </div>
                    <button
                        type="button"
                        className="self-start text-soft underline underline-offset-4 hover:text-ink"
                        onClick={() =>
                            void mark(
                                areas,
                                areas.filter((_, at) => at !== i),
                            )
                        }
                    >
                        It may go
                    </button>
                </fieldset>
            ))}
            <div className="flex flex-wrap gap-2">
                <Button
                    onClick={() => {
                        set({ does: 'mark' });
                        close();
                    }}
                >
                    Mark on the drawing<Key>K</Key>
                </Button>
                {areas.length === 0 && hints.data && (
                    <Button onClick={() => void mark(areas, [hints.data.suggestion])}>Suggest one</Button>
                )}
            </div>
            <p className="text-small text-soft">Known to every line that uses this picture.</p>
        </div>
    );
}
