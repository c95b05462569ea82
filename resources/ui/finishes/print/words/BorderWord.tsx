import { useState } from 'react';
import { useUnit } from '@/api/people';
import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import { ColourField } from '@/words/ColourField';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

const SIDES = ['top', 'right', 'bottom', 'left'] as const;
type Sides = Record<(typeof SIDES)[number], string>;
type How = 'none' | 'even' | 'below' | 'each';

/** A border as the order file has it, with all its sides. */
const sidesOf = (border: string | Partial<Sides> | undefined, unit: string): Sides => {
    const side = (name: (typeof SIDES)[number]) => (typeof border === 'string' ? border : border?.[name]) ?? `0 ${unit}`;
    return { top: side('top'), right: side('right'), bottom: side('bottom'), left: side('left') };
};

const howOf = (sides: Sides, isSet: boolean): How =>
    !isSet
        ? 'none'
        : sides.left === sides.top && sides.right === sides.top
          ? sides.bottom === sides.top
              ? 'even'
              : 'below'
          : 'each';

/** What stays free round the picture, and in which colour. */
export function BorderWord({ line, change, close }: WordProps) {
    const tell = useTell();
    const border = line.line.border as string | Partial<Sides> | undefined;
    const unit = useUnit();
    const sides = sidesOf(border, unit);
    const stored = howOf(sides, border !== undefined);
    const [chosen, setChosen] = useState<How | null>(null);
    const how = chosen ?? stored;
    const whole = line.line.fit === 'whole';
    const set = (next: Partial<Sides>) => change({ border: { ...sides, ...next } });
    const choose = (next: How) => {
        setChosen(next);
        if (next === 'none') {
            tell(change({ border: null }));
        }
    };
    const usual = unit === 'in' ? ['0.5 in', '1 in'] : ['1 cm', '2.5 cm'];
    return (
        <div className="flex flex-col gap-3">
            <Choice
                label="Border"
                value={how}
                onChoose={choose}
                options={[
                    { value: 'none', label: 'None' },
                    { value: 'even', label: 'Even all round' },
                    { value: 'below', label: 'Heavier below' },
                    { value: 'each', label: 'Each side by itself' },
                ]}
            />
            {how === 'even' && (
                <Typed
                    label="All round"
                    value={stored === 'none' ? '' : sides.top}
                    note={`such as ${usual[whole ? 1 : 0]}`}
                    onSet={(typed) => change({ border: typed })}
                />
            )}
            {how === 'below' && (
                <>
                    <Typed
                        label="Above and beside"
                        value={stored === 'none' ? '' : sides.top}
                        onSet={(typed) =>
                            set({ top: typed, left: typed, right: typed, ...(stored === 'none' ? { bottom: typed } : {}) })
                        }
                    />
                    <Typed
                        label="Below"
                        value={stored === 'none' ? '' : sides.bottom}
                        onSet={(typed) => set({ bottom: typed })}
                    />
                </>
            )}
            {how === 'each' &&
                SIDES.map((side) => (
                    <Typed
                        key={side}
                        label={side[0]!.toUpperCase() + side.slice(1)}
                        value={sides[side]}
                        onSet={(typed) => set({ [side]: typed })}
                    />
                ))}
            <ColourField
                line={line}
                close={close}
                label="Colour of the paper"
                value={line.line.paperColour ?? '#ffffff'}
                onSet={(colour) => change({ paperColour: colour === '#ffffff' ? null : colour })}
            />
        </div>
    );
}
