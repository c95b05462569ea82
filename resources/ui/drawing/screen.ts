import { useSyncExternalStore } from 'react';

/** A bank card is 85.60 mm wide (ISO/IEC 7810, ID-1): what a screen is measured by. */
export const CARD_MM = 85.6;

/** What CSS takes a screen for that nobody has measured. */
export const CSS_PIXELS_PER_MM = 96 / 25.4;

/** Kept by the browser: the screen's own pixels to a millimetre, whatever the page is zoomed to. */
const KEPT = 'planisher.screen-pixels-per-mm';
/** Screens from a wall's to a telephone's: outside of that it was no card. */
const [LEAST, MOST] = [1, 40];
const listeners = new Set<() => void>();

const listen = (listener: () => void) => {
    listeners.add(listener);
    addEventListener('resize', listener); // zooming is resizing
    return () => {
        listeners.delete(listener);
        removeEventListener('resize', listener);
    };
};

/** CSS pixels to a millimetre on this screen; null while it hasn't been measured. */
function pixelsPerMm(): number | null {
    const kept = Number(localStorage.getItem(KEPT));
    return kept >= LEAST && kept <= MOST ? kept / devicePixelRatio : null;
}

/** A card is so many CSS pixels wide. */
export function measured(card: number) {
    localStorage.setItem(KEPT, String((card * devicePixelRatio) / CARD_MM));
    listeners.forEach((listener) => listener());
}

export const useScreen = () => useSyncExternalStore(listen, pixelsPerMm);
