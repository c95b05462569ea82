import type { ReadLine, ReadPrint, WordsPart } from '@/api/types';

/** What a list is shown as: lines one by one, prints of one kind folded, and one row for what is unclear in the same way. */
export type Row =
    | { is: 'line'; key: string; line: ReadLine }
    | { is: 'folded'; key: string; lines: ReadLine[]; groups: Group[] }
    | { is: 'cause'; key: string; lines: ReadLine[] };

/** Prints that are made alike, of several pictures. */
export interface Group {
    kind: string;
    pictures: string[];
}

/** Fewer than this are seen at a glance as they are. */
const FOLDED_FROM = 3;

const saysSomething = (line: ReadLine) => line.parts.some((part) => part.is !== 'passed');

/** Of lines that are clear by themselves, and held because something else of the list isn’t. */
const HELD = 'held';

export const isHeld = (line: ReadLine) =>
    line.prints.length > 0 && line.prints.every((print) => print.isWhole) && line.parts.every((part) => part.why === null);

/** The one thing that isn’t clear in a line, where it is one thing, and one that an answer settles for all of its like. */
function causeOf(line: ReadLine): string | null {
    if (isHeld(line)) {
        return HELD;
    }
    const doubts = line.parts.filter((part) => part.why !== null);
    const [doubt] = doubts;
    const isOfPicture = doubt?.offers.some(({ picture }) => picture !== null) ?? false;
    return doubts.length === 1 && doubt && !isOfPicture && line.speaksOf === null
        ? `${doubt.why} ${doubt.words.trim().toLowerCase()}`
        : null;
}

/** Prints by kind, in the order they come in; null where one of them can’t be told so. */
export function groupsOf(prints: ReadPrint[]): Group[] | null {
    const groups = new Map<string, string[]>();
    for (const { kind, remark, wanted } of prints) {
        const picture = wanted.picture;
        if (kind === null || remark !== null || typeof picture !== 'string') {
            return null;
        }
        groups.set(kind, [...(groups.get(kind) ?? []), picture]);
    }
    return [...groups].map(([kind, pictures]) => ({ kind, pictures }));
}

const kindsOf = (line: ReadLine) =>
    groupsOf(line.prints)
        ?.map(({ kind }) => kind)
        .join('\n') ?? null;

/**
 * @param isTaken whether a line is clear
 */
export function rowsOf(lines: ReadLine[], isTaken: (line: ReadLine) => boolean): Row[] {
    const rows: Row[] = [];
    const shown = lines.filter(saysSomething);
    const causes = new Map<string, ReadLine[]>();
    for (const line of shown) {
        const cause = isTaken(line) ? null : causeOf(line);
        if (cause !== null) {
            causes.set(cause, [...(causes.get(cause) ?? []), line]);
        }
    }
    const seen = new Set<string>();
    for (let i = 0; i < shown.length; i++) {
        const line = shown[i]!;
        const cause = isTaken(line) ? null : causeOf(line);
        const alike = cause === null ? undefined : causes.get(cause);
        if (cause !== null && alike && alike.length > 1) {
            if (!seen.has(cause)) {
                seen.add(cause);
                rows.push({ is: 'cause', key: `cause ${cause}`, lines: alike });
            }
            continue;
        }
        const kinds = isTaken(line) ? kindsOf(line) : null;
        let end = i + 1;
        while (kinds !== null && end < shown.length && isTaken(shown[end]!) && kindsOf(shown[end]!) === kinds) {
            end++;
        }
        const run = shown.slice(i, end);
        const groups = kinds === null ? null : groupsOf(run.flatMap(({ prints }) => prints));
        if (groups && groups.every(({ pictures }) => pictures.length >= FOLDED_FROM)) {
            rows.push({ is: 'folded', key: `folded ${line.number}`, lines: run, groups });
            i = end - 1;
        } else {
            rows.push({ is: 'line', key: `line ${line.number}`, line });
        }
    }
    return besideWhatTheySpeakOf(rows);
}

/** What takes something back stands below that. */
function besideWhatTheySpeakOf(rows: Row[]): Row[] {
    const holds = (row: Row, number: number) =>
        row.is === 'line' ? row.line.number === number : row.lines.some((line) => line.number === number);
    return rows.reduce<Row[]>((all, row) => {
        const of = row.is === 'line' ? row.line.speaksOf : null;
        const at = of === null ? -1 : all.findIndex((one) => holds(one, of));
        return at < 0 ? [...all, row] : [...all.slice(0, at + 1), row, ...all.slice(at + 1)];
    }, []);
}

/** “DSC 0403, 0404, 0405”: names in short, without what all of them begin with, but for the first. */
export function inShort(pictures: string[]): string {
    const names = pictures.map((name) => name.replace(/\.[^.]+$/, '').replaceAll('_', ' '));
    const [first = ''] = names;
    let same = 0;
    while (names.every((name) => same < name.length && name[same] === first[same])) {
        same++;
    }
    const common = /^.*\D(?=\d*$)/.exec(first.slice(0, same))?.[0].length ?? 0;
    const isNumbered = names.every((name) => /^\d+$/.test(name.slice(common)));
    return isNumbered ? names.map((name, i) => (i === 0 ? name : name.slice(common))).join(', ') : names.join(', ');
}

/** The numbers of lines that nothing is left of, since a later one takes them back. */
export const takenBack = (lines: ReadLine[]) =>
    new Set(
        lines
            .filter((line) => line.prints.length === 0 && lines.some(({ speaksOf }) => speaksOf === line.number))
            .map(({ number }) => number),
    );

export const wordsOf = (line: ReadLine) => line.parts.map((part: WordsPart) => part.words).join('');
