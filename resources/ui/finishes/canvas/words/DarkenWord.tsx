import { ColourField } from '@/words/ColourField';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';
import { asPercent, fromPercent } from '@/words/percent';

const USUAL = 0.3;

/** The edge of a canvas mixed toward a colour, more and more toward the wall. */
export function DarkenWord({ line, change, close }: WordProps) {
    const darken = line.line.canvas?.darken;
    return (
        <div className="flex flex-col gap-3">
            <Typed
                label="Darkened by"
                value={asPercent(darken?.strength ?? 0)}
                onSet={async (typed) => {
                    const strength = fromPercent(typed);
                    return change({ canvas: { darken: strength === 0 ? null : { strength } } });
                }}
                note="Nothing at the fold, all of it at the wall; 0 % for not at all."
            />
            <ColourField
                line={line}
                close={close}
                label="Toward"
                value={darken?.colour ?? '#000000'}
                onSet={(colour) => change({ canvas: { darken: { colour, strength: darken?.strength ?? USUAL } } })}
            />
        </div>
    );
}
