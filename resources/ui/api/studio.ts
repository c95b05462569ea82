import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from './client';
import type { Studio } from './types';

const studioKey = ['studio'];

export const useStudio = () => useQuery({ queryKey: studioKey, queryFn: () => api.get<Studio>('studio') });

/** What of the studio is changed; what is left out stays. */
export type StudioChange = Partial<Pick<Studio, 'name' | 'unit' | 'usual' | 'exportFolder' | 'picturesFolder'>>;

export function useChangeStudio() {
    const client = useQueryClient();
    return useMutation({
        mutationFn: (change: StudioChange) => api.patch<Studio>('studio', change),
        onSuccess: (studio) => {
            client.setQueryData(studioKey, studio);
            return client.invalidateQueries(); // its unit stands everywhere
        },
    });
}
