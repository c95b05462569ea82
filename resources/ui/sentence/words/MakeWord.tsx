import { useTell } from '@/api/queries';
import { Choice } from '@/common/Choice';
import type { WordProps } from '../Sentence';

const OPTIONS = [
    { value: 'print' as const, label: 'A print', note: 'on paper' },
    { value: 'canvas' as const, label: 'A canvas', note: 'round its bars' },
    { value: 'panels' as const, label: 'A set of panels', note: 'one picture across several' },
];

/** What the picture is made into. What only the other kind had to say is dropped; undo brings it back. */
export function MakeWord({ line, change, close }: WordProps) {
    const tell = useTell();
    return (
        <Choice
            label="What it is made into"
            value={OPTIONS.find(({ value }) => value === line.line.make)?.value ?? 'print'}
            options={OPTIONS}
            onChoose={(make) =>
                tell(
                    change({ make, ...(make === 'panels' && !line.line.panels ? { panels: { columns: [1, 1, 1] } } : {}) }).then(
                        close,
                    ),
                )
            }
        />
    );
}
