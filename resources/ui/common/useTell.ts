import { ApiError } from '@/api/client';
import { useNotices } from '@/notices/notices';

/** Runs an act whose failure has no field to stand at: it is told at the foot of the page. */
export function useTell() {
    const notices = useNotices();
    return (promise: Promise<unknown>) =>
        void promise.catch((error: Error) => {
            if (!(error instanceof ApiError && error.status === 409)) {
                notices.say(error.message, { lasts: true });
            }
        });
}
