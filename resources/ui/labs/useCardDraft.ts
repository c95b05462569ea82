import { useEffect, useState } from 'react';
import { useTried, type CardTyped } from '@/api/labs';
import { keepWords, keptWords } from '@/common/kept';
import type { LabPage, ProductTexts } from '@/api/types';

/** How long typing rests before it is read. */
const REST_MS = 250;

const EMPTY: CardTyped = { texts: { name: '', sizes: '' }, products: [], papers: [] };

/** A product of which nothing is said yet. */
export const NO_PRODUCT: ProductTexts = {
    name: '',
    sizes: '',
    largestPiece: '',
    ppi: '',
    minimumPpi: '',
    papers: '',
    mounts: '',
    options: '',
    prices: '',
};

/** A card that was left half filled in, by this browser. */
function draftOf(name: string): { typed: CardTyped; version?: number } | null {
    try {
        const kept = JSON.parse(keptWords(name) ?? 'null') as { typed?: CardTyped; version?: number } | null;
        return kept?.typed?.texts && kept.typed.products && kept.typed.papers ? { ...kept, typed: kept.typed } : null;
    } catch {
        return null; // of another shape of cards
    }
}

const typedOf = (lab: LabPage | null): CardTyped =>
    lab ? { texts: lab.texts, products: lab.products, papers: lab.papers } : EMPTY;

/** A card as it is being filled in: nothing of it is kept until somebody says so, and what it changes is told meanwhile. */
export function useCardDraft(lab: LabPage | null) {
    const name = `card.${lab?.id ?? 'new'}`;
    const [begun] = useState(() => draftOf(name));
    const [typed, setTyped] = useState(begun?.typed ?? typedOf(lab));
    const [version, setVersion] = useState(begun ? begun.version : lab?.version);
    const isChanged = JSON.stringify(typed) !== JSON.stringify(typedOf(lab));
    if (lab && version !== lab.version && !isChanged) {
        setVersion(lab.version);
        setTyped(typedOf(lab));
    }
    const isNowThere = lab === null && version !== undefined; // a new card that was just kept
    const draft = isChanged && !isNowThere ? JSON.stringify({ typed, version }) : null;
    useEffect(() => keepWords(name, draft), [name, draft]);
    const rested = useRested(typed);
    const tried = useTried(lab?.id ?? null, isChanged ? rested : null);
    return {
        typed,
        isChanged,
        /** of what is typed now, once it has been read */
        tried: isChanged ? tried.data : undefined,
        isReading: isChanged && (tried.isFetching || rested !== typed),
        /** the version that the draft was begun on */
        version,
        text: (field: string, value: string) => setTyped((held) => ({ ...held, texts: { ...held.texts, [field]: value } })),
        texts: (texts: Record<string, string>) => setTyped((held) => ({ ...held, texts: { ...held.texts, ...texts } })),
        products: (products: CardTyped['products']) => setTyped((held) => ({ ...held, products })),
        papers: (papers: CardTyped['papers']) => setTyped((held) => ({ ...held, papers })),
        kept: (now: LabPage) => {
            setVersion(now.version);
            setTyped(typedOf(now));
        },
        leave: () => setTyped(typedOf(lab)),
    };
}

export type CardDraft = ReturnType<typeof useCardDraft>;

function useRested<T>(value: T): T {
    const [rested, setRested] = useState(value);
    useEffect(() => {
        const later = setTimeout(() => setRested(value), REST_MS);
        return () => clearTimeout(later);
    }, [value]);
    return rested;
}
