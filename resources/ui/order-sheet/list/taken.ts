import type { OtherWords, ReadLine } from '@/api/types';
import { wordsOf } from './rows';

/** What of a list goes on the order, and what stays in the field. */
export interface Taken {
    isTaken: (line: ReadLine) => boolean;
    /** lines that are taken, their prints; and those that aren't, though something of them was read */
    prints: ReadLine['prints'];
    open: ReadLine[];
    /** the words that stay */
    left: string;
}

/** @param asRead the words of lines that are taken as they were read, though not all of them was clear */
export function taken(lines: ReadLine[], asRead: ReadonlySet<string>): Taken {
    const isWhole = (line: ReadLine) => line.prints.every((print) => print.isWhole);
    const isTaken = (line: ReadLine) =>
        asRead.has(wordsOf(line)) ? isWhole(line) : line.isSure && line.prints.length > 0 && isWhole(line);
    // … by what was taken as it was read
    const isGone = (line: ReadLine) =>
        line.prints.length === 0 && lines.some((other) => other.speaksOf === line.number && asRead.has(wordsOf(other)));
    const open = lines.filter((line) => !isTaken(line) && (line.prints.length > 0 || !line.isSure));
    // What isn’t taken stays, and what stands over it.
    const isKept = (line: ReadLine) => line.prints.length > 0 || line.parts.some((part) => part.is !== 'passed');
    const left = lines.filter((line) => !isTaken(line) && !isGone(line) && isKept(line));
    return {
        isTaken,
        prints: lines.filter(isTaken).flatMap((line) => line.prints),
        open,
        left: open.length === 0 ? '' : left.map(wordsOf).join('\n'),
    };
}

const rows = (text: string) => text.split(/\r\n|\r|\n/);

/**
 * The text with other words in the place of a part of some lines, or of what wasn't clear of each.
 *
 * @returns null where the lines were read of another text
 */
export function answered(text: string, lines: ReadLine[], { with: words }: OtherWords, part?: number): string | null {
    const all = rows(text);
    for (const line of lines) {
        if (all[line.number - 1] !== wordsOf(line)) {
            return null;
        }
        const at = part ?? line.parts.findIndex(({ why }) => why !== null);
        all[line.number - 1] = line.parts.map((one, i) => (i === at ? words : one.words)).join('');
    }
    return all.join('\n');
}

/** The text without a line of it, by its number from 1. */
export const without = (text: string, number: number) =>
    rows(text)
        .filter((_, i) => i !== number - 1)
        .join('\n');
