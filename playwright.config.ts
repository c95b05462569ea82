import { defineConfig } from '@playwright/test';

/** deploy/test starts the real stack these tests talk to, with its own database and ports. */
export default defineConfig({
    testDir: 'tests/browser',
    outputDir: 'var/results/browser',
    reporter: [['list'], ['junit', { outputFile: 'var/results/browser.xml' }]],
    workers: 1,
    timeout: 120_000, // where the machine is busy with other things, too
    expect: { timeout: 10_000 },
    use: {
        baseURL: process.env.APP_URL ?? 'http://127.0.0.1:8190',
        viewport: { width: 1280, height: 800 },
        trace: process.env.PLANISHER_TRACE ? 'retain-on-failure' : 'off', // recording it takes time in every test
        launchOptions: {
            executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
            args: [
                '--no-sandbox',
                '--disable-gpu',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
            ],
        },
    },
});
