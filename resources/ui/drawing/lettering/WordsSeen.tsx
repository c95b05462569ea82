import type { DrawingFigures, SetBlock } from '@/api/types';
import { markUrl } from '@/api/marks';
import { faceStyle } from './face';

interface Props {
    drawing: DrawingFigures;
    /** screen pixels per mm */
    scale: number;
    /** a block of the lettering that is typed or dragged just now, and drawn by whoever does that */
    without?: number | null;
}

/** Words and marks as they are planned, in screen pixels from the paper's corner. */
export function WordsSeen({ drawing: { added }, scale, without = null }: Props) {
    return (
        <g className="pointer-events-none" data-testid="words">
            {added.overlays.map(({ name, sha256, strength, box }, i) => (
                <image
                    key={`${name} ${i}`}
                    href={markUrl(sha256)}
                    x={box.left * scale}
                    y={box.top * scale}
                    width={box.width * scale}
                    height={box.height * scale}
                    opacity={strength}
                    preserveAspectRatio="none"
                />
            ))}
            {added.caption && <Block block={added.caption} scale={scale} />}
            {added.lettering.map((block, i) => i !== without && <Block key={i} block={block} scale={scale} />)}
        </g>
    );
}

/** A block that is set: each of its lines on its own baseline. */
export function Block({ block, scale }: { block: SetBlock; scale: number }) {
    return (
        <g style={{ ...faceStyle(block.face, block.isBold, block.isItalic), fontSize: block.height * scale }} fill={block.colour}>
            {block.lines.map((line, i) => (
                <text
                    key={i}
                    x={(line.left + line.width / 2) * scale}
                    y={line.baseline * scale}
                    textAnchor="middle"
                    xmlSpace="preserve"
                >
                    {line.text}
                </text>
            ))}
        </g>
    );
}
