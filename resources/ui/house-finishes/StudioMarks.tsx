import { useState } from 'react';
import { markUrl, removeMark, useMarkAct, useMarks } from '@/api/marks';
import type { StudioMark } from '@/api/types';
import { TakeUpMark } from '@/marks/TakeUpMark';

/** The studio's marks, ornaments and frames: PNGs that lines lay over their pictures by name. */
export function StudioMarks() {
    const marks = useMarks();
    return (
        <section aria-label="Marks" className="mt-10">
            <h2 className="font-serif text-lead leading-tight">Marks</h2>
            <p className="mt-1 mb-4 text-row text-soft">
                PNGs with transparency that are laid over pictures: the studio’s own mark, ornaments, frames.
            </p>
            <ul className="flex flex-wrap gap-4">
                {marks.data?.map((mark) => (
                    <Kept key={mark.id} mark={mark} />
                ))}
            </ul>
            <TakeUpMark />
        </section>
    );
}

function Kept({ mark }: { mark: StudioMark }) {
    const [asked, setAsked] = useState(false);
    const remove = useMarkAct(() => removeMark(mark.id));
    return (
        <li className="flex w-52 flex-col gap-1 text-row">
            <img src={markUrl(mark.sha256)} alt="" className="h-24 bg-mid object-contain p-2" />
            <span className="truncate font-medium">{mark.name}</span>
            <span className="text-small text-soft">
                {mark.size}
                {mark.covers ? ' · no transparency: it covers' : ''}
                {mark.lines > 0 ? ` · on ${mark.lines} ${mark.lines === 1 ? 'line' : 'lines'}` : ''}
            </span>
            <button
                type="button"
                className={`self-start underline underline-offset-4 ${asked ? 'font-semibold text-stops' : 'text-soft hover:text-ink'}`}
                onBlur={() => setAsked(false)}
                onClick={() => (asked ? remove.mutate(undefined) : setAsked(true))}
            >
                {asked ? 'Remove it for good' : 'Remove'}
            </button>
        </li>
    );
}
