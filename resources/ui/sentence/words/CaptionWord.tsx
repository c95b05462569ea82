import type { Caption } from '@/api/types';
import { Choice } from '@/common/Choice';
import { useTell } from '@/common/useTell';
import { ColourField } from '@/words/ColourField';
import { FaceChoice } from '@/sentence/FaceChoice';
import { Parts } from '@/words/Parts';
import { Typed } from '@/words/Typed';
import type { WordProps } from '@/words/word';

const PARTS = {
    exposure: 'the exposure',
    file: 'the file’s name',
    subject: 'the subject',
    size: 'the size',
    order: 'the order’s number',
    client: 'the client',
    date: 'the date',
};

const USUAL: Caption = { parts: ['exposure'] };

/** A line of small type beside the image. */
export function CaptionWord({ line, order, change, close }: WordProps) {
    const tell = useTell();
    const caption = line.line.caption;
    const set = (next: Partial<Caption>) => change({ caption: next });
    if (!caption) {
        return (
            <button
                type="button"
                className="self-start font-semibold text-copper underline underline-offset-4"
                onClick={() => tell(set(USUAL))}
            >
                Caption it with the exposure
            </button>
        );
    }
    const where = caption.inSurplus ? 'surplus' : (caption.where ?? 'below');
    const reads = line.drawing?.added.caption?.lines[0]?.text;
    return (
        <div className="flex flex-col gap-3">
            <p className="rounded-sm bg-chrome px-2 py-1.5" data-testid="caption-reads">
                {reads ?? 'It has nothing to say, or no room.'}
            </p>
            <Parts
                of="the caption"
                parts={caption.parts}
                named={PARTS}
                change={(changed) =>
                    change((now) => ({ caption: { parts: changed(now.line.caption?.parts ?? []) as Caption['parts'] } }))
                }
            />
            <Typed label="Height" value={caption.height ?? '3 mm'} width="w-24" onSet={(height) => set({ height })} />
            <Choice
                label="Where"
                value={where}
                onChoose={(chosen) => tell(set(chosen === 'surplus' ? { inSurplus: true } : { inSurplus: false, where: chosen }))}
                options={[
                    { value: 'below', label: 'Below the image' },
                    { value: 'above', label: 'Above the image' },
                    { value: 'surplus', label: 'In what is trimmed away' },
                ]}
            />
            <Choice
                label="Along it"
                value={caption.align ?? 'left'}
                onChoose={(align) => tell(set({ align }))}
                options={[
                    { value: 'left', label: 'On the left' },
                    { value: 'middle', label: 'In the middle' },
                    { value: 'right', label: 'On the right' },
                ]}
            />
            <FaceChoice faces={order.faces} value={caption.face ?? 'Archivo'} onChoose={(face) => tell(set({ face }))} />
            <ColourField
                line={line}
                close={close}
                label="Colour"
                value={caption.colour ?? '#000000'}
                onSet={(colour) => set({ colour })}
            />
            <button
                type="button"
                className="self-start font-semibold text-copper underline underline-offset-4"
                onClick={() => tell(change({ caption: null }))}
            >
                No caption
            </button>
        </div>
    );
}
