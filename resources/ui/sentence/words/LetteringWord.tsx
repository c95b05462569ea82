import type { Lettering } from '@/api/types';
import { Choice } from '@/common/Choice';
import { useTell } from '@/common/useTell';
import { useLettering, useNewLettering } from '@/drawing/tools/lettering';
import { ColourField } from '@/words/ColourField';
import { FaceChoice } from '@/sentence/FaceChoice';
import { asPercent, fromPercent } from '@/words/percent';
import { Typed } from '@/words/Typed';
import { useListed } from '@/sentence/useListed';
import type { WordProps } from '@/words/word';

/** Words on the picture or its paper, block by block, exactly. */
export function LetteringWord({ line, order, change, close }: WordProps) {
    const tell = useTell();
    const { begin } = useLettering();
    const beginNew = useNewLettering(line);
    const blocks = line.line.lettering ?? [];
    const {
        at,
        one: block,
        show,
        set,
        takeAway,
    } = useListed(blocks, (changed) => change((now) => ({ lettering: changed(now.line.lettering ?? []).map(without) })));
    const type = (which: number) => {
        close();
        begin(which);
    };
    const link = 'self-start font-semibold text-copper underline underline-offset-4';
    if (!block) {
        return (
            <button
                type="button"
                className={link}
                onClick={() => {
                    close();
                    beginNew();
                }}
            >
                Type it on the drawing
            </button>
        );
    }
    return (
        <div className="flex flex-col gap-3">
            {blocks.length > 1 && (
                <Choice
                    label="Which block"
                    value={String(at)}
                    onChoose={(chosen) => show(Number(chosen))}
                    options={blocks.map(({ text }, i) => ({ value: String(i), label: text.replaceAll('\n', ' / ') }))}
                />
            )}
            <label className="flex flex-col gap-1">
                <span className="text-small text-soft">Words</span>
                <textarea
                    key={`${at} ${block.text}`}
                    defaultValue={block.text}
                    rows={Math.min(5, block.text.split('\n').length + 1)}
                    className="rounded-sm border border-edge px-2 py-1"
                    onBlur={(event) => {
                        const text = event.target.value;
                        if (text !== block.text && text.trim() !== '') {
                            tell(set({ text }));
                        }
                    }}
                />
            </label>
            <Typed label="Height" value={block.height ?? '9 mm'} width="w-24" onSet={(height) => set({ height })} />
            <Choice
                label="Cut"
                value={`${block.weight ?? 'normal'} ${block.slant ?? 'upright'}`}
                onChoose={(chosen) => {
                    const [weight, slant] = chosen.split(' ') as [Lettering['weight'], Lettering['slant']];
                    tell(set({ weight, slant }));
                }}
                options={[
                    { value: 'normal upright', label: 'Regular' },
                    { value: 'bold upright', label: 'Bold' },
                    { value: 'normal italic', label: 'Italic' },
                    { value: 'bold italic', label: 'Bold italic' },
                ]}
            />
            <Choice
                label="Aligned"
                value={block.align ?? 'middle'}
                onChoose={(align) => tell(set({ align }))}
                options={[
                    { value: 'left', label: 'From its left' },
                    { value: 'middle', label: 'About its middle' },
                    { value: 'right', label: 'From its right' },
                ]}
            />
            <Typed
                label="From the left"
                value={asPercent(block.x ?? 0.5)}
                width="w-24"
                onSet={async (typed) => set({ x: fromPercent(typed) })}
            />
            <Typed
                label="From the top"
                value={asPercent(block.y ?? 0.5)}
                width="w-24"
                onSet={async (typed) => set({ y: fromPercent(typed) })}
            />
            <Typed
                label="At most so wide"
                value={block.widest ?? ''}
                width="w-24"
                note={block.widest === undefined ? 'as wide as it is typed' : undefined}
                onSet={(widest) => set({ widest: widest === '' ? undefined : widest })}
            />
            <FaceChoice faces={order.faces} value={block.face ?? 'Newsreader'} onChoose={(face) => tell(set({ face }))} />
            <ColourField
                line={line}
                close={close}
                label="Colour"
                value={block.colour ?? '#000000'}
                onSet={(colour) => set({ colour })}
            />
            <div className="flex gap-4">
                <button type="button" className={link} onClick={() => type(blocks.length)}>
                    Another block
                </button>
                <button type="button" className={link} onClick={() => tell(takeAway())}>
                    Take it away
                </button>
            </div>
        </div>
    );
}

const without = (block: Lettering): Lettering =>
    Object.fromEntries(Object.entries(block).filter(([, value]) => value !== undefined)) as unknown as Lettering;
