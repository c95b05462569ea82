import { Tick } from '@/common/Tick';
import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import type { WordProps } from '@/words/word';

/** The larger sheet a print is laid on and trimmed from. */
export function CarrierWord({ line, order, change }: WordProps) {
    const tell = useTell();
    return (
        <div className="flex flex-col gap-3">
            <Choice
                label="Larger sheet"
                value={line.line.carrier ?? 'auto'}
                onChoose={(carrier) => tell(change({ carrier: carrier === 'auto' ? null : carrier }))}
                options={[
                    { value: 'auto', label: 'Where the size isn’t listed', note: 'the smallest' },
                    { value: 'none', label: 'None' },
                    ...order.labCard.sizes.map(({ size, label }) => ({ value: size, label })),
                ]}
            />
            <Tick
                label="Ticks where to trim"
                isTicked={line.line.trimMarks ?? true}
                onTick={(isTicked) => tell(change({ trimMarks: isTicked ? null : false }))}
            />
        </div>
    );
}
