import { createContext, useContext, useState, type ReactNode } from 'react';
import { cellLine } from '@/api/cells';
import type { LineView } from '@/api/types';
import { useChosen } from './chosen';

/** What is done with lettering on the drawing: a block typed, or moved; `at` is its number, one more than there are for a new one. */
export type Busy = { does: 'type' | 'move'; at: number } | null;

interface Kept {
    busy: Busy;
    set: (busy: Busy) => void;
    /** where a new block is put, in fractions of the paper */
    start: { x: number; y: number };
    begin: (at: number, start?: { x: number; y: number }) => void;
}

const MIDDLE = { x: 0.5, y: 0.5 };
const LetteringContext = createContext<Kept>({ busy: null, set: () => undefined, start: MIDDLE, begin: () => undefined });

export function LetteringKept({ children }: { children: ReactNode }) {
    const [busy, set] = useState<Busy>(null);
    const [start, setStart] = useState(MIDDLE);
    const begin = (at: number, from = MIDDLE) => {
        setStart(from);
        set({ does: 'type', at });
    };
    return <LetteringContext value={{ busy, set, start, begin }}>{children}</LetteringContext>;
}

export const useLettering = () => useContext(LetteringContext);

/** Begins a block of letters: on a sheet that carries prints in one of them, so that no cut goes through it. */
export function useNewLettering(line: LineView) {
    const { begin } = useLettering();
    const { choose } = useChosen();
    const first = line.cells.length > 0 ? line.drawing?.prints[0] : undefined;
    return () => {
        if (first) {
            choose(0);
        }
        begin((first ? cellLine(line, first.cell) : line).line.lettering?.length ?? 0);
    };
}
