import { useRef, useState } from 'react';
import { listText } from '@/api/lists';
import type { ListText } from '@/api/types';
import { useKept } from '@/common/useKept';

interface On {
    orderId: number;
    /** pictures that came with an e-mail */
    onMailed: (pictures: ListText['pictures']) => void;
    /** whatever was begun with the words before */
    onWrite: () => void;
    onRead: () => void;
}

/** The words in the field: typed, or read from a list or an e-mail that came as a file. */
export function useWritten({ orderId, onMailed, onWrite, onRead }: On) {
    const [text, setText] = useKept(`list.${orderId}`);
    const [error, setError] = useState<string | null>(null);
    /** what was left out of a file */
    const [told, setTold] = useState<string[]>([]);
    const now = useRef(text);
    now.current = text;

    const write = (words: string) => {
        setText(words);
        if (words.trim() === '') {
            setTold([]);
        }
        setError(null);
        onWrite();
    };
    return {
        text,
        error,
        told,
        write,
        /** Keeps only what isn't on the order yet. */
        leave: (words: string) => setText(words),
        forgetTold: () => setTold([]),
        add: (words: string) => write(text.trim() === '' ? words : `${text.trimEnd()} ${words}`),
        read: (file: File) =>
            listText(orderId, file).then(
                ({ text: words, pictures, told: leftOut }) => {
                    write(now.current.trim() === '' ? words : `${now.current.trimEnd()}\n${words}`);
                    setTold((all) => [...all, ...leftOut]);
                    onMailed(pictures);
                    onRead();
                },
                (failed: Error) => setError(failed.message),
            ),
    };
}
