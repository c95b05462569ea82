import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useLineActs } from '@/api/lines';
import { useOrder } from '@/api/orders';
import { useMark } from '@/api/pictures';
import type { DrawingFigures, Finding, LineView, OrderSheet } from '@/api/types';
import { Button, Key } from '@/common/Button';
import { Loading, Trouble } from '@/common/Loading';
import { Mark } from '@/common/Mark';
import { OfOrder } from '@/common/OfOrder';
import { waysOut } from '@/common/waysOut';
import { useKeys } from '@/common/useKeys';
import { useNotices } from '@/notices/notices';
import { useTell } from '@/common/useTell';
import { Drawing } from '@/drawing/Drawing';
import { ChosenKept } from '@/drawing/tools/chosen';
import { LetteringKept } from '@/drawing/tools/lettering';
import { ModeKept } from '@/drawing/tools/mode';
import { useHand } from '@/drawing/useHand';
import { finishOf } from '@/finishes';
import { useMake } from '@/lines/useMake';
import { UNDO_KEYS, UndoRedo } from '@/common/UndoRedo';
import { wantsEyes } from '@/lines/wantsEyes';

const KEYS = [
    { keys: 'Y  or  Enter', does: 'yes: pass it, and on to the next' },
    { keys: 'M', does: 'yes, and make the files of all that is passed' },
    { keys: 'R  or  ⇧ R', does: 'the next remedy, or the one beside it' },
    { keys: 'B', does: 'to the bench' },
    { keys: 'N  or  ]', does: 'leave it for later, and on' },
    { keys: '[', does: 'back to the one before' },
    { keys: 'Arrows, drag, +  and  −', does: 'move the picture under its window, tighter, looser' },
    { keys: 'T', does: 'turn the window' },
    ...UNDO_KEYS,
    { keys: 'O', does: 'back to the order sheet' },
];

/** The lines of an order that want eyes, one after the other, large: one key each. */
export function LookAtEach() {
    const order = useOrder(Number(useParams().order));
    return order.data ? (
        <Walk order={order.data} trouble={order.failureReason} />
    ) : (
        <Loading error={order.error ?? order.failureReason} />
    );
}

function Walk({ order, trouble }: { order: OrderSheet; trouble: Error | null }) {
    /** as they were when one began: a line that is passed stays in the row, so that one can go back */
    const [row] = useState(() => order.lines.filter(wantsEyes).map(({ id }) => id));
    const [at, setAt] = useState(0);
    const navigate = useNavigate();
    const notices = useNotices();
    const sheet = `/orders/${order.id}`;
    const there = row.filter((id) => order.lines.some((line) => line.id === id));
    const line = order.lines.find(({ id }) => id === there[at]);
    const go = (to: number) => {
        if (to >= there.length) {
            const left = order.lines.filter((one) => there.includes(one.id) && wantsEyes(one) && one.id !== line?.id).length;
            notices.say(left === 0 ? 'That was all of them.' : `That was all of them; ${left} are left for later.`);
            void navigate(sheet);
        } else {
            setAt(Math.max(0, to));
        }
    };
    useKeys({ o: () => void navigate(sheet) });
    return (
        <OfOrder
            title={`Look at each · ${order.client}`}
            order={order}
            here="look at each"
            keys={KEYS}
            acts={
                <>
                    <span className="text-row whitespace-nowrap text-soft" role="status">
                        {there.length === 0 ? 'None' : `${at + 1} of ${there.length}`}
                    </span>
                    <UndoRedo orderId={order.id} />
                </>
            }
        >
            <Trouble error={trouble} />
            {line ? (
                <ModeKept key={line.id}>
                    <ChosenKept>
                        <LetteringKept>
                            <OneLine order={order} line={line} onNext={() => go(at + 1)} onBack={() => go(at - 1)} />
                        </LetteringKept>
                    </ChosenKept>
                </ModeKept>
            ) : (
                <p className="p-10 font-serif text-lead">Nothing here wants to be looked at.</p>
            )}
        </OfOrder>
    );
}

const isDrawn = (line: LineView): line is LineView & { drawing: DrawingFigures } => line.drawing !== null;

interface OneLineProps {
    order: OrderSheet;
    line: LineView;
    onNext: () => void;
    onBack: () => void;
}

function OneLine({ order, line, onNext, onBack }: OneLineProps) {
    const navigate = useNavigate();
    const tell = useTell();
    const acts = useLineActs(order.id, line.id);
    const mark = useMark(order.id, line.picture?.sha256);
    const { change } = acts;
    const hand = useHand(change);
    const findings = line.findings.filter(({ level }) => level !== 'fine');
    /** of the first finding that has any, the others by Shift */
    const remedies = waysOut(findings.find((finding) => finding.remedy) ?? { remedy: null, others: [] }).slice(0, 2);
    const isStopped = line.findings[0]?.level === 'stops';
    const notices = useNotices();
    const stopped = () => notices.say(`It can’t pass: ${findings[0]!.title}.`, { lasts: true });
    const yes = () => {
        if (line.state === 'passed' || line.state === 'made') {
            onNext();
        } else if (isStopped) {
            stopped();
        } else {
            tell(acts.pass().then(onNext));
        }
    };
    const make = useMake(order.id);
    const yesAndMake = () => {
        if (line.state === 'passed' || line.state === 'made') {
            make.mutate([]);
        } else if (isStopped) {
            stopped();
        } else {
            tell(acts.pass().then(() => make.mutate([])));
        }
    };
    const mend = (at: number) => remedies[at] && tell(change(remedies[at].change));
    const bench = () => void navigate(`/orders/${order.id}/lines/${line.id}`);
    useKeys({
        y: yes,
        Enter: yes,
        m: yesAndMake,
        r: () => void mend(0),
        R: () => void mend(1),
        b: bench,
        n: onNext,
        ']': onNext,
        '[': onBack,
    });
    return (
        <main className="flex min-h-0 grow flex-col">
            <h1 className="px-[26px] py-2.5 font-serif text-lead">
                {line.short} <span className="text-read text-soft">· {line.prints}</span>
            </h1>
            {isDrawn(line) && (
                <div className="relative flex min-h-0 grow flex-col">
                    <Drawing
                        line={line}
                        finish={finishOf(line)}
                        faces={order.faces}
                        {...hand}
                        onType={acts.type}
                        tell={tell}
                        onRemedy={(one) => tell(change(one.change))}
                        onMark={(area) => void mark(line.mustStayIn, [...line.mustStayIn, area])}
                    />
                </div>
            )}
            <div className="flex shrink-0 items-center gap-6 border-t border-rule px-[26px] py-3">
                <WhatToLookAt line={line} findings={findings} />
                <div className="flex max-w-[44%] shrink-0 flex-wrap items-center justify-end gap-2.5">
                    {remedies.map((remedy, i) => (
                        <Button key={remedy.label} onClick={() => mend(i)}>
                            {remedy.label}
                            <Key>{i === 0 ? 'R' : '⇧ R'}</Key>
                        </Button>
                    ))}
                    <Button onClick={bench}>
                        Bench<Key>B</Key>
                    </Button>
                    <Button onClick={onNext}>
                        Later<Key>N</Key>
                    </Button>
                    <Button
                        look="main"
                        onClick={yes}
                        disabled={isStopped}
                        title={isStopped ? 'A line that is stopped can’t pass' : undefined}
                    >
                        Yes<Key>Y</Key>
                    </Button>
                    <Button onClick={yesAndMake} disabled={isStopped || make.isPending}>
                        and make<Key>M</Key>
                    </Button>
                </div>
            </div>
        </main>
    );
}

function WhatToLookAt({ line, findings }: { line: LineView; findings: Finding[] }) {
    return (
        <ul className="min-w-0 grow" aria-label="What to look at" aria-live="polite">
            {line.labSaid !== null && line.state === 'open' && (
                <li className="flex items-baseline gap-2.5 text-row leading-snug">
                    <Mark level="look" />
                    <span className="min-w-0">
                        <b>The lab sent it back.</b> <span className="text-soft">{line.labSaid}</span>
                    </span>
                </li>
            )}
            {findings.map((finding) => (
                <li key={`${finding.code} ${finding.title}`} className="flex items-baseline gap-2.5 text-row leading-snug">
                    <Mark level={finding.level} />
                    <span className="min-w-0">
                        <b>{finding.title}.</b> <span className="text-soft">{finding.text}</span>
                    </span>
                </li>
            ))}
            {findings.length === 0 && line.labSaid === null && (
                <li className="flex items-baseline gap-2.5 text-row">
                    <Mark level="fine" />{' '}
                    {line.isSeenFirst
                        ? 'Nothing is wrong with it. See where it is cut, folded and joined.'
                        : 'Nothing to look at any more.'}
                </li>
            )}
        </ul>
    );
}
