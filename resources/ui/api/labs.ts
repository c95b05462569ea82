import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRefreshing } from './act';
import { api, uploaded } from './client';
import type { Created, LabPage, LabRead, Labs, LabTried, ProductTexts } from './types';

const labsKey = ['labs'];

export const useLabs = () => useQuery({ queryKey: labsKey, queryFn: () => api.get<Labs>('labs') });

const labKey = (id: number) => ['lab', id];

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

export const useAddLab = () => useRefreshing((typed: CardTyped) => api.post<Created>('labs', typed), []);

/** Puts a card in place of what it is; the version that was seen says whether somebody else has changed it meanwhile. */
export function useKeepLab(id: number) {
    const client = useQueryClient();
    return async (version: number, typed: CardTyped) => {
        const kept = await api.put<LabPage>(`labs/${id}`, { version, ...typed });
        client.setQueryData(labKey(id), kept);
        await client.invalidateQueries(); // lines may come out otherwise
        return kept;
    };
}

/** Where a lab's parcels are sent; the key that is there is kept where none is given. */
export function useKeepService({ id, version }: LabPage) {
    const client = useQueryClient();
    return async (url: string | null, key: string | null) =>
        void client.setQueryData(labKey(id), await api.put<LabPage>(`labs/${id}/service`, { version, url, key }));
}

export const useCopyLab = (id: number) => useRefreshing(() => api.post<Created>(`labs/${id}/copy`), labsKey);

export const useRemoveLab = (id: number) => useRefreshing(() => api.delete<void>(`labs/${id}`), labsKey);

export const labExportUrl = (id: number) => `/api/labs/${id}/export`;

/** Reads a lab's own page of requirements; nothing is kept. */
export const readRequirements = (text: string) => api.post<LabRead>('labs/read', { text });

export const useImportLab = () =>
    useRefreshing(
        (file: File) => uploaded<Created>('labs/import', 'card', file, 'The card wasn’t taken. Try it again.'),
        labsKey,
    );

/** Takes an ICC profile up onto a lab card; fails with the reason it was refused. */
export const useTakeProfile = (lab: number) =>
    useRefreshing(
        (file: File) =>
            uploaded<{ file: string; description: string }>(
                `labs/${lab}/profiles`,
                'profile',
                file,
                'The profile wasn’t taken. Try it again.',
            ),
        labKey(lab),
    );
