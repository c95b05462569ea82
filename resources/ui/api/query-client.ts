import { QueryClient } from '@tanstack/react-query';
import { ApiError } from './client';

const TRIES = 8;
const again = (count: number, error: Error) => error instanceof ApiError && error.isPassing && count < TRIES;

export const makeQueryClient = () =>
    new QueryClient({
        defaultOptions: {
            queries: { retry: again, retryDelay: 1500, networkMode: 'always', staleTime: 1000 },
            mutations: { retry: again, retryDelay: 1500, networkMode: 'always' },
        },
    });

/** How often a page looks for what others have changed. */
export const LOOK_EVERY_MS = 4000;
/** The same while something is being made. */
export const WATCH_EVERY_MS = 700;
