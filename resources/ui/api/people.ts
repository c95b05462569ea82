import { useQuery } from '@tanstack/react-query';
import { api } from './client';
import type { Me } from './types';

export const useMe = () =>
    useQuery({
        queryKey: ['me'],
        queryFn: () => api.get<Me>('me'),
        staleTime: Infinity,
        select: (me) => me.user,
    });

export const signIn = (as: { email: string; password: string }) => api.post<Me>('sign-in', as);

export const signOut = (where: 'here' | 'everywhere') => api.post(where === 'here' ? 'sign-out' : 'sign-out-everywhere');
