import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { ApiError, api, errorOf } from './client';
import type { Histograms, LineView, Note, OnPaper } from './types';

/** The rendered plan of a line, where it has one: as the file is, on its paper, on it with nothing lifted, hatched where colours don't fit. */
export const viewUrl = (line: LineView, view: 'preview' | 'proof' | 'straight' | 'gamut') =>
    line.planHash ? `/api/lines/${line.id}/${view}/${line.planHash}` : null;

/** A part of the file about a place on it, in fractions of the file; no larger than the server renders at once. */
export const pixelsUrl = (line: LineView, about: { x: number; y: number }, size: { width: number; height: number }) =>
    `/api/lines/${line.id}/pixels/${line.planHash}?${new URLSearchParams({
        x: about.x.toFixed(4),
        y: about.y.toFixed(4),
        width: String(Math.min(2400, size.width)),
        height: String(Math.min(1600, size.height)),
    }).toString()}`;

/** A plan is looked at when it has rested this long. */
const RESTS_MS = 900;

/** What changes on its paper; its findings then know of it, too. */
export function useSeen(line: LineView) {
    const client = useQueryClient();
    const [rested, setRested] = useState<string | null>(null);
    useEffect(() => {
        const timer = setTimeout(() => setRested(line.planHash), RESTS_MS);
        return () => clearTimeout(timer);
    }, [line.planHash]);
    return useQuery({
        queryKey: ['seen', line.id, line.planHash, line.uses.paper?.name],
        queryFn: async () => {
            const seen = await api.get<OnPaper>(`lines/${line.id}/seen/${line.planHash}`);
            void client.invalidateQueries({ queryKey: ['order'] });
            return seen;
        },
        enabled: line.planHash !== null && rested === line.planHash,
        staleTime: Infinity,
    });
}

export const useHistograms = (line: LineView) =>
    useQuery({
        queryKey: ['histogram', line.id, line.planHash],
        queryFn: () => api.get<Histograms>(`lines/${line.id}/histogram/${line.planHash}`),
        enabled: line.planHash !== null,
        staleTime: Infinity,
        placeholderData: (before) => before,
    });

/** How large the files will be, in words. */
export const useWeight = (line: LineView) =>
    useQuery({
        queryKey: ['weight', line.id, line.planHash],
        queryFn: () => api.get<Note>(`lines/${line.id}/weight/${line.planHash}`),
        enabled: line.planHash !== null,
        staleTime: Infinity,
    });

/** Why a rendering isn't there; null where it is by now. */
export async function whyUnseen(href: string): Promise<ApiError | null> {
    try {
        const answer = await fetch(href, { headers: { Accept: 'application/json' } });
        return answer.ok ? null : errorOf(answer.status, await answer.text());
    } catch {
        return new ApiError(0, 'Planisher can’t be reached, and nothing can be drawn.');
    }
}
