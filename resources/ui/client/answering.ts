import { useCallback, useEffect, useState } from 'react';
import type { Shown, ShownPrint } from '@/api/types';

export interface Answer {
    print: ShownPrint;
    isYes: boolean;
    note?: string;
}

/** What is shown, and what is answered to it. The page looks again whenever it is come back to. */
export function useAnswering(first: Shown) {
    const [shown, setShown] = useState(first);
    const [trouble, setTrouble] = useState<string | null>(null);
    const [isSending, setIsSending] = useState(false);
    useEffect(() => {
        const look = () => {
            if (document.visibilityState === 'visible') {
                void fetch(first.lookAt, { headers: { Accept: 'application/json' } })
                    .then((answer) => (answer.ok ? (answer.json() as Promise<Shown>) : null))
                    .then((now) => now && setShown(now))
                    .catch(() => undefined);
            }
        };
        if (!first.isAll) {
            look();
        }
        document.addEventListener('visibilitychange', look);
        return () => document.removeEventListener('visibilitychange', look);
    }, [first.lookAt, first.isAll]);
    const send = useCallback(
        async (answers: Answer[]) => {
            setIsSending(true);
            setTrouble(null);
            try {
                const response = await fetch(shown.answerAt, {
                    method: 'POST',
                    headers: { Accept: 'application/json', 'Content-Type': 'application/json' },
                    body: JSON.stringify({
                        answers: answers.map(({ print, isYes, note }) => ({
                            line: print.line,
                            version: print.version,
                            isYes,
                            note,
                        })),
                    }),
                });
                const body = (await response.json().catch(() => ({}))) as Shown & { message?: string; shown?: Shown };
                if (body.shown) {
                    setShown(body.shown);
                }
                if (!response.ok) {
                    throw new Error(body.message ?? 'The answer didn’t arrive. Try it again.');
                }
                setShown(body);
                return true;
            } catch (failed) {
                setTrouble(
                    failed instanceof TypeError
                        ? 'The studio can’t be reached just now. Try it again.'
                        : (failed as Error).message,
                );
                return false;
            } finally {
                setIsSending(false);
            }
        },
        [shown.answerAt],
    );
    return { shown, send, trouble, isSending };
}
