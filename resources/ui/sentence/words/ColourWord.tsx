import { useTell } from '@/common/useTell';
import type { Space } from '@/api/types';
import { Choice } from '@/common/Choice';
import type { WordProps } from '@/words/word';

export function ColourWord({ line, order, change }: WordProps) {
    const tell = useTell();
    const output = line.line.output;
    const isOfPaper = /^paper$|\.ic[cm]$/i.test(output?.colour ?? '');
    return (
        <div className="flex flex-col gap-3">
            <Choice<'lab' | 'paper' | Space>
                label="Colour space"
                value={(output?.colour as Space | 'paper' | undefined) ?? 'lab'}
                onChoose={(colour) => tell(change({ output: { colour: colour === 'lab' ? null : colour } }))}
                options={[
                    { value: 'lab', label: 'What the lab asks for', note: order.labCard.colour },
                    { value: 'sRGB', label: 'sRGB' },
                    { value: 'Adobe RGB (1998)', label: 'Adobe RGB (1998)' },
                    ...(line.uses.paper?.profile
                        ? [{ value: 'paper' as const, label: 'The paper’s profile', note: line.uses.paper.profile }]
                        : []),
                ]}
            />
            <div>
                <p className="mb-1 text-small text-soft">Colours that don’t fit are drawn in</p>
                <Choice
                    label="Rendering intent"
                    value={output?.intent ?? 'relative'}
                    onChoose={(intent) => tell(change({ output: { intent: intent === 'relative' ? null : intent } }))}
                    options={[
                        { value: 'relative', label: 'to the nearest that fits', note: 'relative' },
                        { value: 'perceptual', label: 'together, keeping distances', note: 'perceptual' },
                    ]}
                />
                {!isOfPaper && (
                    <p className="mt-1 text-small text-soft">
                        Both come to the same between sRGB and Adobe RGB (1998); a paper’s profile tells them apart.
                    </p>
                )}
            </div>
        </div>
    );
}
