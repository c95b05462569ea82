import { useState } from 'react';
import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

type How = 'lab' | 'own' | 'number';

export function PpiWord({ line, order, change, close }: WordProps) {
    const tell = useTell();
    const ppi = line.line.output?.ppi;
    const [typing, setTyping] = useState(false);
    const stored: How = ppi === undefined ? 'lab' : ppi === 'own' ? 'own' : 'number';
    const how = typing ? 'number' : stored;
    const choose = (chosen: How) => {
        setTyping(chosen === 'number');
        if (chosen !== 'number') {
            tell(change({ output: { ppi: chosen === 'own' ? 'own' : null } }));
        }
    };
    const set = (typed: string) => change({ output: { ppi: /^\d+(\.\d+)?$/.test(typed) ? Number(typed) : typed } });
    return (
        <div className="flex flex-col gap-3">
            <Choice
                label="Pixels per inch"
                value={how}
                onChoose={choose}
                options={[
                    { value: 'lab', label: 'The lab’s aim', note: `${order.labCard.ppi} ppi` },
                    { value: 'own', label: 'The picture’s own pixels', note: 'not resampled' },
                    { value: 'number', label: 'A number' },
                ]}
            />
            {how === 'number' && (
                <Typed
                    label="Per inch, or such as 120 px/cm"
                    value={stored === 'number' ? String(ppi) : String(line.uses.ppi)}
                    width="w-24"
                    onSet={set}
                    onDone={close}
                />
            )}
        </div>
    );
}
