import { useTell } from '@/common/useTell';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

/** From where it will be looked at: that decides whether the pixels are enough. */
export function ViewedWord({ line, change, close }: WordProps) {
    const tell = useTell();
    const viewed = line.line.viewedFrom;
    return (
        <div className="flex flex-col gap-3">
            <Typed
                label="Hints at from"
                value={viewed ?? ''}
                onSet={(typed) => change({ viewedFrom: typed })}
                onDone={close}
                note="Such as 60 in or 200 cm. Left out, as far away as it is wide from corner to corner."
            />
            {viewed && (
                <button
                    type="button"
                    className="self-start font-semibold text-copper underline underline-offset-4"
                    onClick={() => tell(change({ viewedFrom: null }).then(close))}
                >
                    From its own diagonal
                </button>
            )}
        </div>
    );
}
