import { describe, expect, it } from 'vitest';
import { stepsOf } from '@/parcel/steps';

describe('what is left to be done by hand', () => {
    it('has its cuts apart, without their numbers', () => {
        expect(stepsOf('Cut sheet 1 of 2: 1 straight down at 3 in; 2 straight across at 2 in of the piece of 3 × 4 in.')).toEqual(
            {
                what: 'Cut sheet 1 of 2',
                steps: ['straight down at 3 in', 'straight across at 2 in of the piece of 3 × 4 in'],
            },
        );
    });

    it('is one step where it is one sentence', () => {
        for (const said of ['Wrap round bars 1.5 in deep: the face is 20 × 30 in.', 'Trim it']) {
            expect(stepsOf(said).steps).toHaveLength(1);
        }
    });
});
