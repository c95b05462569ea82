import { useTell } from '@/common/useTell';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

/** A mount's opening: the image is as large as it takes to fill it, and goes on behind the mount. */
export function OpeningWord({ line, change }: WordProps) {
    const tell = useTell();
    const opening = line.line.opening;
    return (
        <div className="flex flex-col gap-3">
            <Typed
                label="Opening of the mount"
                value={(opening?.size ?? '').replace(' x ', ' × ')}
                onSet={(size) => change({ opening: { size }, image: null })}
                note="What is seen of the print, such as 9.5 × 7.5 in."
            />
            {opening && (
                <>
                    <Typed
                        label="Behind the mount, each side"
                        value={line.uses.openingCover}
                        onSet={(cover) => change({ opening: { cover } })}
                    />
                    <button
                        type="button"
                        className="self-start font-semibold text-copper underline underline-offset-4"
                        onClick={() => tell(change({ opening: null }))}
                    >
                        No mount before it
                    </button>
                </>
            )}
        </div>
    );
}
