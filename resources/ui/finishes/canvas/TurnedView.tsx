import { useState, type MouseEvent } from 'react';
import type { DrawingFigures } from '@/api/types';
import { useKeys } from '@/keys/useKeys';
import type { BesideProps } from '@/drawing/finish';

/** How far the canvas is turned, and how far away it is looked at from, in its own widths. */
const TURN = 42;
const AWAY = 3.2;

export const TURNED_WIDE = 214;

interface Props {
    drawing: Pick<DrawingFigures, 'paper' | 'sheet'> & { wrap: { depth: number; spare: number } };
    /** the rendered plan, edges and all */
    href: string;
    /** in screen pixels */
    width: number;
    height: number;
    from: Side;
}

export type Side = 'left' | 'right';

/**
 * The scale at which the turned canvas fits a box, and how far its middle then is off its axis, both in screen pixels: its
 * corners put through the same perspective as the page's.
 */
function fitted(paper: { width: number; height: number }, depth: number, width: number, height: number) {
    const radians = (TURN * Math.PI) / 180;
    const away = Math.max(paper.width, paper.height) * AWAY;
    const at = (along: number, back: number) => {
        const near = away / (away - (along * Math.sin(radians) - back * Math.cos(radians)));
        return { x: (along * Math.cos(radians) + back * Math.sin(radians)) * near, near };
    };
    const corners = [at(-paper.width / 2, 0), at(paper.width / 2, 0), at(paper.width / 2, depth)];
    const xs = corners.map(({ x }) => x);
    const [left, right] = [Math.min(...xs), Math.max(...xs)];
    const high = paper.height * Math.max(...corners.map(({ near }) => near));
    const scale = Math.min((width * 0.94) / (right - left), (height * 0.86) / high);
    return { scale, middle: ((left + right) / 2) * scale };
}

/** The finished canvas on its bars, seen from the left or the right: the edge is the file's own pixels, folded back. */
export function TurnedCanvas({ drawing: { paper, sheet, wrap }, href, width, height, from }: Props) {
    const isRight = from === 'right';
    const { scale, middle } = fitted(paper, wrap.depth, width, height);
    const px = (mm: number) => mm * scale;
    const shows = (left: number, top: number) => ({
        backgroundImage: `url("${href}")`,
        backgroundSize: `${px(sheet.width)}px ${px(sheet.height)}px`,
        backgroundPosition: `${-px(left - sheet.left)}px ${-px(top - sheet.top)}px`,
    });
    return (
        <div
            role="img"
            aria-label={`The finished canvas, seen from the ${from}`}
            className="grid place-items-center overflow-hidden"
            style={{ width, height, perspective: px(Math.max(paper.width, paper.height)) * AWAY }}
            data-testid="turned"
        >
            <div
                className="relative"
                style={{
                    width: px(paper.width),
                    height: px(paper.height),
                    transformStyle: 'preserve-3d',
                    transform: `translateX(${isRight ? -middle : middle}px) rotateY(${isRight ? -TURN : TURN}deg)`,
                }}
            >
                <div
                    className="absolute inset-0 bg-ink/40 blur-md"
                    style={{ transform: `translateZ(${-px(wrap.depth) - 1}px) translate(0, ${px(wrap.depth) / 2 + 4}px)` }}
                />
                <div className="absolute inset-0" style={shows(0, 0)} />
                <div
                    className="absolute top-0 bottom-0"
                    style={{
                        width: px(wrap.depth),
                        ...(isRight
                            ? { left: '100%', transformOrigin: 'left center', transform: 'rotateY(90deg)' }
                            : { right: '100%', transformOrigin: 'right center', transform: 'rotateY(-90deg)' }),
                        ...shows(isRight ? paper.width : -wrap.depth, 0),
                    }}
                    data-testid="turned-edge"
                />
            </div>
        </div>
    );
}

/** Pressed with the mouse a button doesn't keep the keys: the next Enter passes the line. */
const letGo = (event: MouseEvent<HTMLButtonElement>) => event.detail > 0 && event.currentTarget.blur();

/** The finished canvas, small in the drawing's corner; pressed, or by B, it fills the drawing. */
export function TurnedView({ drawing, href, room }: BesideProps) {
    const [isLarge, setIsLarge] = useState(false);
    useKeys({ b: () => setIsLarge((now) => !now), Escape: () => setIsLarge(false) });
    const [from, setFrom] = useState<Side>('right');
    const size = isLarge ? room : { width: TURNED_WIDE - 14, height: Math.min(190, room.height - 70) };
    const side = (which: Side) => (
        <button
            type="button"
            aria-pressed={from === which}
            onClick={(event) => {
                setFrom(which);
                letGo(event);
            }}
            className="min-h-6 rounded-xs px-2 hover:bg-white/70 aria-pressed:bg-white aria-pressed:font-semibold"
        >
            {which}
        </button>
    );
    if (!drawing.wrap) {
        return null;
    }
    return (
        <div
            className={isLarge ? 'absolute inset-0 z-20 bg-desk' : 'absolute right-2 bottom-2 z-10'}
            style={isLarge ? undefined : { width: size.width }}
        >
            <button
                type="button"
                onClick={(event) => {
                    setIsLarge(!isLarge);
                    letGo(event);
                }}
                aria-label={isLarge ? 'Back to the drawing' : 'See the turned canvas larger'}
                className="block rounded-sm hover:bg-white/30"
            >
                <TurnedCanvas drawing={{ ...drawing, wrap: drawing.wrap }} href={href} from={from} {...size} />
            </button>
            <p
                className={`flex items-center justify-center gap-1 text-small leading-none narrow ${isLarge ? 'absolute inset-x-0 bottom-3' : 'pt-1'}`}
            >
                as it hangs, from the {side('left')} {side('right')}
            </p>
        </div>
    );
}
