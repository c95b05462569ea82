import type { Level, LineView } from '@/api/types';

/** What nobody has to look at any more. */
export const isFineLevel = (level: Level) => level === 'fine' || level === 'settled';

/**
 * A line that can't just be passed: something on it is to be looked at, or stops it, or the lab sent it back; and what is cut, folded or
 * carries several prints, until somebody has seen where.
 */
export const wantsEyes = (line: LineView) =>
    line.state === 'open' && (!isFineLevel(line.findings[0]!.level) || line.labSaid !== null || line.isSeenFirst);

/** A line that can: nothing is to be looked at. */
export const isFine = (line: LineView) => line.state === 'open' && !wantsEyes(line);
