import { useEffect, useRef, useState, type PointerEvent, type ReactNode } from 'react';
import { screenUrl } from '@/api/client';
import type { Canvas } from '@/api/order-file';
import type { DrawingFigures, LineView, MustStayIn, PixelRect } from '@/api/types';
import { useMode } from '@/bench/mode';
import { useKeys } from '@/common/useKeys';
import { EdgeGrips, Handles } from './Handles';
import { Joints } from './Joints';
import type { Frame } from './layout';
import { Folds, FrameCover, Marked, TrimTicks } from './Overlays';
import type { ProofView } from './useProof';
import { colourAt } from './pixel';
import { useWindow } from './useWindow';
import { draggedRect, moved, tightened, type WantedWindow } from './window';

const WHEEL_STEP = 0.0016;
const KEY_STEP = 1.05;
/** A mark smaller than this share of the picture was a click, not a mark. */
const SMALLEST_MARK = 0.01;

interface Props {
    line: LineView & { drawing: DrawingFigures };
    frame: Frame;
    showsFrame: boolean;
    proof: ProofView;
    /** the drawing's width, in screen pixels */
    width: number;
    onWindow: (window: WantedWindow) => Promise<unknown>;
    onTurn: () => void;
    onType: (name: string, typed: string) => void;
    onMark: (area: MustStayIn) => void;
}

/** The sheet, the paper and what is on it; what the window leaves out lies veiled round it. */
export function PictureOnPaper({ line, frame, showsFrame, proof, width, onWindow, onTurn, onType, onMark }: Props) {
    const { drawing, picture } = line;
    const { mode, rest } = useMode();
    const under = useWindow(line, onWindow);
    const svg = useRef<SVGSVGElement>(null);
    const drag = useRef<{ x: number; y: number; from: WantedWindow } | null>(null);
    const [marking, setMarking] = useState<MustStayIn | null>(null);
    const box = (b: { left: number; top: number; width: number; height: number }) => ({
        x: frame.x(b.left),
        y: frame.y(b.top),
        width: b.width * frame.scale,
        height: b.height * frame.scale,
    });
    const sheet = box(drawing.sheet);
    const paper = box({ left: 0, top: 0, ...drawing.paper });
    const image = box(drawing.image);
    // Panels are seen as they hang: each piece shows a part of the undivided print, shifted to its place on the wall.
    const areApart = drawing.joints.length > 0;
    const pieces = areApart
        ? drawing.hung.pieces.map(({ at, shows }) => ({
              at: box(at),
              shift: { x: (at.left - shows.left) * frame.scale, y: (at.top - shows.top) * frame.scale },
          }))
        : [{ at: sheet, shift: { x: 0, y: 0 } }];
    const moves = picture !== null && !drawing.isWhole;
    const whole = picture && { x: 0, y: 0, width: picture.width, height: picture.height };
    const rect =
        moves && (under.isHeld || !drawing.window)
            ? draggedRect(under.window, picture, drawing.image)
            : (drawing.window ?? whole);
    const perPixel = rect ? image.width / rect.width : 1;

    /** A place on screen, in fractions of the picture. */
    const inPicture = ({ offsetX, offsetY }: { offsetX: number; offsetY: number }) => {
        const { shift } = pieces.findLast(({ at }) => offsetX >= at.x && offsetY >= at.y) ?? pieces[0]!;
        return {
            x: Math.max(0, Math.min(1, ((offsetX - shift.x - image.x) / perPixel + rect!.x) / picture!.width)),
            y: Math.max(0, Math.min(1, ((offsetY - shift.y - image.y) / perPixel + rect!.y) / picture!.height)),
        };
    };
    const onScreen = (area: MustStayIn) => ({
        x: image.x + (area.x * picture!.width - rect!.x) * perPixel,
        y: image.y + (area.y * picture!.height - rect!.y) * perPixel,
        width: area.width * picture!.width * perPixel,
        height: area.height * picture!.height * perPixel,
    });

    const step = (x: number, y: number) => (event: KeyboardEvent) => {
        if (moves) {
            const millimetres = event.shiftKey ? 10 : 1;
            const pixels = (draggedRect(under.latest.current, picture, drawing.image).width / drawing.image.width) * millimetres;
            under.move(moved(under.latest.current, { x: x * pixels, y: y * pixels }, picture, drawing.image), true);
        }
    };
    const tighten = (by: number) => moves && under.move(tightened(under.latest.current, by, picture, drawing.image), true);
    useKeys({
        ArrowLeft: step(-1, 0),
        ArrowRight: step(1, 0),
        ArrowUp: step(0, -1),
        ArrowDown: step(0, 1),
        '+': () => tighten(KEY_STEP),
        '=': () => tighten(KEY_STEP),
        '-': () => tighten(1 / KEY_STEP),
        c: () => moves && under.move({ x: 0.5, y: 0.5, tight: under.latest.current.tight }, true),
        t: onTurn,
        Escape: rest,
    });

    useEffect(() => {
        const element = svg.current!;
        const turned = (event: WheelEvent) => {
            event.preventDefault();
            tighten(Math.exp(-event.deltaY * WHEEL_STEP));
        };
        element.addEventListener('wheel', turned, { passive: false });
        return () => element.removeEventListener('wheel', turned);
    });

    const press = (event: PointerEvent<SVGSVGElement>) => {
        if (!picture || !rect || event.button !== 0) {
            return;
        }
        event.currentTarget.setPointerCapture(event.pointerId);
        if (mode.does === 'move') {
            drag.current = { x: event.clientX, y: event.clientY, from: under.latest.current };
        } else if (mode.does === 'mark') {
            setMarking({ label: 'must stay in', ...inPicture(event.nativeEvent), width: 0, height: 0 });
        } else {
            const at = inPicture(event.nativeEvent);
            void colourAt(screenUrl(picture.sha256), at.x, at.y).then(mode.take).finally(rest);
        }
    };
    const follow = (event: PointerEvent<SVGSVGElement>) => {
        if (drag.current && moves) {
            const by = { x: (event.clientX - drag.current.x) / perPixel, y: (event.clientY - drag.current.y) / perPixel };
            under.move(moved(drag.current.from, by, picture, drawing.image), false);
        }
        if (marking) {
            const to = inPicture(event.nativeEvent);
            setMarking({ ...marking, width: to.x - marking.x, height: to.y - marking.y });
        }
    };
    const release = () => {
        if (drag.current && under.isHeld) {
            under.settle();
        }
        drag.current = null;
        if (marking) {
            const area = upright(marking);
            if (area.width > SMALLEST_MARK && area.height > SMALLEST_MARK) {
                onMark(area);
                rest();
            }
            setMarking(null);
        }
    };

    const cursor = {
        move: moves ? 'cursor-grab active:cursor-grabbing' : '',
        mark: 'cursor-crosshair',
        'take-colour': 'cursor-cell',
    };
    const hasRoom = drawing.dimensions.some((dimension) => dimension.name.startsWith('image'));
    return (
        <>
            {/* What moves under the hand are layers of their own, so that a drag paints nothing anew. */}
            {picture && rect && moves && (
                <Placed picture={picture} rect={rect} image={image} perPixel={perPixel} className="opacity-30" />
            )}
            {pieces.map(({ at }, i) => (
                <div
                    key={i}
                    className="absolute bg-white shadow-[0_2px_9px_rgb(0_0_0/0.32)]"
                    style={css(at)}
                    data-testid={areApart ? 'panel' : 'sheet'}
                />
            ))}
            {!areApart && (
                <div className="absolute" style={{ ...css(paper), background: drawing.paperColour }} data-testid="paper" />
            )}
            {picture && rect && drawing.wrap && under.isHeld && (
                <DraggedEdges edge={line.line.canvas?.edge} {...{ picture, rect, image, perPixel, sheet }} />
            )}
            {picture &&
                rect &&
                pieces.map(({ at, shift }, i) => {
                    const seen = areApart ? at : image;
                    return (
                        <div key={i} className="absolute overflow-hidden" style={css(seen)}>
                            <Placed
                                picture={picture}
                                rect={rect}
                                image={{ ...image, x: image.x + shift.x - seen.x, y: image.y + shift.y - seen.y }}
                                perPixel={perPixel}
                            />
                        </div>
                    );
                })}
            <svg
                ref={svg}
                className={`absolute inset-0 size-full touch-none ${picture ? cursor[mode.does] : ''}`}
                role="img"
                aria-label={`${line.short}. ${moves ? 'Drag the picture, or use the arrow keys.' : 'The whole picture.'}`}
                onPointerDown={press}
                onPointerMove={follow}
                onPointerUp={release}
                onPointerCancel={() => {
                    drag.current = null;
                    setMarking(null);
                    under.settle();
                }}
            >
                {drawing.keyline && picture && (
                    <rect
                        {...image}
                        fill="none"
                        stroke={drawing.keyline.colour}
                        strokeWidth={Math.max(1, drawing.keyline.width * frame.scale)}
                    />
                )}
                {!picture && (
                    <text
                        x={paper.x + paper.width / 2}
                        y={paper.y + paper.height / 2}
                        textAnchor="middle"
                        className="fill-soft text-[14px]"
                    >
                        No picture yet: choose one in the sentence
                    </text>
                )}
                {line.planHash && !under.isHeld && (
                    <>
                        <Preview key={line.id} href={viewUrl(line, 'preview')!} at={sheet} pieces={pieces} areApart={areApart} />
                        {proof.isOn && (
                            <g clipPath={proof.isSplit ? 'url(#split)' : undefined} data-testid="proof">
                                <clipPath id="split">
                                    <rect x={proof.split * width} y="0" width={width} height="100%" />
                                </clipPath>
                                <Preview href={viewUrl(line, 'proof')!} at={sheet} pieces={pieces} areApart={areApart} />
                            </g>
                        )}
                        {proof.hatches && (
                            <g data-testid="hatching">
                                <Preview href={viewUrl(line, 'gamut')!} at={image} pieces={pieces} areApart={areApart} />
                            </g>
                        )}
                    </>
                )}
                {areApart ? (
                    pieces.map(({ at }, i) => <rect key={i} {...at} className="fill-none stroke-ink/60" strokeWidth="0.8" />)
                ) : (
                    <>
                        <rect {...sheet} className="fill-none stroke-ink/35" strokeWidth="0.8" />
                        {!drawing.wrap && <rect {...paper} className="fill-none stroke-ink/60" strokeWidth="0.8" />}
                        <TrimTicks drawing={drawing} frame={frame} />
                    </>
                )}
                <Folds drawing={drawing} frame={frame} />
                {showsFrame && drawing.frameCover > 0 && <FrameCover drawing={drawing} frame={frame} />}
                {picture &&
                    rect &&
                    [...line.mustStayIn, ...(marking ? [upright(marking)] : [])].map((area, i) =>
                        pieces.map(({ at, shift }, piece) => (
                            <Clipped key={`${i} ${piece}`} at={areApart ? at : null} id={`panel-${piece}`}>
                                <Marked area={area} at={shifted(onScreen(area), shift)} />
                            </Clipped>
                        )),
                    )}
                {picture && hasRoom && mode.does === 'move' && <Handles drawing={drawing} frame={frame} onType={onType} />}
                {picture && drawing.wrap && mode.does === 'move' && <EdgeGrips drawing={drawing} frame={frame} onType={onType} />}
            </svg>
            {areApart && mode.does === 'move' && (
                <svg className="pointer-events-none absolute inset-0 size-full touch-none">
                    <Joints drawing={drawing} frame={frame} onType={onType} />
                </svg>
            )}
        </>
    );
}

/** The rendered plan of a line, where it has one: as the file is, on its paper, or hatched where colours don't fit. */
export const viewUrl = (line: LineView, view: 'preview' | 'proof' | 'gamut') =>
    line.planHash ? `/api/lines/${line.id}/${view}/${line.planHash}` : null;

const shifted = (rect: PixelRect, by: { x: number; y: number }): PixelRect => ({ ...rect, x: rect.x + by.x, y: rect.y + by.y });

/** What lies on one panel only, or on everything. */
function Clipped({ at, id, children }: { at: PixelRect | null; id: string; children: ReactNode }) {
    return at === null ? (
        children
    ) : (
        <g clipPath={`url(#${id})`}>
            <clipPath id={id}>
                <rect {...at} />
            </clipPath>
            {children}
        </g>
    );
}

const css = (rect: PixelRect) => ({ left: rect.x, top: rect.y, width: rect.width, height: rect.height });

const upright = (area: MustStayIn): MustStayIn => ({
    ...area,
    x: Math.min(area.x, area.x + area.width),
    y: Math.min(area.y, area.y + area.height),
    width: Math.abs(area.width),
    height: Math.abs(area.height),
});

type Edge = Canvas['edge'];

interface PlacedProps {
    picture: { sha256: string; width: number; height: number };
    rect: PixelRect;
    image: PixelRect;
    perPixel: number;
    className?: string;
}

/** The band that is drawn out over the edge is a tenth of its depth, as core has it. */
const DRAWN_OUT_TIMES = 10;

/** A canvas's edge while its picture is dragged, until the rendered one arrives: each side the face mirrored in its fold. */
function DraggedEdges({ edge, sheet, image, ...placed }: PlacedProps & { edge: Edge; sheet: PixelRect }) {
    if (edge === 'one-colour' || edge === 'runs-on') {
        return null;
    }
    const times = edge === 'drawn-out' ? DRAWN_OUT_TIMES : 1;
    const scale = (side: number) => (side === 0 ? 1 : -times);
    // a pixel within the face, so that what its outermost row lacks of a whole pixel isn't drawn out
    const fold = (side: number) => (side < 0 ? '1px' : 'calc(100% - 1px)');
    const sides = [-1, 0, 1];
    return sides.flatMap((across) =>
        sides.map((down) => (
            <div
                key={`${across} ${down}`}
                className="absolute overflow-hidden"
                style={css(sheet)}
                hidden={across === 0 && down === 0}
            >
                <div
                    className="absolute overflow-hidden"
                    style={{
                        ...css({ ...image, x: image.x - sheet.x, y: image.y - sheet.y }),
                        transform: `scale(${scale(across)}, ${scale(down)})`,
                        transformOrigin: `${fold(across)} ${fold(down)}`,
                    }}
                >
                    <Placed {...placed} image={{ ...image, x: 0, y: 0 }} />
                </div>
            </div>
        )),
    );
}

/** The whole picture, scaled and shifted so that its window lies on the image's place. */
function Placed({ picture, rect, image, perPixel, className = '' }: PlacedProps) {
    return (
        <img
            src={screenUrl(picture.sha256)}
            alt=""
            draggable={false}
            className={`pointer-events-none absolute top-0 left-0 max-w-none origin-top-left will-change-transform ${className}`}
            style={{
                width: picture.width * perPixel,
                height: picture.height * perPixel,
                transform: `translate(${image.x - rect.x * perPixel}px, ${image.y - rect.y * perPixel}px)`,
            }}
        />
    );
}

/** The rendered plan laid over the sheet once it is there; until then the picture itself shows. */
interface PreviewProps {
    href: string;
    at: PixelRect;
    pieces: { at: PixelRect; shift: { x: number; y: number } }[];
    areApart: boolean;
}

function Preview({ href, at: place, pieces, areApart }: PreviewProps) {
    const [loaded, setLoaded] = useState<string | null>(null);
    useEffect(() => {
        let wanted = true;
        const image = new Image();
        image.onload = () => wanted && setLoaded(href);
        image.src = href;
        return () => {
            wanted = false;
        };
    }, [href]);
    return loaded === href
        ? pieces.map(({ at, shift }, i) => (
              <Clipped key={i} at={areApart ? at : null} id={`shown-${i}`}>
                  <image href={href} {...shifted(place, shift)} preserveAspectRatio="none" data-testid="preview" />
              </Clipped>
          ))
        : null;
}
