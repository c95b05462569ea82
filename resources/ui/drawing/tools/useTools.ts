import type { RefObject } from 'react';
import { screenUrl } from '@/api/client';
import type { DrawingFigures, LineView, MarkedArea, PixelRect } from '@/api/types';
import { useDrag, type Way } from '@/common/useDrag';
import { useKeys } from '@/keys/useKeys';
import type { Pieces } from '../pieces';
import { isMark, normal } from './area';
import { useMode } from './mode';
import { colourAt } from './pixel';
import { useMovingByKeys } from './useMovingByKeys';
import { useWindow } from './useWindow';
import { draggedRect, moved, type WantedWindow } from './window';

interface On extends Pieces {
    line: LineView & { drawing: DrawingFigures };
    /** the image's place, in screen pixels */
    image: PixelRect;
    svg: RefObject<SVGElement | null>;
    /** a place on the drawing as it is on the print by itself, where that lies turned */
    upright?: (at: Way) => Way;
    /** whether what is let go there is dealt with otherwise, and the picture stays as it was */
    takes?: (at: Way) => boolean;
    onWindow: (window: WantedWindow) => Promise<unknown>;
    onTurn: () => void;
    onMark: (area: MarkedArea) => void;
}

type Held = { does: 'move'; from: WantedWindow } | { does: 'mark'; area: MarkedArea };

const asItIs = (at: Way) => at;

/** What the hand does on the picture: move it under its window, mark what must stay in, take a colour. */
export function useTools({ line, image, pieces, svg, upright = asItIs, takes, onWindow, onTurn, onMark }: On) {
    const { drawing, picture } = line;
    const { mode, rest } = useMode();
    const under = useWindow(line, onWindow);
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
    const turned = (by: Way): Way => {
        const [from, to] = [upright({ x: 0, y: 0 }), upright(by)];
        return { x: to.x - from.x, y: to.y - from.y };
    };
    useMovingByKeys({ drawing, picture: moves ? picture : null, under, svg, turned });
    useKeys({ t: onTurn, Escape: rest });

    const { held, handlers } = useDrag<Held, SVGElement>({
        begin: ({ nativeEvent }) => {
            if (!picture || !rect) {
                return null;
            }
            if (mode.does === 'move') {
                return { does: 'move', from: under.latest.current };
            }
            if (mode.does === 'mark') {
                return { does: 'mark', area: { label: 'must stay in', ...inPicture(nativeEvent), width: 0, height: 0 } };
            }
            const at = inPicture(nativeEvent);
            void colourAt(screenUrl(picture.sha256), at.x, at.y).then(mode.take).finally(rest);
            return null;
        },
        move: (now, by, { nativeEvent }) => {
            if (now.does === 'mark') {
                const to = inPicture(nativeEvent);
                return { does: 'mark', area: { ...now.area, width: to.x - now.area.x, height: to.y - now.area.y } };
            }
            if (moves) {
                const way = turned(by);
                under.move(moved(now.from, { x: way.x / perPixel, y: way.y / perPixel }, picture, drawing.image), false);
            }
            return now;
        },
        end: (last, _hasMoved, { nativeEvent }) => {
            if (last.does === 'mark') {
                const area = normal(last.area);
                if (isMark(area)) {
                    onMark(area);
                    rest();
                }
            } else if (takes?.({ x: nativeEvent.offsetX, y: nativeEvent.offsetY })) {
                under.leave();
            } else if (under.isHeld) {
                under.settle();
            }
        },
        cancel: under.settle,
    });
    return {
        mode,
        moves,
        /** the part of the picture that is printed, in its own pixels */
        rect,
        perPixel,
        isHeld: under.isHeld,
        marked: [...line.mustStayIn, ...(held?.does === 'mark' ? [normal(held.area)] : [])],
        handlers,
    };
}
