import { useState } from 'react';
import { Link } from 'react-router';
import { folderThumb, usePicturesFolder } from '@/api/pictures-folder';
import type { FolderFile } from '@/api/types';
import { Button } from '@/common/Button';
import { OverPage } from '@/common/OverPage';

interface Props {
    /** names of the order's pictures */
    held: string[];
    onTake: (paths: string[]) => void;
}

/** The studio's pictures folder, as it is on the server; what is chosen is copied into the order. */
export function PicturesFolder({ held, onTake }: Props) {
    const [isOpen, setIsOpen] = useState(false);
    return (
        <OverPage
            title="The pictures folder"
            isOpen={isOpen}
            onOpen={setIsOpen}
            className="flex h-[88vh] w-[66rem] flex-col"
            trigger={
                <button type="button" className="mt-1 block h-6 font-semibold text-copper underline underline-offset-2">
                    From the pictures folder…
                </button>
            }
        >
            <div className="-mx-6 -mb-6 flex min-h-0 grow flex-col">
                <Inside
                    held={held}
                    onTake={(paths) => {
                        onTake(paths);
                        setIsOpen(false);
                    }}
                    onClose={() => setIsOpen(false)}
                />
            </div>
        </OverPage>
    );
}

function Inside({ held, onTake, onClose }: Props & { onClose: () => void }) {
    const [below, setBelow] = useState('');
    const [sort, setSort] = useState<'name' | 'newest'>('newest');
    const [at, setAt] = useState(1);
    const [chosen, setChosen] = useState<string[]>([]);
    const [last, setLast] = useState<string | null>(null);
    const folder = usePicturesFolder(below, sort, at);
    const page = folder.data;
    const open = (where: string) => {
        setBelow(where);
        setAt(1);
        setLast(null);
    };
    const choose = (file: FolderFile, isRange: boolean) => {
        const paths = page!.files.filter((one) => !one.isBeingWritten).map((one) => one.path);
        const [from, to] = [paths.indexOf(last ?? file.path), paths.indexOf(file.path)].toSorted((a, b) => a - b) as [
            number,
            number,
        ];
        const range = isRange && last && from >= 0 ? paths.slice(from, to + 1) : [file.path];
        setChosen((before) =>
            !isRange && before.includes(file.path)
                ? before.filter((path) => path !== file.path)
                : [...before, ...range.filter((path) => !before.includes(path))],
        );
        setLast(file.path);
    };
    if (folder.error && !page) {
        return (
            <div className="px-6 py-4">
                <p role="alert">{folder.error.message}</p>
                <p className="mt-3 flex gap-4">
                    <Link to="/studio" className="font-semibold text-copper underline underline-offset-4">
                        The page of the studio
                    </Link>
                    <button type="button" onClick={onClose} className="text-soft underline underline-offset-4">
                        Not now
                    </button>
                </p>
            </div>
        );
    }
    return (
        <>
            <div className="flex items-center gap-4 border-b border-rule px-6 py-3 text-row">
                <Way below={below} onGo={open} />
                {page && (
                    <span className="text-soft">
                        {page.pictures === 1 ? 'one picture' : `${page.pictures} pictures`}
                        {page.others > 0 && `, ${page.others} other files`}
                    </span>
                )}
                <label className="ml-auto flex items-center gap-2 text-soft">
                    Sorted by
                    <select
                        value={sort}
                        onChange={(event) => {
                            setSort(event.target.value as 'name' | 'newest');
                            setAt(1);
                        }}
                        className="rounded-sm border border-edge bg-white px-1.5 py-1 text-ink"
                    >
                        <option value="newest">time, newest first</option>
                        <option value="name">name</option>
                    </select>
                </label>
            </div>
            <div className="min-h-0 grow overflow-auto px-6 py-4">
                {folder.error && (
                    <p role="alert" className="mb-3 text-row text-stops">
                        {folder.error.message}
                    </p>
                )}
                {page && page.folders.length > 0 && (
                    <ul className="mb-4 flex flex-wrap gap-2">
                        {page.folders.map((name) => (
                            <li key={name}>
                                <Button onClick={() => open(below === '' ? name : `${below}/${name}`)}>{name} ›</Button>
                            </li>
                        ))}
                    </ul>
                )}
                {page && page.pictures === 0 && (
                    <p className="text-soft">No picture is in it. What is copied into the folder appears here by itself.</p>
                )}
                <ul className="grid grid-cols-[repeat(auto-fill,minmax(8.5rem,1fr))] gap-x-3 gap-y-4">
                    {page?.files.map((file) => (
                        <One
                            key={file.path}
                            file={file}
                            isHeld={held.includes(file.name)}
                            isChosen={chosen.includes(file.path)}
                            onChoose={(isRange) => choose(file, isRange)}
                        />
                    ))}
                </ul>
            </div>
            <div className="flex items-center gap-4 border-t border-rule px-6 py-3.5 text-row">
                {page && page.pages > 1 && (
                    <nav aria-label="Pages of the folder" className="flex items-center gap-3">
                        <Button onClick={() => setAt(page.page - 1)} disabled={page.page === 1}>
                            Back
                        </Button>
                        Page {page.page} of {page.pages}
                        <Button onClick={() => setAt(page.page + 1)} disabled={page.page === page.pages}>
                            On
                        </Button>
                    </nav>
                )}
                <span className="ml-auto text-soft">They are copied; the folder stays as it is.</span>
                <Button onClick={onClose}>Not now</Button>
                <Button look="main" disabled={chosen.length === 0} onClick={() => onTake(chosen)}>
                    {chosen.length === 0
                        ? 'Take what is chosen'
                        : `Take ${chosen.length === 1 ? 'one picture' : `${chosen.length} pictures`}`}
                </Button>
            </div>
        </>
    );
}

/** Where in the folder one is, each step of it a way back. */
function Way({ below, onGo }: { below: string; onGo: (where: string) => void }) {
    const steps = below === '' ? [] : below.split('/');
    return (
        <nav aria-label="Where in the folder" className="flex items-center gap-1.5">
            <button type="button" className="h-6 font-semibold" onClick={() => onGo('')}>
                All
            </button>
            {steps.map((name, i) => (
                <span key={i} className="flex items-center gap-1.5">
                    <span className="text-soft">›</span>
                    <button type="button" className="h-6 font-semibold" onClick={() => onGo(steps.slice(0, i + 1).join('/'))}>
                        {name}
                    </button>
                </span>
            ))}
        </nav>
    );
}

interface OneProps {
    file: FolderFile;
    isHeld: boolean;
    isChosen: boolean;
    onChoose: (isRange: boolean) => void;
}

function One({ file, isHeld, isChosen, onChoose }: OneProps) {
    const time = new Date(file.takenAt ?? file.changedAt).toLocaleString('en-GB', {
        day: 'numeric',
        month: 'short',
        hour: '2-digit',
        minute: '2-digit',
    });
    return (
        <li>
            <button
                type="button"
                aria-pressed={isChosen}
                disabled={file.isBeingWritten}
                onClick={(event) => onChoose(event.shiftKey)}
                className="block w-full text-left disabled:opacity-50"
            >
                <span className={`grid h-[92px] place-items-center bg-chrome ${isChosen ? 'outline-3 outline-copper' : ''}`}>
                    <img src={folderThumb(file)} alt="" loading="lazy" className="max-h-[92px] max-w-full object-contain" />
                </span>
                <span className="mt-1 block truncate text-small narrow" title={file.name}>
                    {file.name}
                </span>
                <span className="block text-tiny text-soft">
                    {file.isBeingWritten ? 'still being written' : time}
                    {file.rating !== null && (
                        <span className="ml-1.5 text-ink" aria-label={`rated ${file.rating} of 5`}>
                            {'●'.repeat(file.rating)}
                        </span>
                    )}
                </span>
                {isHeld && <span className="block text-tiny text-fine">in this order</span>}
            </button>
        </li>
    );
}
