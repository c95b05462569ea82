import { useQuery } from '@tanstack/react-query';
import { ApiError, api, csrfToken } from './client';
import type { LabPage, Labs } from './types';

export const useLabs = () =>
    useQuery({ queryKey: ['labs'], queryFn: () => api.get<Labs>('labs'), select: (answer) => answer.labs });

/** What of a lab card is changed; the papers that were seen say whether somebody else has changed it meanwhile. */
export const changeLab = (labId: number, change: Partial<LabPage>, seen: LabPage['papers']) =>
    api.patch<LabPage>(`labs/${labId}`, { ...change, seen });

/** Takes an ICC profile up onto a lab card; fails with the reason it was refused. */
export async function uploadProfile(lab: number, file: File): Promise<{ file: string; description: string }> {
    const form = new FormData();
    form.append('profile', file);
    const response = await fetch(`/api/labs/${lab}/profiles`, {
        method: 'POST',
        headers: { Accept: 'application/json', 'X-XSRF-TOKEN': csrfToken() },
        body: form,
    });
    const answer = (await response.json().catch(() => ({}))) as { file: string; description: string; message?: string };
    if (!response.ok) {
        throw new ApiError(response.status, answer.message ?? 'The profile wasn’t taken. Try it again.');
    }
    return answer;
}
