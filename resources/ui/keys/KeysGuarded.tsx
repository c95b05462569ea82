import { useEffect, useRef } from 'react';
import { useLocation } from 'react-router';
import { useMe } from '@/api/people';
import { useNotices } from '@/notices/notices';
import { mindKeys, pageChanged } from './guard';
import { arrive, keepFocus } from './home';
import { lettersOf } from './letters';
import type { Refusal } from './pace';

const WORDS: Record<Refusal, (key: string) => string> = {
    typing: () => 'Letters that come so fast are typing: here they do nothing. Press one by itself.',
    'page-changed': (key) =>
        `The page has only just changed, so ${key.toUpperCase()} did nothing. Press it again if it was meant.`,
    twice: () => 'A second Enter so fast does nothing. Press it once more if it was meant.',
};

/** Of an address, which page it is: lines of one bench, orders of one sheet are the same. */
const kindOf = (pathname: string) => pathname.replaceAll(/\d+/g, '#');

/** Minds the keyboard: where the focus is, what comes too fast to be meant, whose letters want Alt. */
export function KeysGuarded() {
    const { say } = useNotices();
    const me = useMe().data;
    const { pathname } = useLocation();
    const before = useRef(pathname);
    useEffect(() => mindKeys((why, key) => say(WORDS[why](key))), [say]);
    useEffect(() => keepFocus(), []);
    useEffect(() => lettersOf(me?.email ?? ''), [me?.email]);
    useEffect(() => {
        if (before.current !== pathname) {
            if (kindOf(before.current) !== kindOf(pathname)) {
                pageChanged();
            }
            before.current = pathname;
            arrive();
        }
    }, [pathname]);
    return null;
}
