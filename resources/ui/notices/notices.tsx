import { createContext, useCallback, useContext, useMemo, useRef, useState, type ReactNode } from 'react';

interface Notice {
    id: number;
    text: string;
    act?: { label: string; run: () => void };
}

interface Notices {
    /** Shows words at the foot of the page; those that last stay until they are put away. */
    say: (text: string, options?: { lasts?: boolean; act?: Notice['act'] }) => void;
}

const SHORT_MS = 5000;
const NoticesContext = createContext<Notices>({ say: () => undefined });

export const useNotices = () => useContext(NoticesContext);

export function NoticesAtFoot({ children }: { children: ReactNode }) {
    const [shown, setShown] = useState<Notice[]>([]);
    const next = useRef(1);
    const away = useCallback((id: number) => setShown((all) => all.filter((notice) => notice.id !== id)), []);
    const say = useCallback<Notices['say']>(
        (text, options = {}) => {
            const id = next.current++;
            setShown((all) => [...all.filter((notice) => notice.text !== text).slice(-2), { id, text, act: options.act }]);
            if (!options.lasts) {
                setTimeout(() => away(id), SHORT_MS);
            }
        },
        [away],
    );
    const notices = useMemo(() => ({ say }), [say]);
    return (
        <NoticesContext value={notices}>
            {children}
            <div
                role="status"
                aria-live="polite"
                className="fixed bottom-4 left-1/2 z-50 flex w-[34rem] max-w-[90vw] -translate-x-1/2 flex-col gap-2"
            >
                {shown.map((notice) => (
                    <div
                        key={notice.id}
                        className="flex items-start gap-4 rounded bg-ink px-4 py-3 text-small text-white shadow-lg"
                    >
                        <p className="grow">{notice.text}</p>
                        {notice.act && (
                            <button
                                className="font-semibold whitespace-nowrap underline underline-offset-4"
                                onClick={() => {
                                    notice.act?.run();
                                    away(notice.id);
                                }}
                            >
                                {notice.act.label}
                            </button>
                        )}
                        <button
                            aria-label="Put this away"
                            className="px-1 text-base leading-none"
                            onClick={() => away(notice.id)}
                        >
                            ×
                        </button>
                    </div>
                ))}
            </div>
        </NoticesContext>
    );
}
