import { useRef } from 'react';
import { uploadMark, useMarkAct } from '@/api/marks';

/** Takes a PNG up among the studio's marks; tells why one is refused. */
export function TakeUpMark({ onTaken }: { onTaken?: (name: string) => void }) {
    const field = useRef<HTMLInputElement>(null);
    const upload = useMarkAct(uploadMark);
    return (
        <>
            <input
                ref={field}
                type="file"
                accept="image/png"
                aria-label="Take up a mark"
                className="sr-only"
                tabIndex={-1}
                onChange={(event) => {
                    const file = event.target.files?.[0];
                    if (file) {
                        upload.mutate(file, { onSuccess: (mark) => onTaken?.(mark.name) });
                    }
                    event.target.value = '';
                }}
            />
            <button
                type="button"
                className="mt-2 self-start font-semibold text-copper underline underline-offset-4"
                onClick={() => field.current?.click()}
            >
                {upload.isPending ? 'Taking it up…' : 'Take up a PNG'}
            </button>
            {upload.error && (
                <p role="alert" className="mt-1 text-small text-stops">
                    {upload.error.message}
                </p>
            )}
        </>
    );
}
