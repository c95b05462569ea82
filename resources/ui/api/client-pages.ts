import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { api } from './client';
import { orderKey } from './orders';
import { LOOK_EVERY_MS } from './query-client';
import type { ClientPage, ClientPages } from './types';

const key = (orderId: number) => ['client-pages', orderId];

/** How often is looked for what a client answers while a page is open to one. */
const HEAR_EVERY_MS = 1500;

/** What clients were shown of an order and what they answered. */
export const useClientPages = (orderId: number) =>
    useQuery({
        queryKey: key(orderId),
        queryFn: () => api.get<ClientPages>(`orders/${orderId}/client-pages`),
        refetchInterval: (query) => (query.state.data?.pages.some((page) => page.isOpen) ? HEAR_EVERY_MS : 4 * LOOK_EVERY_MS),
    });

/** What clients answered, as it comes in; a line that an answer opened again is fetched anew. */
export function useAnswers(orderId: number) {
    const client = useQueryClient();
    const { data } = useClientPages(orderId);
    const heard = JSON.stringify(data?.answers ?? null);
    const before = useRef<string | null>(null);
    useEffect(() => {
        if (before.current !== null && before.current !== heard) {
            void client.invalidateQueries({ queryKey: orderKey(orderId) });
        }
        before.current = heard === 'null' ? null : heard;
    }, [client, heard, orderId]);
    return data?.answers;
}

/** Makes a link, or revokes one. */
export function useClientPageActs(orderId: number) {
    const client = useQueryClient();
    const onSuccess = () => client.invalidateQueries({ queryKey: key(orderId) });
    return {
        show: useMutation({
            mutationFn: (wanted: { days: number; mark: string | null; reopens: boolean }) =>
                api.post<ClientPage>(`orders/${orderId}/client-pages`, wanted),
            onSuccess,
        }),
        revoke: useMutation({ mutationFn: (id: number) => api.post<ClientPage>(`client-pages/${id}/revoke`), onSuccess }),
    };
}
