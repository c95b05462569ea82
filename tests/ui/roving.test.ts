import { expect, test } from 'vitest';
import { nextOf } from '@/keys/roving';

/** Eight things in rows of three: 0 1 2 / 3 4 5 / 6 7 */
const TOPS = [10, 10, 10, 60, 60, 60, 110, 110];

test.each<[string, number, number]>([
    ['ArrowRight', 0, 1],
    ['ArrowRight', 2, 3],
    ['ArrowRight', 7, 7],
    ['ArrowLeft', 3, 2],
    ['ArrowLeft', 0, 0],
    ['ArrowDown', 1, 4],
    ['ArrowDown', 5, 7], // a row that is shorter: its last
    ['ArrowDown', 6, 6],
    ['ArrowUp', 7, 4],
    ['ArrowUp', 1, 1],
    ['Home', 5, 0],
    ['End', 1, 7],
])('%s from %i goes to %i', (key, at, to) => expect(nextOf(key, at, TOPS)).toBe(to));

test('another key is somebody else’s', () => expect(nextOf('a', 3, TOPS)).toBeNull());
