import { useState, type FocusEvent, type KeyboardEvent } from 'react';
import { nextOf } from './roving';

const THINGS = '[data-roving]';

/** Many things alike are one stop for Tab: arrows go from one to the next, and Tab comes back to where one was. */
export function useRoving() {
    const [at, setAt] = useState(0);
    const all = (list: Element) => [...list.querySelectorAll<HTMLElement>(THINGS)];
    return {
        /** of the list around them */
        list: {
            onFocus: ({ currentTarget, target }: FocusEvent<HTMLElement>) => {
                const here = all(currentTarget).indexOf(target as HTMLElement);
                if (here >= 0) {
                    setAt(here);
                }
            },
            onKeyDown: (event: KeyboardEvent<HTMLElement>) => {
                const things = all(event.currentTarget);
                const here = things.indexOf(event.target as HTMLElement);
                const next =
                    here < 0
                        ? null
                        : nextOf(
                              event.key,
                              here,
                              things.map((thing) => Math.round(thing.getBoundingClientRect().top)),
                          );
                if (next !== null) {
                    event.preventDefault();
                    event.stopPropagation();
                    things[next]!.focus();
                }
            },
        },
        /** of one of them, of so many */
        thing: (i: number, many: number) => ({ 'data-roving': true, tabIndex: i === Math.min(at, many - 1) ? 0 : -1 }),
    };
}
