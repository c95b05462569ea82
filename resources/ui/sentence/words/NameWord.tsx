import { useTell } from '@/common/useTell';
import type { NamePart } from '@/api/types';
import { Choice } from '@/common/Choice';
import type { WordProps } from '@/sentence/word';
import { Typed } from '@/sentence/Typed';

const PARTS = ['client', 'order', 'size', 'subject', 'number', 'copies', 'date'] as const;
const labelOf = (part: NamePart) => (typeof part === 'string' ? part : `“${part.text}”`);

export function NameWord({ line, change }: WordProps) {
    const tell = useTell();
    const { parts, join } = line.uses.name;
    const set = (changed: (parts: NamePart[]) => NamePart[]) =>
        change(({ uses: { name } }) => ({ name: { ...name, parts: changed(name.parts) } }));
    const forward = (part: NamePart) => (all: NamePart[]) => {
        const at = all.findIndex((held) => labelOf(held) === labelOf(part));
        return at < 1 ? all : all.toSpliced(at - 1, 2, all[at]!, all[at - 1]!);
    };
    const without = (part: NamePart) => (all: NamePart[]) => all.filter((held) => labelOf(held) !== labelOf(part));
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
                            onClick={() => tell(set(forward(part)))}
                            className="size-6 disabled:opacity-30"
                        >
                            ↑
                        </button>
                        <button
                            type="button"
                            disabled={parts.length === 1}
                            aria-label={`Leave ${labelOf(part)} out`}
                            onClick={() => tell(set(without(part)))}
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
                            onClick={() => tell(set((all) => [...without(part)(all), part]))}
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
                onSet={(text) => (text === '' ? Promise.resolve() : set((all) => [...all, { text }]))}
            />
            <Choice
                label="Joined by"
                value={join}
                onChoose={(chosen) => tell(change(({ uses: { name } }) => ({ name: { ...name, join: chosen } })))}
                options={[
                    { value: '_', label: 'joined by _' },
                    { value: '-', label: 'joined by -' },
                ]}
            />
        </div>
    );
}
