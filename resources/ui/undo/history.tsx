import { createContext, useCallback, useContext, useMemo, useRef, useState, type ReactNode } from 'react';
import { Stacks, type Step, type Told } from './stacks';

interface Histories extends Told {
    of: (order: number) => Stacks;
}

const HistoriesContext = createContext<Histories>({
    of: () => new Stacks(),
    failed: () => undefined,
    changed: () => undefined,
});

interface KeptProps {
    onFailed: Told['failed'];
    children: ReactNode;
}

/** What was done to each order, kept while the application is open. */
export function HistoryKept({ onFailed, children }: KeptProps) {
    const stacks = useRef(new Map<number, Stacks>());
    const [turn, setTurn] = useState(0);
    const of = useCallback((order: number) => {
        const held = stacks.current.get(order) ?? new Stacks();
        stacks.current.set(order, held);
        return held;
    }, []);
    // A new value each time, so that whoever shows a history shows it anew.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    const histories = useMemo(() => ({ of, failed: onFailed, changed: () => setTurn((now) => now + 1) }), [of, onFailed, turn]);
    return <HistoriesContext value={histories}>{children}</HistoriesContext>;
}

export function useHistory(order: number) {
    const histories = useContext(HistoriesContext);
    const stacks = () => histories.of(order);
    return {
        add: (step: Step) => {
            stacks().add(step);
            histories.changed();
        },
        /** Runs what adds a step when it is done; undo waits for it. */
        during: <T,>(act: () => Promise<T>) => stacks().during(act),
        /** The earliest version that a line's version is the same as. */
        earliest: (line: number, version: number) => stacks().earliest(line, version),
        isSame: (line: number, version: number, as: number) => stacks().isSame(line, version, as),
        undo: () => stacks().undo(histories),
        redo: () => stacks().redo(histories),
        canUndo: stacks().canUndo,
        canRedo: stacks().canRedo,
    };
}
