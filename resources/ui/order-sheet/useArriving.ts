import { useCallback, useState } from 'react';
import { useNotices } from '@/notices/notices';
import { useUploads } from '@/pictures/uploads';
import { isList } from './isList';

/** What comes into an order as files: pictures are taken up, lists and e-mails wait to be read. */
export function useArriving(orderId: number) {
    const notices = useNotices();
    const already = useCallback(
        (name: string) => notices.say(`“${name}” is in this order already; it was not added twice.`),
        [notices],
    );
    const uploads = useUploads(orderId, already);
    const [lists, setLists] = useState<File[]>([]);
    return {
        uploads,
        lists,
        takeFiles: (files: File[]) => {
            setLists(files.filter(isList));
            uploads.add(files.filter((file) => !isList(file)));
        },
        listsRead: () => setLists([]),
    };
}
