import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import type { WordProps } from '@/words/word';

const LAB = 'as usual';

/** What the lab prints it on; all panels of a set alike. */
export function ProductWord({ line, order, change, close }: WordProps) {
    const tell = useTell();
    return (
        <Choice
            label={`What ${order.labCard.name} prints on`}
            value={line.line.product ?? LAB}
            onDone={close}
            onChoose={(product) => tell(change({ product: product === LAB ? null : product }))}
            options={[
                { value: LAB, label: 'As usual' },
                ...order.labCard.products.map(({ name, largest }) => ({
                    value: name,
                    label: name[0]!.toUpperCase() + name.slice(1),
                    note: largest ? `up to ${largest}` : undefined,
                })),
            ]}
        />
    );
}
