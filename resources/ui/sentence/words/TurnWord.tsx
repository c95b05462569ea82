import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import type { WordProps } from '@/words/word';

const SUITS = { value: 'auto' as const, label: 'To suit the picture', note: 'cuts least' };
const SUITS_ALL = { ...SUITS, label: 'To suit its prints', note: 'turns fewest' };

const OPTIONS = [
    { value: 'landscape' as const, label: 'Landscape' },
    { value: 'portrait' as const, label: 'Portrait' },
];

export function TurnWord({ line, change, close }: WordProps) {
    const tell = useTell();
    return (
        <Choice
            label="Which way up"
            value={line.line.turn ?? 'auto'}
            options={[line.cells.length > 0 ? SUITS_ALL : SUITS, ...OPTIONS]}
            onChoose={(turn) => tell(change({ turn }))}
            onDone={close}
        />
    );
}
