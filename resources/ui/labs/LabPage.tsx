import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useAct } from '@/api/act';
import { labExportUrl, useAddLab, useCopyLab, useKeepLab, useLab, useLabs, useRemoveLab } from '@/api/labs';
import type { CardField, LabPage as Lab } from '@/api/types';
import { Button } from '@/common/Button';
import { Loading } from '@/common/Loading';
import { Mark } from '@/common/Mark';
import { Menu, MenuAct, MenuDownload } from '@/common/Menu';
import { useNotices } from '@/notices/notices';
import { Above, TopBar } from '@/common/TopBar';
import { WhatWouldChange } from '@/common/WhatWouldChange';
import { CardFields } from './CardFields';
import { PapersSaid, PapersTyped } from './CardPapers';
import { ProductsSaid, ProductsTyped } from './CardProducts';
import { CardSection } from './CardSection';
import { GamutPlot } from './GamutPlot';
import { ServiceSaid, ServiceTyped } from './LabService';
import { SizesDrawn } from './SizesDrawn';
import { useCardDraft, type CardDraft } from './useCardDraft';
import { WhatTheLabSays } from './WhatTheLabSays';
import { Home } from '@/common/Home';

/** A lab's card. */
export function LabPage() {
    const lab = useLab(Number(useParams().lab));
    return lab.data ? <Card key={lab.data.id} lab={lab.data} fields={lab.data.fields} /> : <Loading error={lab.error} />;
}

/** A lab that isn't there yet: its name and its sizes are enough. */
export function NewLab() {
    const labs = useLabs();
    return labs.data ? (
        <Card lab={null} fields={labs.data.fields} isFirst={labs.data.labs.length === 0} />
    ) : (
        <Loading error={labs.error} />
    );
}

const CANVAS = ['canvas.depth', 'canvas.spare', 'canvas.edgesApart'];
const FILES = ['colour', 'ppi', 'minimumPpi', 'formats', 'quality', 'bits', 'maxBytes', 'nameLength'];

interface CardProps {
    lab: Lab | null;
    fields: CardField[];
    /** the studio's first lab: its first order comes next */
    isFirst?: boolean;
}

function Card({ lab, fields, isFirst = false }: CardProps) {
    const draft = useCardDraft(lab);
    const named = (names: string[]) => names.map((name) => fields.find((field) => field.name === name)!);
    const { texts } = draft.typed;
    const sizes = draft.tried && draft.tried.sizes.length > 0 ? draft.tried.sizes : (lab?.sizes ?? []);
    const disagreements = draft.tried?.disagreements ?? lab?.disagreements ?? [];
    const isNew = lab === null;
    return (
        <div className="flex h-screen flex-col">
            <title>{`${lab?.name ?? 'A new lab'} · Planisher`}</title>
            <TopBar
                where={
                    <>
                        <Above to="/labs">Labs</Above>
                        <span className="font-semibold">{lab?.name ?? 'A new lab'}</span>
                    </>
                }
                keys={[{ keys: 'Tab', does: 'walk the card' }]}
            />
            <Home className="relative min-h-0 grow overflow-auto px-10 py-8">
                <div className="mx-auto max-w-[66rem] rounded-sm bg-white px-10 py-8 shadow-sm">
                    <div className="flex items-start gap-6">
                        <div className="grow">
                            <h1 className="font-serif text-title leading-tight">{texts.name || 'A new lab'}</h1>
                            {lab && (
                                <p className="mt-0.5 text-row text-soft">
                                    {lab.usedBy === 0
                                        ? 'No open order goes to it.'
                                        : `${lab.usedBy === 1 ? 'One open order goes' : `${lab.usedBy} open orders go`} to it.`}
                                </p>
                            )}
                        </div>
                        <WhatTheLabSays fields={fields} draft={draft} />
                        {lab && <More lab={lab} />}
                    </div>
                    <div className="mt-5 mb-4 min-h-10">
                        {sizes.length > 0 ? (
                            <SizesDrawn sizes={sizes} />
                        ) : (
                            <p className="text-soft">
                                {isFirst && 'First the lab you print with, then the first order. '}Its name and its sizes are
                                enough to begin with. Everything else has a start, and says what it is for.
                            </p>
                        )}
                    </div>
                    {disagreements.length > 0 && (
                        <ul aria-label="Where the card disagrees" className="mb-4 flex flex-col gap-1 text-row">
                            {disagreements.map((said) => (
                                <li key={said} className="flex items-baseline gap-2">
                                    <Mark level="look" />
                                    {said}
                                </li>
                            ))}
                        </ul>
                    )}
                    <CardSection
                        title="Prints"
                        isOpen={isNew}
                        says={<Said draft={draft} fields={named(['sizes', 'largestPiece', 'bleed'])} />}
                    >
                        <CardFields draft={draft} fields={named(['name', 'sizes', 'largestPiece', 'bleed'])} />
                    </CardSection>
                    <CardSection title="Papers" says={<PapersSaid draft={draft} lab={lab} />}>
                        <PapersTyped draft={draft} lab={lab} />
                    </CardSection>
                    <CardSection title="Files" says={<FilesSaid draft={draft} fields={fields} />}>
                        <CardFields draft={draft} fields={named(FILES)} />
                    </CardSection>
                    <CardSection title="Canvas" says={<Said draft={draft} fields={named(CANVAS)} />}>
                        <CardFields draft={draft} fields={named(CANVAS)} />
                    </CardSection>
                    <CardSection title="Products" says={<ProductsSaid draft={draft} />}>
                        <ProductsTyped draft={draft} />
                    </CardSection>
                    <CardSection title="Prices" says={<PricesSaid draft={draft} />}>
                        <CardFields draft={draft} fields={named(['prices', 'currency'])} />
                    </CardSection>
                    {lab && (
                        <CardSection title="Its service" says={<ServiceSaid lab={lab} />}>
                            <ServiceTyped lab={lab} />
                        </CardSection>
                    )}
                    {lab && <Gamuts lab={lab} />}
                </div>
            </Home>
            {(draft.isChanged || isNew) && <Keep lab={lab} draft={draft} isFirst={isFirst} />}
        </div>
    );
}

/** Fields as they are read: what is said, and what is taken where nothing is. */
const Said = ({ draft, fields }: { draft: CardDraft; fields: CardField[] }) => (
    <dl className="flex flex-col gap-0.5">
        {fields.map((field) => {
            const said = draft.typed.texts[field.name] ?? '';
            return (
                <div key={field.name} className="flex gap-2">
                    <dt className="shrink-0 text-soft">{field.label}:</dt>
                    <dd className={said === '' ? 'text-soft' : ''}>{said || field.start || 'none'}</dd>
                </div>
            );
        })}
    </dl>
);

function FilesSaid({ draft, fields }: { draft: CardDraft; fields: CardField[] }) {
    const said = (name: string) => draft.typed.texts[name] || fields.find((field) => field.name === name)!.start;
    const isTiff = said('formats').includes('TIFF');
    return (
        <p>
            {said('formats')} in {said('colour')}, made at {said('ppi')} ppi and not below {said('minimumPpi')}; JPEG quality{' '}
            {said('quality')}
            {isTiff ? `, ${said('bits')} bits in a TIFF` : ''}.{' '}
            {said('maxBytes') === 'no limit said' ? 'No limit to a file is said' : `A file has ${said('maxBytes')} at most`}; its
            name {said('nameLength')} letters.
        </p>
    );
}

function PricesSaid({ draft }: { draft: CardDraft }) {
    const { prices = '', currency } = draft.typed.texts;
    if (prices.trim() === '') {
        return <p className="text-soft">None said. Sheets are then compared by paper.</p>;
    }
    return (
        <ul className="flex flex-wrap gap-x-6 gap-y-0.5">
            {prices
                .split('\n')
                .filter((line) => line.trim() !== '')
                .map((line) => (
                    <li key={line}>
                        {line.replace(/ {2,}/, ' · ')} <span className="text-soft">{currency || '€'}</span>
                    </li>
                ))}
        </ul>
    );
}

function Gamuts({ lab }: { lab: Lab }) {
    const outlines = [
        ...lab.spaces.map(({ name: space, gamut }) => ({ name: space, gamut, isPaper: false })),
        ...lab.papers.flatMap((held) => {
            const profile = lab.profiles.find(({ file }) => file === held.profile);
            return profile ? [{ name: held.name, gamut: profile.gamut, isPaper: true, beside: profile.beside }] : [];
        }),
    ];
    return (
        <section aria-label="Colours" className="grid grid-cols-[9rem_1fr] gap-x-6 border-t border-rule py-4">
            <h2 className="text-row font-semibold">Colours</h2>
            <GamutPlot outlines={outlines} />
        </section>
    );
}

/** At the foot while something is changed: what it changes elsewhere, and the two ways on. */
function Keep({ lab, draft, isFirst }: { lab: Lab | null; draft: CardDraft; isFirst: boolean }) {
    const navigate = useNavigate();
    const { say } = useNotices();
    const addLab = useAddLab();
    const keepLab = useKeepLab(lab?.id ?? 0);
    const keep = useAct(async () => {
        if (lab) {
            const kept = await keepLab(draft.version!, draft.typed);
            draft.kept(kept);
            say(`The card of ${kept.name} is kept.`);
            return;
        }
        const { id } = await addLab(draft.typed);
        void (isFirst ? navigate('/', { state: { isNewOrder: true } }) : navigate(`/labs/${id}`, { replace: true }));
    });
    const errors = Object.values(draft.tried?.errors ?? {});
    return (
        <footer aria-label="Keep the card" className="border-t border-rule bg-paper px-10 py-4">
            <div className="mx-auto flex max-w-[66rem] items-end gap-6">
                <div className="grow">
                    {errors.length > 0 ? (
                        <p className="text-row text-stops">{errors[0]}</p>
                    ) : (
                        lab && draft.tried && <WhatWouldChange lines={draft.tried.lines} hasOrders />
                    )}
                    {keep.error && (
                        <p role="alert" className="text-row text-stops">
                            {keep.error.message}
                        </p>
                    )}
                </div>
                {lab ? (
                    <Button onClick={draft.leave}>Leave it as it was</Button>
                ) : (
                    <Button onClick={() => void navigate('/labs')}>Not now</Button>
                )}
                <Button
                    look="main"
                    onClick={() => keep.mutate()}
                    disabled={keep.isPending || errors.length > 0 || (draft.isChanged && draft.isReading)}
                >
                    {lab ? 'Keep the card' : 'Add this lab'}
                </Button>
            </div>
        </footer>
    );
}

/** What is done with a whole card. */
function More({ lab }: { lab: Lab }) {
    const navigate = useNavigate();
    const { say } = useNotices();
    const [isAsked, setIsAsked] = useState(false);
    const onError = (error: Error) => say(error.message, { lasts: true });
    const copy = useAct(useCopyLab(lab.id), { onSuccess: ({ id }) => void navigate(`/labs/${id}`), onError });
    const remove = useAct(useRemoveLab(lab.id), {
        onSuccess: () => {
            say(`${lab.name} is removed.`);
            void navigate('/labs');
        },
        onError,
    });
    return (
        <Menu trigger={<Button>More</Button>} onOpen={() => setIsAsked(false)}>
            <MenuAct onSelect={() => copy.mutate()}>Copy the card</MenuAct>
            <MenuDownload href={labExportUrl(lab.id)}>Export it as a file</MenuDownload>
            <MenuAct
                isGrave
                onSelect={(event) => {
                    if (!isAsked) {
                        event.preventDefault();
                        setIsAsked(true);
                    } else {
                        remove.mutate();
                    }
                }}
            >
                {isAsked ? 'Remove it for good' : 'Remove it…'}
            </MenuAct>
        </Menu>
    );
}
