import { useTell } from '@/common/useTell';
import { Typed } from './Typed';

/** A part that is named, or words of one's own. */
export type Part<T extends string> = T | { text: string };

interface Props<T extends string> {
    /** what they are parts of: “the name” */
    of: string;
    parts: Part<T>[];
    /** all that are named */
    named: Record<T, string>;
    change: (changed: (parts: Part<T>[]) => Part<T>[]) => Promise<unknown>;
}

/** Parts as chips in their order: moved forward, left out, added, one's own words among them. */
export function Parts<T extends string>({ of, parts, named, change }: Props<T>) {
    const tell = useTell();
    const label = (part: Part<T>) => (typeof part === 'string' ? named[part] : `“${part.text}”`);
    const forward = (part: Part<T>) => (all: Part<T>[]) => {
        const at = all.findIndex((held) => label(held) === label(part));
        return at < 1 ? all : all.toSpliced(at - 1, 2, all[at]!, all[at - 1]!);
    };
    const without = (part: Part<T>) => (all: Part<T>[]) => all.filter((held) => label(held) !== label(part));
    const unused = (Object.keys(named) as T[]).filter((part) => !parts.includes(part));
    return (
        <>
            <ol className="flex flex-wrap gap-1.5" aria-label={`Parts of ${of}`}>
                {parts.map((part, i) => (
                    <li key={label(part)} className="flex items-center rounded-full border border-edge-soft bg-white">
                        <button
                            type="button"
                            disabled={i === 0}
                            aria-label={`Move ${label(part)} forward`}
                            title="one place forward"
                            onClick={() => tell(change(forward(part)))}
                            className="h-7 rounded-l-full pr-1 pl-2.5 text-soft hover:text-ink disabled:opacity-30"
                        >
                            ‹
                        </button>
                        <span className="py-0.5">{label(part)}</span>
                        <button
                            type="button"
                            disabled={parts.length === 1}
                            aria-label={`Leave ${label(part)} out`}
                            onClick={() => tell(change(without(part)))}
                            className="h-7 rounded-r-full pr-2.5 pl-1.5 text-soft hover:text-ink disabled:opacity-30"
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
                            onClick={() => tell(change((all) => [...without(part)(all), part]))}
                            className="rounded-full border border-dashed border-edge-soft px-2.5 py-0.5 hover:border-ink"
                        >
                            {named[part]}
                        </button>
                    ))}
                </div>
            )}
            <Typed
                label="add your own words"
                value=""
                width="w-32"
                adds
                onSet={(text) => change((all) => [...without({ text })(all), { text }])}
            />
        </>
    );
}
