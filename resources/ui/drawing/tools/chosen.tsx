import { createContext, useContext, useState, type ReactNode } from 'react';

interface Chosen {
    /** which print of a line that carries several, by its number on the drawing from 0; null for the whole */
    chosen: number | null;
    choose: (print: number | null) => void;
    /** whether the numbered cuts are drawn */
    showsCuts: boolean;
    showCuts: (shows: boolean) => void;
}

const NOTHING = { chosen: null, choose: () => undefined, showsCuts: false, showCuts: () => undefined };
const ChosenContext = createContext<Chosen>(NOTHING);

/** What is chosen on the drawing: kept while the line is on the bench. */
export function ChosenKept({ children }: { children: ReactNode }) {
    const [chosen, choose] = useState<number | null>(null);
    const [showsCuts, showCuts] = useState(false);
    return <ChosenContext value={{ chosen, choose, showsCuts, showCuts }}>{children}</ChosenContext>;
}

export const useChosen = () => useContext(ChosenContext);
