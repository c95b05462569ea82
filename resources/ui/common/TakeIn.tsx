import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { useAct } from '@/api/act';
import type { Created } from '@/api/types';
import { Button } from './Button';
import { useNotices } from '@/notices/notices';

interface Props {
    /** what is on the button */
    label: string;
    /** what the file is, for readers */
    file: string;
    accept: string;
    take: (file: File) => Promise<Created>;
    /** the address that its page lies below */
    below: string;
}

/** Takes in a file that was exported, and opens what came of it. */
export function TakeIn({ label, file, accept, take, below }: Props) {
    const field = useRef<HTMLInputElement>(null);
    const navigate = useNavigate();
    const { say } = useNotices();
    const taking = useAct(take, {
        onSuccess: ({ id }) => void navigate(`/${below}/${id}`),
        onError: (error) => say(error.message, { lasts: true }),
    });
    return (
        <>
            <Button look="quiet" onClick={() => field.current?.click()} disabled={taking.isPending}>
                {taking.isPending ? 'Taking it in…' : label}
            </Button>
            <input
                ref={field}
                type="file"
                accept={accept}
                aria-label={file}
                className="sr-only"
                tabIndex={-1}
                onChange={(event) => {
                    const chosen = event.target.files?.[0];
                    event.target.value = '';
                    if (chosen) {
                        taking.mutate(chosen);
                    }
                }}
            />
        </>
    );
}
