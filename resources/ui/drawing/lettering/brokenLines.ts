/** A line as the browser breaks it, and how wide it is in screen pixels. */
export interface BrokenLine {
    text: string;
    width: number;
}

/** In front of a line that is read from right to left, as its whole paragraph is. */
const FROM_RIGHT = '\u200f';
const IS_FROM_RIGHT = /^[^\p{L}]*[\p{Script=Hebrew}\p{Script=Arabic}]/u;

/** A letter lies on another line when it is this much lower, in screen pixels. */
const LOWER = 3;

/** The lines of a text that is laid out already. */
export function brokenLines(node: Text): BrokenLine[] {
    const range = document.createRange();
    const lines: { from: number; to: number }[] = [];
    let start = 0;
    for (const paragraph of node.data.split('\n')) {
        let top: number | null = null;
        let from = start;
        for (let i = start; i < start + paragraph.length; i++) {
            range.setStart(node, i);
            range.setEnd(node, i + 1);
            const rect = range.getBoundingClientRect();
            if (rect.width === 0) {
                continue; // a part of a letter, or a space at a line's end
            }
            if (top !== null && rect.top - top > LOWER) {
                lines.push({ from, to: i });
                from = i;
            }
            top = rect.top;
        }
        lines.push({ from, to: start + paragraph.length });
        start += paragraph.length + 1;
    }
    return lines.map(({ from, to }) => {
        const text = node.data.slice(from, to).trimEnd();
        range.setStart(node, from);
        range.setEnd(node, from + text.length);
        const paragraph = node.data.slice(node.data.lastIndexOf('\n', from - 1) + 1);
        return {
            text: `${IS_FROM_RIGHT.test(paragraph) ? FROM_RIGHT : ''}${text}`,
            width: text === '' ? 0 : range.getBoundingClientRect().width,
        };
    });
}
