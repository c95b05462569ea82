import { useRef, useState } from 'react';
import { useTakeProfile } from '@/api/labs';
import type { LabPage } from '@/api/types';
import { Button } from '@/common/Button';
import { Tick } from '@/common/Tick';
import type { CardDraft } from './useCardDraft';

type Paper = LabPage['papers'][number];

const SURFACES = ['glossy', 'lustre', 'matte'] as const;

interface Props {
    draft: CardDraft;
    /** null while the lab isn't kept yet: profiles are taken up onto a lab */
    lab: LabPage | null;
}

/** The lab's papers, as they are read. */
export function PapersSaid({ draft, lab }: Props) {
    const { papers, texts } = draft.typed;
    if (papers.length === 0) {
        return <p className="text-soft">None named. A line is then printed on what the lab usually takes.</p>;
    }
    const onIt = (name: string) => {
        const many = lab?.linesOn[name] ?? 0;
        return many === 0 ? '' : many === 1 ? ' · one open line' : ` · ${many} open lines`;
    };
    const described = (paper: Paper) => lab?.profiles.find(({ file }) => file === paper.profile)?.description;
    return (
        <>
            <ul className="flex flex-col gap-0.5">
                {papers.map((paper) => (
                    <li key={paper.name}>
                        {paper.name}
                        <span className="text-soft">
                            , {paper.surface ?? 'lustre'}
                            {described(paper) ? ` · ${described(paper)}` : ' · no profile yet'}
                            {onIt(paper.name)}
                        </span>
                    </li>
                ))}
            </ul>
            {texts.takesPaperProfiles === 'yes' && <p className="mt-1">It takes files in a paper’s own profile.</p>}
        </>
    );
}

/** The lab's papers, as they are filled in. */
export function PapersTyped({ draft, lab }: Props) {
    const takeProfile = useTakeProfile(lab?.id ?? 0);
    const [trouble, setTrouble] = useState<string | null>(null);
    const [name, setName] = useState('');
    const { papers, texts } = draft.typed;
    const set = (at: number, change: Partial<Paper>) =>
        draft.papers(papers.map((held, i) => (i === at ? { ...held, ...change } : held)));
    const take = async (at: number, file: File) => {
        setTrouble(null);
        try {
            const held = await takeProfile(file);
            set(at, { profile: held.file });
        } catch (failed) {
            setTrouble((failed as Error).message);
        }
    };
    const add = () => {
        const named = name.trim();
        if (papers.some((held) => held.name === named)) {
            setTrouble(`The lab has a paper called “${named}” already.`);
            return;
        }
        setTrouble(null);
        setName('');
        draft.papers([...papers, { name: named, surface: 'lustre' }]);
    };
    return (
        <div className="max-w-[46rem]">
            <ul>
                {papers.map((held, i) => (
                    <PaperRow
                        key={held.name}
                        paper={held}
                        description={lab?.profiles.find(({ file }) => file === held.profile)?.description ?? null}
                        canTakeProfile={lab !== null}
                        onSurface={(surface) => set(i, { surface })}
                        onProfile={(file) => void take(i, file)}
                        onRemove={() => draft.papers(papers.filter((_, at) => at !== i))}
                    />
                ))}
            </ul>
            <form
                className="mt-2 flex items-center gap-2"
                aria-label="Add a paper"
                onSubmit={(event) => {
                    event.preventDefault();
                    add();
                }}
            >
                <input
                    aria-label="Name of the paper"
                    placeholder="Name of another paper"
                    value={name}
                    onChange={(event) => setName(event.target.value)}
                    className="w-56 rounded-sm border border-edge bg-white px-2 py-1"
                />
                <Button type="submit" disabled={name.trim() === ''}>
                    Add this paper
                </Button>
            </form>
            <div className="mt-3 text-row">
                <Tick
                    label="It takes files in a paper’s own profile"
                    isTicked={texts.takesPaperProfiles === 'yes'}
                    onTick={(isTicked) => draft.text('takesPaperProfiles', isTicked ? 'yes' : 'no')}
                />
            </div>
            {(trouble ?? draft.tried?.errors.papers) && (
                <p role="alert" className="mt-2 text-small text-stops">
                    {trouble ?? draft.tried?.errors.papers}
                </p>
            )}
        </div>
    );
}

interface PaperRowProps {
    paper: Paper;
    description: string | null;
    canTakeProfile: boolean;
    onSurface: (surface: (typeof SURFACES)[number]) => void;
    onProfile: (file: File) => void;
    onRemove: () => void;
}

function PaperRow({ paper, description, canTakeProfile, onSurface, onProfile, onRemove }: PaperRowProps) {
    const field = useRef<HTMLInputElement>(null);
    return (
        <li className="grid grid-cols-[10rem_7rem_1fr_auto] items-center gap-4 border-b border-rule py-2 text-row">
            <span className="font-medium">{paper.name}</span>
            <select
                aria-label={`Surface of ${paper.name}`}
                value={paper.surface ?? 'lustre'}
                onChange={(event) => onSurface(event.target.value as (typeof SURFACES)[number])}
                className="rounded-sm border border-edge bg-white px-1.5 py-1"
            >
                {SURFACES.map((surface) => (
                    <option key={surface}>{surface}</option>
                ))}
            </select>
            <span className="flex items-baseline gap-3">
                <span className={description ? '' : 'text-soft'}>{description ?? 'no profile yet'}</span>
                {canTakeProfile && (
                    <button
                        type="button"
                        className="font-semibold text-copper underline underline-offset-4"
                        onClick={() => field.current?.click()}
                    >
                        {description ? 'Another profile…' : 'Upload its profile…'}
                    </button>
                )}
                <input
                    ref={field}
                    type="file"
                    accept=".icc,.icm"
                    aria-label={`Profile of ${paper.name}`}
                    className="sr-only"
                    tabIndex={-1}
                    disabled={!canTakeProfile}
                    onChange={(event) => {
                        const file = event.target.files?.[0];
                        event.target.value = '';
                        if (file) {
                            onProfile(file);
                        }
                    }}
                />
            </span>
            <button
                type="button"
                aria-label={`Remove ${paper.name}`}
                onClick={onRemove}
                className="size-7.5 rounded-sm text-soft hover:bg-white hover:text-stops"
            >
                ×
            </button>
        </li>
    );
}
