import type { Finding, LineView } from '@/api/types';

/** From so many lines on, what is the same of them is one thing to settle. */
const MANY = 2;

/** What a line has alike with others, of these words. */
export const findingAlike = (line: LineView, alike: string): Finding | undefined =>
    line.findings.find((finding) => finding.level === 'look' && finding.alike === alike);

/** Open lines that have this to look at. */
export const withAlike = (lines: LineView[], alike: string): LineView[] =>
    lines.filter((line) => line.state === 'open' && findingAlike(line, alike));

/** What many lines have alike, said in words; what most of them have first. */
export function alikeIn(lines: LineView[]): string[] {
    const all = new Set(lines.flatMap(({ findings }) => findings.flatMap(({ alike }) => alike ?? [])));
    return [...all]
        .filter((alike) => withAlike(lines, alike).length >= MANY)
        .sort((a, b) => withAlike(lines, b).length - withAlike(lines, a).length);
}
