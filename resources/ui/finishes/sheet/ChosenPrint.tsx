import { useRef, useState, type PointerEvent } from 'react';
import type { DrawingFigures, LineView, MarkedArea, PixelRect } from '@/api/types';
import { FrameCover } from '@/drawing/FrameCover';
import { Marked } from '@/drawing/Marked';
import type { PaperProps } from '@/drawing/finish';
import { onScreen } from '@/drawing/pieces';
import { useTools } from '@/drawing/tools/useTools';
import { nameOf, numberOf } from './figures';
import { HeldPicture } from './HeldPicture';
import { Ghost } from './Ghost';
import { useCarriedPrint } from './useCarriedPrint';

interface Props extends Omit<PaperProps, 'finish' | 'proof' | 'width'> {
    /** the print as a line of its own */
    cell: LineView & { drawing: DrawingFigures };
    chosen: number;
}

/** How wide the rim of a print is that it is grabbed by, in screen pixels. */
const RIM = 7;

/** The print that is worked on: its picture moves under the hand; at its rim the whole print does. */
export function ChosenPrint({ line, cell, chosen, frame, showsFrame, onType, ...acts }: Props) {
    const { drawing } = line;
    const print = drawing.prints[chosen]!;
    const onto = useRef<SVGRectElement>(null);
    const box = onScreen(frame)(print.at);
    const [swaps, setSwaps] = useState<number | null>(null);
    const carried = useCarriedPrint({ drawing, chosen, frame, onType });
    const image: PixelRect = {
        x: cell.drawing.image.left * frame.scale,
        y: cell.drawing.image.top * frame.scale,
        width: cell.drawing.image.width * frame.scale,
        height: cell.drawing.image.height * frame.scale,
    };
    const over = (at: { x: number; y: number }) => {
        const [x, y] = [(at.x - frame.x(0)) / frame.scale, (at.y - frame.y(0)) / frame.scale];
        const there = drawing.prints.findIndex(
            ({ at: of }) => x > of.left && x < of.left + of.width && y > of.top && y < of.top + of.height,
        );
        return there === -1 || there === chosen ? null : there;
    };
    const swap = (at: { x: number; y: number }) => {
        const other = over(at);
        if (other !== null) {
            onType(`${nameOf(chosen)}-swapped`, String(other + 1));
        }
        setSwaps(null);
        return other !== null;
    };
    const { mode, moves, rect, perPixel, isHeld, marked, handlers } = useTools({
        line: cell,
        image,
        svg: onto,
        pieces: [{ at: image, shift: { x: 0, y: 0 } }],
        areApart: false,
        upright: ({ x, y }) => (print.isTurned ? { x: y - box.y, y: box.x + box.width - x } : { x: x - box.x, y: y - box.y }),
        takes: swap,
        ...acts,
        onTurn: () => onType(`${nameOf(chosen)}-turned`, 'turned'),
    });
    const { picture } = cell;
    const onMove = (event: PointerEvent<SVGElement>) => {
        handlers.onPointerMove(event);
        if (event.currentTarget.hasPointerCapture(event.pointerId)) {
            setSwaps(over({ x: event.nativeEvent.offsetX, y: event.nativeEvent.offsetY }));
        }
    };
    const area = (of: MarkedArea): PixelRect => ({
        x: image.x + (of.x * picture!.width - rect!.x) * perPixel,
        y: image.y + (of.y * picture!.height - rect!.y) * perPixel,
        width: of.width * picture!.width * perPixel,
        height: of.height * picture!.height * perPixel,
    });
    const turned = print.isTurned ? `translate(${box.x + box.width} ${box.y}) rotate(90)` : `translate(${box.x} ${box.y})`;
    const inMm = { scale: frame.scale, x: (mm: number) => mm * frame.scale, y: (mm: number) => mm * frame.scale };
    const cursor = mode.does !== 'move' ? 'cursor-crosshair' : moves ? 'cursor-grab active:cursor-grabbing' : '';
    return (
        <>
            {isHeld && picture && rect && (
                <HeldPicture print={print} box={box} image={image} picture={picture} rect={rect} perPixel={perPixel} />
            )}
            <svg className="pointer-events-none absolute inset-0 size-full touch-none">
                <g transform={turned}>
                    {showsFrame && cell.drawing.frameCover > 0 && <FrameCover drawing={cell.drawing} frame={inMm} />}
                    {picture && rect && marked.map((one, i) => <Marked key={i} area={one} at={area(one)} />)}
                </g>
                <rect
                    ref={onto}
                    {...box}
                    className={`pointer-events-auto fill-transparent ${cursor}`}
                    data-testid="chosen"
                    {...handlers}
                    onPointerMove={onMove}
                />
                {mode.does === 'move' && (
                    <rect
                        {...box}
                        className="pointer-events-[stroke] fill-none stroke-transparent"
                        style={{ pointerEvents: 'stroke', cursor: 'move' }}
                        strokeWidth={RIM * 2}
                        data-testid="rim"
                        {...carried.handlers}
                    />
                )}
                {swaps !== null && (
                    <Ghost
                        is="swaps"
                        at={onScreen(frame)(drawing.prints[swaps]!.at)}
                        says={`swap with ${numberOf(drawing.prints[swaps]!)}`}
                        className="fill-copper/15 stroke-copper"
                    />
                )}
                {carried.at && (
                    <Ghost
                        is="ghost"
                        at={carried.at}
                        says={carried.says}
                        className={`fill-copper/10 ${carried.isCaught ? 'stroke-copper' : 'stroke-ink'}`}
                    />
                )}
            </svg>
        </>
    );
}
