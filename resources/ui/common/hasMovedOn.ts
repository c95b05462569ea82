import { isHome } from '@/keys/home';

/**
 * Whether somebody went on elsewhere while a popover or menu closed. Then the focus isn't taken back to what had opened it:
 * that would close again what a quick hand has opened since.
 */
export function hasMovedOn(trigger: HTMLElement | null): boolean {
    const at = document.activeElement;
    return !isHome(at) && at !== trigger;
}
