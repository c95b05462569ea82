import { isField, isHome, over } from './home';
import { Pace, type Refusal } from './pace';

/** What the hand does, from key to key and page to page: one for all that minds keys. */
const pace = new Pace();
const refusals = new WeakMap<Event, Refusal>();
/** pressed while something lay over the page: keys were its own, even one that has closed it since */
const overPage = new WeakSet<Event>();
let told: (why: Refusal, key: string) => void = () => undefined;
let timer = 0;

/** Why a press of keys does nothing, if so. */
export const refusalOf = (event: KeyboardEvent) => refusals.get(event);

export const isOverPage = (event: KeyboardEvent) => overPage.has(event);

/** A key would have acted, but for that. */
export const refused = (why: Refusal, key: string) => told(why, key);

export function pageChanged() {
    pace.pageChanged(performance.now());
    showRest();
}

/** Minds all keys from now on, and tells which of them did nothing; gives what ends that. */
export function mindKeys(tell: typeof told) {
    told = tell;
    const pressed = (event: KeyboardEvent) => {
        const isOver = over() !== undefined;
        if (isOver) {
            overPage.add(event);
        }
        if (event.ctrlKey || event.metaKey || (event.repeat && event.key !== 'Enter')) {
            return; // a key that is held is no word
        }
        const why = pace.pressed(event.key, event.timeStamp, !isOver && !isField(event.target));
        if (why && (why !== 'twice' || isHome(event.target))) {
            refusals.set(event, why);
        }
        showRest();
    };
    window.addEventListener('keydown', pressed, true);
    return () => window.removeEventListener('keydown', pressed, true);
}

/** Says on the page which keys rest, for as long as they do. */
function showRest() {
    const now = performance.now();
    const rests = { letters: pace.lettersRest(now), enter: pace.enterRests(now) };
    const which = Object.entries(rests).flatMap(([name, left]) => (left > 0 ? [name] : []));
    document.documentElement.dataset.rests = which.join(' ');
    clearTimeout(timer);
    if (which.length > 0) {
        timer = window.setTimeout(showRest, Math.min(...Object.values(rests).filter((left) => left > 0)) + 1);
    }
}
