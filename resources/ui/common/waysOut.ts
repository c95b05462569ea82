import type { Finding, Remedy } from '@/api/types';

/** All that mends a finding in one press, the likeliest first. */
export const waysOut = ({ remedy, others }: Pick<Finding, 'remedy' | 'others'>): Remedy[] => (remedy ? [remedy, ...others] : []);
