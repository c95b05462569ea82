import type { PixelRect } from '@/api/types';

/** What is wanted of a window: its centre in fractions of the picture, how tight it is. */
export interface WantedWindow {
    x: number;
    y: number;
    tight: number;
}

const TIGHTEST = 40;

interface Sides {
    width: number;
    height: number;
}

/**
 * The window while it is being dragged, until the server's answer arrives; core's Window is the rule. Not rounded to
 * whole pixels, so that it follows the hand.
 */
export function draggedRect(window: WantedWindow, picture: Sides, paper: Sides): PixelRect {
    const wide = picture.width * paper.height > picture.height * paper.width;
    const width = (wide ? (picture.height * paper.width) / paper.height : picture.width) / window.tight;
    const height = (wide ? picture.height : (picture.width * paper.height) / paper.width) / window.tight;
    const clamp = (value: number, most: number) => Math.max(0, Math.min(most, value));
    return {
        x: clamp(window.x * picture.width - width / 2, picture.width - width),
        y: clamp(window.y * picture.height - height / 2, picture.height - height),
        width,
        height,
    };
}

/** The window moved so that the picture follows by so many of its own pixels, and kept inside. */
export function moved(window: WantedWindow, by: { x: number; y: number }, picture: Sides, paper: Sides): WantedWindow {
    const rect = draggedRect(
        { ...window, x: window.x - by.x / picture.width, y: window.y - by.y / picture.height },
        picture,
        paper,
    );
    return centred(rect, window.tight, picture);
}

/** Tighter (above 1) or looser about its centre. */
export function tightened(window: WantedWindow, by: number, picture: Sides, paper: Sides): WantedWindow {
    const tight = Math.max(1, Math.min(TIGHTEST, window.tight * by));
    return centred(draggedRect({ ...window, tight }, picture, paper), tight, picture);
}

const round = (value: number) => Math.round(value * 1e6) / 1e6;

const centred = (rect: PixelRect, tight: number, picture: Sides): WantedWindow => ({
    x: round((rect.x + rect.width / 2) / picture.width),
    y: round((rect.y + rect.height / 2) / picture.height),
    tight: round(tight),
});
