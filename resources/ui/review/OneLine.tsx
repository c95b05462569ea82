import { useNavigate } from 'react-router';
import { useLineActs } from '@/api/lines';
import { useMark } from '@/api/pictures';
import type { DrawingFigures, Finding, LineView, OrderSheet } from '@/api/types';
import { Button, Key } from '@/common/Button';
import { Mark } from '@/common/Mark';
import { useKeys } from '@/keys/useKeys';
import { useTell } from '@/common/useTell';
import { waysOut } from '@/common/waysOut';
import { Drawing } from '@/drawing/Drawing';
import { useHand } from '@/drawing/useHand';
import { finishOf } from '@/finishes';
import { useMake } from '@/lines/useMake';
import { isFineLevel } from '@/lines/wantsEyes';
import { useNotices } from '@/notices/notices';
import { Home } from '@/common/Home';

const isDrawn = (line: LineView): line is LineView & { drawing: DrawingFigures } => line.drawing !== null;

interface OneLineProps {
    order: OrderSheet;
    line: LineView;
    onNext: () => void;
    onBack: () => void;
}

/** A line that wants eyes, large: its drawing, what to look at, and one key. */
export function OneLine({ order, line, onNext, onBack }: OneLineProps) {
    const navigate = useNavigate();
    const tell = useTell();
    const acts = useLineActs(order.id, line.id);
    const mark = useMark(order.id, line.picture?.sha256);
    const { change } = acts;
    const hand = useHand(change);
    const findings = line.findings.filter(({ level }) => !isFineLevel(level));
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
        <Home isFilled className="flex min-h-0 grow flex-col">
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
        </Home>
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
