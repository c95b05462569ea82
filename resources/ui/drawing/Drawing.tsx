import { useEffect, useRef, useState } from 'react';
import { screenUrl } from '@/api/client';
import type { DrawingFigures, LineView, PixelRect } from '@/api/types';
import { useKeys } from '@/common/useKeys';
import { DimensionFigure, DimensionLines } from './Dimension';
import { ScaleBar } from './ScaleBar';
import { useSize } from './useSize';
import { useWindow } from './useWindow';
import { draggedRect, moved, tightened, type WantedWindow } from './window';

/** Room round the paper for dimensions, in screen pixels. */
const ROOM = { left: 92, right: 56, top: 70, bottom: 62 };
const DIMENSION_AWAY = 32;
const CSS_PIXELS_PER_MM = 96 / 25.4;
const WHEEL_STEP = 0.0016;
const KEY_STEP = 1.05;

interface Props {
    line: LineView & { drawing: DrawingFigures };
    onWindow: (window: WantedWindow) => Promise<unknown>;
    onSize: (size: string) => Promise<unknown>;
    onTurn: () => void;
}

/** The plan, dimensioned. The picture is dragged under the window; its figures can be typed into. */
export function Drawing({ line, onWindow, onSize, onTurn }: Props) {
    const { ref, size } = useSize<HTMLDivElement>();
    const { paper } = line.drawing;
    const scale = Math.max(
        0.01,
        Math.min((size.width - ROOM.left - ROOM.right) / paper.width, (size.height - ROOM.top - ROOM.bottom) / paper.height),
    );
    const sheet = { width: paper.width * scale, height: paper.height * scale };
    const left = Math.round(ROOM.left + (size.width - ROOM.left - ROOM.right - sheet.width) / 2);
    const top = Math.round(ROOM.top + (size.height - ROOM.top - ROOM.bottom - sheet.height) / 2);
    const across = {
        from: { x: left, y: top - DIMENSION_AWAY },
        to: { x: left + sheet.width, y: top - DIMENSION_AWAY },
        edge: top,
        label: paper.widthLabel,
        name: 'Width',
        onType: (typed: string) => onSize(`${typed} x ${paper.heightLabel}`),
    };
    const down = {
        from: { x: left - DIMENSION_AWAY, y: top },
        to: { x: left - DIMENSION_AWAY, y: top + sheet.height },
        edge: left,
        label: paper.heightLabel,
        name: 'Height',
        onType: (typed: string) => onSize(`${paper.widthLabel} x ${typed}`),
    };
    return (
        <div ref={ref} className="relative min-h-0 grow overflow-hidden bg-desk select-none" data-testid="drawing">
            {size.width > 0 && (
                <>
                    <PictureUnderWindow line={line} sheet={{ x: left, y: top, ...sheet }} onWindow={onWindow} onTurn={onTurn} />
                    <svg
                        className="pointer-events-none absolute inset-0"
                        width={size.width}
                        height={size.height}
                        aria-hidden="true"
                    >
                        <DimensionLines {...across} />
                        <DimensionLines {...down} />
                    </svg>
                    <DimensionFigure {...across} />
                    <DimensionFigure {...down} />
                    <div className="absolute bottom-3 left-4 flex items-end gap-4">
                        <ScaleBar scale={scale} />
                        <span className="narrow text-[12px] leading-none">{`drawn 1 : ${(CSS_PIXELS_PER_MM / scale).toFixed(1)}`}</span>
                    </div>
                </>
            )}
        </div>
    );
}

interface UnderProps extends Pick<Props, 'line' | 'onWindow' | 'onTurn'> {
    sheet: PixelRect;
}

/** The paper and what is on it; what the window leaves out lies veiled round it. */
function PictureUnderWindow({ line, sheet, onWindow, onTurn }: UnderProps) {
    const { paper } = line.drawing;
    const picture = line.picture;
    const under = useWindow(line, onWindow);
    const svg = useRef<SVGSVGElement>(null);
    const drag = useRef<{ x: number; y: number; from: WantedWindow } | null>(null);
    const rect = picture
        ? under.isHeld || !line.drawing.window
            ? draggedRect(under.window, picture, paper)
            : line.drawing.window
        : null;
    const perPixel = rect ? sheet.width / rect.width : 1;

    const step = (by: { x: number; y: number }, millimetres: number) => {
        if (picture) {
            const pixels = (draggedRect(under.latest.current, picture, paper).width / paper.width) * millimetres;
            under.move(moved(under.latest.current, { x: by.x * pixels, y: by.y * pixels }, picture, paper), true);
        }
    };
    const tighten = (by: number) => picture && under.move(tightened(under.latest.current, by, picture, paper), true);
    const arrow = (x: number, y: number) => (event: KeyboardEvent) => step({ x, y }, event.shiftKey ? 10 : 1);
    useKeys({
        ArrowLeft: arrow(-1, 0),
        ArrowRight: arrow(1, 0),
        ArrowUp: arrow(0, -1),
        ArrowDown: arrow(0, 1),
        '+': () => tighten(KEY_STEP),
        '=': () => tighten(KEY_STEP),
        '-': () => tighten(1 / KEY_STEP),
        c: () => under.move({ x: 0.5, y: 0.5, tight: under.latest.current.tight }, true),
        t: onTurn,
    });

    useEffect(() => {
        const element = svg.current!;
        const turned = (event: WheelEvent) => {
            event.preventDefault();
            if (picture) {
                under.move(tightened(under.latest.current, Math.exp(-event.deltaY * WHEEL_STEP), picture, paper), true);
            }
        };
        element.addEventListener('wheel', turned, { passive: false });
        return () => element.removeEventListener('wheel', turned);
    });

    return (
        <svg
            ref={svg}
            className={`absolute inset-0 size-full touch-none ${picture ? 'cursor-grab active:cursor-grabbing' : ''}`}
            role="img"
            aria-label={`${line.short}. Drag the picture, or use the arrow keys.`}
            onPointerDown={(event) => {
                if (picture && event.button === 0) {
                    event.currentTarget.setPointerCapture(event.pointerId);
                    drag.current = { x: event.clientX, y: event.clientY, from: under.latest.current };
                }
            }}
            onPointerMove={(event) => {
                if (drag.current && picture) {
                    const by = { x: (event.clientX - drag.current.x) / perPixel, y: (event.clientY - drag.current.y) / perPixel };
                    under.move(moved(drag.current.from, by, picture, paper), false);
                }
            }}
            onPointerUp={() => {
                if (drag.current && under.isHeld) {
                    under.settle();
                }
                drag.current = null;
            }}
            onPointerCancel={() => {
                drag.current = null;
                under.settle();
            }}
        >
            <defs>
                <clipPath id="paper">
                    <rect {...sheet} />
                </clipPath>
                <filter id="lift" x="-10%" y="-10%" width="120%" height="125%">
                    <feDropShadow dx="0" dy="1.5" stdDeviation="4" floodOpacity="0.32" />
                </filter>
            </defs>
            {picture && rect && (
                <Placed
                    href={screenUrl(picture.sha256)}
                    picture={picture}
                    rect={rect}
                    sheet={sheet}
                    perPixel={perPixel}
                    className="opacity-30"
                />
            )}
            <rect {...sheet} fill="#fff" filter="url(#lift)" />
            {picture && rect ? (
                <g clipPath="url(#paper)">
                    <Placed href={screenUrl(picture.sha256)} picture={picture} rect={rect} sheet={sheet} perPixel={perPixel} />
                </g>
            ) : (
                <text
                    x={sheet.x + sheet.width / 2}
                    y={sheet.y + sheet.height / 2}
                    textAnchor="middle"
                    className="fill-soft text-[14px]"
                >
                    {picture ? '' : 'No picture yet: choose one in the sentence'}
                </text>
            )}
            {line.planHash && !under.isHeld && (
                <Preview key={line.id} href={`/api/lines/${line.id}/preview/${line.planHash}`} sheet={sheet} />
            )}
            <rect {...sheet} className="fill-none stroke-ink/60" strokeWidth="0.8" />
        </svg>
    );
}

interface PlacedProps {
    href: string;
    picture: { width: number; height: number };
    rect: PixelRect;
    sheet: PixelRect;
    perPixel: number;
    className?: string;
}

/** The whole picture, scaled and shifted so that its window lies on the paper. */
function Placed({ href, picture, rect, sheet, perPixel, className = '' }: PlacedProps) {
    return (
        <image
            href={href}
            width={picture.width * perPixel}
            height={picture.height * perPixel}
            transform={`translate(${sheet.x - rect.x * perPixel} ${sheet.y - rect.y * perPixel})`}
            preserveAspectRatio="none"
            className={className}
        />
    );
}

/** The rendered plan laid over the paper once it is there; until then the picture itself shows. */
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
