import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [
        laravel({ input: ['resources/ui/main.tsx', 'resources/ui/client/main.tsx', 'resources/ui/page.css'], refresh: false }),
        react(),
        tailwindcss(),
    ],
    resolve: { alias: { '@': new URL('./resources/ui', import.meta.url).pathname } },
});
