import { ApiError, csrfToken, errorOf } from './client';
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

/** Sends a picture into an order; told the share of its bytes that is over. Fails with the words to show. */
export function sendPicture(orderId: number, file: File, told: (sent: number) => void): Promise<Taken> {
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
