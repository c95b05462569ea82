import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import { JOINERS, NAME_PARTS } from '@/names/nameParts';
import { asTyped, readTyped } from '@/names/typedName';
import { Parts } from '@/words/Parts';
import { Typed } from '@/words/Typed';
import type { WordProps } from '@/words/word';

export function NameWord({ line, change }: WordProps) {
    const tell = useTell();
    const { parts, join } = line.uses.name;
    return (
        <div className="flex flex-col gap-3">
            <p className="rounded-sm bg-chrome px-2 py-1.5 break-all" data-testid="file-name">
                {line.fileName}
            </p>
            <Typed
                label="Whole"
                isWords
                width="w-56"
                value={asTyped(line.uses.name)}
                note="Parts stand in braces."
                onSet={async (typed) => {
                    const { parts, join } = readTyped(typed);
                    return change(({ uses: { name } }) => ({ name: { ...name, parts, join } }));
                }}
            />
            <Parts
                of="the name"
                parts={parts}
                named={NAME_PARTS}
                change={(changed) => change(({ uses: { name } }) => ({ name: { ...name, parts: changed(name.parts) } }))}
            />
            <Choice
                label="Joined by"
                value={join}
                onChoose={(chosen) => tell(change(({ uses: { name } }) => ({ name: { ...name, join: chosen } })))}
                options={JOINERS}
            />
        </div>
    );
}
