import { useState } from 'react';
import { Link } from 'react-router';
import { ApiError } from '@/api/client';
import { useReprint, useReprintChanged } from '@/api/apart';
import { useMakeAgain } from '@/api/makes';
import { useParcelActs } from '@/api/parcels';
import type { ParcelLine, Parcels } from '@/api/types';
import { Button, Key } from '@/common/Button';
import { InAll } from '@/common/InAll';
import { Mark } from '@/common/Mark';
import { useKeys } from '@/keys/useKeys';
import { useNotices } from '@/notices/notices';
import { useTell } from '@/common/useTell';

interface Props {
    orderId: number;
    lab: Parcels['lab'];
    lines: ParcelLine[];
}

/** The lines of an order: those that may go, ticked, and why the others may not. */
export function WhatGoes({ orderId, lab, lines }: Props) {
    const can = lines.filter(({ why }) => why === null);
    const [chosen, setChosen] = useState(() => new Set(can.filter(({ parcel }) => parcel === null).map(({ id }) => id)));
    const acts = useParcelActs(orderId);
    const makeAgain = useMakeAgain();
    const notices = useNotices();
    const going = can.filter(({ id }) => chosen.has(id));
    const files = going.reduce((sum, line) => sum + line.files.length, 0);
    const again = (fileId: number) => () =>
        void makeAgain(fileId).then(
            () => notices.say('It is being made again. Send when it is there.'),
            (error: Error) => notices.say(error.message, { lasts: true }),
        );
    const pack = () => {
        if (files === 0 || acts.pack.isPending) {
            return;
        }
        acts.pack.mutate(
            { lines: going.map(({ id }) => id), isSent: lab.hasService },
            {
                onError: (error) => {
                    const file = error instanceof ApiError ? error.body.file : null;
                    notices.say(error.message, {
                        lasts: true,
                        act: file ? { label: 'Make it again', run: again(file) } : undefined,
                    });
                },
            },
        );
    };
    useKeys(files > 0 ? { 'ctrl+Enter': pack } : {}); // sent by no bare letter: it may have been meant for a field
    const tick = (id: number) =>
        setChosen((now) => {
            const next = new Set(now);
            return next.delete(id) ? next : next.add(id);
        });
    if (lines.length === 0) {
        return <p className="mt-4 text-soft">This order has no prints yet.</p>;
    }
    return (
        <section className="mt-5" aria-label="What goes">
            <div className="flex items-end gap-5 pb-2">
                <p className="grow text-row text-soft" role="status">
                    {can.length === 0
                        ? 'Nothing is ready to go. Only what is passed, made and read back goes to the lab.'
                        : files === 0 && can.every(({ parcel }) => parcel !== null)
                          ? 'Everything that is made is in a parcel already. Tick a line to have it sent once more.'
                          : `${files} ${files === 1 ? 'file' : 'files'} of ${going.length} ${going.length === 1 ? 'line' : 'lines'}`}
                    {files > 0 && (
                        <>
                            : <InAll lines={going.map(({ goes }) => goes)} />
                        </>
                    )}
                </p>
                <Button look="main" onClick={pack} disabled={files === 0 || acts.pack.isPending}>
                    {lab.hasService ? 'Pack and send' : 'Pack'}
                    {files > 0 && <Key>Ctrl ↵</Key>}
                </Button>
            </div>
            <ul>
                {lines.map((line) => (
                    <li
                        key={line.id}
                        className="grid grid-cols-[24px_28px_1fr_auto] items-baseline gap-3 border-t border-rule py-1.5"
                    >
                        <input
                            type="checkbox"
                            aria-label={`Line ${line.number}, ${line.short}`}
                            checked={chosen.has(line.id)}
                            disabled={line.why !== null}
                            onChange={() => tick(line.id)}
                            className="accent-copper"
                        />
                        <span className="text-right text-small text-soft tabular-nums">{line.number}</span>
                        <Link to={`/orders/${orderId}/lines/${line.id}`} className="min-w-0 truncate font-serif text-read">
                            {line.short}
                        </Link>
                        <span className="flex items-center gap-2 text-row text-soft">
                            {line.why === null && line.parcel !== null && <Reprint orderId={orderId} line={line} />}
                            {line.why !== null && <Mark level="look" />}
                            {line.why ??
                                (line.parcel === null
                                    ? `${line.files.length} ${line.files.length === 1 ? 'file' : 'files'}`
                                    : `in parcel ${line.parcel} already`)}
                        </span>
                    </li>
                ))}
            </ul>
        </section>
    );
}

/** A line that is with the lab, or on its way, once more: the same to the last byte, or changed. */
function Reprint({ orderId, line }: { orderId: number; line: ParcelLine }) {
    const same = useReprint(orderId);
    const changed = useReprintChanged(orderId);
    const tell = useTell();
    const notices = useNotices();
    const again = () =>
        same
            .mutateAsync(line.id)
            .then(() => notices.say(`Line ${line.number} is taken: its files are made once more, and stand here when they are.`));
    const look = 'text-row underline underline-offset-4 hover:text-ink';
    return (
        <>
            <button
                type="button"
                className={look}
                aria-label={`Reprint line ${line.number}, the same`}
                disabled={same.isPending}
                onClick={() => tell(again())}
            >
                {same.isPending ? 'Taken…' : 'Reprint'}
            </button>
            <button
                type="button"
                className={look}
                aria-label={`Reprint line ${line.number}, changed`}
                disabled={changed.isPending}
                onClick={() => tell(changed.mutateAsync(line.id))}
            >
                Reprint, changed
            </button>
            <span aria-hidden="true">·</span>
        </>
    );
}
