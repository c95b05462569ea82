import { Tick } from '@/common/Tick';
import { useTell } from '@/common/useTell';
import { productOf } from '@/sentence/product';
import type { WordProps } from '@/words/word';

/** What the lab does to it besides. */
export function OptionsWord({ line, order, change }: WordProps) {
    const tell = useTell();
    const has = line.line.options ?? [];
    return (
        <ul className="flex flex-col gap-1.5">
            {productOf(order, line).options.map(({ name, price }) => (
                <li key={name}>
                    <Tick
                        label={price ? `${name}, ${price}` : name}
                        isTicked={has.includes(name)}
                        onTick={(is) => {
                            const options = is ? [...has, name] : has.filter((other) => other !== name);
                            tell(change({ options: options.length > 0 ? options : null }));
                        }}
                    />
                </li>
            ))}
        </ul>
    );
}
