import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from './client';
import type { Me, PasswordLink } from './types';

const meKey = ['me'];

/** Who is signed in, to what studio, or whether nobody is here yet. */
export const useDoor = () => useQuery({ queryKey: meKey, queryFn: () => api.get<Me>('me'), staleTime: Infinity });

export const useMe = () =>
    useQuery({ queryKey: meKey, queryFn: () => api.get<Me>('me'), staleTime: Infinity, select: (me) => me.user });

/** The unit that the studio measures in. */
export const useUnit = () =>
    useQuery({ queryKey: meKey, queryFn: () => api.get<Me>('me'), staleTime: Infinity, select: (me) => me.studio?.unit }).data ??
    'in';

/** Who is signed in is known from then on. */
function useEntering<T>(enter: (as: T) => Promise<Me>) {
    const client = useQueryClient();
    return async (as: T) => void client.setQueryData(meKey, await enter(as));
}

export const useSignIn = () => useEntering((as: { email: string; password: string }) => api.post<Me>('sign-in', as));

export const useOpenStudio = () =>
    useEntering((as: { studio: string; name: string; email: string; password: string; unit: string | null }) =>
        api.post<Me>('first', as),
    );

/** Nothing of what was seen is kept. */
export function useSignOut() {
    const client = useQueryClient();
    return async (where: 'here' | 'everywhere') => {
        await api.post(where === 'here' ? 'sign-out' : 'sign-out-everywhere');
        client.clear();
    };
}

export const choosePassword = (as: { email: string; token: string; password: string }) => api.post<void>('choose-password', as);

export const changePassword = (as: { current: string; password: string }) => api.put<void>('me/password', as);

/** What is done with the people of the studio. */
export function usePeopleActs() {
    const client = useQueryClient();
    const onSuccess = () => client.invalidateQueries({ queryKey: ['studio'] });
    return {
        add: useMutation({
            mutationFn: (person: { name: string; email: string }) => api.post<PasswordLink>('people', person),
            onSuccess,
        }),
        link: useMutation({ mutationFn: (id: number) => api.post<PasswordLink>(`people/${id}/link`) }),
        signOut: useMutation({ mutationFn: (id: number) => api.post<void>(`people/${id}/sign-out`) }),
        remove: useMutation({ mutationFn: (id: number) => api.delete<void>(`people/${id}`), onSuccess }),
    };
}
