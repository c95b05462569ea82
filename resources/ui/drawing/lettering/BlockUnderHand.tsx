import type { KeyboardEvent } from 'react';
import type { DrawingFigures, Lettering, SetBlock } from '@/api/types';
import { useDrag } from '@/common/useDrag';
import { BlockWidth } from './BlockWidth';
import { caught, type Caught } from './catch';
import { SHARE } from './place';
import { Block } from './WordsSeen';

interface Props {
    block: SetBlock;
    wanted: Lettering;
    drawing: DrawingFigures;
    others: SetBlock[];
    scale: number;
    isTurned: boolean;
    isMoved: boolean;
    onMove: (moves: boolean) => void;
    onKeep: (next: Partial<Lettering> | null) => Promise<unknown>;
    onType: () => void;
    /** its place among the line's, for words */
    saidOf: string;
}

const ARROWS: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, -1],
    ArrowDown: [0, 1],
};

/** What the hand does by less, in screen pixels, was a click. */
const CLICK = 3;

/** A block as it is set: dragged by hand or by arrows; its right edge says how wide it may become. */
export function BlockUnderHand(props: Props) {
    const { block, wanted, drawing, others, scale, isTurned, isMoved, onMove, onKeep, onType, saidOf } = props;
    const { box } = block;
    const anchor = (left: number, top: number) => ({
        x: fraction((left + SHARE[block.align] * box.width) / drawing.paper.width),
        y: fraction((top + box.height / 2) / drawing.paper.height),
    });
    const { held, handlers } = useDrag<Caught>({
        begin: (event) => {
            event.stopPropagation();
            return { left: box.left, top: box.top, across: null, down: null };
        },
        move: (_held, by) => {
            if (Math.hypot(by.x, by.y) > CLICK) {
                onMove(true);
            }
            const [x, y] = isTurned ? [by.y, -by.x] : [by.x, by.y];
            const wantedAt = { left: box.left + x / scale, top: box.top + y / scale };
            return caught(
                wantedAt,
                box,
                drawing,
                others.map((one) => one.box),
                scale,
            );
        },
        end: ({ left, top }) => (isMoved ? onKeep(anchor(left, top)).finally(() => onMove(false)) : undefined),
        cancel: () => onMove(false),
    });
    const step = (event: KeyboardEvent) => {
        const way = ARROWS[event.key];
        if (way) {
            const mm = event.shiftKey ? 10 : 1;
            void onKeep(anchor(box.left + way[0] * mm, box.top + way[1] * mm)).catch(() => undefined);
        } else if (event.key === 'Enter') {
            onType();
        } else if (event.key === 'Delete' || event.key === 'Backspace') {
            void onKeep(null).catch(() => undefined);
        } else {
            return;
        }
        event.preventDefault();
        event.stopPropagation();
    };
    const moved = isMoved ? held : null;
    const { left, top } = moved ?? box;
    return (
        <>
            {moved && (
                <svg className="absolute top-0 left-0 size-px overflow-visible" aria-hidden="true">
                    <g transform={`translate(${(left - box.left) * scale} ${(top - box.top) * scale})`}>
                        <Block block={block} scale={scale} />
                    </g>
                    {moved.across !== null && <Guide d={`M${moved.across * scale} 0 V${drawing.paper.height * scale}`} />}
                    {moved.down !== null && <Guide d={`M0 ${moved.down * scale} H${drawing.paper.width * scale}`} />}
                </svg>
            )}
            <div
                role="button"
                tabIndex={0}
                aria-label={`Lettering “${wanted.text}”. Enter types it, arrows move it, W says something of it, Delete takes it away.`}
                data-testid="block"
                data-said-of={saidOf}
                className="group pointer-events-auto absolute cursor-move touch-none outline-1 outline-transparent outline-dashed hover:outline-copper focus-visible:outline-copper"
                style={{ left: left * scale, top: top * scale, width: box.width * scale, height: box.height * scale }}
                {...handlers}
                onDoubleClick={(event) => {
                    event.stopPropagation();
                    onType();
                }}
                onKeyDown={step}
            >
                <BlockWidth block={block} drawing={drawing} scale={scale} isTurned={isTurned} onKeep={onKeep} />
            </div>
        </>
    );
}

const fraction = (of: number) => +Math.max(0, Math.min(1, of)).toFixed(5);

const Guide = ({ d }: { d: string }) => <path d={d} className="stroke-copper" strokeWidth="1" strokeDasharray="5 4" />;
