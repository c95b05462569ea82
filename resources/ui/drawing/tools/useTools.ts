import { useEffect, useRef, useState, type PointerEvent, type RefObject } from 'react';
import { screenUrl } from '@/api/client';
import type { DrawingFigures, LineView, MarkedArea, PixelRect } from '@/api/types';
import { useKeys } from '@/common/useKeys';
import type { Pieces } from '../pieces';
import { useMode } from './mode';
import { colourAt } from './pixel';
import { useWindow } from './useWindow';
import { draggedRect, moved, tightened, type WantedWindow } from './window';

const WHEEL_STEP = 0.0016;
const KEY_STEP = 1.05;
/** A mark smaller than this share of the picture was a click, not a mark. */
const SMALLEST_MARK = 0.01;

interface On extends Pieces {
    line: LineView & { drawing: DrawingFigures };
    /** the image's place, in screen pixels */
    image: PixelRect;
    svg: RefObject<SVGElement | null>;
    /** a place on the drawing as it is on the print by itself, where that lies turned */
    upright?: (at: Point) => Point;
    /** whether what is let go there is dealt with otherwise, and the picture stays as it was */
    takes?: (at: Point) => boolean;
    onWindow: (window: WantedWindow) => Promise<unknown>;
    onTurn: () => void;
    onMark: (area: MarkedArea) => void;
}

interface Point {
    x: number;
    y: number;
}

const asItIs = (at: Point) => at;

const normal = (area: MarkedArea): MarkedArea => ({
    ...area,
    x: Math.min(area.x, area.x + area.width),
    y: Math.min(area.y, area.y + area.height),
    width: Math.abs(area.width),
    height: Math.abs(area.height),
});

/** What the hand does on the picture: move it under its window, mark what must stay in, take a colour; and the keys for it. */
export function useTools({ line, image, pieces, svg, upright = asItIs, takes, onWindow, onTurn, onMark }: On) {
    const { drawing, picture } = line;
    const { mode, rest } = useMode();
    const under = useWindow(line, onWindow);
    const drag = useRef<{ x: number; y: number; from: WantedWindow } | null>(null);
    const [marking, setMarking] = useState<MarkedArea | null>(null);
    const moves = picture !== null && !drawing.isWhole;
    const whole = picture && { x: 0, y: 0, width: picture.width, height: picture.height };
    const rect =
        moves && (under.isHeld || !drawing.window)
            ? draggedRect(under.window, picture, drawing.image)
            : (drawing.window ?? whole);
    const perPixel = rect ? image.width / rect.width : 1;

    /** A place on screen, in fractions of the picture. */
    const inPicture = (event: { offsetX: number; offsetY: number }) => {
        const { x, y } = upright({ x: event.offsetX, y: event.offsetY });
        const { shift } = pieces.findLast(({ at }) => x >= at.x && y >= at.y) ?? pieces[0]!;
        return {
            x: Math.max(0, Math.min(1, ((x - shift.x - image.x) / perPixel + rect!.x) / picture!.width)),
            y: Math.max(0, Math.min(1, ((y - shift.y - image.y) / perPixel + rect!.y) / picture!.height)),
        };
    };
    /** A way on the screen as it is on the print by itself. */
    const turned = (by: Point): Point => {
        const [from, to] = [upright({ x: 0, y: 0 }), upright(by)];
        return { x: to.x - from.x, y: to.y - from.y };
    };
    const step = (x: number, y: number) => (event: KeyboardEvent) => {
        if (moves) {
            const millimetres = event.shiftKey ? 10 : 1;
            const pixels = (draggedRect(under.latest.current, picture, drawing.image).width / drawing.image.width) * millimetres;
            const by = turned({ x: x * pixels, y: y * pixels });
            under.move(moved(under.latest.current, by, picture, drawing.image), true);
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

    const press = (event: PointerEvent<SVGElement>) => {
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
    const follow = (event: PointerEvent<SVGElement>) => {
        if (drag.current && moves) {
            const by = turned({ x: event.clientX - drag.current.x, y: event.clientY - drag.current.y });
            under.move(moved(drag.current.from, { x: by.x / perPixel, y: by.y / perPixel }, picture, drawing.image), false);
        }
        if (marking) {
            const to = inPicture(event.nativeEvent);
            setMarking({ ...marking, width: to.x - marking.x, height: to.y - marking.y });
        }
    };
    const release = (event: PointerEvent<SVGElement>) => {
        if (drag.current && takes?.({ x: event.nativeEvent.offsetX, y: event.nativeEvent.offsetY })) {
            under.leave();
        } else if (drag.current && under.isHeld) {
            under.settle();
        }
        drag.current = null;
        if (marking) {
            const area = normal(marking);
            if (area.width > SMALLEST_MARK && area.height > SMALLEST_MARK) {
                onMark(area);
                rest();
            }
            setMarking(null);
        }
    };
    const cancel = () => {
        drag.current = null;
        setMarking(null);
        under.settle();
    };
    return {
        mode,
        moves,
        /** the part of the picture that is printed, in its own pixels */
        rect,
        perPixel,
        isHeld: under.isHeld,
        marked: [...line.mustStayIn, ...(marking ? [normal(marking)] : [])],
        handlers: { onPointerDown: press, onPointerMove: follow, onPointerUp: release, onPointerCancel: cancel },
    };
}
