import { useTell } from '@/api/queries';
import type { NamePart } from '@/api/order-file';
import { Choice } from '@/common/Choice';
import type { WordProps } from '../Sentence';
import { Typed } from '../Typed';

const PARTS = ['client', 'order', 'size', 'subject', 'number', 'copies', 'date'] as const;
const labelOf = (part: NamePart) => (typeof part === 'string' ? part : `“${part.text}”`);

export function NameWord({ line, change }: WordProps) {
    const tell = useTell();
    const { parts, join } = line.uses.name;
    const set = (changed: NamePart[]) => tell(change({ name: { parts: changed, join } }));
    const swap = (i: number) => set(parts.map((part, at) => (at === i - 1 ? parts[i]! : at === i ? parts[i - 1]! : part)));
    const unused = PARTS.filter((part) => !parts.includes(part));
    return (
        <div className="flex flex-col gap-3">
            <p className="rounded-[3px] bg-chrome px-2 py-1.5 break-all" data-testid="file-name">
                {line.fileName}
            </p>
            <ol className="flex flex-col gap-1" aria-label="Parts of the name">
                {parts.map((part, i) => (
                    <li key={labelOf(part)} className="flex items-center gap-1 rounded-[3px] border border-rule py-0.5 pr-1 pl-2">
                        <span className="grow">{labelOf(part)}</span>
                        <button
                            type="button"
                            disabled={i === 0}
                            aria-label={`Move ${labelOf(part)} forward`}
                            onClick={() => swap(i)}
                            className="size-6 disabled:opacity-30"
                        >
                            ↑
                        </button>
                        <button
                            type="button"
                            disabled={parts.length === 1}
                            aria-label={`Leave ${labelOf(part)} out`}
                            onClick={() => set(parts.filter((_, at) => at !== i))}
                            className="size-6 disabled:opacity-30"
                        >
                            ×
                        </button>
                    </li>
                ))}
            </ol>
            {unused.length > 0 && (
                <div className="flex flex-wrap items-center gap-1.5">
                    <span className="text-small text-soft">add</span>
                    {unused.map((part) => (
                        <button
                            key={part}
                            type="button"
                            onClick={() => set([...parts, part])}
                            className="rounded-[3px] border border-rule px-2 py-0.5 hover:border-ink"
                        >
                            {part}
                        </button>
                    ))}
                </div>
            )}
            <Typed
                label="add your own words"
                value=""
                width="w-32"
                onSet={(text) => (text === '' ? Promise.resolve() : change({ name: { parts: [...parts, { text }], join } }))}
            />
            <Choice
                label="Joined by"
                value={join}
                onChoose={(chosen) => tell(change({ name: { parts, join: chosen } }))}
                options={[
                    { value: '_', label: 'joined by _' },
                    { value: '-', label: 'joined by -' },
                ]}
            />
        </div>
    );
}
