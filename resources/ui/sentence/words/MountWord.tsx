import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import { productOf } from '@/sentence/product';
import type { WordProps } from '@/words/word';

const NONE = 'unmounted';

/** What the lab mounts it on. */
export function MountWord({ line, order, change, close }: WordProps) {
    const tell = useTell();
    return (
        <Choice
            label="What it is mounted on"
            value={line.line.mount ?? NONE}
            onDone={close}
            onChoose={(mount) => tell(change({ mount: mount === NONE ? null : mount }))}
            options={[
                { value: NONE, label: 'Not mounted' },
                ...productOf(order, line).mounts.map(({ name, price }) => ({
                    value: name,
                    label: name,
                    note: price ?? undefined,
                })),
            ]}
        />
    );
}
