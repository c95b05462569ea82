import { useState } from 'react';
import { keepWords, keptWords } from './kept';

/**
 * Words as they are typed, kept by the browser under a name until they are done with, or again what they were at first: a reload, a look
 * elsewhere and a closed tab lose nothing of them.
 *
 * @returns the words, how they are set, and what says that they are done with
 */
export function useKept(name: string, first = ''): [string, (words: string) => void, () => void] {
    const [at, setAt] = useState({ name, words: keptWords(name) ?? first });
    if (at.name !== name) {
        setAt({ name, words: keptWords(name) ?? first });
    }
    const set = (words: string) => {
        keepWords(name, words === first ? null : words);
        setAt({ name, words });
    };
    return [at.words, set, () => keepWords(name, null)];
}
