import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from './client';
import type { OwnWord, OwnWords } from './types';

const OWN_WORDS = ['own-words'];

export const useOwnWords = () =>
    useQuery({ queryKey: OWN_WORDS, queryFn: () => api.get<OwnWords>('own-words'), select: (answer) => answer.words });

interface Teaching {
    words: string;
    /** in words that are understood; nothing: it is never minded */
    means: string;
    /** in which it was met */
    order?: number;
}

/** Teaches, changes and forgets own words; whatever was read is read again. */
export function useOwnWordActs() {
    const client = useQueryClient();
    const onSettled = () =>
        Promise.all([OWN_WORDS, ['list'], ['wish']].map((queryKey) => client.invalidateQueries({ queryKey })));
    return {
        teach: useMutation({ mutationFn: (word: Teaching) => api.post<OwnWord>('own-words', word), onSettled }),
        change: useMutation({
            mutationFn: ({ id, version, means }: OwnWord) => api.patch<OwnWord>(`own-words/${id}`, { version, means }),
            onSettled,
        }),
        forget: useMutation({ mutationFn: ({ id }: OwnWord) => api.delete<void>(`own-words/${id}`), onSettled }),
    };
}
