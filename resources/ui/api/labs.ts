import { useQuery } from '@tanstack/react-query';
import { api, uploaded } from './client';
import type { LabPage, Labs } from './types';

export const useLabs = () =>
    useQuery({ queryKey: ['labs'], queryFn: () => api.get<Labs>('labs'), select: (answer) => answer.labs });

/** What of a lab card is changed; the papers that were seen say whether somebody else has changed it meanwhile. */
export const changeLab = (labId: number, change: Partial<LabPage>, seen: LabPage['papers']) =>
    api.patch<LabPage>(`labs/${labId}`, { ...change, seen });

/** Takes an ICC profile up onto a lab card; fails with the reason it was refused. */
export const uploadProfile = (lab: number, file: File) =>
    uploaded<{ file: string; description: string }>(
        `labs/${lab}/profiles`,
        'profile',
        file,
        'The profile wasn’t taken. Try it again.',
    );
