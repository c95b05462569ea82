import { useEffect, type RefObject } from 'react';
import type { DrawingFigures, LineView } from '@/api/types';
import type { Way } from '@/common/useDrag';
import { useKeys } from '@/keys/useKeys';
import type { useWindow } from './useWindow';
import { draggedRect, moved, tightened } from './window';

const WHEEL_STEP = 0.0016;
const KEY_STEP = 1.05;

interface On {
    drawing: DrawingFigures;
    /** null where there is nothing to move */
    picture: LineView['picture'];
    under: ReturnType<typeof useWindow>;
    svg: RefObject<SVGElement | null>;
    /** a way on the screen as it is on the print by itself */
    turned: (by: Way) => Way;
}

/** The picture moved under its window by arrows, made tighter and looser by + and − and the wheel, centred by C. */
export function useMovingByKeys({ drawing, picture, under, svg, turned }: On) {
    const { image } = drawing;
    const step = (x: number, y: number) => (event: KeyboardEvent) => {
        if (picture) {
            const millimetres = event.shiftKey ? 10 : 1;
            const pixels = (draggedRect(under.latest.current, picture, image).width / image.width) * millimetres;
            under.move(moved(under.latest.current, turned({ x: x * pixels, y: y * pixels }), picture, image), true);
        }
    };
    const tighten = (by: number) => picture && under.move(tightened(under.latest.current, by, picture, image), true);
    useKeys({
        ArrowLeft: step(-1, 0),
        ArrowRight: step(1, 0),
        ArrowUp: step(0, -1),
        ArrowDown: step(0, 1),
        '+': () => tighten(KEY_STEP),
        '=': () => tighten(KEY_STEP),
        '-': () => tighten(1 / KEY_STEP),
        c: () => picture && under.move({ x: 0.5, y: 0.5, tight: under.latest.current.tight }, true),
    });
    useEffect(() => {
        const element = svg.current!;
        const wheel = (event: WheelEvent) => {
            event.preventDefault();
            tighten(Math.exp(-event.deltaY * WHEEL_STEP));
        };
        element.addEventListener('wheel', wheel, { passive: false });
        return () => element.removeEventListener('wheel', wheel);
    });
}
