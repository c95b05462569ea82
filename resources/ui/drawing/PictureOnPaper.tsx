import { useEffect, useRef, useState, type PointerEvent } from 'react';
import { screenUrl } from '@/api/client';
import type { DrawingFigures, LineView, MustStayIn, PixelRect } from '@/api/types';
import { useMode } from '@/bench/mode';
import { useKeys } from '@/common/useKeys';
import { Handles } from './Handles';
import type { Frame } from './layout';
import { FrameCover, Marked, TrimTicks } from './Overlays';
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
    onWindow: (window: WantedWindow) => Promise<unknown>;
    onTurn: () => void;
    onType: (name: string, typed: string) => void;
    onMark: (area: MustStayIn) => void;
}

/** The sheet, the paper and what is on it; what the window leaves out lies veiled round it. */
export function PictureOnPaper({ line, frame, showsFrame, onWindow, onTurn, onType, onMark }: Props) {
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
    const moves = picture !== null && !drawing.isWhole;
    const whole = picture && { x: 0, y: 0, width: picture.width, height: picture.height };
    const rect =
        moves && (under.isHeld || !drawing.window)
            ? draggedRect(under.window, picture, drawing.image)
            : (drawing.window ?? whole);
    const perPixel = rect ? image.width / rect.width : 1;

    /** A place on screen, in fractions of the picture. */
    const inPicture = (event: { offsetX: number; offsetY: number }) => ({
        x: Math.max(0, Math.min(1, ((event.offsetX - image.x) / perPixel + rect!.x) / picture!.width)),
        y: Math.max(0, Math.min(1, ((event.offsetY - image.y) / perPixel + rect!.y) / picture!.height)),
    });
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
            <div className="absolute bg-white shadow-[0_2px_9px_rgb(0_0_0/0.32)]" style={css(sheet)} data-testid="sheet" />
            <div className="absolute" style={{ ...css(paper), background: drawing.paperColour }} data-testid="paper" />
            {picture && rect && (
                <div className="absolute overflow-hidden" style={css(image)}>
                    <Placed picture={picture} rect={rect} image={{ ...image, x: 0, y: 0 }} perPixel={perPixel} />
                </div>
            )}
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
                    <Preview key={line.id} href={`/api/lines/${line.id}/preview/${line.planHash}`} sheet={sheet} />
                )}
                <rect {...sheet} className="fill-none stroke-ink/35" strokeWidth="0.8" />
                <rect {...paper} className="fill-none stroke-ink/60" strokeWidth="0.8" />
                <TrimTicks drawing={drawing} frame={frame} />
                {showsFrame && drawing.frameCover > 0 && <FrameCover drawing={drawing} frame={frame} />}
                {picture && rect && line.mustStayIn.map((area, i) => <Marked key={i} area={area} at={onScreen(area)} />)}
                {picture && rect && marking && <Marked area={marking} at={onScreen(upright(marking))} />}
                {picture && hasRoom && mode.does === 'move' && <Handles drawing={drawing} frame={frame} onType={onType} />}
            </svg>
        </>
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

interface PlacedProps {
    picture: { sha256: string; width: number; height: number };
    rect: PixelRect;
    image: PixelRect;
    perPixel: number;
    className?: string;
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
function Preview({ href, sheet }: { href: string; sheet: PixelRect }) {
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
    return loaded === href ? <image href={href} {...sheet} preserveAspectRatio="none" data-testid="preview" /> : null;
}
