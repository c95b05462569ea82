import { useEffect, useRef, useState } from 'react';
import { useSeen } from '@/api/views';
import type { LineView } from '@/api/types';
import { useKeys } from '@/keys/useKeys';

/** P held longer than this shows the paper only while it is held; pressed, it stays on paper. Milliseconds. */
const HELD_MS = 500;

/** How the drawing is looked at: as the file is, on its paper (P, until pressed again), split, with what is out of gamut hatched. */
export function useProof(line: LineView) {
    const [isShown, setIsShown] = useState(false);
    const [isSplit, setIsSplit] = useState(false);
    const [hatches, setHatches] = useState(false);
    /** where the split is, in shares of the drawing's width */
    const [split, setSplit] = useState(0.5);
    /** when P went down that showed it */
    const since = useRef<number | null>(null);
    const can = line.planHash !== null && line.uses.paper?.profile != null;
    useKeys({
        p: ({ repeat, timeStamp }) => {
            if (can && !repeat) {
                since.current = isShown ? null : timeStamp;
                setIsShown(!isShown);
            }
        },
        g: () => setHatches((now) => !now && line.planHash !== null),
    });
    useEffect(() => {
        const up = (event: KeyboardEvent) => {
            if (event.key.toLowerCase() === 'p' && since.current !== null && event.timeStamp - since.current > HELD_MS) {
                setIsShown(false);
            }
        };
        window.addEventListener('keyup', up);
        return () => window.removeEventListener('keyup', up);
    }, []);
    const seen = useSeen(line);
    return {
        can,
        isOn: can && (isShown || isSplit),
        isSplit: can && isSplit && !isShown,
        /** the left of the split is the same with nothing lifted for its paper: tone before and after */
        isBeforeAndAfter: can && isSplit && !isShown && line.line.forPaper !== undefined,
        hatches,
        split,
        setSplit,
        toggleSplit: () => setIsSplit((now) => !now),
        toggleHatches: () => setHatches((now) => !now),
        toggle: () => setIsShown((now) => !now),
        seen: seen.data ?? null,
        trouble: seen.error,
    };
}

export type ProofView = ReturnType<typeof useProof>;
