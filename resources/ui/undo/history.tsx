import { createContext, useCallback, useContext, useMemo, useRef, useState, type ReactNode } from 'react';

/** Something that was done and can be taken back, and done again. Fails with words when it can't be any more. */
export interface Step {
    back: () => Promise<void>;
    forth: () => Promise<void>;
}

interface Stacks {
    done: Step[];
    undone: Step[];
    /** versions of lines that are the same as an earlier one, since they were put back to it: “line:version” → version */
    sameAs: Map<string, number>;
    /** the step that is being taken: each waits for the one before, however fast the keys are pressed */
    taking: Promise<void>;
}

const empty = (): Stacks => ({ done: [], undone: [], sameAs: new Map(), taking: Promise.resolve() });

interface Histories {
    of: (order: number) => Stacks;
    /** told why a step can't be taken, in words */
    failed: (words: string) => void;
    changed: () => void;
}

const HistoriesContext = createContext<Histories>({ of: empty, failed: () => undefined, changed: () => undefined });

interface KeptProps {
    onFailed: Histories['failed'];
    children: ReactNode;
}

/** What was done to each order, kept while the application is open. */
export function HistoryKept({ onFailed, children }: KeptProps) {
    const stacks = useRef(new Map<number, Stacks>());
    const [turn, setTurn] = useState(0);
    const of = useCallback((order: number) => {
        const held = stacks.current.get(order) ?? empty();
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
    const take = async (stacks: Stacks, from: 'done' | 'undone') => {
        const step = stacks[from].pop();
        if (!step) {
            return;
        }
        histories.changed();
        try {
            await (from === 'done' ? step.back() : step.forth());
            stacks[from === 'done' ? 'undone' : 'done'].push(step);
        } catch (error) {
            histories.failed((error as Error).message);
        }
        histories.changed();
    };
    const move = (from: 'done' | 'undone') => {
        const stacks = histories.of(order);
        stacks.taking = stacks.taking.then(() => take(stacks, from));
        return stacks.taking;
    };
    return {
        add: (step: Step) => {
            const stacks = histories.of(order);
            stacks.done.push(step);
            stacks.undone = [];
            histories.changed();
        },
        /** The earliest version that a line's version is the same as. */
        earliest: (line: number, version: number): number => histories.of(order).sameAs.get(`${line}:${version}`) ?? version,
        isSame: (line: number, version: number, as: number) => void histories.of(order).sameAs.set(`${line}:${version}`, as),
        undo: () => move('done'),
        redo: () => move('undone'),
        canUndo: histories.of(order).done.length > 0,
        canRedo: histories.of(order).undone.length > 0,
    };
}
