import type { MouseEvent } from 'react';
import { ApiError, answers } from '@/api/client';
import { useFilesRefresh, useMakeAgain } from '@/api/makes';
import { useNotices } from '@/notices/notices';

/**
 * For links to files that may not leave: asks first, and tells here why one doesn't come, in place of a page of JSON. What was altered
 * is made again by one press.
 */
export function useDownload() {
    const notices = useNotices();
    const makeAgain = useMakeAgain();
    const refresh = useFilesRefresh();
    return (event: MouseEvent<HTMLAnchorElement>) => {
        event.preventDefault();
        const { href } = event.currentTarget;
        answers(href).then(
            () => window.location.assign(href),
            (error: ApiError) => {
                const { file } = error.body;
                const again = (id: number) => () =>
                    void makeAgain(id).then(
                        () => notices.say('It is being made again.'),
                        (failed: Error) => notices.say(failed.message, { lasts: true }),
                    );
                notices.say(error.message, {
                    lasts: true,
                    act: file ? { label: 'Make it again', run: again(file) } : undefined,
                });
                refresh();
            },
        );
    };
}
