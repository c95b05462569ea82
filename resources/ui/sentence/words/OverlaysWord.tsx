import { markUrl, useMarks } from '@/api/marks';
import type { Overlay } from '@/api/types';
import { Choice } from '@/common/Choice';
import { useTell } from '@/common/useTell';
import { TakeUpMark } from '@/marks/TakeUpMark';
import { asPercent, fromPercent } from '@/words/percent';
import { Typed } from '@/words/Typed';
import { useListed } from '@/sentence/useListed';
import type { WordProps } from '@/words/word';

const PLACES = ['top-left', 'top', 'top-right', 'left', 'centre', 'right', 'bottom-left', 'bottom', 'bottom-right'] as const;

const LINK = 'self-start font-semibold text-copper underline underline-offset-4';

/** The studio's marks over the image: which, where, how wide, how strong. */
export function OverlaysWord({ line, change }: WordProps) {
    const tell = useTell();
    const overlays = line.line.overlays ?? [];
    const {
        at,
        one: overlay,
        show,
        set,
        add,
        takeAway,
    } = useListed(overlays, (changed) => change((now) => ({ overlays: changed(now.line.overlays ?? []) })));
    return (
        <div className="flex flex-col gap-3">
            {overlays.length > 1 && (
                <Choice
                    label="Which of them"
                    value={String(at)}
                    onChoose={(chosen) => show(Number(chosen))}
                    options={overlays.map(({ picture }, i) => ({ value: String(i), label: picture }))}
                />
            )}
            {overlay && (
                <>
                    <Places value={overlay.where ?? 'bottom-right'} onChoose={(where) => tell(set({ where }))} />
                    {overlay.where !== 'whole' && (
                        <>
                            <Typed label="Wide" value={overlay.width ?? '18 %'} width="w-24" onSet={(width) => set({ width })} />
                            <Typed
                                label="From the edge"
                                value={overlay.offset ?? '4 mm'}
                                width="w-24"
                                onSet={(offset) => set({ offset })}
                            />
                        </>
                    )}
                    <Typed
                        label="Strength"
                        value={asPercent(overlay.strength ?? 1)}
                        width="w-24"
                        onSet={async (typed) => set({ strength: fromPercent(typed) })}
                    />
                    <button type="button" className={LINK} onClick={() => tell(takeAway())}>
                        Without “{overlay.picture}”
                    </button>
                </>
            )}
            <MarkChoice
                title={overlay ? 'Lay another over it' : 'Lay one over it'}
                onChoose={(picture) => tell(add({ picture, strength: 0.7 }))}
            />
        </div>
    );
}

/** Where over the image: the nine places as they lie, or all of it. */
function Places({ value, onChoose }: { value: NonNullable<Overlay['where']>; onChoose: (where: Overlay['where']) => void }) {
    return (
        <div role="radiogroup" aria-label="Where over the image" className="flex items-center gap-4">
            <div className="grid w-28 grid-cols-3 gap-px border border-edge bg-rule">
                {PLACES.map((place) => (
                    <button
                        key={place}
                        type="button"
                        role="radio"
                        aria-checked={value === place}
                        aria-label={place.replace('-', ' ')}
                        title={place.replace('-', ' ')}
                        onClick={() => onChoose(place)}
                        className="h-7.5 bg-white hover:bg-blush aria-checked:bg-copper"
                    />
                ))}
            </div>
            <button
                type="button"
                role="radio"
                aria-checked={value === 'whole'}
                onClick={() => onChoose('whole')}
                className="rounded-sm border border-rule px-2 py-1 aria-checked:border-copper aria-checked:bg-blush"
            >
                over all of it
            </button>
        </div>
    );
}

/** The studio's marks to choose from, and one more taken up. */
function MarkChoice({ title, onChoose }: { title: string; onChoose: (name: string) => void }) {
    const marks = useMarks();
    return (
        <div className="flex flex-col gap-1.5">
            <h3 className="text-small text-soft">{title}</h3>
            <ul className="flex flex-col gap-px">
                {marks.data?.map((mark) => (
                    <li key={mark.id}>
                        <button
                            type="button"
                            className="flex w-full items-center gap-2.5 rounded-sm px-2 py-1 text-left hover:bg-chrome"
                            onClick={() => onChoose(mark.name)}
                        >
                            <img src={markUrl(mark.sha256)} alt="" className="h-7 w-14 bg-mid object-contain" />
                            <span className="grow truncate">{mark.name}</span>
                        </button>
                    </li>
                ))}
                {marks.data?.length === 0 && <li className="py-1 text-soft">The studio keeps no mark yet.</li>}
            </ul>
            <TakeUpMark onTaken={onChoose} />
        </div>
    );
}
