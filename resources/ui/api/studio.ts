import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ApiError } from './client';
import type { Studio } from './types';

const studioKey = ['studio'];

export const useStudio = () => useQuery({ queryKey: studioKey, queryFn: () => api.get<Studio>('studio') });

/** What of the studio is changed; what is left out stays. */
export type StudioChange = Partial<Pick<Studio, 'name' | 'unit' | 'usual' | 'exportFolder' | 'picturesFolder'>>;

export function useChangeStudio() {
    const client = useQueryClient();
    return useMutation({
        mutationFn: (change: StudioChange) =>
            api.patch<Studio>('studio', { ...change, version: client.getQueryData<Studio>(studioKey)?.version }),
        // What another window has made of it meanwhile is shown, beside what was typed.
        onError: (error) => {
            if (error instanceof ApiError && error.body.now) {
                client.setQueryData(studioKey, error.body.now);
            }
        },
        onSuccess: (studio) => {
            client.setQueryData(studioKey, studio);
            return client.invalidateQueries(); // its unit stands everywhere
        },
    });
}
