import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';
import type { ReactNode } from 'react';
import { isOneSide, shaped, SHAPES } from './shapes';

export function SizeWord({ line, order, change, close }: WordProps) {
    const tell = useTell();
    return (
        <div className="flex flex-col gap-3">
            <Typed
                label="Two sides, or one"
                value={(line.line.size ?? '').replace(' x ', ' × ')}
                onSet={(size) => change(line.line.panels?.piece ? { size, panels: { piece: null } } : { size })}
                onDone={close}
                note="Such as 8 × 10 in, 12 in wide, 30 cm high, 12 in long"
            />
            {line.uses.sheetSize === null && (
                <div>
                    <p className="mb-1.5 text-small text-soft">In this shape, the longer side as it is</p>
                    <div className="flex flex-wrap gap-1.5">
                        {SHAPES.map(({ ratio, label }) => (
                            <Chip
                                key={ratio}
                                isChosen={isOneSide(line.line.size) && ratio === (line.line.ratio ?? 'picture')}
                                onChoose={() => tell(change(shaped(line, ratio)).then(close))}
                            >
                                {label}
                            </Chip>
                        ))}
                    </div>
                </div>
            )}
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
                        <Chip
                            key={offered.size}
                            isChosen={offered.size === line.line.size}
                            onChoose={() => tell(change({ size: offered.size }).then(close))}
                        >
                            {offered.label}
                        </Chip>
                    ))}
                </div>
            </div>
        </div>
    );
}

function Chip({ isChosen, onChoose, children }: { isChosen: boolean; onChoose: () => void; children: ReactNode }) {
    return (
        <button
            type="button"
            aria-pressed={isChosen}
            onClick={onChoose}
            className="rounded-sm border border-rule px-2 py-1 hover:border-ink aria-pressed:border-copper aria-pressed:bg-blush"
        >
            {children}
        </button>
    );
}
