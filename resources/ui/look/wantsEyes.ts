import type { LineView } from '@/api/types';

/** A line that can't just be passed: something on it is to be looked at, or stops it. */
export const wantsEyes = (line: LineView) => line.state === 'open' && line.findings[0]!.level !== 'fine';
