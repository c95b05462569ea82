import { useCallback, useRef, useState } from 'react';
import { useOrderRefresh } from '@/api/orders';
import { takeFromFolder } from '@/api/pictures-folder';
import { readLater, sendPicture } from '@/api/sending';
import type { ListText, Taken } from '@/api/types';
import { fewAtOnce } from '@/common/fewAtOnce';

export interface Upload {
    id: number;
    name: string;
    send: (told: (sent: number) => void) => Promise<Taken>;
    /** 0 to 1 of the bytes that are over; at 1 the server measures the picture */
    sent: number;
    state: 'waiting' | 'sending' | 'failed';
    message: string | null;
}

const AT_ONCE = 2;

/** Files on their way into an order: a few at once, each with its progress, each to be tried again when it fails. */
export function useUploads(orderId: number, onAlready: (name: string) => void) {
    const refresh = useOrderRefresh(orderId);
    const [uploads, setUploads] = useState<Upload[]>([]);
    const next = useRef(1);
    const [inTurn] = useState(() => fewAtOnce(AT_ONCE));

    const update = useCallback(
        (id: number, change: Partial<Upload>) =>
            setUploads((all) => all.map((upload) => (upload.id === id ? { ...upload, ...change } : upload))),
        [],
    );
    const away = useCallback((id: number) => setUploads((all) => all.filter((upload) => upload.id !== id)), []);

    const enqueue = useCallback(
        (id: number, send: Upload['send'], then?: (name: string) => void) => {
            inTurn(async () => {
                update(id, { state: 'sending', sent: 0, message: null });
                try {
                    const taken = await send((sent) => update(id, { sent }));
                    away(id);
                    if (taken.already) {
                        onAlready(taken.name);
                    }
                    await refresh();
                    then?.(taken.name);
                } catch (error) {
                    update(id, { state: 'failed', message: (error as Error).message });
                }
            });
        },
        [away, inTurn, onAlready, refresh, update],
    );

    /** Takes files; `then` is told the name each has in the order. */
    const begin = useCallback(
        (name: string, send: Upload['send'], then?: (name: string) => void) => {
            const id = next.current++;
            setUploads((all) => [...all, { id, name, send, sent: 0, state: 'waiting', message: null }]);
            enqueue(id, send, then);
        },
        [enqueue],
    );
    const add = useCallback(
        (files: Iterable<File>, then?: (name: string) => void) => {
            for (const file of files) {
                begin(file.name, (told) => sendPicture(orderId, file, told), then);
            }
        },
        [begin, orderId],
    );
    /** The same for files of the pictures folder on the server. */
    const take = useCallback(
        (paths: string[]) =>
            paths.forEach((path) =>
                begin(path.split('/').at(-1)!, (told) => {
                    told(1);
                    return takeFromFolder(orderId, path);
                }),
            ),
        [begin, orderId],
    );

    /** The same for those that are with a worker already. */
    const follow = useCallback(
        (pictures: ListText['pictures']) =>
            pictures.forEach(({ name, reading }) =>
                begin(name, (told) => {
                    told(1);
                    return readLater(orderId, reading);
                }),
            ),
        [begin, orderId],
    );

    return { uploads, add, take, follow, again: (upload: Upload) => enqueue(upload.id, upload.send), away };
}
