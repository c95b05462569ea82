import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import type { WordProps } from '@/sentence/word';

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
            <label className="flex items-center gap-2">
                <input
                    type="checkbox"
                    className="accent-copper"
                    checked={line.line.trimMarks ?? true}
                    onChange={(event) => tell(change({ trimMarks: event.target.checked ? null : false }))}
                />
                Ticks where to trim
            </label>
        </div>
    );
}
