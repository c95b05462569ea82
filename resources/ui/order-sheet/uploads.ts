import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import { sendPicture } from '@/api/sending';

export interface Upload {
    id: number;
    file: File;
    /** 0 to 1 of the bytes that are over; at 1 the server measures the picture */
    sent: number;
    state: 'waiting' | 'sending' | 'failed';
    message: string | null;
}

const AT_ONCE = 2;

/** Files on their way into an order: a few at once, each with its progress, each to be tried again when it fails. */
export function useUploads(orderId: number, onAlready: (name: string) => void) {
    const client = useQueryClient();
    const [uploads, setUploads] = useState<Upload[]>([]);
    const next = useRef(1);
    const queue = useRef<(() => Promise<void>)[]>([]);
    const running = useRef(0);

    const update = useCallback(
        (id: number, change: Partial<Upload>) =>
            setUploads((all) => all.map((upload) => (upload.id === id ? { ...upload, ...change } : upload))),
        [],
    );
    const away = useCallback((id: number) => setUploads((all) => all.filter((upload) => upload.id !== id)), []);

    const pump = useCallback(() => {
        while (running.current < AT_ONCE && queue.current.length > 0) {
            running.current++;
            void queue.current.shift()!().finally(() => {
                running.current--;
                pump();
            });
        }
    }, []);

    const enqueue = useCallback(
        (id: number, file: File, then?: (name: string) => void) => {
            queue.current.push(async () => {
                update(id, { state: 'sending', sent: 0, message: null });
                try {
                    const taken = await sendPicture(orderId, file, (sent) => update(id, { sent }));
                    away(id);
                    if (taken.already) {
                        onAlready(taken.name);
                    }
                    await client.invalidateQueries({ queryKey: ['order', orderId] });
                    then?.(taken.name);
                } catch (error) {
                    update(id, { state: 'failed', message: (error as Error).message });
                }
            });
            pump();
        },
        [away, client, onAlready, orderId, pump, update],
    );

    /** Takes files; `then` is told the name each has in the order. */
    const add = useCallback(
        (files: Iterable<File>, then?: (name: string) => void) => {
            for (const file of files) {
                const id = next.current++;
                setUploads((all) => [...all, { id, file, sent: 0, state: 'waiting', message: null }]);
                enqueue(id, file, then);
            }
        },
        [enqueue],
    );

    return { uploads, add, again: (upload: Upload) => enqueue(upload.id, upload.file), away };
}
