import { useEffect, useRef, useState } from 'react';

/** What was asked for before it could be done, such as Enter on words that are still being read: done as soon as it can be. */
export function useAwaited<T>(isReady: boolean, act: (what: T) => void) {
    const [awaited, setAwaited] = useState<T | null>(null);
    const latest = useRef(act);
    useEffect(() => {
        latest.current = act;
    });
    useEffect(() => {
        if (awaited !== null && isReady) {
            setAwaited(null);
            latest.current(awaited);
        }
    }, [awaited, isReady]);
    return setAwaited;
}
