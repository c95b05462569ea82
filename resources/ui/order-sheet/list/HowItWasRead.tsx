import { useState, type KeyboardEvent, type ReactNode, type RefObject } from 'react';
import type { OrderSheet, OtherWords, ReadLine } from '@/api/types';
import { Mark } from '@/common/Mark';
import { Answer } from './Answer';
import { Doubts } from './Doubts';
import { ReadParts } from '@/sentence/ReadParts';
import { groupsOf, inShort, isHeld, rowsOf, takenBack, type Group } from './rows';

interface Props {
    order: OrderSheet;
    lines: ReadLine[];
    /** what stands there is as it was read */
    isRead: boolean;
    /** it is clear, or was said to be */
    isTaken: (line: ReadLine) => boolean;
    list: RefObject<HTMLOListElement | null>;
    onKeyDown: (event: KeyboardEvent<HTMLOListElement>) => void;
    /** other words for what isn’t clear in lines, all of them at once */
    onChoose: (lines: ReadLine[], offer: OtherWords, part?: number) => void;
    onTakeAsRead: (lines: ReadLine[]) => void;
    /** a line that nothing is made of, out of the list */
    onLeaveOut: (line: ReadLine) => void;
}

/** A list as it was read: what is alike and clear in one row, what is unclear in the same way in one, the rest line by line. */
export function HowItWasRead({ order, lines, isRead, isTaken, list, onKeyDown, onChoose, onTakeAsRead, onLeaveOut }: Props) {
    const [opened, setOpened] = useState<ReadonlySet<string>>(new Set());
    const isList = lines.length > 1;
    const rows = isList ? rowsOf(lines, isTaken) : lines.map((line) => ({ is: 'line' as const, key: 'line', line }));
    const open = (key: string) => setOpened(new Set([...opened, key]));
    const gone = takenBack(lines);
    const one = (line: ReadLine) => (
        <Line
            key={line.number}
            order={order}
            line={line}
            isList={isList}
            isRead={isRead}
            isTaken={isTaken(line)}
            onChoose={(part, offer) => onChoose([line], offer, part)}
            isTakenBack={gone.has(line.number)}
            onTakeAsRead={() => onTakeAsRead([line])}
            onLeaveOut={() => onLeaveOut(line)}
        />
    );
    return (
        <ol ref={list} onKeyDown={onKeyDown} className="mt-3" aria-label="How it was read" aria-busy={!isRead}>
            {rows.map((row) => {
                if (row.is === 'line') {
                    return one(row.line);
                }
                if (opened.has(row.key)) {
                    return row.lines.map(one);
                }
                return row.is === 'folded' ? (
                    <Folded key={row.key} lines={row.lines} groups={row.groups} onOpen={() => open(row.key)} />
                ) : (
                    <Cause
                        key={row.key}
                        order={order}
                        lines={row.lines}
                        isRead={isRead}
                        onChoose={(offer) => onChoose(row.lines, offer)}
                        onTakeAsRead={() => onTakeAsRead(row.lines)}
                        onOpen={() => open(row.key)}
                    />
                );
            })}
        </ol>
    );
}

const TWO_COLUMNS = 'grid-cols-[minmax(0,2fr)_minmax(0,3fr)]';

const Row = ({ isSure, isList = true, children }: { isSure: boolean; isList?: boolean; children: ReactNode }) => (
    <li data-sure={isSure} className={`grid gap-x-5 border-t border-rule py-1.5 ${isList ? TWO_COLUMNS : ''}`}>
        {children}
    </li>
);

const Written = ({ line, isStruck = false }: { line: ReadLine; isStruck?: boolean }) => (
    <p className={`text-row leading-snug break-words whitespace-pre-wrap ${isStruck ? 'line-through decoration-soft' : ''}`}>
        {line.speaksOf !== null && <span aria-hidden="true">↳ </span>}
        <ReadParts parts={line.parts} />
    </p>
);

const Opening = ({ lines, onOpen }: { lines: ReadLine[]; onOpen: () => void }) => (
    <button
        type="button"
        aria-expanded={false}
        onClick={onOpen}
        className="self-start text-left text-small text-soft underline underline-offset-4 hover:text-ink"
    >
        {lines.length === 1 ? 'Print by print' : `Each of ${lines.length} lines`}
    </button>
);

/** Prints that are clear and made alike. */
const Folded = ({ lines, groups, onOpen }: { lines: ReadLine[]; groups: Group[]; onOpen: () => void }) => (
    <Row isSure>
        <div className="flex flex-col items-start gap-0.5">
            <Written line={lines[0]!} />
            <Opening lines={lines} onOpen={onOpen} />
        </div>
        <Groups groups={groups} level="fine" />
    </Row>
);

const Groups = ({ groups, level }: { groups: Group[]; level: 'fine' | 'look' }) => (
    <div>
        {groups.map(({ kind, pictures }) => (
            <p key={kind} className="flex items-baseline gap-2 font-serif text-read leading-snug">
                <Mark level={level} />
                <span className="min-w-0">
                    {pictures.length === 1 ? `${kind}: ` : `${kind} each, of ${pictures.length} pictures: `}
                    <span className="font-sans text-row">{inShort(pictures)}</span>
                </span>
            </p>
        ))}
    </div>
);

interface CauseProps {
    order: OrderSheet;
    lines: ReadLine[];
    isRead: boolean;
    onChoose: (offer: OtherWords) => void;
    onTakeAsRead: () => void;
    onOpen: () => void;
}

/** What isn’t clear in several lines in the same way: one answer is all of theirs. */
function Cause({ order, lines, isRead, onChoose, onTakeAsRead, onOpen }: CauseProps) {
    const prints = lines.flatMap((line) => line.prints);
    const groups = groupsOf(prints);
    const isWhole = prints.every((print) => print.isWhole);
    return (
        <Row isSure={false}>
            <div className="flex flex-col items-start gap-0.5">
                <Written line={lines[0]!} />
                <Opening lines={lines} onOpen={onOpen} />
            </div>
            <div className="min-w-0">
                {groups && isWhole ? (
                    <Groups groups={groups} level="look" />
                ) : (
                    <p className="flex items-baseline gap-2 text-row">
                        <Mark level={isWhole ? 'look' : 'stops'} />
                        {lines.length} lines
                    </p>
                )}
                {lines.every(isHeld) ? (
                    <p className="mt-1 text-small text-look">
                        These are clear by themselves, and wait for what else of the list isn’t.
                    </p>
                ) : (
                    <Doubts
                        orderId={order.id}
                        parts={lines[0]!.parts}
                        pictures={order.pictures}
                        isCurrent={isRead}
                        onChoose={(_, offer) => onChoose(offer)}
                    />
                )}
                {lines.every((line) => line.prints.some((print) => print.isWhole)) && (
                    <Settled isRead={isRead} onSay={onTakeAsRead} words="Take them as they were read" />
                )}
            </div>
        </Row>
    );
}

interface LineProps {
    order: OrderSheet;
    line: ReadLine;
    isList: boolean;
    isRead: boolean;
    isTaken: boolean;
    isTakenBack: boolean;
    onChoose: (part: number, offer: OtherWords) => void;
    onTakeAsRead: () => void;
    onLeaveOut: () => void;
}

/** A line beside what it was read as. */
const Line = ({ order, line, isList, isRead, isTaken, isTakenBack, onChoose, onTakeAsRead, onLeaveOut }: LineProps) => (
    <Row isSure={line.isSure} isList={isList}>
        {isList && <Written line={line} isStruck={isTakenBack} />}
        <div className="min-w-0">
            {isTakenBack && <p className="text-small text-soft">Taken back:</p>}
            {line.prints.map((print, i) => (
                <p key={i} className="flex items-baseline gap-2 font-serif text-read leading-snug">
                    <Mark level={!print.isWhole ? 'stops' : isTaken ? 'fine' : 'look'} />
                    <span className="min-w-0">
                        {print.said ?? 'Not a whole line yet.'}
                        {print.remark && <i className="text-soft"> Remark: {print.remark}</i>}
                    </span>
                </p>
            ))}
            {!line.isSure && (
                <Doubts orderId={order.id} parts={line.parts} pictures={order.pictures} isCurrent={isRead} onChoose={onChoose} />
            )}
            {!isTaken && line.prints.some((print) => print.isWhole) && (
                <Settled isRead={isRead} onSay={onTakeAsRead} words="Take it as it was read" />
            )}
            {!isTaken && isList && !line.isSure && line.prints.length === 0 && (
                <Settled
                    isRead={isRead}
                    onSay={line.speaksOf === null ? onLeaveOut : onTakeAsRead}
                    words={line.speaksOf === null ? 'Leave it out of the list' : 'It is meant so'}
                />
            )}
        </div>
    </Row>
);

const Settled = ({ words, isRead, onSay }: { words: string; isRead: boolean; onSay: () => void }) => (
    <div className="mt-1.5 text-small">
        <Answer isCurrent={isRead} onSay={onSay}>
            {words}
        </Answer>
    </div>
);
