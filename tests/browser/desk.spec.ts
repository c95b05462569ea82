import { spawn, type ChildProcess } from 'node:child_process';
import { chmodSync, copyFileSync, existsSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import {
    addLine,
    addPictures,
    download,
    exif,
    expect,
    INSTANCE,
    newOrder,
    openWord,
    painted,
    PICTURES,
    test,
    tool,
} from './studio';

const PAGE = `Tidewater Prints – How to prepare your files

Please send JPEG files in sRGB at 300 ppi, at least 100 ppi.
Files must not be larger than 100 MB.
We print 20x30, 30x45 and 40x60 cm.
Every size can be had on lustre or matte paper.
Rounded corners are possible, too.`;

test('a lab from its pasted page, and a card that tells which lines change by it', async ({ page }) => {
    await page.goto('/labs');
    await page.getByRole('button', { name: 'Add a lab' }).click();
    await page.getByRole('button', { name: 'Paste what the lab says…' }).click();
    const says = page.getByRole('dialog', { name: 'What the lab says' });
    await says.getByRole('textbox').fill(PAGE);
    await says.getByRole('button', { name: 'Read it' }).click();
    const row = says.getByRole('row').filter({ hasText: '100 MB' });
    await expect(row).toContainText('“Files must not be larger than 100 MB.”');
    await expect(says.getByText('“Rounded corners are possible, too.”')).toBeVisible();
    await says.getByRole('checkbox', { name: /^Fill in Largest file/ }).uncheck();
    await says.getByRole('button', { name: 'Fill these in' }).click();
    await expect(page.getByText('3 sizes: 20 × 30 cm, 30 × 45 cm, 40 × 60 cm.')).toBeVisible();
    await page.goto('/labs');
    await expect(page.getByText('Tidewater Prints')).toHaveCount(0); // nothing was kept unseen

    await page.getByRole('button', { name: 'Add a lab' }).click();
    await page.getByRole('textbox', { name: 'Name' }).fill('Tidewater Prints');
    await page.getByRole('textbox', { name: 'Sizes' }).fill('20x30 cm, jumbo');
    await expect(page.getByRole('alert').filter({ hasText: '“jumbo” is no size' })).toBeVisible();
    await page.getByRole('textbox', { name: 'Sizes' }).fill('20x30 cm, 30 by 45 cm, A4');
    await page.getByRole('button', { name: 'Add this lab' }).click();
    await expect(page.getByRole('heading', { name: 'Tidewater Prints' })).toBeVisible();

    await newOrder(page, 'Keepers of Tarn Light', 'Tidewater Prints');
    await addPictures(page, `${PICTURES}/lone-tree.jpg`);
    await addLine(page, '20 x 30 cm', 1, 'lone-tree.jpg');
    await page.goto('/labs');
    await page.getByRole('link', { name: 'Tidewater Prints', exact: true }).click();
    await page.getByRole('button', { name: 'Change prints' }).click();
    await page.getByRole('textbox', { name: 'Sizes' }).fill('30 x 45 cm, A4');
    await expect(page.getByText(/^One open line changes by it/)).toBeVisible();
    await expect(page.getByText(/Keepers of Tarn Light, line 1, .*It comes out in/)).toBeVisible();
    await page.getByRole('button', { name: 'Keep the card' }).click();
    await expect(page.getByText('The card of Tidewater Prints is kept.')).toBeVisible();

    // out as a file, in again beside it, and removed; the one in use is not
    await page.getByRole('button', { name: 'More' }).click();
    const file = await download(page, () => page.getByRole('menuitem', { name: 'Export it as a file' }).click());
    await page.goto('/labs');
    await page.getByLabel('A lab card').setInputFiles(file);
    await expect(page.getByRole('heading', { name: 'Tidewater Prints (2)' })).toBeVisible();
    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: 'Remove it…' }).click();
    await page.getByRole('menuitem', { name: 'Remove it for good' }).click();
    await expect(page.getByText('Tidewater Prints (2) is removed.')).toBeVisible();
    await page.getByRole('link', { name: 'Tidewater Prints', exact: true }).click();
    await page.getByRole('button', { name: 'More' }).click();
    await page.getByRole('menuitem', { name: 'Remove it…' }).click();
    await page.getByRole('menuitem', { name: 'Remove it for good' }).click();
    await expect(page.getByText(/has open orders: 26/)).toBeVisible();
});

test('a second person joins, works, is removed and is out at once', async ({ page, browser }) => {
    await page.goto('/studio');
    const people = page.getByRole('region', { name: 'People' });
    await people.getByLabel('Name').fill('Ida Moss');
    await people.getByLabel('E-mail').fill('ida@halloway.example');
    await people.getByRole('button', { name: 'Add' }).click();
    const link = await people.getByLabel('The link for Ida Moss').inputValue();
    const context = await browser.newContext({ baseURL: process.env.APP_URL, storageState: { cookies: [], origins: [] } });
    const hers = await context.newPage();
    await hers.goto(link);
    await hers.getByLabel('A password, of twelve letters or more').fill('rain');
    await hers.getByRole('button', { name: 'Keep it and sign in' }).click();
    await expect(hers.getByText('12 letters at least')).toBeVisible();
    await hers.getByLabel('A password, of twelve letters or more').fill('rain on slate');
    await hers.getByRole('button', { name: 'Keep it and sign in' }).click();
    await hers.getByLabel('E-mail').fill('ida@halloway.example');
    await hers.getByLabel('Password').fill('rain on slate');
    await hers.getByRole('button', { name: 'Sign in' }).click();
    await expect(hers.getByRole('heading', { name: 'On the desk' })).toBeVisible();
    await newOrder(hers, 'Ottoline Marsh');
    await addLine(hers, '8 x 10 in', 2);
    const order = hers.url();

    await page.goto(order);
    await page.getByRole('button', { name: 'The order…' }).click();
    await page.getByRole('menuitem', { name: 'What was done' }).click();
    await expect(page.getByRole('dialog').getByText('Ida Moss added it · line 1')).toBeVisible();
    await page.goto('/studio');
    await people.getByRole('button', { name: 'Remove Ida Moss' }).click();
    await people.getByRole('button', { name: 'Remove Ida Moss for good' }).click();
    await expect(page.getByText('Ida Moss is removed, and out.')).toBeVisible();
    await hers.reload();
    await expect(hers.getByRole('button', { name: 'Sign in' })).toBeVisible();
    await hers.goto(link);
    await hers.getByLabel('A password, of twelve letters or more').fill('rain on slate');
    await hers.getByRole('button', { name: 'Keep it and sign in' }).click();
    await expect(hers.getByText('This link was used already')).toBeVisible();
    await context.close();
    await people.getByRole('button', { name: 'Remove Wren Halloway' }).click();
    await people.getByRole('button', { name: 'Remove Wren Halloway for good' }).click();
    await expect(page.getByText(/the last one here/)).toBeVisible();
});

test('the head of an order changes, and another lab is told first; it is copied, exported, removed, brought back', async ({
    page,
}) => {
    await newOrder(page, 'Isholm Rowing Club');
    await addPictures(page, `${PICTURES}/rowing-boat-dawn.jpg`);
    await addLine(page, '8 x 12 in', 1, 'rowing-boat-dawn.jpg');
    await page.getByRole('button', { name: 'Change client, name, day, lab or remarks' }).click();
    const head = page.getByRole('dialog', { name: 'The order' });
    await head.getByLabel('What it is called, if anything').fill('Spring races');
    await head.getByLabel('Due, if a day is set').fill('2026-12-24');
    await head.getByRole('radio', { name: 'Copperbeck Colour' }).click();
    await expect(head.getByText(/^One open line changes by it/)).toBeVisible();
    await head.getByLabel('Remark, for the lab').fill('no gloss, please');
    await head.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByRole('heading', { name: 'Isholm Rowing Club, spring races' })).toBeVisible();
    await expect(page.getByText('For the lab: no gloss, please')).toBeVisible();
    await page.getByRole('button', { name: 'A remark on line 1' }).click();
    await page.getByLabel('For ourselves').fill('ask for the oars');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('ask for the oars')).toBeVisible();

    const more = () => page.getByRole('button', { name: 'The order…' }).click();
    await more();
    const zip = await download(page, () => page.getByRole('menuitem', { name: 'Export it with its pictures' }).click());
    const first = page.url();
    await more();
    await page.getByRole('menuitem', { name: 'Copy it' }).click();
    await expect(page).not.toHaveURL(first);
    await expect(page.getByRole('heading', { name: 'Isholm Rowing Club, spring races' })).toBeVisible();
    await more();
    await page.getByRole('menuitem', { name: 'Put it away' }).click();
    await page.getByRole('button', { name: /^Put away [1-9]/ }).click();
    await page.getByRole('link', { name: 'Isholm Rowing Club' }).first().click();
    await more();
    await page.getByRole('menuitem', { name: 'Remove it' }).click();
    await page.getByRole('button', { name: /^Removed [1-9]/ }).click();
    await page.getByRole('button', { name: 'Bring it back' }).first().click();

    await page.goto('/');
    await page.getByLabel('An exported order').setInputFiles(zip);
    await expect(page.getByRole('heading', { name: 'Isholm Rowing Club, spring races' })).toBeVisible();
    await expect(page.getByText('ask for the oars')).toBeVisible();
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'On the desk' })).toBeVisible(); // before that nobody hears a key
    await expect(page.getByRole('navigation', { name: 'Where orders are' })).toBeVisible();
    await page.keyboard.press('/');
    await page.keyboard.type('8x12');
    await expect(page.getByRole('heading', { name: 'Orders with “8x12”' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Isholm Rowing Club' }).first()).toBeVisible();
    await page.getByRole('searchbox').fill('24 December');
    await expect(page.getByText('Spring races').first()).toBeVisible();
    await page.getByRole('searchbox').fill('no such order');
    await expect(page.getByText('No order fits that.')).toBeVisible();
});

test('pictures are taken from the folder by choosing, and new ones appear while one looks', async ({ page }) => {
    const folder = `${INSTANCE}/pictures-folder`;
    test.skip(!existsSync(folder), 'the tests’ own instance has it');
    const fresh = painted('fresh-slipway.jpg', '600x400');
    const name = `fresh-${Date.now()}.jpg`;
    await newOrder(page, 'Brindle Pottery');
    await page.getByRole('button', { name: 'From the pictures folder…' }).click();
    const dialog = page.getByRole('dialog', { name: 'The pictures folder' });
    await expect(dialog.getByRole('button', { name: /point-light\.jpg/ })).toBeVisible();
    await expect(dialog.getByLabel('rated 5 of 5')).toBeVisible();
    const sums = () =>
        tool(
            'sha256sum',
            ...readdirSync(folder, { withFileTypes: true })
                .filter((one) => one.isFile() && one.name !== name)
                .map((one) => join(folder, one.name)),
        );
    const before = sums();
    copyFileSync(fresh, join(folder, name));
    chmodSync(join(folder, name), 0o644);
    await expect(dialog.getByRole('button', { name: new RegExp(name) })).toBeVisible();
    await expect(dialog.getByRole('button', { name: new RegExp(name) })).toBeEnabled({ timeout: 15_000 });
    await dialog.getByRole('button', { name: new RegExp(name) }).click();
    await dialog.getByRole('button', { name: 'winter-fair ›' }).click();
    await dialog.getByRole('button', { name: /beehives\.jpg/ }).click();
    await dialog.getByRole('button', { name: 'Take 2 pictures' }).click();
    const pictures = page.getByRole('complementary', { name: 'Pictures' });
    await expect(pictures.getByText('beehives.jpg')).toBeVisible({ timeout: 20_000 });
    await expect(pictures.getByText(name)).toBeVisible({ timeout: 20_000 });
    expect(sums()).toBe(before);
    rmSync(join(folder, name));
});

test('a word with one choice closes when it is chosen, and the next Enter passes the line', async ({ page }) => {
    await newOrder(page, 'Ottoline Marsh');
    await page.goto('/');
    await page.getByRole('button', { name: 'New order' }).click();
    const dialog = page.getByRole('dialog', { name: 'New order' });
    await dialog.getByLabel('Client').fill('Ottoline Marsh');
    await dialog.getByRole('radio', { name: 'Larkmoor Print Lab' }).click();
    await page.keyboard.press('Enter'); // the radio has the focus
    await expect(page.getByText('No lines yet.')).toBeVisible();
    await addPictures(page, `${PICTURES}/lone-tree.jpg`);
    await addLine(page, '8 x 12 in', 1, 'lone-tree.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    const turn = await openWord(page, 'Which way up');
    await turn.getByRole('radio', { name: 'Portrait' }).click();
    await expect(turn).toHaveCount(0);
    await expect(page.getByTestId('sentence')).toContainText('portrait');
    const colour = await openWord(page, 'Kind of file');
    await colour.getByRole('radio', { name: /TIFF/ }).first().click();
    await expect(page.getByTestId('sentence')).toContainText('TIFF');
    await page.keyboard.press('Escape');
    await page.keyboard.press('Enter');
    await expect(page.getByText('Every line is passed')).toBeVisible();
});

test('a word that is opened the moment another closes stays open', async ({ page }) => {
    await page.goto('/orders/1/lines/3');
    await openWord(page, 'Which way up');
    await page.evaluate(() => {
        document.activeElement!.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true }));
        document.querySelector<HTMLElement>('[data-testid=sentence] [aria-label$="Kind of file"]')!.click();
    });
    await expect(page.getByRole('dialog', { name: 'Which way up' })).toHaveCount(0);
    await page.waitForTimeout(300); // nothing is to be seen of what would close it
    await expect(page.getByRole('dialog', { name: 'Kind of file' })).toBeVisible();
});

test('orders of before can’t be opened while those that are asked for come', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'On the desk' })).toBeVisible();
    let answer = () => undefined as void;
    const held = new Promise<void>((done) => (answer = done));
    await page.route('**/api/orders?where=away*', async (route) => {
        await held;
        await route.continue();
    });
    await page.getByRole('button', { name: /^Put away/ }).click();
    await expect(page.getByRole('heading', { name: 'Put away', level: 1 })).toBeVisible();
    const before = page.getByRole('main').getByRole('link').first();
    await expect(before).toBeVisible();
    await expect(before.click({ trial: true, timeout: 1000 })).rejects.toThrow(); // seen, but nothing to press
    answer();
    await expect(page.locator('main ul[inert]')).toHaveCount(0);
});

test.describe('a studio of one’s own', () => {
    const PORT = '8197';
    const OWN = 'own-test';
    let running: ChildProcess;
    const stopped = () => new Promise<void>((done) => running.once('exit', () => done()));

    test.beforeAll(async () => {
        test.setTimeout(180_000);
        rmSync(`var/${OWN}`, { recursive: true, force: true });
        running = spawn('bin/planisher', ['start', '--own'], {
            env: { ...clean(), PLANISHER_OWN: OWN, PLANISHER_PORT: PORT, PLANISHER_DB_PORT: '33397' },
        });
        await new Promise<void>((ready, failed) => {
            let said = '';
            const hear = (chunk: Buffer) => {
                said += chunk.toString();
                if (said.includes('ready at')) {
                    ready();
                }
            };
            running.stdout!.on('data', hear);
            running.stderr!.on('data', hear);
            running.once('exit', () => failed(new Error(said)));
        });
    });
    test.afterAll(async () => {
        test.setTimeout(60_000);
        const end = stopped();
        running.kill('SIGTERM');
        await end;
        rmSync(`var/${OWN}`, { recursive: true, force: true });
    });

    test.use({ storageState: { cookies: [], origins: [] }, baseURL: `http://127.0.0.1:${PORT}` });

    test('from its first page to its first file', async ({ page }) => {
        test.setTimeout(120_000);
        await page.goto('/');
        await page.getByLabel('What the studio is called').fill('Fenn & Daughter');
        await page.getByLabel('Your name').fill('Ada Fenn');
        await page.getByLabel('Your e-mail, to sign in with').fill('ada@fenn.example');
        await page.getByLabel('A password, of twelve letters or more').fill('rain');
        await page.getByRole('button', { name: 'Open the studio' }).click();
        await expect(page.getByText('12 letters at least')).toBeVisible();
        await expect(page.getByText('Choose inches or centimetres.')).toBeVisible();
        await page.getByLabel('A password, of twelve letters or more').fill('rain on slate');
        await page.getByRole('radio', { name: 'Centimetres' }).click();
        await page.getByRole('button', { name: 'Open the studio' }).click();

        // its first lab
        await expect(page.getByRole('heading', { name: 'A new lab' })).toBeVisible();
        await page.getByRole('textbox', { name: 'Name' }).fill('Tidewater Prints');
        await page.getByRole('textbox', { name: 'Sizes' }).fill('10x15, 20x30, A4');
        await page.getByRole('button', { name: 'Add this lab' }).click();

        // its first order
        await expect(page.getByRole('dialog', { name: 'New order' })).toBeVisible();
        await expect(page.getByText('No orders yet. Start with New order')).toBeVisible();
        await page.getByRole('dialog').getByLabel('Client').fill('Keepers of Tarn Light');
        await page.keyboard.press('Enter');
        await expect(page.getByText('No lines yet.')).toBeVisible();
        await addPictures(page, `${PICTURES}/lone-tree.jpg`);
        await addLine(page, '20 x 30', 1, 'lone-tree.jpg');
        await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
        await expect(page.getByTestId('sentence')).toContainText('20 × 30 cm');
        await expect(page.getByRole('img', { name: /^Scale: this bar is \d+(\.5)? cm$/ })).toBeVisible();
        await page.keyboard.press('Enter');
        await expect(page.getByText('Every line is passed')).toBeVisible();
        await page.getByRole('button', { name: 'Make files' }).click();
        await expect(page.getByText('1 of 1 made and read back')).toBeVisible({ timeout: 60_000 });
        await expect(page.getByText(/^30 × 20\scm$/)).toBeVisible();
        const made = exif(await download(page, () => page.getByRole('link', { name: /^Download keepers/ }).click()));
        expect([made['File:ImageWidth'], made['File:ImageHeight']]).toEqual([3543, 2362]); // 30 × 20 cm at 300 ppi
    });

    /** Without what this test's own instance is told by. */
    function clean() {
        return Object.fromEntries(
            Object.entries(process.env).filter(([key]) => !/^(APP_|DB_|LOG_|PLANISHER_(?!AS_ROOT))/.test(key)),
        );
    }
});

test('a studio of one’s own is told where the port is taken', async () => {
    const port = new URL(process.env.APP_URL ?? 'http://127.0.0.1:8190').port;
    const said = await new Promise<string>((done) => {
        let words = '';
        const tried = spawn('bin/planisher', ['start', '--own'], {
            env: { ...process.env, PLANISHER_OWN: 'own-taken', PLANISHER_PORT: port, PLANISHER_DB_PORT: '33398' },
        });
        tried.stderr.on('data', (chunk: Buffer) => (words += chunk.toString()));
        tried.once('exit', () => done(words));
    });
    rmSync('var/own-taken', { recursive: true, force: true });
    expect(said).toContain(`port ${port} is taken, perhaps by the demo. Stop that one, or set PLANISHER_PORT to another port.`);
});
