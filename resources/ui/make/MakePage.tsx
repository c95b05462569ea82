import { useRef } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useAct } from '@/api/act';
import { fileUrl, makeZipUrl, screenZipUrl, useMakeAgain, useMakes } from '@/api/makes';
import type { MadeFile, Make, Measured } from '@/api/types';
import { ButtonLink, Key } from '@/common/Button';
import { Loading, Trouble } from '@/common/Loading';
import { Mark } from '@/common/Mark';
import { useNotices } from '@/notices/notices';
import { OfOrder } from '@/common/OfOrder';
import { useDownload } from '@/common/useDownload';
import { useKeys } from '@/keys/useKeys';
import { Going } from './Going';
import { HowFar } from './HowFar';
import { LeftOut } from '@/lines/LeftOut';
import { ScreenCopies } from '@/lines/ScreenCopies';
import { FileExtent } from '@/lines/FileExtent';
import { Home } from '@/common/Home';

const KEYS = [
    { keys: 'P', does: 'pause the making, go on with it' },
    { keys: 'S', does: 'stop it: what isn’t begun isn’t made' },
    { keys: 'D', does: 'download the newest set' },
    { keys: 'L', does: 'to the lab' },
    { keys: 'Tab', does: 'walk the files' },
];

/** The files of an order: being made, read back, and to be had. */
export function MakePage() {
    const id = Number(useParams().order);
    const makes = useMakes(id);
    const navigate = useNavigate();
    useKeys({ l: () => void navigate(`/orders/${id}/parcels`) });
    if (!makes.data) {
        return <Loading error={makes.error ?? makes.failureReason} />;
    }
    const { order } = makes.data;
    return (
        <OfOrder
            title={`Files of ${order.number}`}
            order={{ ...order, id }}
            keys={KEYS}
            acts={
                <>
                    <ScreenCopies orderId={id} />
                    <ButtonLink to={`/orders/${id}/parcels`}>
                        To the lab<Key>L</Key>
                    </ButtonLink>
                </>
            }
        >
            <Trouble error={makes.failureReason} />
            <Home className="relative grow overflow-auto px-10 py-6">
                <h1 className="font-serif text-title leading-tight">Files for {order.lab}</h1>
                <LeftOut orderId={id} lines={makes.data.leftOut} />
                {makes.data.makes.length === 0 ? (
                    <p className="mt-4 text-soft">
                        Nothing was made of this order yet. Pass the lines that are right on the order sheet, then press Make
                        files.
                    </p>
                ) : (
                    makes.data.makes.map((make, i) => <Set key={make.id} make={make} orderId={id} isNewest={i === 0} />)
                )}
            </Home>
        </OfOrder>
    );
}

function Set({ make, orderId, isNewest }: { make: Make; orderId: number; isNewest: boolean }) {
    const made = make.files.filter((file) => file.state === 'made').length;
    const busy = make.files.some((file) => file.state === 'waiting' || file.state === 'making');
    const forLab = make.files.filter((file) => !file.isForScreen);
    const forScreens = make.files.filter((file) => file.isForScreen);
    const started = new Date(make.startedAt).toLocaleString('en-GB', {
        day: 'numeric',
        month: 'long',
        hour: '2-digit',
        minute: '2-digit',
    });
    return (
        <section className="mt-6" aria-label={make.folder}>
            <div className="flex items-end gap-5 pb-2">
                <div className="min-w-0 grow">
                    <h2 className="truncate text-row font-semibold">
                        {make.folder}
                        {make.exportedTo && <span className="font-normal text-soft"> · also in {make.exportedTo}</span>}
                    </h2>
                    <p className="text-small text-soft" role="status">
                        {started} · {made} of {make.files.length} made and read back
                        <HowFar make={make} />
                    </p>
                </div>
                <Going make={make} orderId={orderId} hasKeys={isNewest} />
                {made > 0 && !busy && (
                    <AllOf
                        files={forLab}
                        zip={make.zip}
                        href={makeZipUrl(make.id)}
                        label="Download all as ZIP"
                        hasKey={isNewest}
                    />
                )}
            </div>
            <ul>
                {forLab.map((file) => (
                    <FileRow key={file.id} file={file} orderId={orderId} />
                ))}
            </ul>
            {make.screenZip && (
                <>
                    <div className="flex items-end gap-5 pt-3 pb-2">
                        <h3 className="grow text-row font-semibold">For screens, not for the lab</h3>
                        {made > 0 && !busy && (
                            <AllOf
                                files={forScreens}
                                zip={make.screenZip}
                                href={screenZipUrl(make.id)}
                                label="Download the screen copies as ZIP"
                                hasKey={isNewest && forLab.length === 0}
                            />
                        )}
                    </div>
                    <ul aria-label="For screens">
                        {forScreens.map((file) => (
                            <FileRow key={file.id} file={file} orderId={orderId} />
                        ))}
                    </ul>
                </>
            )}
        </section>
    );
}

interface AllOfProps {
    files: MadeFile[];
    zip: Make['zip'];
    /** of the ZIP */
    href: string;
    label: string;
    hasKey: boolean;
}

/** All of a set to be had at once: a ZIP, or the file where there is one only. */
function AllOf({ files, zip, href, label, hasKey }: AllOfProps) {
    const link = useRef<HTMLAnchorElement>(null);
    const download = useDownload();
    useKeys(hasKey ? { d: () => link.current?.click() } : {});
    const only = files.length === 1 ? files[0] : undefined;
    return files.length === 0 ? null : zip === 'packing' ? (
        <p className="text-small text-soft" role="status">
            packing the ZIP…
        </p>
    ) : (
        <a
            ref={link}
            href={only ? fileUrl(only.id) : href}
            onClick={download}
            className="rounded-sm border border-copper bg-copper px-3 py-[5px] text-row font-semibold whitespace-nowrap text-white"
        >
            {only ? (only.isForScreen ? 'Download the screen copy' : 'Download the file') : label}
            {hasKey && <Key>D</Key>}
        </a>
    );
}

function FileRow({ file, orderId }: { file: MadeFile; orderId: number }) {
    const makeAgain = useMakeAgain();
    const notices = useNotices();
    const download = useDownload();
    const again = useAct(() => makeAgain(file.id), { onError: (error) => notices.say(error.message) });
    return (
        <li className="grid grid-cols-[52px_minmax(15rem,22rem)_1fr_auto] items-center gap-4 border-t border-rule py-2.5">
            <FileExtent picture={file.picture} shows={file.shows} />
            <div className="min-w-0">
                <FileName name={file.name} />
                <p className="text-small text-soft">
                    <Link to={`/orders/${orderId}/lines/${file.lineId}`} className="underline underline-offset-2 hover:text-ink">
                        Line {file.lineNumber}
                    </Link>
                    {file.madeBefore && <span title={`the same file as in ${file.madeBefore}`}> · unchanged since before</span>}
                    {file.sha256 ? <span title={`SHA-256 ${file.sha256}`}> · {file.sha256.slice(0, 10)}…</span> : null}
                </p>
            </div>
            <div>
                {file.state === 'waiting' && <p className="text-row text-soft">{file.error ?? 'Waiting for its turn'}</p>}
                {file.state === 'stopped' && <p className="text-row text-soft">Not made: the making was stopped</p>}
                {file.state === 'making' && (
                    <p className="flex items-center gap-3 text-row text-soft">
                        <progress value={file.percent} max={100} aria-label={file.name} className="w-40" />
                        {file.percent} %
                    </p>
                )}
                {file.state === 'made' && (
                    <ul className="flex flex-wrap gap-x-5 gap-y-1">
                        {file.readBack.map((measured) => (
                            <ReadFigure key={measured.what} measured={measured} />
                        ))}
                    </ul>
                )}
                {file.state === 'failed' && (
                    <p role="alert" className="flex items-start gap-2 text-row">
                        <span className="mt-1">
                            <Mark level="stops" />
                        </span>
                        {file.error}
                    </p>
                )}
            </div>
            {file.state === 'made' && (
                <span className="flex items-baseline gap-4">
                    <button
                        onClick={() => again.mutate()}
                        disabled={again.isPending}
                        title="If the file was lost or damaged: the same bytes, from the same plan"
                        aria-label={`Make ${file.name} again`}
                        className="text-row text-soft underline underline-offset-4 hover:text-ink"
                    >
                        Make again
                    </button>
                    <a
                        href={fileUrl(file.id)}
                        onClick={download}
                        aria-label={`Download ${file.name}`}
                        className="text-row font-semibold text-copper underline underline-offset-4"
                    >
                        Download
                    </a>
                </span>
            )}
            {(file.state === 'failed' || file.state === 'stopped') && (
                <button
                    onClick={() => again.mutate()}
                    disabled={again.isPending}
                    className="text-row font-semibold text-copper underline underline-offset-4"
                >
                    Make it again
                </button>
            )}
        </li>
    );
}

const TAIL = 18;

/** A file's name; where it is too long it is cut in the middle, since what tells files apart stands at the end. */
const FileName = ({ name }: { name: string }) => (
    <p className="flex font-medium" title={name}>
        <span className="truncate">{name.slice(0, -TAIL)}</span>
        <span className="shrink-0">{name.slice(-TAIL)}</span>
    </p>
);

const said: Record<string, (found: string) => string> = {
    ppi: (found) => `${found} ppi`,
    bits: (found) => `${found} bits`,
};

function ReadFigure({ measured }: { measured: Measured }) {
    return (
        <li className="flex items-center gap-1.5 text-small whitespace-nowrap" title={`planned: ${measured.planned}`}>
            {measured.agrees ? (
                <svg width="11" height="11" viewBox="0 0 11 11" role="img" aria-label="agrees with the plan">
                    <path d="M1.5 6 L4.2 8.7 L9.6 2" className="fill-none stroke-fine" strokeWidth="1.8" />
                </svg>
            ) : (
                <Mark level="stops" />
            )}
            {said[measured.what]?.(measured.found) ?? measured.found}
        </li>
    );
}
