import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

export const PICTURES = 'demo/pictures';
/** What the instance that is tested has on disk. */
export const INSTANCE = `var/${process.env.PLANISHER_INSTANCE ?? 'test'}`;
export const SIGNED_IN = `${INSTANCE}/signed-in.json`;
export const WREN = { email: 'wren@halloway.example', password: 'copper-and-paper' };

/** What the page may say on its console without a test failing: answers that a test has asked for. */
const EXPECTED = /status of (4\d\d|50\d)|ERR_FAILED|ERR_CONNECTION_RESET|ERR_INTERNET_DISCONNECTED|ERR_CACHE_MISS/;

/** A signed-in page that fails the test when the page has an error of its own. One sign-in serves all tests. */
export const test = base.extend<{ page: Page }, { studio: string }>({
    studio: [
        async ({ browser }, give) => {
            const path = SIGNED_IN; // a worker that takes over after a failure finds it here
            if (existsSync(path)) {
                return give(path);
            }
            const context = await browser.newContext({ baseURL: process.env.APP_URL });
            const page = await context.newPage();
            await signIn(page);
            await context.storageState({ path });
            await context.close();
            await give(path);
        },
        { scope: 'worker' },
    ],
    storageState: ({ studio }, give) => give(studio),
    page: async ({ page }, give) => {
        const wrong: string[] = [];
        page.on(
            'console',
            (message) => message.type() === 'error' && !EXPECTED.test(message.text()) && wrong.push(message.text()),
        );
        page.on('pageerror', (error) => wrong.push(error.message));
        atAPersonsPace(page);
        await give(page);
        expect(wrong).toEqual([]);
    },
});

export { expect };

/** Single letters and Enter are pressed no faster than a person decides: what comes faster is typing to the page, and does nothing. */
function atAPersonsPace(page: Page) {
    const press = page.keyboard.press.bind(page.keyboard);
    page.keyboard.press = async (key, options) => {
        const rests = key === 'Enter' ? 'enter' : /^[\p{L}\p{N}]$/u.test(key) ? 'letters' : null;
        if (rests) {
            await page.locator(`html:not([data-rests~=${rests}])`).waitFor({ state: 'attached' });
        }
        await press(key, options);
    };
}

export async function signIn(page: Page) {
    await page.goto('/');
    await page.getByLabel('E-mail').fill(WREN.email);
    await page.getByLabel('Password').fill(WREN.password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'On the desk' })).toBeVisible();
}

/** Opens a new order through the page and stands on its empty order sheet. */
export async function newOrder(page: Page, client: string, lab = 'Larkmoor Print Lab') {
    await page.goto('/');
    await page.getByRole('button', { name: 'New order' }).click();
    const dialog = page.getByRole('dialog', { name: 'New order' });
    await dialog.getByLabel('Client').fill(client);
    await dialog.getByRole('radio', { name: lab }).click();
    await dialog.getByRole('button', { name: 'Open its order sheet' }).click();
    await expect(page.getByRole('heading', { name: client })).toBeVisible();
}

export async function addPictures(page: Page, ...paths: string[]) {
    await page.getByLabel('Add pictures').setInputFiles(paths);
    for (const path of paths) {
        await expect(page.getByRole('complementary', { name: 'Pictures' }).getByText(path.split('/').at(-1)!)).toBeVisible({
            timeout: 30_000,
        });
    }
    await expect(page.getByRole('progressbar', { name: /sent|measuring|waiting/ })).toHaveCount(0, { timeout: 30_000 });
}

/** Writes down what was ordered, in words, and takes it; what isn't wholly clear is taken as it was read. */
export async function addLine(page: Page, size: string, prints: number, picture?: string) {
    const lines = page.getByRole('main').getByRole('list').first().getByRole('listitem');
    const before = await lines.count();
    const field = page.getByRole('textbox', { name: /What was ordered/ });
    await field.fill(`${prints} of ${picture ? `${picture}, ` : ''}${size}`);
    await expect(page.getByRole('list', { name: 'How it was read' })).toHaveAttribute('aria-busy', 'false');
    const isSure = (await page.locator('[data-sure=false]').count()) === 0;
    await field.press('Enter');
    if (!isSure) {
        await expect(page.getByRole('button', { name: /^Add this line/ })).toBeVisible();
        await field.press('Enter');
    }
    await expect(lines).toHaveCount(before + 1);
}

/** Opens a word of the sentence by its popover's title and gives the popover. */
export async function openWord(page: Page, title: string) {
    await page
        .getByTestId('sentence')
        .getByRole('button', { name: new RegExp(`${title}$`) })
        .click();
    return page.getByRole('dialog', { name: title });
}

export const fact = (page: Page, figure: string | RegExp) => page.getByTestId('facts').getByText(figure);

/** Pictures dropped on a place as a person would from the desktop. */
export async function dropFile(page: Page, place: ReturnType<Page['locator']>, ...paths: string[]) {
    const files = paths.map((path) => [readFileSync(path).toString('base64'), path.split('/').at(-1)!]);
    const transfer = await page.evaluateHandle((all) => {
        const data = new DataTransfer();
        for (const [base64, name] of all) {
            const raw = Uint8Array.from(atob(base64!), (letter) => letter.charCodeAt(0));
            data.items.add(new File([raw], name!, { type: 'image/jpeg' }));
        }
        return data;
    }, files);
    await place.dispatchEvent('dragover', { dataTransfer: transfer });
    await place.dispatchEvent('drop', { dataTransfer: transfer });
}

/** Presses a download and gives where the file lies. */
export async function download(page: Page, press: () => Promise<void>) {
    const folder = join(tmpdir(), `planisher-downloads-${process.pid}`);
    mkdirSync(folder, { recursive: true });
    const started = page.waitForEvent('download');
    await press();
    const file = await started;
    const path = join(folder, file.suggestedFilename());
    await file.saveAs(path);
    return path;
}

/** A picture of a size, painted by ImageMagick: the same each time. A plasma is painted small, which takes a tenth of the time. */
export function painted(name: string, size: string, what = 'plasma:tan-steelblue') {
    const path = join(mkdtempSync(join(tmpdir(), 'planisher-painted-')), name);
    const small = what.startsWith('plasma') ? size.replaceAll(/\d+/g, (side) => `${Math.ceil(Number(side) / 8)}`) : size;
    tool('/usr/bin/convert', '-seed', '7', '-size', small, what, '-resize', `${size}!`, '-quality', '90', path);
    return path;
}

const taken = new Map<string, string>();

/** A picture as a camera hands it over: its profile in it, and with what it was exposed. Each name has colours of its own. */
export function photographed(name: string, size = '4200x2800') {
    const known = taken.get(name);
    if (known) {
        return known;
    }
    const path = join(mkdtempSync(join(tmpdir(), 'planisher-photographed-')), name);
    const seed = createHash('sha256').update(name).digest();
    const colours = `gradient:rgb(${seed[0]! % 200},90,${seed[1]! % 200})-rgb(220,225,230)`;
    tool('/usr/bin/convert', '-size', size, colours, '-profile', 'imaging/profiles/srgb.icc', '-quality', '88', path);
    tool('exiftool', '-q', '-overwrite_original', '-FNumber=8', '-ExposureTime=1/250', '-ISO=200', '-FocalLength=35', path);
    taken.set(name, path);
    return path;
}

/** What another program says of a file. */
export const tool = (command: string, ...args: string[]) => execFileSync(command, args, { encoding: 'utf8' });

/** The mean difference of two parts of files, of 255, as ImageMagick measures it. */
export const differ = (one: string[], other: string[]) =>
    Number(
        tool(
            '/usr/bin/convert',
            ...['(', ...one, '+repage', ')', '(', ...other, '+repage', ')'],
            ...['-compose', 'difference', '-composite', '-format', '%[fx:255*mean]', 'info:'],
        ),
    );

export const exif = (path: string) =>
    (JSON.parse(tool('exiftool', '-json', '-G1', '-n', path)) as Record<string, string | number>[])[0]!;

/** All of a page, or the popover that lies over it: the page below was looked at before. */
export async function audit(page: Page, within?: string) {
    if (!within) {
        await page.waitForLoadState('networkidle');
    }
    // Without a second window, which is for pages with frames of others: ours have none.
    const axe = new AxeBuilder({ page }).setLegacyMode().withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']);
    const { violations } = await (within ? axe.include(within) : axe).analyze();
    expect(violations.map(({ id, nodes }) => [id, nodes.map((node) => node.html)])).toEqual([]);
}
