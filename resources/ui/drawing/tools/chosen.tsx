import { createContext, useCallback, useContext, useState, type ReactNode } from 'react';

interface Chosen {
    /** which print of a line that carries several, by its number on the drawing from 0; null for the whole */
    chosen: number | null;
    choose: (print: number | null) => void;
    /** others that are chosen with it, by their numbers: what is said of their cell goes to all of them */
    also: readonly number[];
    /** chooses one more, or leaves it again */
    chooseAlso: (print: number) => void;
    /** whether the numbered cuts are drawn */
    showsCuts: boolean;
    showCuts: (shows: boolean) => void;
}

const NOTHING = {
    chosen: null,
    choose: () => undefined,
    also: [],
    chooseAlso: () => undefined,
    showsCuts: false,
    showCuts: () => undefined,
};
const ChosenContext = createContext<Chosen>(NOTHING);

/** What is chosen on the drawing: kept while the line is on the bench. */
export function ChosenKept({ children }: { children: ReactNode }) {
    const [chosen, setChosen] = useState<number | null>(null);
    const [also, setAlso] = useState<readonly number[]>([]);
    const choose = useCallback((print: number | null) => {
        setChosen(print);
        setAlso([]);
    }, []);
    const chooseAlso = (print: number) => {
        if (chosen === null) {
            setChosen(print);
        } else if (print !== chosen) {
            setAlso((held) => (held.includes(print) ? held.filter((one) => one !== print) : [...held, print]));
        }
    };
    const [showsCuts, showCuts] = useState(false);
    return <ChosenContext value={{ chosen, choose, also, chooseAlso, showsCuts, showCuts }}>{children}</ChosenContext>;
}

export const useChosen = () => useContext(ChosenContext);
