import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, uploaded } from './client';
import type { Created, LabPage, LabRead, Labs, LabTried, ProductTexts } from './types';

export const useLabs = () => useQuery({ queryKey: ['labs'], queryFn: () => api.get<Labs>('labs') });

export const labKey = (id: number) => ['lab', id];

export const useLab = (id: number) => useQuery({ queryKey: labKey(id), queryFn: () => api.get<LabPage>(`labs/${id}`) });

/** A card as it is being filled in: its fields as they are typed, its products and papers. */
export interface CardTyped {
    texts: Record<string, string>;
    products: ProductTexts[];
    papers: LabPage['papers'];
}

/** What a card would be as it is filled in, and which lines it changes; null asks nothing. */
export const useTried = (id: number | null, typed: CardTyped | null) =>
    useQuery({
        queryKey: ['lab-tried', id, typed],
        queryFn: () => api.post<LabTried>('labs/tried', { id, ...typed }),
        enabled: typed !== null,
        placeholderData: keepPreviousData,
        staleTime: 0,
        gcTime: 0,
    });

export const addLab = (typed: CardTyped) => api.post<Created>('labs', typed);

/** Puts a card in place of what it is; the version that was seen says whether somebody else has changed it meanwhile. */
export const keepLab = (id: number, version: number, typed: CardTyped) => api.put<LabPage>(`labs/${id}`, { version, ...typed });

/** Where a lab's parcels are sent; the key that is there is kept where none is given. */
export const keepService = (id: number, version: number, url: string | null, key: string | null) =>
    api.put<LabPage>(`labs/${id}/service`, { version, url, key });

export const copyLab = (id: number) => api.post<Created>(`labs/${id}/copy`);

export const removeLab = (id: number) => api.delete<void>(`labs/${id}`);

/** Reads a lab's own page of requirements; nothing is kept. */
export const readRequirements = (text: string) => api.post<LabRead>('labs/read', { text });

export const importLab = (file: File) => uploaded<Created>('labs/import', 'card', file, 'The card wasn’t taken. Try it again.');

/** Takes an ICC profile up onto a lab card; fails with the reason it was refused. */
export const uploadProfile = (lab: number, file: File) =>
    uploaded<{ file: string; description: string }>(
        `labs/${lab}/profiles`,
        'profile',
        file,
        'The profile wasn’t taken. Try it again.',
    );
