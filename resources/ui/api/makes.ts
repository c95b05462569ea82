import { useQuery } from '@tanstack/react-query';
import { api } from './client';
import { LOOK_EVERY_MS, WATCH_EVERY_MS } from './query-client';
import type { Makes, Making, ScreenCopy } from './types';

export const useMakes = (orderId: number) =>
    useQuery({
        queryKey: ['makes', orderId],
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
export const makeScreenCopies = (orderId: number, lines: number[] | undefined, screenCopy: ScreenCopy) =>
    api.post<Making>(`orders/${orderId}/screen-copies`, { screenCopy, ...(lines ? { lines } : {}) });

export type Hold = 'pause' | 'stop' | 'go-on';

/** Has what isn't begun of a set wait, has it not made, or goes on with it. */
export const holdMake = (makeId: number, how: Hold) => api.post(`makes/${makeId}/${how}`);

/** Makes a file once more that failed, or was lost or damaged since. */
export const makeAgain = (fileId: number) => api.post(`files/${fileId}/again`);
