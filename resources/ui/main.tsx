import './page.css';
import { QueryClientProvider } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { StrictMode, useCallback, type ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { makeQueryClient } from './api/query-client';
import { HistoryKept } from './undo/history';
import { NoticesAtFoot, useNotices } from '@/notices/notices';
import { KeysGuarded } from './keys/KeysGuarded';
import { Pages } from './Pages';

setNonce(document.querySelector<HTMLMetaElement>('meta[name=csp-nonce]')?.content ?? '');

/** A step that can't be undone any more is told at the foot of the page. */
function UndoKept({ children }: { children: ReactNode }) {
    const { say } = useNotices();
    const failed = useCallback((words: string) => say(words, { lasts: true }), [say]);
    return <HistoryKept onFailed={failed}>{children}</HistoryKept>;
}

createRoot(document.getElementById('planisher')!).render(
    <StrictMode>
        <QueryClientProvider client={makeQueryClient()}>
            <BrowserRouter>
                <NoticesAtFoot>
                    <UndoKept>
                        <KeysGuarded />
                        <Pages />
                    </UndoKept>
                </NoticesAtFoot>
            </BrowserRouter>
        </QueryClientProvider>
    </StrictMode>,
);
