import { useRef } from 'react';

/** A list that is chosen among the files of this machine. */
export function FromAFile({ onFile }: { onFile: (file: File) => void }) {
    const field = useRef<HTMLInputElement>(null);
    return (
        <>
            <button
                type="button"
                onClick={() => field.current?.click()}
                className="text-row text-soft underline underline-offset-4 hover:text-ink"
            >
                From a file…
            </button>
            <input
                ref={field}
                type="file"
                aria-label="A list from a file"
                tabIndex={-1}
                className="sr-only"
                onChange={(event) => {
                    const chosen = event.target.files?.[0];
                    event.target.value = '';
                    if (chosen) {
                        onFile(chosen);
                    }
                }}
            />
        </>
    );
}
