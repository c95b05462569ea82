import { useRef, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { changeLab, uploadProfile, useLabs } from '@/api/labs';
import type { LabPage } from '@/api/types';
import { Button } from '@/common/Button';
import { Loading } from '@/common/Loading';
import { Mark } from '@/common/Mark';
import { useNotices } from '@/common/notices';
import { TopBar } from '@/common/TopBar';
import { Typed } from '@/sentence/Typed';
import { GamutPlot } from './GamutPlot';

/** What each lab offers and asks for, and the papers it prints on. */
export function LabsPage() {
    const labs = useLabs();
    return (
        <div className="flex h-screen flex-col">
            <title>Labs · Planisher</title>
            <TopBar
                where={
                    <>
                        <Link to="/" className="text-soft hover:text-ink">
                            Orders ›
                        </Link>
                        <span className="font-semibold">Labs</span>
                    </>
                }
                keys={[{ keys: 'Tab', does: 'walk the lab cards' }]}
            />
            {labs.data ? (
                <main className="grow overflow-auto px-10 py-8">
                    <h1 className="font-serif text-title leading-tight">Labs</h1>
                    {labs.data.map((lab) => (
                        <Card key={lab.id} lab={lab} />
                    ))}
                </main>
            ) : (
                <Loading error={labs.error} />
            )}
        </div>
    );
}

type CardChange = Partial<
    Pick<LabPage, 'papers' | 'takesPaperProfiles' | 'colour' | 'formats' | 'quality' | 'bits' | 'ppi' | 'minimumPpi'>
>;

const NUMBERS = [
    { key: 'ppi', label: 'Pixels per inch', least: 36, most: 1200 },
    { key: 'minimumPpi', label: 'At least', least: 1, most: 1200 },
    { key: 'quality', label: 'JPEG quality', least: 1, most: 100 },
] as const;

/** How the lab wants its files. */
function Files({ lab, save }: { lab: LabPage; save: (change: CardChange) => Promise<boolean> }) {
    const number = (least: number, most: number, key: 'ppi' | 'minimumPpi' | 'quality') => async (typed: string) => {
        const value = Number(typed);
        if (!(value >= least && value <= most)) {
            throw new Error(`“${typed}” is out of range: ${least} to ${most}.`);
        }
        await save({ [key]: value });
    };
    return (
        <div className="mt-3 flex flex-wrap items-start gap-x-8 gap-y-3 text-[13px]">
            <label className="flex items-center gap-2 text-small text-soft">
                Files in
                <select
                    value={lab.colour}
                    onChange={(event) => void save({ colour: event.target.value as LabPage['colour'] })}
                    className="h-[31px] rounded-[3px] border border-[#8f8f8e] bg-white px-1.5 text-[13px] text-ink"
                >
                    {lab.spaces.map(({ name: space }) => (
                        <option key={space}>{space}</option>
                    ))}
                </select>
            </label>
            {NUMBERS.map(({ key, label, least, most }) => (
                <Typed
                    key={key}
                    label={label}
                    value={String(lab[key])}
                    width="w-16"
                    inputMode="numeric"
                    onSet={number(least, most, key)}
                />
            ))}
            <label className="flex items-center gap-2 text-small text-soft">
                It takes
                <select
                    value={lab.formats.join(' ')}
                    onChange={(event) => void save({ formats: event.target.value.split(' ') as LabPage['formats'] })}
                    className="h-[31px] rounded-[3px] border border-[#8f8f8e] bg-white px-1.5 text-[13px] text-ink"
                >
                    <option value="jpeg">JPEG</option>
                    <option value="tiff">TIFF</option>
                    <option value="jpeg tiff">JPEG or TIFF</option>
                    <option value="tiff jpeg">TIFF or JPEG</option>
                </select>
            </label>
            <label className="flex items-center gap-2 pt-1.5 text-[13px]">
                <input
                    type="checkbox"
                    className="accent-copper"
                    checked={lab.bits.includes(16)}
                    onChange={(event) => void save({ bits: event.target.checked ? [8, 16] : [8] })}
                />
                16 bits in a TIFF
            </label>
        </div>
    );
}

const SURFACES = ['glossy', 'lustre', 'matte'] as const;

function Card({ lab }: { lab: LabPage }) {
    const client = useQueryClient();
    const [trouble, setTrouble] = useState<string | null>(null);
    const [name, setName] = useState('');
    const { say } = useNotices();
    const save = async (change: CardChange, seen = lab.papers) => {
        let saved = true;
        setTrouble(null);
        // what an earlier change has asked for must not come in over this one
        void client.cancelQueries({ queryKey: ['labs'] });
        if (!change.papers) {
            // shown as chosen at once; papers wait for the server, since profiles are uploaded to what it has
            client.setQueryData<{ labs: LabPage[] }>(
                ['labs'],
                (held) => held && { labs: held.labs.map((one) => (one.id === lab.id ? { ...one, ...change } : one)) },
            );
        }
        try {
            await changeLab(lab.id, change, seen);
        } catch (failed) {
            saved = false;
            setTrouble((failed as Error).message);
        }
        await client.invalidateQueries();
        return saved;
    };
    const paper = (at: number, change: Partial<LabPage['papers'][number]>) =>
        save({ papers: lab.papers.map((held, i) => (i === at ? { ...held, ...change } : held)) });
    const take = async (at: number, file: File) => {
        try {
            const { file: held } = await uploadProfile(lab.id, file);
            await paper(at, { profile: held });
        } catch (failed) {
            setTrouble((failed as Error).message);
        }
    };
    const remove = async (at: number) => {
        const [before, { name: gone }] = [lab.papers, lab.papers[at]!];
        const lines = lab.linesOn[gone] ?? 0;
        const left = before.filter((_, other) => other !== at);
        if (await save({ papers: left })) {
            const were = lines === 0 ? '' : ` ${lines === 1 ? 'One line was' : `${lines} lines were`} to be printed on it.`;
            say(`“${gone}” is off the card.${were}`, {
                lasts: lines > 0,
                act: { label: 'Put it back', run: () => void save({ papers: before }, left) },
            });
        }
    };
    const facts = [
        `${lab.sizes.length} sizes, ${lab.sizes[0]} to ${lab.sizes.at(-1)}`,
        ...(lab.canvas ? [`canvas bars ${lab.canvas} deep`] : []),
        ...(lab.largestPiece ? [`pieces up to ${lab.largestPiece}`] : []),
    ];
    const outlines = [
        ...lab.spaces.map(({ name: space, gamut }) => ({ name: space, gamut, isPaper: false })),
        ...lab.papers.flatMap((held) => {
            const profile = lab.profiles.find(({ file }) => file === held.profile);
            return profile ? [{ name: held.name, gamut: profile.gamut, isPaper: true, beside: profile.beside }] : [];
        }),
    ];
    return (
        <section aria-label={lab.name} className="mt-6 border-t border-rule pt-4">
            <h2 className="font-serif text-[20px]">{lab.name}</h2>
            <p className="mt-0.5 text-[13px] text-soft">{facts.join(' · ')}</p>
            <Files lab={lab} save={save} />
            {lab.disagreements.length > 0 && (
                <ul aria-label={`Where the card of ${lab.name} disagrees`} className="mt-3 flex flex-col gap-1 text-[13px]">
                    {lab.disagreements.map((said) => (
                        <li key={said} className="flex items-baseline gap-2">
                            <Mark level="look" />
                            {said}
                        </li>
                    ))}
                </ul>
            )}
            <div className="mt-4 flex flex-wrap gap-12">
                <div className="min-w-[34rem] grow">
                    <h3 className="text-[13px] font-semibold">Papers</h3>
                    <ul>
                        {lab.papers.map((held, i) => (
                            <PaperRow
                                key={held.name}
                                paper={held}
                                description={lab.profiles.find(({ file }) => file === held.profile)?.description ?? null}
                                onSurface={(surface) => void paper(i, { surface })}
                                onProfile={(file) => void take(i, file)}
                                onRemove={() => void remove(i)}
                            />
                        ))}
                    </ul>
                    <form
                        className="mt-2 flex items-center gap-2"
                        aria-label={`Add a paper to ${lab.name}`}
                        onSubmit={(event) => {
                            event.preventDefault();
                            if (lab.papers.some((held) => held.name === name.trim())) {
                                setTrouble(`${lab.name} has a paper called “${name.trim()}” already.`);
                                return;
                            }
                            void save({ papers: [...lab.papers, { name: name.trim(), surface: 'lustre' }] }).then(() =>
                                setName(''),
                            );
                        }}
                    >
                        <input
                            aria-label="Name of the paper"
                            placeholder="Name of another paper"
                            value={name}
                            onChange={(event) => setName(event.target.value)}
                            className="w-56 rounded-[3px] border border-[#8f8f8e] bg-white px-2 py-1"
                        />
                        <Button type="submit" disabled={name.trim() === ''}>
                            Add this paper
                        </Button>
                    </form>
                    <label className="mt-3 flex items-center gap-2 text-[13px]">
                        <input
                            type="checkbox"
                            className="accent-copper"
                            checked={lab.takesPaperProfiles}
                            onChange={(event) => void save({ takesPaperProfiles: event.target.checked })}
                        />
                        It takes files in a paper’s own profile
                    </label>
                    {trouble && (
                        <p role="alert" className="mt-2 text-small text-stops">
                            {trouble}
                        </p>
                    )}
                </div>
                <GamutPlot outlines={outlines} />
            </div>
        </section>
    );
}

interface PaperRowProps {
    paper: LabPage['papers'][number];
    description: string | null;
    onSurface: (surface: (typeof SURFACES)[number]) => void;
    onProfile: (file: File) => void;
    onRemove: () => void;
}

function PaperRow({ paper, description, onSurface, onProfile, onRemove }: PaperRowProps) {
    const field = useRef<HTMLInputElement>(null);
    return (
        <li className="grid grid-cols-[10rem_7rem_1fr_auto] items-center gap-4 border-b border-rule py-2 text-[13px]">
            <span className="font-medium">{paper.name}</span>
            <select
                aria-label={`Surface of ${paper.name}`}
                value={paper.surface}
                onChange={(event) => onSurface(event.target.value as (typeof SURFACES)[number])}
                className="rounded-[3px] border border-[#8f8f8e] bg-white px-1.5 py-1"
            >
                {SURFACES.map((surface) => (
                    <option key={surface}>{surface}</option>
                ))}
            </select>
            <span className="flex items-baseline gap-3">
                <span className={description ? '' : 'text-soft'}>{description ?? 'no profile yet'}</span>
                <button
                    type="button"
                    className="font-semibold text-copper underline underline-offset-4"
                    onClick={() => field.current?.click()}
                >
                    {description ? 'Another profile…' : 'Upload its profile…'}
                </button>
                <input
                    ref={field}
                    type="file"
                    accept=".icc,.icm"
                    aria-label={`Profile of ${paper.name}`}
                    className="sr-only"
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
                className="size-6 rounded-[3px] text-soft hover:bg-white hover:text-stops"
            >
                ×
            </button>
        </li>
    );
}
