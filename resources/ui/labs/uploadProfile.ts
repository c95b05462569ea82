import { ApiError, csrfToken } from '@/api/client';

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
