import { useUnit } from '@/api/people';
import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

/** How panels hang: apart, and what becomes of the picture there; or overlapping, to be pasted together. */
export function GapWord({ line, change }: WordProps) {
    const tell = useTell();
    const none = `0 ${useUnit()}`;
    const { gap = none, behindGap = 'keep', overlap = none } = line.line.panels ?? {};
    return (
        <div className="flex flex-col gap-3">
            <Typed
                label="Wall between panels"
                value={gap}
                onSet={(typed) => change({ panels: { gap: typed, ...(/^0\D*$/.test(typed) ? {} : { overlap: null }) } })}
            />
            <Choice
                label="The picture behind it"
                value={behindGap}
                onChoose={(chosen) => tell(change({ panels: { behindGap: chosen === 'keep' ? null : chosen } }))}
                options={[
                    { value: 'keep', label: 'Kept whole', note: 'hung a little apart' },
                    { value: 'drop', label: 'Left out', note: 'as through a window' },
                ]}
            />
            <Typed
                label="Or they overlap by"
                value={overlap}
                onSet={(typed) => change({ panels: { overlap: typed, ...(/^0\D*$/.test(typed) ? {} : { gap: null }) } })}
                note="For large prints that are pasted together: neighbours both have that much."
            />
        </div>
    );
}
