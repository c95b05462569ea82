const KEPT = 'planisher.kept.';

/** What was typed under a name and isn't done with, by this browser; null where there is nothing. */
export const keptWords = (name: string) => localStorage.getItem(KEPT + name);

/** Keeps words until they are done with: null. A browser that is full keeps none; what is typed stands on the page all the same. */
export function keepWords(name: string, words: string | null) {
    localStorage.removeItem(KEPT + name);
    if (words !== null) {
        try {
            localStorage.setItem(KEPT + name, words);
        } catch {
            // full: see above
        }
    }
}

/** At sign-out nothing of it stays. */
export function forgetKept() {
    Object.keys(localStorage)
        .filter((name) => name.startsWith(KEPT))
        .forEach((name) => localStorage.removeItem(name));
}
