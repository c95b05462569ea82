import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

export function CopiesWord({ line, change, close }: WordProps) {
    const set = (typed: string) => {
        const copies = /^\d{1,5}$/.test(typed) ? Number(typed) : NaN;
        return Number.isNaN(copies)
            ? Promise.reject(new Error(`“${typed}” is not a number. Write a whole number, such as 12.`))
            : change({ copies });
    };
    return (
        <Typed
            label="How many"
            value={String(line.line.copies ?? 1)}
            width="w-20"
            inputMode="numeric"
            onSet={set}
            onDone={close}
        />
    );
}
