import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { listText, useListRead, useTakeList } from '@/api/lists';
import type { ListText, OrderSheet, OtherWords, ReadLine } from '@/api/types';
import { Button, Key } from '@/common/Button';
import { useAwaited } from '@/common/useAwaited';
import { useKeys } from '@/common/useKeys';
import { AddSheet } from '../AddSheet';
import { useDrop } from '../dragging';
import { isList } from '../isList';
import { HowItWasRead } from './HowItWasRead';
import { LastTime } from './LastTime';
import { wordsOf } from './rows';
import { useAnswering } from './useAnswering';

/** Of the field, when it holds a list: how it was read stands below. */
const MOST_ROWS = 7;

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
    const file = useRef<HTMLInputElement>(null);
    const [text, setText] = useState('');
    const [error, setError] = useState<string | null>(null);
    /** what was left out of a file */
    const [told, setTold] = useState<string[]>([]);
    /** lines that are taken as they were read, though not all of them was clear */
    const [asRead, setAsRead] = useState<ReadonlySet<string>>(new Set());
    const { answer, error: unread, isCurrent: isRead } = useListRead(order.id, text, order.pictures.length, chosen);
    const take = useTakeList(order.id);
    useKeys({ a: () => field.current?.focus() });

    const answering = useAnswering(field, isRead);
    const wait = useAwaited<'add' | 'go on'>(isRead, (then) => submit(then));

    const write = (words: string) => {
        setText(words);
        if (words.trim() === '') {
            setTold([]);
        }
        setError(null);
        wait(null);
        take.reset();
    };
    const add = (words: string) => write(text.trim() === '' ? words : `${text.trimEnd()} ${words}`);
    const now = useRef(text);
    now.current = text;
    const read = (list: File) =>
        listText(order.id, list).then(
            ({ text: words, pictures, told: leftOut }) => {
                write(now.current.trim() === '' ? words : `${now.current.trimEnd()}\n${words}`);
                setTold((all) => [...all, ...leftOut]);
                onMailed(pictures);
                field.current?.focus();
            },
            (failed: Error) => setError(failed.message),
        );
    useEffect(() => {
        if (lists.length > 0) {
            lists.forEach((list) => void read(list));
            onListsRead();
        }
    });
    const drop = useDrop({
        onPictures: (names) => add(names.join(', ')),
        onFiles: (files) => {
            files.filter(isList).forEach((one) => void read(one));
            const pictures = files.filter((one) => !isList(one));
            if (pictures.length > 0) {
                onFiles(pictures.slice(0, 1), add);
            }
        },
    });

    const lines = answer?.lines ?? [];
    const hasMany = lines.length > 1;
    const isTaken = (line: ReadLine) =>
        asRead.has(wordsOf(line))
            ? line.prints.every((print) => print.isWhole)
            : line.isSure && line.prints.length > 0 && line.prints.every((print) => print.isWhole);
    /** … by what was taken as it was read */
    const isGone = (line: ReadLine) =>
        line.prints.length === 0 && lines.some((other) => other.speaksOf === line.number && asRead.has(wordsOf(other)));
    const ready = lines.filter(isTaken);
    const prints = ready.flatMap((line) => line.prints);
    const open = lines.filter((line) => !isTaken(line) && (line.prints.length > 0 || !line.isSure));

    /** What isn’t taken stays, and what stands over it. */
    const isKept = (line: ReadLine) => line.prints.length > 0 || line.parts.some((part) => part.is !== 'passed');
    const submit = (then: 'add' | 'go on') => {
        if (take.isPending || text.trim() === '') {
            return;
        }
        setTold([]);
        if (!isRead) {
            wait(then); // a quick hand is faster than the answer
            return;
        }
        if (prints.length === 0) {
            // Said twice it is meant as it was read.
            setAsRead(new Set(open.filter((line) => line.prints.some((print) => print.isWhole)).map(wordsOf)));
            return;
        }
        take.mutate(prints, {
            onSuccess: () => {
                setText(
                    open.length === 0
                        ? ''
                        : lines
                              .filter((line) => !isTaken(line) && !isGone(line) && isKept(line))
                              .map(wordsOf)
                              .join('\n'),
                );
                onAdded();
                setAsRead(new Set());
                if (then === 'go on' && open.length === 0) {
                    field.current?.blur();
                    onGoOn();
                } else {
                    field.current?.focus();
                }
            },
        });
    };
    const seen = useRef(order.pictures.length);
    useEffect(() => {
        if (isNext) {
            const haveCome = order.pictures.length > seen.current;
            seen.current = order.pictures.length;
            if (haveCome && document.activeElement === document.body) {
                field.current?.focus();
            }
        }
    }, [isNext, order.pictures.length]);
    const pressed = (event: KeyboardEvent<HTMLTextAreaElement>) => {
        if (answering.leads(event)) {
            return;
        }
        const withControl = event.ctrlKey || event.metaKey;
        if (event.key === 'Enter' && (withControl || (!event.shiftKey && !text.includes('\n')))) {
            event.preventDefault();
            submit(event.shiftKey ? 'go on' : 'add');
        } else if (event.key === 'Escape') {
            field.current?.blur();
        }
    };
    const choose = (of: ReadLine[], offer: OtherWords, part?: number) => {
        const all = text.split(/\r\n|\r|\n/);
        for (const line of of) {
            if (all[line.number - 1] !== wordsOf(line)) {
                return; // it was read of another text
            }
            const at = part ?? line.parts.findIndex(({ why }) => why !== null);
            all[line.number - 1] = line.parts.map((one, i) => (i === at ? offer.with : one.words)).join('');
        }
        write(all.join('\n'));
        field.current?.focus();
    };
    const toldError = error ?? take.error?.message ?? unread?.message ?? null;

    return (
        <section
            aria-label="What was ordered"
            className={`border-t border-rule py-4 pl-[46px] ${drop.isOver ? 'bg-blush' : ''}`}
            {...drop.handlers}
        >
            <div className="flex items-start gap-4">
                <label className="min-w-0 grow">
                    <span className="text-small text-soft">
                        What was ordered, in the client’s words
                        <Key>A</Key>
                    </span>
                    <textarea
                        ref={field}
                        value={text}
                        onChange={(event) => write(event.target.value)}
                        onKeyDown={pressed}
                        rows={Math.min(MOST_ROWS, Math.max(1, text.split('\n').length))}
                        spellCheck={false}
                        placeholder={
                            chosen.length > 0
                                ? `8×10, matte: a line of each of the ${chosen.length} chosen pictures`
                                : '2 of lighthouse 11×15, whole, thin line. Or paste the whole list.'
                        }
                        className="mt-1 block w-full resize-none rounded-sm border border-edge bg-white px-2.5 py-[5px] font-serif text-sentence leading-[25px]"
                    />
                </label>
                <div className="flex shrink-0 items-center gap-3 pt-[21px]">
                    <Button onClick={() => submit('add')} disabled={!isRead || take.isPending} className="h-[37px]">
                        {prints.length > 0 ? `Add ${prints.length === 1 ? 'this line' : `${prints.length} lines`}` : 'Add'}
                        <Key>{text.includes('\n') ? 'Ctrl ⏎' : '⏎'}</Key>
                    </Button>
                    {prints.length > 0 && open.length === 0 && (
                        <Button
                            onClick={() => submit('go on')}
                            disabled={!isRead || take.isPending}
                            className="h-[37px]"
                            title="Passes what is fine; looks at what isn’t; where all is fine, makes the files"
                        >
                            and go on
                            <Key>Ctrl ⇧ ⏎</Key>
                        </Button>
                    )}
                    <button
                        type="button"
                        onClick={() => file.current?.click()}
                        className="text-row text-soft underline underline-offset-4 hover:text-ink"
                    >
                        From a file…
                    </button>
                    <input
                        ref={file}
                        type="file"
                        aria-label="A list from a file"
                        tabIndex={-1}
                        className="sr-only"
                        onChange={(event) => {
                            const chosen = event.target.files?.[0];
                            event.target.value = '';
                            if (chosen) {
                                void read(chosen);
                            }
                        }}
                    />
                    <AddSheet order={order} />
                </div>
            </div>
            {told.length > 0 && (
                <ul role="status" className="mt-2 text-small text-look">
                    {told.map((words) => (
                        <li key={words}>{words}</li>
                    ))}
                </ul>
            )}
            {text.trim() === '' && <LastTime order={order} chosen={chosen} />}
            {toldError && (
                <p role="alert" className="mt-2 text-small text-stops">
                    {toldError}
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
                    onTakeAsRead={(taken) => {
                        setAsRead(new Set([...asRead, ...taken.map(wordsOf)]));
                        field.current?.focus();
                    }}
                    onLeaveOut={({ number }) => {
                        write(
                            text
                                .split(/\r\n|\r|\n/)
                                .filter((_, i) => i !== number - 1)
                                .join('\n'),
                        );
                        field.current?.focus();
                    }}
                />
            )}
            {hasMany && isRead && (
                <p className="mt-2 text-small text-soft" role="status">
                    {prints.length} {prints.length === 1 ? 'line is' : 'lines are'} clear
                    {open.length > 0 &&
                        `; ${open.length} of the list ${open.length === 1 ? 'is' : 'are'} not, and will stay here`}
                    .
                </p>
            )}
        </section>
    );
}
