import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { DrawingFigures, FaceOffered, Lettering, LineView, SetBlock } from '@/api/types';
import { useKeys } from '@/common/useKeys';
import { useLettering } from '../tools/lettering';
import { unitOf } from '../units';
import { hangsBy } from '../pieces';
import { caught, type Caught } from './catch';
import { newHeight, SHARE } from './place';
import { TypedBlock } from './TypedBlock';
import { Block } from './WordsSeen';

export type ChangeLettering = (changed: (all: Lettering[]) => Lettering[]) => Promise<unknown>;

/** Where a print lies on the drawing, in screen pixels: its paper's corner, or the other one it is turned about. */
export interface PrintPlace {
    x: number;
    y: number;
    /** a quarter to the right */
    isTurned: boolean;
}

interface Props {
    line: LineView & { drawing: DrawingFigures };
    faces: FaceOffered[];
    place: PrintPlace;
    scale: number;
    change: ChangeLettering;
}

const WIDEST_LEAST = 3;

/** The line's lettering under the hand: typed where it stands, dragged, made wider or narrower at its edge. */
export function LetteringTools({ line, faces, place, scale, change }: Props) {
    const { drawing } = line;
    const { busy, set, start, begin } = useLettering();
    const wanted = line.line.lettering ?? [];
    const { lettering: blocks, overlays } = drawing.added;
    useKeys({ l: () => begin(wanted.length) });
    const at = `translate(${place.x}px, ${place.y}px)${place.isTurned ? ' rotate(90deg)' : ''}`;
    const keep = (which: number, next: Partial<Lettering> | null) =>
        change((all) =>
            next === null
                ? all.filter((_, i) => i !== which)
                : which >= all.length
                  ? [...all, { text: '', ...next }]
                  : all.map((one, i) => (i === which ? { ...one, ...next } : one)),
        );
    const typed = busy?.does === 'type' ? busy.at : null;
    const newBlock = { text: '', colour: onPicture(drawing, start), height: `${newHeight(drawing.paper)} mm`, ...start };
    // A block is under the hand where it is seen: with the panel that holds its anchor.
    const hung = ({ x = 0.5, y = 0.5 }: Lettering) => {
        const by = hangsBy(drawing, 'shows', { x: x * drawing.paper.width, y: y * drawing.paper.height });
        return { className: 'absolute', style: { left: by.x * scale, top: by.y * scale } };
    };
    return (
        <div className="pointer-events-none absolute top-0 left-0 z-10 origin-top-left" style={{ transform: at }}>
            {blocks.map(
                (block, i) =>
                    i !== typed &&
                    wanted[i] && (
                        <div key={i} {...hung(wanted[i])}>
                            <BlockUnderHand
                                block={block}
                                wanted={wanted[i]}
                                drawing={drawing}
                                others={blocks.filter((_, other) => other !== i)}
                                scale={scale}
                                isTurned={place.isTurned}
                                isMoved={busy?.does === 'move' && busy.at === i}
                                onMove={(moves) => set(moves ? { does: 'move', at: i } : null)}
                                onKeep={(next) => keep(i, next)}
                                onType={() => begin(i)}
                                saidOf={`lettering.${i}`}
                            />
                        </div>
                    ),
            )}
            {overlays.length === (line.line.overlays ?? []).length &&
                overlays.map(({ name, box }, i) => (
                    <button
                        key={i}
                        type="button"
                        data-said-of={`overlays.${i}`}
                        aria-label={`Mark “${name}”. W says something of it.`}
                        className={`absolute outline-1 outline-transparent outline-dashed focus-visible:outline-copper ${
                            line.line.overlays?.[i]?.where === 'whole' ? '' : 'pointer-events-auto hover:outline-copper'
                        }`}
                        style={{
                            left: box.left * scale,
                            top: box.top * scale,
                            width: box.width * scale,
                            height: box.height * scale,
                        }}
                    />
                ))}
            {typed !== null && (
                <div key={typed} {...hung(wanted[typed] ?? newBlock)}>
                    <TypedBlock
                        wanted={wanted[typed] ?? newBlock}
                        set={blocks[typed]}
                        faces={faces}
                        paper={drawing.paper}
                        scale={scale}
                        onDone={async (next) => {
                            if (next !== null || wanted[typed] !== undefined) {
                                await keep(typed, next);
                            }
                            set(null);
                        }}
                    />
                </div>
            )}
        </div>
    );
}

/** White on the picture, black on its paper. */
const onPicture = ({ image, paper }: DrawingFigures, { x, y }: { x: number; y: number }) => {
    const [left, top] = [x * paper.width - image.left, y * paper.height - image.top];
    return left >= 0 && left <= image.width && top >= 0 && top <= image.height ? '#ffffff' : '#000000';
};

interface UnderHandProps {
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

/** A block as it is set: dragged by hand or by arrows; its right edge says how wide it may become. */
function BlockUnderHand({
    block,
    wanted,
    drawing,
    others,
    scale,
    isTurned,
    isMoved,
    onMove,
    onKeep,
    onType,
    saidOf,
}: UnderHandProps) {
    const [grabbed, setGrabbed] = useState<{ x: number; y: number; to: Caught } | null>(null);
    const [widest, setWidest] = useState<number | null>(null);
    const { box } = block;
    const share = SHARE[block.align];
    const unit = unitOf(drawing);
    const by = (event: PointerEvent, from: { x: number; y: number }) => {
        const [x, y] = [(event.clientX - from.x) / scale, (event.clientY - from.y) / scale];
        return isTurned ? { x: y, y: -x } : { x, y };
    };
    const anchor = (left: number, top: number) => ({
        x: fraction((left + share * box.width) / drawing.paper.width),
        y: fraction((top + box.height / 2) / drawing.paper.height),
    });
    const drag = (event: PointerEvent) => {
        if (grabbed) {
            const moved = by(event, grabbed);
            const to = caught(
                { left: box.left + moved.x, top: box.top + moved.y },
                box,
                drawing,
                others.map((one) => one.box),
                scale,
            );
            setGrabbed({ ...grabbed, to });
            if (Math.hypot(moved.x, moved.y) * scale > 3) {
                onMove(true);
            }
        }
    };
    const letGo = () => {
        if (grabbed && isMoved) {
            void onKeep(anchor(grabbed.to.left, grabbed.to.top))
                .catch(() => undefined)
                .finally(() => {
                    setGrabbed(null);
                    onMove(false);
                });
        } else {
            setGrabbed(null);
        }
    };
    const step = (event: KeyboardEvent) => {
        const ways: Record<string, [number, number]> = {
            ArrowLeft: [-1, 0],
            ArrowRight: [1, 0],
            ArrowUp: [0, -1],
            ArrowDown: [0, 1],
        };
        const way = ways[event.key];
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
    // From the block's anchor the width goes to one side, or to both.
    const wideAt = (event: PointerEvent) => {
        const rect = event.currentTarget.parentElement!.getBoundingClientRect();
        const grown = isTurned ? event.clientY - rect.bottom : event.clientX - rect.right;
        return Math.max(WIDEST_LEAST, box.width + (grown / scale) * (share === 0.5 ? 2 : 1));
    };
    const { left, top } = grabbed && isMoved ? grabbed.to : box;
    return (
        <>
            {grabbed && isMoved && (
                <svg className="absolute top-0 left-0 size-px overflow-visible" aria-hidden="true">
                    <g transform={`translate(${(left - box.left) * scale} ${(top - box.top) * scale})`}>
                        <Block block={block} scale={scale} />
                    </g>
                    {grabbed.to.across !== null && (
                        <Guide d={`M${grabbed.to.across * scale} 0 V${drawing.paper.height * scale}`} />
                    )}
                    {grabbed.to.down !== null && <Guide d={`M0 ${grabbed.to.down * scale} H${drawing.paper.width * scale}`} />}
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
                onPointerDown={(event) => {
                    event.stopPropagation();
                    event.currentTarget.setPointerCapture(event.pointerId);
                    setGrabbed({
                        x: event.clientX,
                        y: event.clientY,
                        to: { left: box.left, top: box.top, across: null, down: null },
                    });
                }}
                onPointerMove={drag}
                onPointerUp={letGo}
                onPointerCancel={letGo}
                onDoubleClick={(event) => {
                    event.stopPropagation();
                    onType();
                }}
                onKeyDown={step}
            >
                <span
                    aria-hidden="true"
                    data-testid="block-width"
                    className="absolute top-1/2 -right-1.5 h-5 w-2.5 -translate-y-1/2 cursor-ew-resize border border-ink bg-white opacity-0 group-hover:opacity-100 group-focus:opacity-100"
                    onPointerDown={(event) => {
                        event.stopPropagation();
                        event.currentTarget.setPointerCapture(event.pointerId);
                        setWidest(box.width);
                    }}
                    onPointerMove={(event) => {
                        event.stopPropagation();
                        if (widest !== null) {
                            setWidest(wideAt(event));
                        }
                    }}
                    onPointerUp={(event) => {
                        event.stopPropagation();
                        if (widest !== null) {
                            void onKeep({ widest: unit.typed(widest, false) }).catch(() => undefined);
                        }
                        setWidest(null);
                    }}
                    onPointerCancel={() => setWidest(null)}
                />
                {widest !== null && (
                    <span
                        aria-hidden="true"
                        className="absolute top-0 h-full border-x border-copper"
                        style={{ left: share * (box.width - widest) * scale, width: widest * scale }}
                    >
                        <span className="narrow absolute -top-5 right-0 bg-white/90 px-1 text-[13px] font-semibold whitespace-nowrap">
                            {unit.typed(widest, false)} at most
                        </span>
                    </span>
                )}
            </div>
        </>
    );
}

const fraction = (of: number) => +Math.max(0, Math.min(1, of)).toFixed(5);

const Guide = ({ d }: { d: string }) => <path d={d} className="stroke-copper" strokeWidth="1" strokeDasharray="5 4" />;
