import { useEffect, useState } from 'react';
import { useSeen } from '@/api/views';
import type { LineView } from '@/api/types';
import { useKeys } from '@/common/useKeys';

/** How the drawing is looked at: as the file is, on its paper (while P is held, or split), with what is out of gamut hatched. */
export function useProof(line: LineView) {
    const [isHeld, setIsHeld] = useState(false);
    const [isSplit, setIsSplit] = useState(false);
    const [hatches, setHatches] = useState(false);
    /** where the split is, in shares of the drawing's width */
    const [split, setSplit] = useState(0.5);
    const can = line.planHash !== null && line.uses.paper?.profile != null;
    useKeys({
        p: () => setIsHeld(can),
        g: () => setHatches((now) => !now && line.planHash !== null),
    });
    useEffect(() => {
        const up = (event: KeyboardEvent) => event.key.toLowerCase() === 'p' && setIsHeld(false);
        const away = () => setIsHeld(false);
        window.addEventListener('keyup', up);
        window.addEventListener('blur', away);
        return () => {
            window.removeEventListener('keyup', up);
            window.removeEventListener('blur', away);
        };
    }, []);
    const seen = useSeen(line);
    return {
        can,
        isOn: can && (isHeld || isSplit),
        isSplit: can && isSplit && !isHeld,
        hatches,
        split,
        setSplit,
        toggleSplit: () => setIsSplit((now) => !now),
        toggleHatches: () => setHatches((now) => !now),
        hold: setIsHeld,
        seen: seen.data ?? null,
        trouble: seen.error,
    };
}

export type ProofView = ReturnType<typeof useProof>;
