import { useSyncExternalStore } from 'react';

/**
 * Whether single letters, figures and signs act only with Alt (WCAG 2.1.4: some hands, and voices, press them unmeant). Kept by the
 * browser, for each person who signs in on it.
 */
const KEPT = 'planisher.letters-want-alt.';
let person = '';
const listeners = new Set<() => void>();

const tellAll = () => listeners.forEach((listener) => listener());

export const lettersWantAlt = () => person !== '' && localStorage.getItem(KEPT + person) !== null;

/** Whose choice it is from now on. */
export function lettersOf(who: string) {
    person = who;
    tellAll();
}

export function setLettersWantAlt(wants: boolean) {
    if (wants) {
        localStorage.setItem(KEPT + person, 'yes');
    } else {
        localStorage.removeItem(KEPT + person);
    }
    tellAll();
}

const listen = (listener: () => void) => {
    listeners.add(listener);
    return () => void listeners.delete(listener);
};

export const useLettersWantAlt = () => useSyncExternalStore(listen, lettersWantAlt);
