import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import { FINISHES } from '@/finishes';
import type { FinishUi } from '@/finishes/finish';
import type { WordProps } from '@/words/word';

type Name = keyof typeof FINISHES;
const NAMES = Object.keys(FINISHES) as Name[];

/** What the picture is made into. What only the other kind had to say is dropped; undo brings it back. */
export function MakeWord({ line, order, change, close }: WordProps) {
    const tell = useTell();
    return (
        <Choice
            label="What it is made into"
            value={NAMES.find((name) => name === line.line.make) ?? 'print'}
            options={NAMES.filter((name) => !(FINISHES[name] as FinishUi).isGathered || name === line.line.make).map((name) => ({
                value: name,
                label: FINISHES[name].label,
                note: FINISHES[name].note,
            }))}
            onChoose={(make) => {
                const finish: FinishUi = FINISHES[make];
                // What was for a screen has no size on paper yet.
                const size = line.line.size ?? line.uses.size ?? order.labCard.sizes[0]?.size;
                tell(change({ make, ...(make === 'screen-copy' ? {} : { size }), ...finish.start?.(line.line) }).then(close));
            }}
        />
    );
}
