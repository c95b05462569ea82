import { defineConfig } from 'vitest/config';

export default defineConfig({
    test: { include: ['tests/ui/**/*.test.ts'] },
    resolve: { alias: { '@': new URL('./resources/ui', import.meta.url).pathname } },
});
