import { Link } from 'react-router';
import { useLineActs } from '@/api/lines';
import { useTell } from '@/common/useTell';
import type { HeardAnswer, LineView } from '@/api/types';
import { Mark } from '@/common/Mark';
import { Silhouette } from '@/silhouette/Silhouette';
import { ClientSaid } from '@/lines/ClientSaid';
import { useDrop } from '@/pictures/dragging';
import { isFineLevel } from '@/lines/wantsEyes';
import { filled } from '@/pictures/filled';
import { Remark } from '@/lines/Remark';
import { useDropped } from '@/pictures/useDropped';

interface Props {
    orderId: number;
    line: LineView;
    /** what the client said to it */
    said: HeardAnswer | undefined;
    /** where it is, of what the lab has */
    atLab: string | undefined;
    scale: number;
    isChosen: boolean;
    onChoose: (chosen: boolean, isRange: boolean) => void;
    onFiles: (files: File[], then: (name: string) => void) => void;
}

/** One line at a glance: its silhouette, its sentence in short, its worst finding, its quantity. */
export function LineRow({ orderId, line, said, atLab, scale, isChosen, onChoose, onFiles }: Props) {
    const acts = useLineActs(orderId, line.id);
    const tell = useTell();
    const choose = (pictures: string[]) =>
        tell(acts.change((now) => (now.line.sheet ? filled(now, pictures) : { picture: pictures[0] })));
    const dropped = useDropped(line, acts, onFiles);
    const drop = useDrop({
        onPictures: choose,
        onFiles: (files) => dropped(files),
    });
    const waiting = line.state === 'waiting';
    const figures = line.facts.length > 0 ? `${line.facts[1]!.figure} · ${line.uses.colour} · ` : '';
    return (
        <li
            className={`group relative grid grid-cols-[28px_118px_1fr_190px_82px_56px_28px] items-center gap-4 border-t border-rule py-2.5 hover:bg-chrome/60 ${drop.isOver ? 'bg-blush' : ''}`}
            {...drop.handlers}
        >
            <label className="relative z-10 flex h-full items-center text-small text-soft">
                <span className="group-focus-within:hidden group-hover:hidden has-[+:checked]:hidden">{line.number}</span>
                <input
                    type="checkbox"
                    aria-label={`Choose line ${line.number}`}
                    checked={isChosen}
                    onChange={(event) => onChoose(event.target.checked, (event.nativeEvent as MouseEvent).shiftKey)}
                    className="absolute left-0 size-[15px] accent-copper opacity-0 group-focus-within:opacity-100 group-hover:opacity-100 checked:opacity-100"
                />
            </label>
            <div className="grid min-h-10 place-items-center">
                <Silhouette drawing={line.drawing} picture={line.picture} scale={scale} label={line.short} />
            </div>
            <div className="min-w-0">
                <Link
                    to={`/orders/${orderId}/lines/${line.id}`}
                    title={line.short}
                    aria-label={line.short}
                    className={`flex font-serif text-sentence leading-snug whitespace-pre after:absolute after:inset-0 ${waiting ? 'text-soft' : ''}`}
                >
                    <Short {...line} />
                </Link>
                <p className="truncate text-small text-soft">
                    {figures}
                    {added(line)}
                    {line.fileName}
                </p>
                {(line.remark ?? line.remarkForLab) && (
                    <p className="truncate font-serif text-row italic">
                        {[line.remark, line.remarkForLab && `for the lab: ${line.remarkForLab}`].filter(Boolean).join(' · ')}
                    </p>
                )}
                {said && <ClientSaid answer={said} line={line} isShort />}
            </div>
            <State line={line} atLab={atLab} />
            <p className="text-right text-row font-semibold">{line.prints}</p>
            <Remark
                orderId={orderId}
                line={line}
                className={
                    line.remark || line.remarkForLab ? '' : 'opacity-0 group-focus-within:opacity-100 group-hover:opacity-100'
                }
            />
            <button
                aria-label={`Remove line ${line.number}`}
                title="Remove this line"
                onClick={() => void acts.remove()}
                className="relative z-10 size-6 rounded-sm text-soft opacity-0 group-hover:opacity-100 hover:bg-white hover:text-stops focus-visible:opacity-100"
            >
                ×
            </button>
        </li>
    );
}

/** A line in short: where there is too little room its picture's name is cut before its size is. */
function Short({ short, uses: { subject } }: LineView) {
    const isNamed = short.startsWith(subject) && subject !== '';
    return isNamed ? (
        <>
            <span className="min-w-8 truncate">{subject}</span>
            <span className="max-w-[calc(100%-2rem)] shrink-0 truncate">{short.slice(subject.length)}</span>
        </>
    ) : (
        <span className="min-w-0 truncate">{short}</span>
    );
}

/** What is on it beside its picture, in a word each. */
const added = ({ line: { caption, lettering, overlays } }: LineView) =>
    [caption && 'captioned · ', lettering?.length && 'lettered · ', overlays?.length && 'marked · '].filter(Boolean).join('');

function State({ line, atLab }: { line: LineView; atLab: string | undefined }) {
    const worst = line.findings[0]!;
    if (line.state === 'waiting') {
        return <p className="text-row text-soft">Waiting for its picture</p>;
    }
    if (line.state === 'made') {
        return (
            <p className="flex items-center gap-2 text-row">
                <Mark level="fine" filled />{' '}
                <span className="inline-block first-letter:uppercase">{atLab ?? 'Made, read back'}</span>
            </p>
        );
    }
    if (line.labSaid !== null && line.state === 'open') {
        return (
            <p className="flex items-center gap-2 text-row" title={line.labSaid}>
                <Mark level="look" /> <span className="line-clamp-2">Back: {line.labSaid}</span>
            </p>
        );
    }
    return (
        <p className="flex items-center gap-2 text-row">
            <Mark level={line.state === 'passed' && worst.level !== 'stops' ? 'fine' : worst.level} />
            {line.state === 'passed' && worst.level !== 'stops'
                ? 'Passed'
                : isFineLevel(worst.level)
                  ? 'Ready to pass'
                  : worst.title}
        </p>
    );
}
