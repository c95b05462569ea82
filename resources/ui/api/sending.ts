import { api, ApiError, csrfToken, errorOf } from './client';
import { incoming } from './pictures';
import type { Taken } from './types';

const ASK_EVERY_MS = 1500;

/** What a worker reads, asked after until it is taken or refused. */
export async function readLater(orderId: number, token: string): Promise<Taken> {
    for (;;) {
        await new Promise((resolve) => setTimeout(resolve, ASK_EVERY_MS));
        const now = await incoming(orderId, token);
        if (now.state === 'taken') {
            return now;
        }
        if (now.state === 'refused') {
            throw new ApiError(422, now.message);
        }
    }
}

/** What is larger goes in pieces of this size, and goes on where it broke off. */
const PIECE = 4 * 1024 * 1024;
const TRIED_AGAIN_MS = [500, 1000, 2000, 4000, 8000, 16_000, 30_000];

/** Sends a picture into an order; told the share of its bytes that is over. Fails with the words to show. */
export const sendPicture = (orderId: number, file: File, told: (sent: number) => void): Promise<Taken> =>
    file.size > PIECE ? sendInPieces(orderId, file, told) : sendAtOnce(orderId, file, told);

/** By tus 1.0.0. What arrived of it before, in this window or an earlier one, isn't sent again. */
async function sendInPieces(orderId: number, file: File, told: (sent: number) => void): Promise<Taken> {
    const { DetailedError, Upload: TusUpload } = await import('tus-js-client');
    const at = await new Promise<string>((resolve, reject) => {
        const upload = new TusUpload(file, {
            endpoint: `/api/orders/${orderId}/uploads`,
            chunkSize: PIECE,
            retryDelays: TRIED_AGAIN_MS,
            metadata: { filename: file.name },
            headers: { Accept: 'application/json', 'X-XSRF-TOKEN': csrfToken() },
            removeFingerprintOnSuccess: true,
            fingerprint: (of) => Promise.resolve([orderId, of.name, of.size, of.lastModified].join(' ')),
            onProgress: (sent, total) => told(total > 0 ? sent / total : 0),
            onSuccess: () => resolve(upload.url!.split('/').at(-1)!),
            onError: (error) => {
                const answer = error instanceof DetailedError ? error.originalResponse : null;
                reject(
                    answer === null
                        ? new ApiError(0, `“${file.name}”: the upload broke off. What arrived is kept; it goes on from there.`)
                        : errorOf(answer.getStatus(), answer.getBody()),
                );
            },
        });
        void upload.findPreviousUploads().then((before) => {
            if (before[0]) {
                upload.resumeFromPreviousUpload(before[0]);
            }
            upload.start();
        });
    });
    const taken = await api.post<Taken | { reading: string }>(`orders/${orderId}/pictures`, { upload: at });
    return 'reading' in taken ? readLater(orderId, taken.reading) : taken;
}

function sendAtOnce(orderId: number, file: File, told: (sent: number) => void): Promise<Taken> {
    return new Promise((resolve, reject) => {
        const request = new XMLHttpRequest();
        request.open('POST', `/api/orders/${orderId}/pictures`);
        request.setRequestHeader('Accept', 'application/json');
        request.setRequestHeader('X-XSRF-TOKEN', csrfToken());
        request.upload.onprogress = (event) => told(event.total > 0 ? event.loaded / event.total : 0);
        request.onload = () =>
            request.status === 201
                ? resolve(JSON.parse(request.responseText) as Taken)
                : request.status === 202
                  ? readLater(orderId, (JSON.parse(request.responseText) as { reading: string }).reading).then(resolve, reject)
                  : reject(errorOf(request.status, request.responseText));
        request.onerror = () => reject(new ApiError(0, `“${file.name}”: the upload broke off. Nothing was kept; try it again.`));
        const body = new FormData();
        body.append('picture', file);
        request.send(body);
    });
}
