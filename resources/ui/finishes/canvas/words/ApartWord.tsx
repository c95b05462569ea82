import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import type { WordProps } from '@/words/word';

type How = 'lab' | 'apart' | 'together';

/** Whether face and edges are written together or apart. */
export function ApartWord({ line, order, change, close }: WordProps) {
    const tell = useTell();
    const apart = line.line.canvas?.edgesApart;
    const value: How = apart === undefined ? 'lab' : apart ? 'apart' : 'together';
    return (
        <Choice<How>
            label="Face and edge"
            value={value}
            onDone={close}
            onChoose={(how) => tell(change({ canvas: { edgesApart: how === 'lab' ? null : how === 'apart' } }))}
            options={[
                { value: 'lab', label: `As ${order.labCard.name} says` },
                { value: 'together', label: 'Together', note: 'one file' },
                { value: 'apart', label: 'Apart', note: line.uses.apart === 'pages' ? 'two pages of a TIFF' : 'two files' },
            ]}
        />
    );
}
