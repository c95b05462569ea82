import { useState } from 'react';

/** What a line keeps several of, one of them shown at a time: changed by itself, or taken away. */
export function useListed<One extends object>(all: One[], keep: (changed: (now: One[]) => One[]) => Promise<unknown>) {
    const [shown, show] = useState(0);
    const at = Math.min(shown, all.length - 1);
    return {
        at,
        one: all[at],
        show,
        set: (next: Partial<One>) => keep((now) => now.map((one, i) => (i === at ? { ...one, ...next } : one))),
        add: (one: One) => {
            show(all.length);
            return keep((now) => [...now, one]);
        },
        takeAway: () => keep((now) => now.filter((_, i) => i !== at)),
    };
}
