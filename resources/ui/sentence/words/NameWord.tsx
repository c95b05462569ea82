import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import { JOINERS, NAME_PARTS } from '@/names/nameParts';
import { Parts } from '@/words/Parts';
import type { WordProps } from '@/words/word';

export function NameWord({ line, change }: WordProps) {
    const tell = useTell();
    const { parts, join } = line.uses.name;
    return (
        <div className="flex flex-col gap-3">
            <p className="rounded-sm bg-chrome px-2 py-1.5 break-all" data-testid="file-name">
                {line.fileName}
            </p>
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
