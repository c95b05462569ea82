import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import type { WordProps } from '@/words/word';

type Surface = 'paper' | 'glossy' | 'lustre' | 'matte' | 'screen';
type Strength = 'none' | 'gentle' | 'normal';

/** Sharpening for the output: how strongly, and for which surface. */
export function SharpenWord({ line, change }: WordProps) {
    const tell = useTell();
    const sharpen = line.line.output?.sharpen;
    const strength: Strength = sharpen ? (sharpen.strength ?? 'normal') : 'none';
    return (
        <div className="flex flex-col gap-3">
            <Choice<Strength>
                label="How strongly"
                value={strength}
                onChoose={(chosen) => tell(change({ output: { sharpen: chosen === 'none' ? null : { strength: chosen } } }))}
                options={[
                    { value: 'none', label: 'Not at all' },
                    { value: 'gentle', label: 'Gently' },
                    { value: 'normal', label: 'Normally' },
                ]}
            />
            {strength !== 'none' && !line.drawing?.isForScreen && (
                <Choice<Surface>
                    label="For which surface"
                    value={sharpen?.surface ?? 'paper'}
                    onChoose={(surface) =>
                        tell(change({ output: { sharpen: { surface: surface === 'paper' ? null : surface } } }))
                    }
                    options={[
                        { value: 'paper', label: 'That of its paper', note: line.uses.paper?.surface ?? 'lustre' },
                        { value: 'glossy', label: 'Glossy' },
                        { value: 'lustre', label: 'Lustre' },
                        { value: 'matte', label: 'Matte' },
                        { value: 'screen', label: 'A screen' },
                    ]}
                />
            )}
        </div>
    );
}
