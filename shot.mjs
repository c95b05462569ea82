import { chromium } from '@playwright/test';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
page.on('console', (m) => ['error', 'warning'].includes(m.type()) && console.log('console:', m.text()));
page.on('pageerror', (e) => console.log('pageerror:', e.message));
page.on('response', (r) => r.status() >= 400 && console.log(r.status(), r.url()));
const base = process.env.BASE ?? 'http://127.0.0.1:8180';
const out = process.env.OUT ?? '/tmp/shots';
await page.goto(base + '/');
await page.waitForSelector('text=Sign in');
if (process.argv.includes('sign-in')) { await page.waitForTimeout(300); await page.screenshot({ path: `${out}/sign-in.png` }); }
await page.getByLabel('E-mail').fill('wren@halloway.example');
await page.getByLabel('Password').fill('copper-and-paper');
await page.getByRole('button', { name: 'Sign in' }).click();
await page.waitForSelector('text=On the desk');
export const snap = async (name) => { await page.waitForLoadState('networkidle').catch(() => {}); await page.waitForTimeout(500); await page.screenshot({ path: `${out}/${name}.png` }); };
const steps = (await import(process.argv[2])).default;
await steps(page, snap, base);
await browser.close();
