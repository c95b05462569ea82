/** What the server answered when it could not do something, in words to show. Status 0: it was not reached. */
export class ApiError extends Error {
    constructor(
        readonly status: number,
        message: string,
        readonly body: {
            errors?: Record<string, string[]>;
            line?: unknown;
            areas?: unknown;
            file?: number | null;
            now?: unknown;
        } = {},
    ) {
        super(message);
    }

    /** Worth trying again by itself: the server or its database is away for a moment. */
    get isPassing(): boolean {
        return this.status === 0 || this.status === 502 || this.status === 503 || this.status === 504;
    }
}

export const csrfToken = () => decodeURIComponent(document.cookie.match(/(?:^|; )XSRF-TOKEN=([^;]*)/)?.[1] ?? '');

export function errorOf(status: number, text: string): ApiError {
    try {
        const body = JSON.parse(text) as { message?: string; errors?: Record<string, string[]>; line?: unknown };
        const first = Object.values(body.errors ?? {})[0]?.[0];
        return new ApiError(status, first ?? body.message ?? 'That did not work.', body);
    } catch {
        return new ApiError(
            status,
            status === 413
                ? 'The file is larger than 400 MB, the most that is taken.'
                : `Planisher answered ${status}. It is tried again.`,
        );
    }
}

async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
    let response: Response;
    try {
        response = await fetch(`/api/${path}`, {
            method,
            headers: {
                Accept: 'application/json',
                ...(method === 'GET' ? {} : { 'X-XSRF-TOKEN': csrfToken(), 'Content-Type': 'application/json' }),
            },
            body: body === undefined ? undefined : JSON.stringify(body),
        });
    } catch {
        throw new ApiError(0, 'Planisher can’t be reached. What was saved is kept; this is tried again.');
    }
    if (!response.ok) {
        throw errorOf(response.status, await response.text());
    }
    return (response.status === 204 ? undefined : await response.json()) as T;
}

export const api = {
    get: <T>(path: string) => call<T>('GET', path),
    post: <T>(path: string, body: unknown = {}) => call<T>('POST', path, body),
    put: <T>(path: string, body: unknown) => call<T>('PUT', path, body),
    patch: <T>(path: string, body: unknown) => call<T>('PATCH', path, body),
    delete: <T>(path: string, body: unknown = {}) => call<T>('DELETE', path, body),
};

/** Takes a file up under the name of its field; fails with the reason it was refused. */
export async function uploaded<T>(path: string, field: string, file: File, otherwise: string): Promise<T> {
    const form = new FormData();
    form.append(field, file);
    const response = await fetch(`/api/${path}`, {
        method: 'POST',
        headers: { Accept: 'application/json', 'X-XSRF-TOKEN': csrfToken() },
        body: form,
    });
    const answer = (await response.json().catch(() => ({}))) as T & { message?: string };
    if (!response.ok) {
        throw new ApiError(response.status, answer.message ?? otherwise);
    }
    return answer;
}

/** Why a picture that was asked for didn't come, in the server's words. */
export const why = (path: string) =>
    fetch(path, { headers: { Accept: 'application/json' } }).then(
        async (answer) => (answer.ok ? null : errorOf(answer.status, await answer.text()).message),
        () => 'Planisher can’t be reached. It is tried again.',
    );

/** Whether an address has something to give, without taking it; fails with the reason where it hasn't. */
export async function answers(address: string): Promise<void> {
    const unread = new AbortController();
    const response = await fetch(address, { headers: { Accept: 'application/json' }, signal: unread.signal }).catch(() => {
        throw new ApiError(0, 'Planisher can’t be reached. Try it again.');
    });
    if (!response.ok) {
        throw errorOf(response.status, await response.text());
    }
    unread.abort();
}

export const thumbUrl = (sha256: string) => `/api/pictures/${sha256}/thumb`;
export const screenUrl = (sha256: string) => `/api/pictures/${sha256}/screen`;
