import { useEffect, useRef, useState } from 'react';
import { useListRead, useTakeList } from '@/api/lists';
import type { ListText, OrderSheet, OtherWords, ReadLine } from '@/api/types';
import { useAwaited } from '@/common/useAwaited';
import { useKeys } from '@/keys/useKeys';
import { AddSheet } from '../AddSheet';
import { AddLines } from './AddLines';
import { FromAFile } from './FromAFile';
import { HowItWasRead } from './HowItWasRead';
import { LastTime } from './LastTime';
import { ListField } from './ListField';
import { wordsOf } from './rows';
import { answered, taken, without } from './taken';
import { useAnswering } from './useAnswering';
import { useListDrop } from './useListDrop';
import { useWritten } from './useWritten';

interface Props {
    order: OrderSheet;
    /** pictures that are meant where nothing is said */
    chosen: string[];
    onFiles: (files: File[], then: (name: string) => void) => void;
    /** lists and e-mails that were dropped anywhere on the page, to be read here */
    lists: File[];
    onListsRead: () => void;
    /** pictures that came with an e-mail */
    onMailed: (pictures: ListText['pictures']) => void;
    onAdded: () => void;
    /** on to what comes next, once all that was said is on the order */
    onGoOn: () => void;
    /** the hand is led here: pictures have come, and nothing is said of them yet */
    isNext: boolean;
}

/**
 * The empty end of the lines: what was ordered is typed, pasted or dropped here in the client's words, and stands beside what it
 * was read as. What is clear is taken in one press; what isn't stays until it is.
 */
export function WhatWasOrdered({ order, chosen, onFiles, lists, onListsRead, onMailed, onAdded, onGoOn, isNext }: Props) {
    const field = useRef<HTMLTextAreaElement>(null);
    const focus = () => field.current?.focus();
    const [asRead, setAsRead] = useState<ReadonlySet<string>>(new Set());
    const take = useTakeList(order.id);
    const onWrite = () => {
        wait(null);
        take.reset();
    };
    const written = useWritten({ orderId: order.id, onMailed, onWrite, onRead: focus });
    const { text, write } = written;
    const { answer, error: unread, isCurrent: isRead } = useListRead(order.id, text, order.pictures.length, chosen);
    const lines = answer?.lines ?? [];
    const { isTaken, prints, open, left } = taken(lines, asRead);
    const answering = useAnswering(field, isRead);
    const wait = useAwaited<'add' | 'go on'>(isRead, (then) => submit(then));
    useKeys({ a: focus });
    useEffect(() => {
        if (lists.length > 0) {
            lists.forEach((list) => void written.read(list));
            onListsRead();
        }
    });
    const drop = useListDrop(written, onFiles);

    const added = (then: 'add' | 'go on') => {
        written.leave(left);
        onAdded();
        setAsRead(new Set());
        if (then === 'go on' && open.length === 0) {
            field.current?.blur();
            onGoOn();
        } else {
            focus();
        }
    };
    const submit = (then: 'add' | 'go on') => {
        if (take.isPending || text.trim() === '') {
            return;
        }
        written.forgetTold();
        if (!isRead) {
            wait(then); // a quick hand is faster than the answer
        } else if (prints.length === 0) {
            // Said twice it is meant as it was read.
            setAsRead(new Set(open.filter((line) => line.prints.some((print) => print.isWhole)).map(wordsOf)));
        } else {
            take.mutate(prints, { onSuccess: () => added(then) });
        }
    };
    const choose = (of: ReadLine[], offer: OtherWords, part?: number) => {
        const next = answered(text, of, offer, part);
        if (next !== null) {
            write(next);
            focus();
        }
    };
    const trouble = written.error ?? take.error?.message ?? unread?.message ?? null;

    return (
        <section
            aria-label="What was ordered"
            className={`border-t border-rule py-4 pl-[46px] ${drop.isOver ? 'bg-blush' : ''}`}
            {...drop.handlers}
        >
            <div className="flex items-start gap-4">
                <ListField
                    field={field}
                    text={text}
                    onWrite={write}
                    onSubmit={submit}
                    leads={answering.leads}
                    chosen={chosen.length}
                    pictures={order.pictures.length}
                    isNext={isNext}
                />
                <div className="flex shrink-0 items-center gap-3 pt-[21px]">
                    <AddLines
                        count={prints.length}
                        isAll={open.length === 0}
                        isBusy={!isRead || take.isPending}
                        isMany={text.includes('\n')}
                        onSubmit={submit}
                    />
                    <FromAFile onFile={(file) => void written.read(file)} />
                    <AddSheet order={order} />
                </div>
            </div>
            <LeftOut told={written.told} />
            {text.trim() === '' && <LastTime order={order} chosen={chosen} />}
            {trouble && (
                <p role="alert" className="mt-2 text-small text-stops">
                    {trouble}
                </p>
            )}
            {lines.length > 0 && (
                <HowItWasRead
                    order={order}
                    lines={lines}
                    isRead={isRead}
                    isTaken={isTaken}
                    list={answering.list}
                    onKeyDown={answering.onKeyDown}
                    onChoose={choose}
                    onTakeAsRead={(these) => {
                        setAsRead(new Set([...asRead, ...these.map(wordsOf)]));
                        focus();
                    }}
                    onLeaveOut={({ number }) => {
                        write(without(text, number));
                        focus();
                    }}
                />
            )}
            {lines.length > 1 && isRead && <HowMuchIsClear clear={prints.length} open={open.length} />}
        </section>
    );
}

const LeftOut = ({ told }: { told: string[] }) =>
    told.length > 0 && (
        <ul role="status" className="mt-2 text-small text-look">
            {told.map((words) => (
                <li key={words}>{words}</li>
            ))}
        </ul>
    );

const HowMuchIsClear = ({ clear, open }: { clear: number; open: number }) => (
    <p className="mt-2 text-small text-soft" role="status">
        {clear} {clear === 1 ? 'line is' : 'lines are'} clear
        {open > 0 && `; ${open} of the list ${open === 1 ? 'is' : 'are'} not, and will stay here`}.
    </p>
);
