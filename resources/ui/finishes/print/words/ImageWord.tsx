import { useTell } from '@/common/useTell';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

/** How large the image is on its paper; of one side the other follows. */
export function ImageWord({ line, change }: WordProps) {
    const tell = useTell();
    const image = line.line.image;
    const drawn = (name: string) => line.drawing?.dimensions.find((dimension) => dimension.name === name)?.label ?? '';
    return (
        <div className="flex flex-col gap-3">
            <Typed
                label="Width"
                value={image?.width ?? drawn('image-width')}
                onSet={(width) => change({ image: { width, height: null } })}
            />
            <Typed
                label="Height"
                value={image?.height ?? drawn('image-height')}
                onSet={(height) => change({ image: { height, width: null } })}
                note="The other side follows; the centre stays."
            />
            {image && (
                <button
                    type="button"
                    className="self-start font-semibold text-copper underline underline-offset-4"
                    onClick={() => tell(change({ image: null }))}
                >
                    As large as fits
                </button>
            )}
        </div>
    );
}
