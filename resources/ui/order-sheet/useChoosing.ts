import { useRef, type Dispatch, type SetStateAction } from 'react';
import type { LineView } from '@/api/types';

/** Lines are chosen one by one, from one to another with Shift, or many at once. */
export function useChoosing(
    lines: LineView[],
    chosen: ReadonlySet<number>,
    setChosen: Dispatch<SetStateAction<ReadonlySet<number>>>,
) {
    const last = useRef<number | null>(null);
    return {
        one: (id: number, choose: boolean, isRange: boolean) => {
            const [from, to] = [last.current, id].map((of) => lines.findIndex((line) => line.id === of));
            const ids =
                isRange && from! >= 0 ? lines.slice(Math.min(from!, to!), Math.max(from!, to!) + 1).map((line) => line.id) : [id];
            last.current = id;
            setChosen(new Set(choose ? [...chosen, ...ids] : [...chosen].filter((of) => !ids.includes(of))));
        },
        many: (ids: number[]) => {
            last.current = null;
            setChosen(new Set(ids));
        },
    };
}
