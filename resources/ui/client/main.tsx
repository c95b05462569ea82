import '../page.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import type { Shown } from '@/api/types';
import { ShownPage } from './ShownPage';

const root = document.getElementById('shown')!;

createRoot(root).render(
    <StrictMode>
        <ShownPage first={JSON.parse(root.dataset.shown!) as Shown} />
    </StrictMode>,
);
