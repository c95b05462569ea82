import './page.css';
import { QueryClientProvider } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { makeQueryClient } from './api/queries';
import { HistoryKept } from './common/history';
import { NoticesAtFoot } from './common/notices';
import { Pages } from './Pages';

setNonce(document.querySelector<HTMLMetaElement>('meta[name=csp-nonce]')?.content ?? '');

createRoot(document.getElementById('planisher')!).render(
    <StrictMode>
        <QueryClientProvider client={makeQueryClient()}>
            <BrowserRouter>
                <NoticesAtFoot>
                    <HistoryKept>
                        <Pages />
                    </HistoryKept>
                </NoticesAtFoot>
            </BrowserRouter>
        </QueryClientProvider>
    </StrictMode>,
);
