// Takes the pictures of the main views from a freshly seeded, running demo:  node docs/screenshots/take.mjs [ADDRESS] [FOLDER]
import { execFileSync } from 'node:child_process';
import { chromium } from '@playwright/test';

const [address = 'http://127.0.0.1:8180', folder = 'docs/screenshots'] = process.argv.slice(2);
const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--no-first-run'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: address });
const take = async (name) => {
    await page.waitForLoadState('networkidle');
    await page.waitForTimeout(600);
    await page.screenshot({ path: `${folder}/${name}.png` });
};

await page.goto('/');
await page.getByLabel('E-mail').waitFor();
await page.getByLabel('E-mail').fill('wren@halloway.example');
await page.getByLabel('Password').fill('copper-and-paper');
await page.getByRole('button', { name: 'Sign in' }).click();
await page.getByRole('heading', { name: 'On the desk' }).waitFor();
await take('orders');
await page.getByRole('link', { name: 'Isholm Rowing Club' }).click();
await page.getByRole('heading', { name: 'Isholm Rowing Club' }).waitFor();
await take('order-sheet');
// The client's list, being read.
await page
    .getByRole('textbox', { name: /What was ordered/ })
    .fill(
        [
            'Hello Wren, could we please have',
            '2 of the point light 11x15, whole, thin line',
            '8x10:',
            '- old gears x 3',
            '- lone tree, no cropping',
            'canvas 2 in deep, mirrored, dark edges, of the dawn boat 20x30',
            'the tree and the boat as 30x40, on lustr',
            'all of them matte',
        ].join('\n'),
    );
await page.locator('[aria-label="How it was read"][aria-busy=false]').waitFor();
await page.getByText(/are clear/).scrollIntoViewIfNeeded();
await take('list-read');
await page.goto('/orders/1/look');
await page.getByRole('button', { name: /^Yes, for all/ }).waitFor();
for (let tries = 0; tries < 9 && (await page.getByRole('list', { name: 'What to look at' }).count()) === 0; tries++) {
    await page.keyboard.press('n'); // past what several lines have alike
    await page.waitForTimeout(300);
}
await page.getByTestId('preview').waitFor();
await take('look-at-each');
await page.goto('/orders/1/lines/5');
await page.getByTestId('preview').waitFor();
await page.keyboard.press('w');
await page.getByTestId('say-it').getByRole('textbox').fill('whole with 2 in to mat over, thin black line, optical centre');
await page.locator('[data-testid=say-it] [aria-busy=false]').waitFor();
await take('sentence-typed');
await page.goto('/orders/1/lines/3');
await page.getByTestId('preview').waitFor();
await page.keyboard.press('f');
await take('bench');
await page.goto('/orders/3/lines/13');
await page.getByTestId('turned').waitFor();
await take('bench-canvas');
await page.goto('/orders/3/lines/15');
await page.getByTestId('preview').first().waitFor();
await take('bench-panels');
await page.goto('/orders/4/lines/18');
await page.getByTestId('preview').first().waitFor();
await take('bench-sheet');
await page.goto('/orders/1/lines/4');
await page.getByRole('button', { name: 'Split' }).click();
await page.getByText(/Darkest tone/).waitFor();
await take('bench-on-paper');
await page.goto('/labs/1');
await page.getByRole('img', { name: /^Gamuts of/ }).waitFor();
await take('lab');
await page.goto('/orders/3/wall');
await page.getByLabel('180 cm line').check();
await take('on-the-wall');
// Lettering, typed on the drawing of a card.
await page.goto('/orders/4/lines/20');
await page.getByTestId('preview').waitFor();
await page.keyboard.press('l');
await page.keyboard.type('With thanks,\nand love to all of you');
await page.keyboard.press('Escape');
await page.getByTestId('preview').waitFor();
await page.getByTestId('block').dblclick();
await take('bench-lettering');
await page.keyboard.press('Escape');
// What the client sees.
await page.goto('/orders/3');
await page.getByRole('button', { name: 'Show the client' }).click();
await page.getByRole('button', { name: 'Make a link' }).click();
const link = await page.getByLabel('The link').first().inputValue();
const client = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
await client.goto(link);
await client.getByTestId('shown-print').first().waitFor();
await client.waitForLoadState('networkidle');
await client.waitForTimeout(800);
await client.screenshot({ path: `${folder}/client-page.png` });
await client.close();
await page.goto('/orders/1/make');
await page.getByRole('heading', { name: /^Files for/ }).waitFor();
if (await page.getByText('Nothing was made of this order yet').isVisible()) {
    await page.goto('/orders/1');
    await page.getByRole('button', { name: 'Make files' }).click();
}
await page
    .getByText(/(\d+) of \1 made and read back/)
    .first()
    .waitFor({ timeout: 120_000 });
await take('make');
// To the simulated lab, which is slow first; its port is five above the demo's, and it needs no key for its moods.
const lab = new URL(address);
lab.port = String(Number(lab.port) + 5);
const mood = (times) =>
    fetch(new URL('/moods', lab), { method: 'POST', body: new URLSearchParams({ mood: 'slow', times }), redirect: 'manual' });
await mood('100');
await page.goto('/orders/1/parcels');
await page.getByText(/prints? in all/).waitFor();
await take('to-the-lab');
await page.getByRole('button', { name: /^Pack and send/ }).click();
await page.getByText(/[1-9]\d* % is with/).waitFor({ timeout: 60_000 });
await mood('0');
await page.getByRole('group', { name: 'Receipt' }).waitFor({ timeout: 120_000 });
await page
    .getByRole('button', { name: /preview of/ })
    .first()
    .click();
await page
    .getByTestId('beside')
    .getByRole('img', { name: /as the lab/ })
    .waitFor();
await page.getByTestId('beside').scrollIntoViewIfNeeded();
await take('lab-answer');
const [sheet] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('j')]);
execFileSync('pdftoppm', ['-png', '-r', '96', '-singlefile', await sheet.path(), `${folder}/job-sheet`]);
// A test strip of a print, on the bench.
await page.goto('/orders/1/lines/2');
await page.getByTestId('preview').waitFor();
await page.getByTestId('sentence').getByRole('button', { name: /add/ }).click();
await page.getByText('lifted for paper').click();
await page.getByRole('group', { name: 'Print a test strip' }).getByRole('button', { name: 'lightness' }).click();
await page.getByTestId('test-strip').waitFor();
await page.getByTestId('preview').first().waitFor();
await take('test-strip');
await browser.close();
