import { useUnit } from '@/api/people';
import { useTell } from '@/common/useTell';
import { ColourField } from '@/words/ColourField';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

/** As the order file has it; a hair's breadth in either unit. */
const USUAL = { width: '0.01 in', colour: '#000000' };
const WIDTHS = { in: USUAL.width, cm: '0.25 mm' };

/** The thin line inside the image's edge. */
export function KeylineWord({ line, change, close }: WordProps) {
    const tell = useTell();
    const keyline = line.line.keyline;
    const width = WIDTHS[useUnit()];
    return (
        <div className="flex flex-col gap-3">
            {keyline ? (
                <>
                    <Typed label="Width" value={keyline.width ?? USUAL.width} onSet={(width) => change({ keyline: { width } })} />
                    <ColourField
                        line={line}
                        close={close}
                        label="Colour"
                        value={keyline.colour ?? USUAL.colour}
                        onSet={(colour) => change({ keyline: { colour } })}
                    />
                    <button
                        type="button"
                        className="self-start font-semibold text-copper underline underline-offset-4"
                        onClick={() => tell(change({ keyline: null }))}
                    >
                        No line
                    </button>
                </>
            ) : (
                <button
                    type="button"
                    className="self-start font-semibold text-copper underline underline-offset-4"
                    onClick={() => tell(change({ keyline: { ...USUAL, width } }))}
                >
                    Draw a black line of {width}
                </button>
            )}
        </div>
    );
}
