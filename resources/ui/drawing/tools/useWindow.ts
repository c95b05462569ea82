import { useCallback, useEffect, useRef, useState } from 'react';
import type { LineView } from '@/api/types';
import type { WantedWindow } from './window';

const SETTLES_MS = 220;

/**
 * The window under the hand: moves at once, is saved when it rests, and gives way to the server's answer. Nothing is
 * saved while a drag is going on.
 */
export function useWindow(line: LineView, save: (window: WantedWindow) => Promise<unknown>) {
    const stored: WantedWindow = line.uses.window;
    const [held, setHeld] = useState<WantedWindow | null>(null);
    const latest = useRef<WantedWindow>(stored);
    const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
    const saver = useRef(save);
    useEffect(() => {
        saver.current = save;
        if (held === null) {
            latest.current = stored;
        }
    });

    const settle = useCallback(() => {
        clearTimeout(timer.current);
        timer.current = undefined;
        const sent = latest.current;
        saver
            .current(sent)
            .catch(() => undefined)
            .finally(() => setHeld((now) => (now === sent ? null : now)));
    }, []);

    const move = useCallback(
        (to: WantedWindow, rests: boolean) => {
            latest.current = to;
            setHeld(to);
            clearTimeout(timer.current);
            if (rests) {
                timer.current = setTimeout(settle, SETTLES_MS);
            }
        },
        [settle],
    );

    /** Puts it back as it is stored. */
    const leave = useCallback(() => {
        clearTimeout(timer.current);
        timer.current = undefined;
        setHeld(null);
    }, []);

    // Leaving the page saves what is still moving.
    useEffect(
        () => () => {
            if (timer.current !== undefined) {
                settle();
            }
        },
        [settle],
    );

    return { window: held ?? stored, isHeld: held !== null, latest, move, settle, leave };
}
