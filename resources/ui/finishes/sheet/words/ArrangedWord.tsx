import { Button, Key } from '@/common/Button';
import { useTell } from '@/common/useTell';
import type { WordProps } from '@/words/word';

/** The prints lie where they were put; arranging them again is one press. */
export function ArrangedWord({ line, change, close }: WordProps) {
    const tell = useTell();
    const again = () =>
        tell(
            change(({ line: { sheet } }) => ({
                sheet: {
                    cells: sheet?.cells.map((cell) => Object.fromEntries(Object.entries(cell).filter(([key]) => key !== 'at'))),
                },
            })).then(close),
        );
    return (
        <div className="flex flex-col gap-3">
            <p className="text-soft">
                Every print lies where it was put. {line.drawing?.sheets.length === 1 ? '' : 'All sheets keep theirs.'}
            </p>
            <Button onClick={again}>
                Arrange them again<Key>A</Key>
            </Button>
        </div>
    );
}
