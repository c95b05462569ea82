/**
 * Where the focus is when nothing else has it: the page's own place, shown there, never the page's body, where nobody sees it. Tab goes on
 * from what had it last.
 */
const home = () => document.querySelector<HTMLElement>('[data-home]');

/** What lies over the page and is open: there the focus stays, else it would close. */
const OVER = '[role=dialog], [role=menu], [role=listbox]';
export const over = () => [...document.querySelectorAll<HTMLElement>(OVER)].at(-1);

/** Whether words are typed into it. */
export const isField = (at: EventTarget | null) =>
    at instanceof Element && at.closest('input:not([type=checkbox]), select, textarea, [contenteditable]') !== null;

/** Whether keys are the page's: its own place has the focus, or nothing has. */
export const isHome = (at: EventTarget | null) => !(at instanceof Element) || at === document.body || at.matches('[data-home]');

/** What had the focus last, and all that it lay in: it may be gone by now. */
let left: Element[] = [];

/** Brings the focus home: what it was on is done with. */
export function goHome() {
    home()?.focus({ preventScroll: true });
}

/** A page has changed: what is done next is begun on it, unless a field of it waits already. */
export function arrive() {
    left = [];
    if (!isField(document.activeElement)) {
        goHome();
    }
}

/** Keeps the focus off the page's body from now on; gives what ends that. */
export function keepFocus() {
    let asked = 0;
    const look = () => {
        asked = 0;
        if ((document.activeElement ?? document.body) === document.body) {
            (over() ?? home())?.focus({ preventScroll: true });
        }
    };
    const soon = () => {
        asked ||= requestAnimationFrame(look);
    };
    const came = ({ target }: FocusEvent) => {
        if (target instanceof Element && !isHome(target) && target.closest(OVER) === null) {
            left = [];
            for (let at: Element | null = target; at; at = at.parentElement) {
                left.push(at);
            }
        }
    };
    const tabbed = (event: KeyboardEvent) => {
        if (event.key === 'Tab' && isHome(document.activeElement)) {
            goOnFrom(left.find((one) => one.isConnected));
        }
    };
    const changes = new MutationObserver(soon);
    changes.observe(document.body, { childList: true, subtree: true });
    document.addEventListener('focusin', came);
    document.addEventListener('focusout', soon);
    document.addEventListener('keydown', tabbed, true);
    soon();
    return () => {
        changes.disconnect();
        cancelAnimationFrame(asked);
        document.removeEventListener('focusin', came);
        document.removeEventListener('focusout', soon);
        document.removeEventListener('keydown', tabbed, true);
    };
}

/** The browser's Tab goes on from what has the focus: for a moment that is where it was. */
function goOnFrom(place: Element | undefined) {
    if (
        !(place instanceof HTMLElement || place instanceof SVGElement) ||
        place === document.body ||
        place.matches('[data-home]')
    ) {
        return;
    }
    const had = place.getAttribute('tabindex');
    if (place.tabIndex < 0) {
        place.setAttribute('tabindex', '-1');
    }
    place.focus({ preventScroll: true });
    if (had === null) {
        place.removeAttribute('tabindex');
    }
}
