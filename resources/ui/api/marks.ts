import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, uploaded } from './client';
import type { StudioMark, StudioMarks } from './types';

const MARKS = ['marks'];

export const markUrl = (sha256: string) => `/api/marks/${sha256}/image`;

/** The studio's marks. */
export const useMarks = () =>
    useQuery({ queryKey: MARKS, queryFn: () => api.get<StudioMarks>('marks'), select: (answer) => answer.marks });

/** Takes a PNG up among them; fails with the reason it was refused. */
export const uploadMark = (file: File) => uploaded<StudioMark>('marks', 'mark', file, 'The mark wasn’t taken. Try it again.');

/** Runs an act on the studio's marks and shows them as they are afterwards. */
export function useMarkAct<T, R>(act: (given: T) => Promise<R>) {
    const client = useQueryClient();
    return useMutation({
        mutationFn: act,
        onSuccess: async () => {
            await client.invalidateQueries({ queryKey: MARKS });
            await client.invalidateQueries({ queryKey: ['order'] });
        },
    });
}

export const removeMark = (id: number) => api.delete<void>(`marks/${id}`);
