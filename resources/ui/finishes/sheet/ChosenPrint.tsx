import { useRef, useState, type PointerEvent } from 'react';
import type { DrawingFigures, LineView, MarkedArea, PixelRect } from '@/api/types';
import { FrameCover } from '@/drawing/FrameCover';
import { Marked } from '@/drawing/Marked';
import type { PaperProps } from '@/drawing/paper';
import { css, onScreen } from '@/drawing/pieces';
import { Placed } from '@/drawing/Placed';
import { useTools } from '@/drawing/tools/useTools';
import { unitOf } from '@/drawing/units';
import { nameOf, numberOf } from './figures';
import { snapped } from './snap';

interface Props extends Omit<PaperProps, 'finish' | 'proof' | 'width'> {
    /** the print as a line of its own */
    cell: LineView & { drawing: DrawingFigures };
    chosen: number;
}

/** How wide the rim of a print is that it is grabbed by, in screen pixels. */
const RIM = 7;

/** A cell catches on an edge it is dragged this near to, in screen pixels. */
const CATCHES = 7;

/** The print that is worked on: its picture moves under the hand; at its rim the whole print does. */
export function ChosenPrint({ line, cell, chosen, frame, showsFrame, onType, ...acts }: Props) {
    const { drawing } = line;
    const print = drawing.prints[chosen]!;
    const onto = useRef<SVGRectElement>(null);
    const box = onScreen(frame)(print.at);
    const [swaps, setSwaps] = useState<number | null>(null);
    const [grabbed, setGrabbed] = useState<Grabbed | null>(null);
    const unit = unitOf(drawing);
    const [wide, high] = print.isTurned ? [box.height, box.width] : [box.width, box.height];
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
    const upright = ({ x, y }: { x: number; y: number }) =>
        print.isTurned ? { x: y - box.y, y: box.x + box.width - x } : { x: x - box.x, y: y - box.y };
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
        upright,
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
    const sheet = drawing.sheets[print.sheet]!;
    const drag = (event: PointerEvent<SVGElement>) => {
        if (grabbed) {
            const by = { x: (event.clientX - grabbed.from.x) / frame.scale, y: (event.clientY - grabbed.from.y) / frame.scale };
            const wanted = { left: print.at.left - sheet.left + by.x, top: print.at.top - sheet.top + by.y };
            setGrabbed({ ...grabbed, at: snapped(wanted, chosen, drawing, CATCHES / frame.scale, unit.rounded) });
        }
    };
    const letGo = () => {
        if (grabbed?.at) {
            const { left, top } = grabbed.at;
            onType(`${nameOf(chosen)}-at`, `${unit.typed(left, true)}, ${unit.typed(top, true)}`);
        }
        setGrabbed(null);
    };
    const ghost = grabbed?.at && {
        x: frame.x(sheet.left + grabbed.at.left),
        y: frame.y(sheet.top + grabbed.at.top),
        width: box.width,
        height: box.height,
    };
    return (
        <>
            {isHeld && picture && rect && (
                <div className="pointer-events-none absolute overflow-hidden" style={css(box)}>
                    <div
                        className="absolute top-0 left-0 origin-top-left"
                        style={{
                            width: wide,
                            height: high,
                            background: print.paperColour,
                            transform: print.isTurned ? `translate(${box.width}px, 0) rotate(90deg)` : undefined,
                        }}
                    >
                        <div className="absolute overflow-hidden" style={css(image)} data-testid="held">
                            <Placed picture={picture} rect={rect} image={{ ...image, x: 0, y: 0 }} perPixel={perPixel} />
                        </div>
                    </div>
                </div>
            )}
            <svg className="pointer-events-none absolute inset-0 size-full touch-none">
                <g transform={turned}>
                    {showsFrame && cell.drawing.frameCover > 0 && (
                        <FrameCover
                            drawing={cell.drawing}
                            frame={{ scale: frame.scale, x: (mm) => mm * frame.scale, y: (mm) => mm * frame.scale }}
                        />
                    )}
                    {picture && rect && marked.map((one, i) => <Marked key={i} area={one} at={area(one)} />)}
                </g>
                <rect
                    ref={onto}
                    {...box}
                    className={`pointer-events-auto fill-transparent ${mode.does === 'move' ? (moves ? 'cursor-grab active:cursor-grabbing' : '') : 'cursor-crosshair'}`}
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
                        onPointerDown={(event) => {
                            event.currentTarget.setPointerCapture(event.pointerId);
                            setGrabbed({ from: { x: event.clientX, y: event.clientY }, at: null });
                        }}
                        onPointerMove={drag}
                        onPointerUp={letGo}
                        onPointerCancel={() => setGrabbed(null)}
                    />
                )}
                {swaps !== null && (
                    <g data-testid="swaps">
                        <rect
                            {...onScreen(frame)(drawing.prints[swaps]!.at)}
                            className="fill-copper/15 stroke-copper"
                            strokeWidth="2.5"
                        />
                        <Said
                            {...onScreen(frame)(drawing.prints[swaps]!.at)}
                            text={`swap with ${numberOf(drawing.prints[swaps]!)}`}
                        />
                    </g>
                )}
                {ghost && (
                    <g data-testid="ghost">
                        <rect
                            {...ghost}
                            className={`fill-copper/10 ${grabbed.at!.isCaught ? 'stroke-copper' : 'stroke-ink'}`}
                            strokeWidth="1.8"
                        />
                        <Said
                            {...ghost}
                            text={`${unit.said(grabbed.at!.left)} from left, ${unit.said(grabbed.at!.top)} from top`}
                        />
                    </g>
                )}
            </svg>
        </>
    );
}

interface Grabbed {
    from: { x: number; y: number };
    /** from its sheet's corner, in mm */
    at: { left: number; top: number; isCaught: boolean } | null;
}

function Said({ x, y, width, height, text }: PixelRect & { text: string }) {
    return (
        <text
            x={x + width / 2}
            y={y + height / 2}
            textAnchor="middle"
            className="narrow fill-ink stroke-white text-[14px] font-semibold"
            paintOrder="stroke"
            strokeWidth="4"
        >
            {text}
        </text>
    );
}
