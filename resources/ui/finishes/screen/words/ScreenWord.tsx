import { Choice } from '@/common/Choice';
import { useTell } from '@/common/useTell';
import { Typed } from '@/words/Typed';
import type { WordProps } from '@/words/word';

const SHAPES = ['1080 x 1350 px', '1080 x 1080 px', '1920 x 1080 px'];

/** So long a side, or an exact shape that the picture is cropped to. */
export function ScreenWord({ line, change, close }: WordProps) {
    const tell = useTell();
    const { shape, longSide = 1600 } = line.line;
    return (
        <div className="flex flex-col gap-3">
            <Choice
                label="How its size is given"
                value={shape === undefined ? 'side' : 'shape'}
                onChoose={(how) =>
                    tell(
                        change(
                            how === 'side'
                                ? { shape: null, window: null, longSide: 1600 }
                                : { longSide: null, shape: SHAPES[0]! },
                        ),
                    )
                }
                options={[
                    { value: 'side', label: 'The whole picture, so long a side' },
                    { value: 'shape', label: 'Cropped to an exact shape' },
                ]}
            />
            {shape === undefined ? (
                <Typed
                    label="Long side in pixels"
                    value={String(longSide)}
                    width="w-20"
                    inputMode="numeric"
                    onSet={async (typed) => change({ longSide: pixels(typed) })}
                    onDone={close}
                />
            ) : (
                <>
                    <Typed
                        label="Shape in pixels"
                        value={shape.replace(' x ', ' × ')}
                        width="w-40"
                        onSet={(typed) => change({ shape: typed })}
                        onDone={close}
                    />
                    <div className="flex flex-wrap gap-1.5">
                        {SHAPES.map((offered) => (
                            <button
                                key={offered}
                                type="button"
                                aria-pressed={offered === shape}
                                onClick={() => tell(change({ shape: offered }).then(close))}
                                className="rounded-sm border border-rule px-2 py-1 hover:border-ink aria-pressed:border-copper aria-pressed:bg-blush"
                            >
                                {offered.replace(' x ', ' × ')}
                            </button>
                        ))}
                    </div>
                </>
            )}
        </div>
    );
}

function pixels(typed: string): number {
    if (!/^\d{1,5}$/.test(typed)) {
        throw new Error(`“${typed}” is no number of pixels. Write a whole number such as 1600.`);
    }
    return Number(typed);
}
