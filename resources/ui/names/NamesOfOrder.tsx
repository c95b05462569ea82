import { useState } from 'react';
import { useNameLines, useNamesTried } from '@/api/names';
import { useChangeStudio, useStudio } from '@/api/studio';
import type { LineView, NamePart, Name, OrderSheet } from '@/api/types';
import { Button } from '@/common/Button';
import { Choice } from '@/common/Choice';
import { Mark } from '@/common/Mark';
import { useNotices } from '@/notices/notices';
import { Parts } from '@/words/Parts';
import { Typed } from '@/words/Typed';
import { JOINERS, NAME_PARTS } from './nameParts';
import { asTyped, readTyped } from './typedName';

interface Props {
    order: OrderSheet;
    /** that are named; all where none is chosen */
    chosen: LineView[];
    onDone: () => void;
}

/** How the files of an order, or of some of its lines, are named: its parts as chips, and every name as it will come out. */
export function NamesOfOrder({ order, chosen, onDone }: Props) {
    const lines = chosen.length > 0 ? chosen : order.lines;
    const isForAll = chosen.length === 0;
    const studio = useStudio();
    const [pattern, setPattern] = useState<Name | null>(lines[0]?.uses.name ?? null);
    const name = pattern ?? studio.data?.usualNames;
    return name ? (
        <Naming {...{ order, lines, isForAll, name, onDone }} onChange={setPattern} />
    ) : (
        <p className="text-soft">Fetching…</p>
    );
}

interface NamingProps {
    order: OrderSheet;
    lines: LineView[];
    isForAll: boolean;
    name: Name;
    onChange: (name: Name) => void;
    onDone: () => void;
}

function Naming({ order, lines, isForAll, name, onChange, onDone }: NamingProps) {
    const notices = useNotices();
    const give = useNameLines(order.id);
    const studio = useStudio();
    const changeStudio = useChangeStudio();
    const [isForHouse, setIsForHouse] = useState(false);
    const tried = useNamesTried(order.id, name, isForAll ? null : lines.map(({ id }) => id));
    const error = tried.error ?? give.error ?? changeStudio.error;
    const keep = async () => {
        const { missed } = await give.mutateAsync({ name, lines, isForAll, version: order.version });
        missed.forEach((words) => notices.say(words, { lasts: true }));
        if (isForHouse && studio.data) {
            await changeStudio.mutateAsync({ usual: { ...studio.data.usual, name } });
        }
        onDone();
    };
    return (
        <div className="flex flex-col gap-4 text-row">
            <Typed
                label="Whole"
                isWords
                width="w-96"
                value={asTyped({ parts: name.parts ?? [], join: name.join ?? '_' })}
                note="Own words as they are, parts in braces: {size}_christmas-decor_{number}"
                onSet={async (typed) => {
                    const { parts, join } = readTyped(typed);
                    onChange({ ...name, join, parts: parts as [NamePart, ...NamePart[]] });
                    return Promise.resolve();
                }}
            />
            <Parts
                of="the name"
                parts={name.parts ?? []}
                named={NAME_PARTS}
                change={(changed) => {
                    onChange({ ...name, parts: changed(name.parts ?? []) as [NamePart, ...NamePart[]] });
                    return Promise.resolve();
                }}
            />
            <Choice
                label="Joined by"
                value={name.join ?? '_'}
                onChoose={(join) => onChange({ ...name, join })}
                options={JOINERS}
            />
            <div>
                <p className="mb-1 text-small text-soft" role="status">
                    {tried.data &&
                        `All files of the order, as they will be called; ${order.lab} takes ${tried.data.most} letters.`}
                </p>
                <ol className="max-h-[34vh] overflow-auto border-y border-rule" aria-label="Names of all files" tabIndex={0}>
                    {tried.data?.lines.map((line) => (
                        <li
                            key={line.id}
                            className="grid grid-cols-[2.2rem_1fr_auto] gap-x-2 border-b border-rule py-1 last:border-0"
                        >
                            <span className="text-soft tabular-nums">{line.number}</span>
                            <span className="break-all">
                                {line.files[0]}
                                {line.files.length > 1 && <span className="text-soft"> and {line.files.length - 1} more</span>}
                            </span>
                            <span className="flex items-center gap-1.5 text-small whitespace-nowrap text-soft">
                                {line.isShortened && (
                                    <>
                                        <Mark level="look" /> shortened to {line.length}
                                    </>
                                )}
                                {line.isNumberedApart && 'numbered apart'}
                            </span>
                        </li>
                    ))}
                </ol>
            </div>
            {isForAll && (
                <label className="flex items-center gap-2">
                    <input
                        type="checkbox"
                        checked={isForHouse}
                        onChange={(event) => setIsForHouse(event.target.checked)}
                        className="size-4 accent-copper"
                    />
                    and so in every new order of the house
                </label>
            )}
            {error && (
                <p role="alert" className="text-small text-stops">
                    {error.message}
                </p>
            )}
            <div className="flex gap-3 border-t border-rule pt-4">
                <Button
                    look="main"
                    disabled={give.isPending || changeStudio.isPending || tried.isError}
                    onClick={() => void keep().catch(() => undefined)}
                >
                    {isForAll
                        ? 'Name the order so'
                        : `Name ${lines.length === 1 ? 'this line' : `these ${lines.length} lines`} so`}
                </Button>
                <Button onClick={onDone}>Leave them as they were</Button>
            </div>
        </div>
    );
}
