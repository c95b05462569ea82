import type { DrawingFigures } from '@/api/types';

/** How much of an em small letters fill, and where they begin above the baseline. */
const HIGH = 0.5;

/** Words too small to be read: where they stand, in mm, without fetching a face for it. */
export function WordsAsBars({ drawing: { added } }: { drawing: DrawingFigures }) {
    const blocks = [...(added.caption ? [added.caption] : []), ...added.lettering];
    return blocks.flatMap((block, i) =>
        block.lines.map((line, j) => (
            <rect
                key={`${i} ${j}`}
                x={line.left}
                y={line.baseline - HIGH * block.height}
                width={line.width}
                height={HIGH * block.height}
                fill={block.colour}
                opacity="0.75"
            />
        )),
    );
}
