import type { Upload } from './uploads';

interface Props {
    uploads: Upload[];
    onAgain: (upload: Upload) => void;
    onAway: (id: number) => void;
}

/** Files on their way, each with how far it is, or why it couldn't be taken. */
export function UploadList({ uploads, onAgain, onAway }: Props) {
    return (
        <ul className="mt-2 flex flex-col gap-2">
            {uploads.map((upload) => (
                <li key={upload.id} className="rounded-sm bg-white px-2 py-1.5 text-small">
                    <p className="truncate">{upload.name}</p>
                    {upload.state === 'failed' ? (
                        <>
                            <p role="alert" className="text-stops">
                                {upload.message}
                            </p>
                            <p className="mt-1 flex gap-3">
                                <button
                                    className="font-semibold text-copper underline underline-offset-2"
                                    onClick={() => onAgain(upload)}
                                >
                                    Try again
                                </button>
                                <button className="text-soft underline underline-offset-2" onClick={() => onAway(upload.id)}>
                                    Put away
                                </button>
                            </p>
                        </>
                    ) : (
                        <Progress upload={upload} />
                    )}
                </li>
            ))}
        </ul>
    );
}

function Progress({ upload }: { upload: Upload }) {
    const words =
        upload.state === 'waiting' ? 'waiting' : upload.sent < 1 ? `${Math.round(upload.sent * 100)} % sent` : 'measuring';
    return (
        <p className="flex items-center gap-2 text-soft">
            <progress value={upload.sent} max={1} aria-label={`${upload.name}: ${words}`} className="w-24" />
            {words}
        </p>
    );
}
