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

export const signIn = (as: { email: string; password: string }) => api.post<Me>('sign-in', as);

export const signOut = (where: 'here' | 'everywhere') => api.post(where === 'here' ? 'sign-out' : 'sign-out-everywhere');

export const openStudio = (as: { studio: string; name: string; email: string; password: string; unit: string | null }) =>
    api.post<Me>('first', as);

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
