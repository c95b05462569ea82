import type { ReactNode } from 'react';
import { Link } from 'react-router';

/** A page that is not there yet, or can't be had: says which. */
export function Loading({ error, title = 'This can’t be shown just now' }: { error: Error | null; title?: string }) {
    return (
        <div className="p-10" data-home tabIndex={-1}>
            {error ? (
                <>
                    <div role="alert">
                        <h1 className="font-serif text-title">{title}</h1>
                        <p className="mt-2 text-soft">{error.message}</p>
                    </div>
                    <Link to="/" className="mt-5 inline-block font-semibold text-copper underline underline-offset-4">
                        All orders
                    </Link>
                </>
            ) : (
                <p className="text-soft" role="status">
                    Fetching…
                </p>
            )}
        </div>
    );
}

/** Told above a page that goes on showing what it last knew. */
export function Trouble({ error, children }: { error: Error | null; children?: ReactNode }) {
    return error ? (
        <p role="alert" className="shrink-0 bg-stops px-[18px] py-1.5 text-row text-white">
            {error.message} {children}
        </p>
    ) : null;
}
