import { useMutation, useQueryClient, type QueryKey } from '@tanstack/react-query';

interface Then<T, R> {
    onSuccess?: (answer: R, given: T) => unknown;
    onError?: (error: Error) => unknown;
}

/** Something that a press begins, and how it goes; tried again by itself while the server is away for a moment. */
export const useAct = <T = void, R = unknown>(act: (given: T) => Promise<R>, then: Then<T, R> = {}) =>
    useMutation({ mutationFn: act, ...then });

/** The same act, done when what it changes has been asked for again. */
export function useRefreshing<G extends unknown[], R>(act: (...given: G) => Promise<R>, ...keys: QueryKey[]) {
    const client = useQueryClient();
    return async (...given: G): Promise<R> => {
        try {
            return await act(...given);
        } finally {
            await Promise.all(keys.map((queryKey) => client.invalidateQueries({ queryKey })));
        }
    };
}
