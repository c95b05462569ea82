import { Choice } from '@/common/Choice';
import { useTell } from '@/common/useTell';
import type { WordProps } from '@/words/word';

/** Whether ticks say where to cut. */
export function MarksWord({ line, change, close }: WordProps) {
    const tell = useTell();
    return (
        <Choice
            label="Cut marks"
            value={line.line.sheet?.cutMarks ? 'drawn' : 'none'}
            onChoose={(chosen) => tell(change({ sheet: { cutMarks: chosen === 'drawn' || null } }).then(close))}
            options={[
                { value: 'drawn', label: 'Ticks at every cut', note: 'in gutter and margin' },
                { value: 'none', label: 'None' },
            ]}
        />
    );
}
