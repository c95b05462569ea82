import { describe, expect, it } from 'vitest';
import { asTyped, readTyped } from '@/names/typedName';

describe('a name that is typed whole', () => {
    it('has its parts in braces and own words as they are', () => {
        expect(readTyped('{size}_christmas-decor_{number}')).toEqual({
            parts: ['size', { text: 'christmas-decor' }, 'number'],
            join: '_',
        });
        expect(readTyped('{Size}-first light-{ subject }')).toEqual({
            parts: ['size', { text: 'first light' }, 'subject'],
            join: '-',
        });
        expect(readTyped('Only words')).toEqual({ parts: [{ text: 'Only words' }], join: '_' });
        expect(readTyped('{size}{number}').parts).toEqual(['size', 'number']);
    });

    it('is typed as it was read', () => {
        for (const typed of ['{client}_{size}_{subject}_{number}', 'a-b_{size}', '{size}-x-{number}', 'alone']) {
            expect(asTyped(readTyped(typed))).toBe(typed);
        }
    });

    it('says what it can’t be', () => {
        expect(() => readTyped('{banana}_x')).toThrow('{banana} is no part of a name. Parts are client, order, size');
        expect(() => readTyped(' _ ')).toThrow('needs a word');
        expect(() => readTyped('{size')).toThrow('between { and }');
    });
});
