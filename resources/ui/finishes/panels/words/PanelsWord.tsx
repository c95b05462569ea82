import { useTell } from '@/common/useTell';
import type { LineView, Panels } from '@/api/types';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

type Told = NonNullable<Panels['columns']>;

type Shares = Exclude<Told, number>;

/** “3” is three that are alike. */
const shares = (told: Told | undefined): Shares =>
    typeof told === 'number' ? (Array.from({ length: told }, () => 1) as Shares) : (told ?? [1]);

const WAYS: { label: string; columns: number[]; rows: number[] }[] = [
    { label: 'Two', columns: [1, 1], rows: [1] },
    { label: 'Three', columns: [1, 1, 1], rows: [1] },
    { label: 'Wide middle', columns: [1, 2, 1], rows: [1] },
    { label: 'Four', columns: [1, 1, 1, 1], rows: [1] },
    { label: 'Five', columns: [1, 1, 1, 1, 1], rows: [1] },
    { label: 'Stacked', columns: [1], rows: [1, 1, 1] },
    { label: '2 × 2', columns: [1, 1], rows: [1, 1] },
    { label: '3 × 2', columns: [1, 1, 1], rows: [1, 1] },
];

const same = (told: Told | undefined, way: number[]) => JSON.stringify(shares(told)) === JSON.stringify(way);

/** Shares as they are typed: “1 : 2 : 1”, “25, 40, 25 in”. */
const written = (told: Told | undefined) =>
    shares(told).join(shares(told).every((share) => typeof share === 'number') ? ' : ' : ', ');

/** Proportions are numbers, lengths have a unit; a unit written once at the end counts for all. */
function read(typed: string): (number | string)[] {
    const parts = typed
        .trim()
        .split(/\s*(?:[:;+]|,\s|\band\b)\s*|,(?=\d+(?:\.\d+)?\s*[a-z"])/i)
        .filter((part) => part !== '');
    const unit = parts.at(-1)?.match(/\d\s*([a-z"″]+)$/i)?.[1];
    return unit === undefined
        ? parts.map((part) => {
              const share = Number(part.replace(',', '.'));
              if (!(share > 0)) {
                  throw new Error(
                      `“${part}” is no share. Write proportions such as 1 : 2 : 1, or lengths such as 25, 40, 25 in.`,
                  );
              }
              return share;
          })
        : parts.map((part) => (/[a-z"″]$/i.test(part) ? part : `${part} ${unit}`));
}

/** How the piece is shared out: a few ways by name, or any proportions or lengths. */
export function PanelsWord({ line, change }: WordProps) {
    const tell = useTell();
    const panels = line.line.panels ?? {};
    return (
        <div className="flex flex-col gap-3">
            <div className="grid grid-cols-2 gap-1.5">
                {WAYS.map((way) => (
                    <button
                        key={way.label}
                        type="button"
                        aria-pressed={same(panels.columns, way.columns) && same(panels.rows, way.rows)}
                        onClick={() =>
                            tell(change({ panels: { columns: way.columns, rows: way.rows.length > 1 ? way.rows : null } }))
                        }
                        className="flex items-center gap-2 rounded-sm border border-rule px-2 py-1.5 text-left text-row whitespace-nowrap hover:border-ink aria-pressed:border-copper aria-pressed:bg-blush"
                    >
                        <Pictogram columns={way.columns} rows={way.rows} />
                        {way.label}
                    </button>
                ))}
            </div>
            <Typed
                label="Across"
                width="w-36"
                value={written(panels.columns)}
                onSet={async (typed) => change({ panels: { columns: read(typed) as Shares } })}
                note="Proportions such as 1 : 2 : 1, or lengths such as 25, 40, 25 in."
            />
            <Typed
                label="Down"
                width="w-36"
                value={written(panels.rows)}
                onSet={async (typed) => change({ panels: { rows: read(typed) as Shares } })}
            />
            <Typed
                label="Each panel"
                width="w-36"
                value={(panels.piece ?? '').replace(' x ', ' × ')}
                onSet={(piece) => change(piece === '' ? ofAll(line) : ofEach(line, piece))}
                note="As it hangs, such as 30 × 60 in; all of it follows."
            />
        </div>
    );
}

/** The size of each panel says that of all; how many there are stays. */
const ofEach = ({ line }: LineView, piece: string) => ({
    size: null,
    panels: { piece, columns: shares(line.panels?.columns).length, rows: shares(line.panels?.rows).length },
});

/** Its size as it is, of all again. */
const ofAll = ({ uses }: LineView) => ({ size: uses.size, panels: { piece: null } });

function Pictogram({ columns, rows }: { columns: number[]; rows: number[] }) {
    const [wide, high, gap] = [30, 20, 2];
    const spans = (shares: number[], length: number) => {
        const each = (length - gap * (shares.length - 1)) / shares.reduce((sum, share) => sum + share, 0);
        let from = 0;
        return shares.map((share) => {
            const span = { from, size: share * each };
            from += span.size + gap;
            return span;
        });
    };
    return (
        <svg width={wide} height={high} aria-hidden="true" className="shrink-0">
            {spans(rows, high).map((row) =>
                spans(columns, wide).map((column) => (
                    <rect
                        key={`${row.from} ${column.from}`}
                        x={column.from}
                        y={row.from}
                        width={column.size}
                        height={row.size}
                        className="fill-soft/60"
                    />
                )),
            )}
        </svg>
    );
}
