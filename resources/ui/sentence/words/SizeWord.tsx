import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

export function SizeWord({ line, order, change, close }: WordProps) {
    const tell = useTell();
    return (
        <div className="flex flex-col gap-3">
            <Typed
                label="Two sides and a unit"
                value={(line.line.size ?? '').replace(' x ', ' × ')}
                onSet={(size) => change({ size })}
                onDone={close}
            />
            {(line.line.make ?? 'print') === 'print' && (
                <Choice
                    label="How the picture meets the paper"
                    value={line.line.fit ?? 'fill'}
                    onChoose={(fit) =>
                        tell(change({ fit: fit === 'fill' ? null : fit, ...(fit === 'whole' ? { window: null } : {}) }))
                    }
                    options={[
                        { value: 'fill', label: 'Cropped to fill it' },
                        { value: 'whole', label: 'The whole picture on it' },
                    ]}
                />
            )}
            <div>
                <p className="mb-1.5 text-small text-soft">On {order.labCard.name}’s list</p>
                <div className="flex flex-wrap gap-1.5">
                    {order.labCard.sizes.map((offered) => (
                        <button
                            key={offered.size}
                            type="button"
                            aria-pressed={offered.size === line.line.size}
                            onClick={() => tell(change({ size: offered.size }).then(close))}
                            className="rounded-sm border border-rule px-2 py-1 hover:border-ink aria-pressed:border-copper aria-pressed:bg-blush"
                        >
                            {offered.label}
                        </button>
                    ))}
                </div>
            </div>
        </div>
    );
}
