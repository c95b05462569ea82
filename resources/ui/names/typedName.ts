import type { NamePart } from '@/api/types';
import { NAME_PARTS } from './nameParts';

interface Built {
    parts: NamePart[];
    join: '_' | '-';
}

const PART = /\{([^{}]*)\}/;

/** A name as it is typed whole: own words as they are, each part in braces, “{size}_christmas-decor_{number}”. */
export const asTyped = ({ parts, join }: Built) =>
    parts.map((part) => (typeof part === 'string' ? `{${part}}` : part.text)).join(join);

/**
 * What a typed name is built of: what stands between braces is a part, all else own words. It is joined by what stands at the first
 * brace, - or _.
 *
 * @throws Error with the words for the field
 */
export function readTyped(typed: string): Built {
    const parts: NamePart[] = [];
    for (const [at, piece] of typed.split(PART).entries()) {
        const isPart = at % 2 === 1;
        const text = isPart ? piece.trim().toLowerCase() : piece.replace(/^[\s_-]+|[\s_-]+$/g, '');
        if (isPart && !(text in NAME_PARTS)) {
            throw new Error(`{${piece}} is no part of a name. Parts are ${Object.keys(NAME_PARTS).join(', ')}.`);
        }
        if (text !== '') {
            parts.push(isPart ? (text as NamePart) : { text });
        }
    }
    if (parts.length === 0) {
        throw new Error('A name needs a word, or a part such as {size}.');
    }
    if (/[{}]/.test(parts.map((part) => (typeof part === 'string' ? '' : part.text)).join(''))) {
        throw new Error('A part stands between { and }.');
    }
    return { parts, join: /-\{|\}-/.test(typed) && !/_\{|\}_/.test(typed) ? '-' : '_' };
}
