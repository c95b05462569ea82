import { useRef, useState, type PointerEvent } from 'react';

/** On the screen, in pixels. */
export interface Way {
    x: number;
    y: number;
}

interface Acts<T, E extends Element> {
    /** what is grabbed; null where there is nothing to grab */
    begin: (event: PointerEvent<E>) => T | null;
    /** what it has become, so far from where it was grabbed */
    move: (held: T, by: Way, event: PointerEvent<E>) => T;
    /** it is let go; where that is only done later, it is shown as it is until then */
    end: (held: T, hasMoved: boolean, event: PointerEvent<E>) => Promise<unknown> | void;
    cancel?: () => void;
}

/** Something that is grabbed, dragged and let go, by mouse, pen or finger. */
export function useDrag<T, E extends Element = Element>({ begin, move, end, cancel }: Acts<T, E>) {
    const [held, setHeld] = useState<T | null>(null);
    const grabbed = useRef<{ from: Way; held: T; hasMoved: boolean } | null>(null);
    const keep = (next: T) => {
        grabbed.current!.held = next;
        setHeld(next);
    };
    const leave = () => {
        grabbed.current = null;
        setHeld(null);
    };

    return {
        /** what is under the hand now */
        held,
        handlers: {
            onPointerDown: (event: PointerEvent<E>) => {
                const what = event.button === 0 ? begin(event) : null;
                if (what !== null) {
                    event.currentTarget.setPointerCapture(event.pointerId);
                    grabbed.current = { from: { x: event.clientX, y: event.clientY }, held: what, hasMoved: false };
                    setHeld(what);
                }
            },
            onPointerMove: (event: PointerEvent<E>) => {
                const now = grabbed.current;
                if (now) {
                    now.hasMoved = true;
                    keep(move(now.held, { x: event.clientX - now.from.x, y: event.clientY - now.from.y }, event));
                }
            },
            onPointerUp: (event: PointerEvent<E>) => {
                const last = grabbed.current;
                if (last) {
                    grabbed.current = null;
                    const done = end(last.held, last.hasMoved, event);
                    if (done) {
                        void done.catch(() => undefined).finally(() => setHeld(null));
                    } else {
                        setHeld(null);
                    }
                }
            },
            onPointerCancel: () => {
                leave();
                cancel?.();
            },
        },
    };
}
