import { useNavigate } from 'react-router';
import { useAct } from '@/api/act';
import { useManyActs } from '@/api/lines';
import type { LineView } from '@/api/types';
import { Button, Key } from '@/common/Button';
import { Mark } from '@/common/Mark';
import { useKeys } from '@/keys/useKeys';
import { useMake } from '@/lines/useMake';
import { useNotices } from '@/notices/notices';
import { Silhouette, scaleFor } from '@/silhouette/Silhouette';
import { findingAlike } from './alike';
import { Home } from '@/common/Home';

/** Of so few lines each is shown larger; screen pixels. */
const FEW = 8;
const LARGE = [260, 200] as const;
const SMALL = [150, 120] as const;

interface Props {
    orderId: number;
    /** what they have alike, in words */
    alike: string;
    lines: LineView[];
    onNext: () => void;
    onBack: () => void;
}

/** What many lines have alike, on one page: a yes for all of them, or one by one. */
export function SameOfMany({ orderId, alike, lines, onNext, onBack }: Props) {
    const navigate = useNavigate();
    const notices = useNotices();
    const acts = useManyActs(orderId);
    const make = useMake(orderId);
    const says = [...new Set(lines.map((line) => findingAlike(line, alike)!.text))];
    const [width, height] = lines.length <= FEW ? LARGE : SMALL;
    const scale = scaleFor(
        lines.map(({ drawing }) => drawing),
        width,
        height,
    );
    const settle = useAct((of: LineView[]) => acts.settle(of, alike), {
        onSuccess: (missed) => missed.forEach((words) => notices.say(words, { lasts: true })),
        onError: (error) => notices.say(error.message, { lasts: true }),
    });
    /** @param then what is done where it was said of them, told whether none is left */
    const yes = (of: LineView[], then: (isAll: boolean) => void) =>
        settle.mutate(of, { onSuccess: (missed) => then(of.length === lines.length && missed.length === 0) });
    const onIfAll = (isAll: boolean) => isAll && onNext();
    const all = () => yes(lines, onIfAll);
    const allAndMake = () => yes(lines, () => make.mutate([]));
    useKeys({
        y: all,
        Enter: all,
        m: allAndMake,
        b: () => void navigate(`/orders/${orderId}/lines/${lines[0]!.id}`),
        n: onNext,
        ']': onNext,
        '[': onBack,
    });
    return (
        <Home isFilled className="flex min-h-0 grow flex-col">
            <h1 className="flex items-baseline gap-3 px-[26px] pt-4 font-serif text-lead">
                <Mark level="look" />
                <span>
                    {alike}{' '}
                    <span className="text-read text-soft">· {lines.length === 1 ? 'one line' : `${lines.length} lines`}</span>
                </span>
            </h1>
            {says.length === 1 && <p className="px-[52px] pb-1 text-row text-soft">{says[0]}</p>}
            <ol
                className="grid grow auto-rows-min gap-x-6 gap-y-7 overflow-auto px-[26px] py-5"
                style={{ gridTemplateColumns: `repeat(auto-fill, minmax(${width + 30}px, 1fr))` }}
            >
                {lines.map((line) => (
                    <li key={line.id} className="flex flex-col items-start gap-1.5">
                        <div className="flex items-end" style={{ height: height + 4 }}>
                            <Silhouette drawing={line.drawing} picture={line.picture} scale={scale} label="" isLarge />
                        </div>
                        <p className="font-serif text-read leading-snug">
                            <span className="font-sans text-small text-soft">{line.number}</span> {line.short}
                        </p>
                        {says.length > 1 && (
                            <p className="text-small leading-snug text-soft">
                                {findingAlike(line, alike)!.title}. {findingAlike(line, alike)!.text}
                            </p>
                        )}
                        <Button
                            className="mt-auto"
                            onClick={() => yes([line], onIfAll)}
                            disabled={settle.isPending}
                            aria-label={`Yes, line ${line.number}`}
                        >
                            Yes
                        </Button>
                    </li>
                ))}
            </ol>
            <div className="flex shrink-0 items-center gap-2.5 border-t border-rule px-[26px] py-3">
                <p className="grow text-row text-soft">What has nothing else to look at passes with it.</p>
                <Button onClick={onNext}>
                    Later<Key>N</Key>
                </Button>
                <Button look="main" onClick={all} disabled={settle.isPending}>
                    Yes, for all {lines.length}
                    <Key>Y</Key>
                </Button>
                <Button onClick={allAndMake} disabled={settle.isPending || make.isPending}>
                    and make<Key>M</Key>
                </Button>
            </div>
        </Home>
    );
}
