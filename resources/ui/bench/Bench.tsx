import { useCallback, useEffect, useState } from 'react';
import { Navigate, useParams } from 'react-router';
import { useLineActs } from '@/api/lines';
import type { SaidOf } from '@/api/lists';
import { useLookedAhead, useMark } from '@/api/pictures';
import { useAnswers } from '@/api/client-pages';
import { useOrder } from '@/api/orders';
import { useTell } from '@/common/useTell';
import type { DrawingFigures, LineView, OrderSheet } from '@/api/types';
import { daysAway } from '@/common/days';
import { Loading, Trouble } from '@/common/Loading';
import { useNotices } from '@/notices/notices';
import { OfOrder } from '@/common/OfOrder';
import { UNDO_KEYS, UndoRedo } from '@/common/UndoRedo';
import { useChosenCells } from './useChosenCells';
import { useWayThrough } from './useWayThrough';
import { useKeys } from '@/keys/useKeys';
import { Drawing } from '@/drawing/Drawing';
import { FINISHES, finishOf } from '@/finishes';
import type { FinishUi } from '@/finishes/finish';
import { useDrop } from '@/pictures/dragging';
import { UploadList } from '@/pictures/UploadList';
import { useDropped } from '@/pictures/useDropped';
import { useUploads } from '@/pictures/uploads';
import { SayIt } from '@/sentence/SayIt';
import { Sentence } from '@/sentence/Sentence';
import { BeforeItGoes } from './BeforeItGoes';
import { GiveFinish } from '@/lines/GiveFinish';
import { ChosenKept } from '@/drawing/tools/chosen';
import { LetteringKept } from '@/drawing/tools/lettering';
import { ModeKept } from '@/drawing/tools/mode';
import { useHand } from '@/drawing/useHand';
import { Rack } from './Rack';
import { TestStripBar } from './TestStripBar';
import { Home } from '@/common/Home';

const KEYS = [
    { keys: 'Enter', does: 'pass the line and go to the next that is not passed' },
    { keys: '[  and  ]', does: 'the line before, the line after' },
    { keys: 'Tab', does: 'walk the words of the sentence; Enter opens one, Esc closes it' },
    { keys: 'W', does: 'say what is wanted, in words; of the lettering, the caption or the mark that has the focus' },
    { keys: 'Arrows', does: 'move the picture 1 mm; with Shift 10 mm' },
    { keys: '+  and  −', does: 'tighter, looser; so does the wheel' },
    { keys: 'T', does: 'turn the window' },
    { keys: 'C', does: 'centre the window' },
    { keys: 'K', does: 'mark what must stay in: drag over it' },
    { keys: 'L', does: 'lettering: type it where it will stand; so does a double click' },
    { keys: 'P', does: 'as it will look on its paper, until pressed again; held, while it is held' },
    { keys: 'G', does: 'hatch what is out of gamut' },
    { keys: 'H', does: 'histograms before and after' },
    { keys: 'U', does: 'a house finish, by the first letters of its name' },
    { keys: '0', does: 'as large as the print will be' },
    { keys: '1', does: 'one pixel of the file on one of the screen' },
    ...Object.values(FINISHES).flatMap((finish: FinishUi) => finish.keys ?? []),
    ...UNDO_KEYS,
    { keys: 'O', does: 'back to the order sheet' },
];

/** One line, worked on. */
export function Bench() {
    const params = useParams();
    const order = useOrder(Number(params.order));
    if (!order.data) {
        return <Loading error={order.error ?? order.failureReason} />;
    }
    const line = order.data.lines.find((candidate) => candidate.id === Number(params.line));
    if (!line) {
        return order.isFetching ? <Loading error={null} /> : <Gone orderId={order.data.id} />;
    }
    return (
        <ModeKept key={line.id}>
            <ChosenKept>
                <LetteringKept>
                    <Workbench order={order.data} line={line} trouble={order.failureReason} />
                </LetteringKept>
            </ChosenKept>
        </ModeKept>
    );
}

/** The block of letters or the mark that has the focus, on the drawing or in the sentence. */
const blockAtHand = () => document.activeElement?.closest<HTMLElement>('[data-said-of]')?.dataset.saidOf;

/** A line that was undone or removed leaves the order sheet behind. */
function Gone({ orderId }: { orderId: number }) {
    const { say } = useNotices();
    useEffect(() => say('That line isn’t on the order any more.'), [say]);
    return <Navigate to={`/orders/${orderId}`} replace />;
}

const isDrawn = (line: LineView): line is LineView & { drawing: DrawingFigures } => line.drawing !== null;

function Workbench({ order, line: kept, trouble }: { order: OrderSheet; line: LineView; trouble: Error | null }) {
    /** what something is being said of */
    const [saying, setSaying] = useState<SaidOf | null>(null);
    /** the line as it would be by what is being said of it */
    const [tried, setTried] = useState<LineView | null>(null);
    const line = tried ?? kept;
    const tell = useTell();
    const acts = useLineActs(order.id, line.id);
    const { at, go, goOn, leave } = useWayThrough(order, line);
    const stripOf = line.testOf === null ? undefined : order.lines.find(({ id }) => id === line.testOf);
    const said = (shared?: number) => {
        setSaying(null);
        if (shared !== undefined) {
            go(shared);
        }
    };

    const pass = () => {
        if (tried) {
            return; // what is shown isn’t what would be passed
        }
        if (line.state === 'passed' || line.state === 'made') {
            goOn();
        } else {
            tell(acts.pass().then(goOn));
        }
    };
    const answers = useAnswers(order.id);
    const { place, worked, change, changeAll, told } = useChosenCells(line, acts);
    const mark = useMark(order.id, worked.picture?.sha256);
    const { change: changeLine, changeCell } = acts;
    useLookedAhead([line.picture, ...line.cells.map(({ picture }) => picture)].flatMap((picture) => picture?.sha256 ?? []));
    const hand = useHand(change);
    const already = useCallback(() => undefined, []);
    const uploads = useUploads(order.id, already);
    const dropped = useDropped(line, acts, uploads.add);
    const drop = useDrop({ onFiles: (files) => dropped(files, place) });
    useKeys({
        Enter: pass,
        '[': () => go(order.lines[at - 1]?.id),
        ']': () => go(order.lines[at + 1]?.id),
        o: leave,
        w: () => setSaying({ cell: place, block: blockAtHand() }),
        ...(place === undefined ? {} : { Delete: () => tell(changeCell(place, { picture: null })) }),
    });

    return (
        <OfOrder
            title={line.short}
            order={order}
            here={`for ${order.lab}${order.dueOn ? ` · due ${daysAway(order.dueOn)}` : ''}`}
            keys={KEYS}
            acts={
                <>
                    <span className="text-row whitespace-nowrap text-soft" role="status">
                        {acts.isSaving ? 'Saving…' : `Line ${at + 1} of ${order.lines.length}`}
                    </span>
                    <UndoRedo orderId={order.id} />
                    <GiveFinish orderId={order.id} lines={[line]} keepFrom={line} />
                </>
            }
        >
            <Trouble error={trouble} />
            <div className="flex min-h-0 grow">
                <Rack orderId={order.id} lines={order.lines} current={line.id} />
                <Home isFilled className="flex min-w-0 grow flex-col">
                    <h1 className="sr-only">{line.short}</h1>
                    <Sentence line={line} order={order} change={changeLine} />
                    {saying && <SayIt orderId={order.id} line={kept} of={saying} onTried={setTried} onDone={said} />}
                    {stripOf && <TestStripBar order={order} line={line} of={stripOf} />}
                    {place !== undefined && <Sentence key={place} line={worked} order={order} change={changeAll} lead={told} />}
                    {isDrawn(line) && (
                        <div
                            className={`relative flex min-h-0 grow flex-col ${drop.isOver ? 'bg-blush' : ''}`}
                            {...drop.handlers}
                        >
                            <Drawing
                                line={line}
                                finish={finishOf(line)}
                                faces={order.faces}
                                {...hand}
                                onType={acts.type}
                                tell={tell}
                                onRemedy={(remedy) => tell(changeLine(remedy.change))}
                                onMark={(area) => void mark(worked.mustStayIn, [...worked.mustStayIn, area])}
                            />
                            <div className="absolute right-4 bottom-8 w-60">
                                <UploadList uploads={uploads.uploads} onAgain={uploads.again} onAway={uploads.away} />
                            </div>
                        </div>
                    )}
                    <Facts line={line} />
                </Home>
                <BeforeItGoes
                    orderId={order.id}
                    line={line}
                    said={answers?.[line.id]}
                    onRemedy={(remedy) => tell(changeLine(remedy.change))}
                    onPass={pass}
                    onHold={() => tell(acts.hold())}
                />
            </div>
        </OfOrder>
    );
}

/** The facts under the drawing. */
function Facts({ line }: { line: LineView }) {
    return (
        <dl className="flex shrink-0 border-t border-rule" data-testid="facts">
            {line.facts.map((fact) => (
                <div key={fact.note} className="min-w-0 flex-1 border-l border-rule px-3 py-2.5 first:border-l-0">
                    <dt className="text-row leading-snug font-semibold">{fact.figure}</dt>
                    <dd className="text-small leading-snug text-soft">{fact.note}</dd>
                </div>
            ))}
        </dl>
    );
}
