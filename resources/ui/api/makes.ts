import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRefreshing } from './act';
import { api } from './client';
import { LOOK_EVERY_MS, WATCH_EVERY_MS } from './query-client';
import type { Makes, Making, ScreenCopy } from './types';

export const makesKey = (orderId: number) => ['makes', orderId];

export const useMakes = (orderId: number) =>
    useQuery({
        queryKey: makesKey(orderId),
        queryFn: () => api.get<Makes>(`orders/${orderId}/make`),
        refetchInterval: (query) => {
            const busy = query.state.data?.makes.some((make) =>
                make.files.some((file) => file.state === 'making' || (file.state === 'waiting' && make.held === null)),
            );
            return busy ? WATCH_EVERY_MS : LOOK_EVERY_MS;
        },
    });

/** Makes the files of an order's passed lines, or of some of them; says which of these are stopped. */
export const makeFiles = (orderId: number, lines?: number[]) =>
    api.post<Making>(`orders/${orderId}/make`, lines ? { lines } : {});

/** Makes copies for a screen of lines as they are now, or of all. */
export const useScreenCopies = (orderId: number) =>
    useRefreshing(
        (lines: number[] | undefined, screenCopy: ScreenCopy) =>
            api.post<Making>(`orders/${orderId}/screen-copies`, { screenCopy, ...(lines ? { lines } : {}) }),
        makesKey(orderId),
    );

export type Hold = 'pause' | 'stop' | 'go-on';

/** Has what isn't begun of a set wait, has it not made, or goes on with it. */
export const useHoldMake = (makeId: number, orderId: number) =>
    useRefreshing((how: Hold) => api.post(`makes/${makeId}/${how}`), makesKey(orderId));

/** Makes a file once more that failed, or was lost or damaged since. */
export const useMakeAgain = () => useRefreshing((fileId: number) => api.post(`files/${fileId}/again`), ['makes']);

/** What was made, and what was sent of it, may be otherwise than it is shown. */
export function useFilesRefresh() {
    const client = useQueryClient();
    return () => {
        void client.invalidateQueries({ queryKey: ['makes'] });
        void client.invalidateQueries({ queryKey: ['parcels'] });
    };
}

export const fileUrl = (fileId: number) => `/api/files/${fileId}`;

/** All files of a set in one, or its copies for a screen. */
export const makeZipUrl = (makeId: number) => `/api/makes/${makeId}/zip`;
export const screenZipUrl = (makeId: number) => `/api/makes/${makeId}/screen-zip`;
