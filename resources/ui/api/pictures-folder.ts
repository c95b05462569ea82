import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api } from './client';
import { readLater } from './sending';
import type { FolderFile, FolderPage, Reading, Taken } from './types';

const LOOK_EVERY_MS = 2500;

/** A page of the pictures folder, looked at again while it is open: what is copied into it appears. */
export const usePicturesFolder = (below: string, sort: 'name' | 'newest', page: number) =>
    useQuery({
        queryKey: ['pictures-folder', below, sort, page],
        queryFn: () => api.get<FolderPage>(`pictures-folder?below=${encodeURIComponent(below)}&sort=${sort}&page=${page}`),
        placeholderData: keepPreviousData,
        refetchInterval: LOOK_EVERY_MS,
        staleTime: 0,
    });

export const folderThumb = (file: FolderFile) =>
    `/api/pictures-folder/thumb?file=${encodeURIComponent(file.path)}&v=${file.version}`;

/** Takes one into an order; it is copied and never changed. */
export async function takeFromFolder(orderId: number, path: string): Promise<Taken> {
    const answer = await api.post<Taken | Reading>(`orders/${orderId}/pictures-folder`, { file: path });
    return 'reading' in answer ? readLater(orderId, answer.reading) : answer;
}
