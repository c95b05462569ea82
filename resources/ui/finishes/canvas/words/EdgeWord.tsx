import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import { ColourField } from '@/words/ColourField';
import type { WordProps } from '@/words/word';

const OPTIONS = [
    { value: 'mirrored' as const, label: 'Mirrored', note: 'the picture reflected at the fold' },
    { value: 'drawn-out' as const, label: 'Drawn out', note: 'its outermost band stretched' },
    { value: 'runs-on' as const, label: 'Runs on', note: 'the picture itself; the face loses it' },
    { value: 'one-colour' as const, label: 'One colour' },
];

/** What goes round the bar. */
export function EdgeWord({ line, change, close }: WordProps) {
    const tell = useTell();
    const edge = line.line.canvas?.edge ?? 'mirrored';
    return (
        <div className="flex flex-col gap-3">
            <Choice
                label="What goes round the bar"
                value={edge}
                options={OPTIONS}
                onDone={(chosen) => chosen !== 'one-colour' && close()}
                onChoose={(chosen) => tell(change({ canvas: { edge: chosen === 'mirrored' ? null : chosen } }))}
            />
            {edge === 'one-colour' && (
                <ColourField
                    line={line}
                    close={close}
                    label="Colour of the edge"
                    value={line.line.canvas?.colour ?? '#ffffff'}
                    onSet={(colour) => change({ canvas: { colour } })}
                />
            )}
        </div>
    );
}
