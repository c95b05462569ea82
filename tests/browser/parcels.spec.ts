import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { Hand } from './hand';
import { addPictures, audit, download, expect, newOrder, photographed, PICTURES, test, tool } from './studio';

const LAB = process.env.LABSIM_URL!;

/** Tells the simulated lab on its page what to do badly next. */
const badly = (mood: string, times = 1) =>
    fetch(`${LAB}/moods`, { method: 'POST', body: new URLSearchParams({ mood, times: String(times) }), redirect: 'manual' });

const parcel = (page: Page, number: number) => page.getByRole('region', { name: `Parcel ${number}` });
const isAt = (page: Page, number: number, state: RegExp) =>
    expect(parcel(page, number).getByRole('status').first()).toContainText(state, { timeout: 60_000 });

test('an order of twelve files to the receipt, through a dropped connection and a refusal', async ({ page }) => {
    test.setTimeout(240_000);
    await newOrder(page, 'Isholm Rowing Club');
    const hand = new Hand(page);
    const pictures = Array.from({ length: 12 }, (_, i) =>
        photographed(`regatta-${String(i + 1).padStart(2, '0')}.jpg`, '2100x1400'),
    );
    await hand.drop(page.getByRole('complementary', { name: 'Pictures' }), 'twelve pictures', ...pictures);
    await expect(page.getByText('Pictures · 12')).toBeVisible({ timeout: 90_000 });
    await hand.type(page.getByRole('textbox', { name: /What was ordered/ }), 'all in 4x6', 'all in one size');
    await hand.key('Control+Shift+Enter', 'add them, and go on');
    await page.waitForURL(/\/(look|make)$/);
    while (page.url().endsWith('/look')) {
        await expect(page.getByRole('button', { name: 'and make' })).toBeEnabled();
        const isLast = (await page.getByText('12 of 12').count()) > 0;
        const seen = await page.getByRole('main').textContent();
        await hand.key(isLast ? 'm' : 'y', 'yes');
        await expect
            .poll(async () => page.url().endsWith('/make') || (await page.getByRole('main').textContent()) !== seen)
            .toBe(true);
    }
    await expect(page.getByText('12 of 12 made and read back')).toBeVisible({ timeout: 90_000 });

    await badly('drop', 2);
    await badly('refuse');
    await hand.key('l', 'to the lab');
    await expect(page.getByText('12 files of 12 lines')).toBeVisible();
    await hand.key('Control+Enter', 'pack and send');
    await isAt(page, 1, /Back|back/);
    const refused = parcel(page, 1).getByRole('listitem').filter({ hasText: 'scratch' });
    await expect(refused).toHaveCount(1);

    // The line that came back is open again with the lab's words, and wants eyes; the others are as they were.
    await page.getByRole('link', { name: 'Order sheet' }).click();
    const back = page.getByRole('main').getByRole('list').first().getByRole('listitem').filter({ hasText: 'Back:' });
    await expect(back).toHaveCount(1);
    await expect(back).toContainText('There is a scratch in it');
    await expect(page.getByText('11 of 12 passed')).toBeVisible();
    await hand.key('g', 'go on: look at it');
    await expect(page.getByText('The lab sent it back.')).toBeVisible();
    await hand.key('m', 'yes, and make');
    await page.waitForURL(/\/make$/);
    await expect(page.getByText('1 of 1 made and read back').first()).toBeVisible({ timeout: 60_000 });
    await hand.key('l', 'to the lab');
    await expect(page.getByText('12 files of 12 lines')).toBeVisible();
    await hand.key('Control+Enter', 'pack and send');
    await isAt(page, 2, /Received|received/);
    hand.tell('twelve files to the lab’s receipt, through a refusal');

    const receipt = parcel(page, 2).getByLabel('Receipt');
    await expect(receipt).toContainText('12 files, 12 pieces');
    await expect(receipt).toContainText('4.20'); // twelve times 0.35
    await parcel(page, 2)
        .getByRole('button', { name: /preview of/ })
        .first()
        .click();
    await expect(page.getByTestId('beside').getByText('the same to a pixel')).toBeVisible();
    for (const side of ['as it was made', 'as the lab will print it']) {
        await expect(page.getByRole('img', { name: new RegExp(side) })).not.toHaveJSProperty('naturalWidth', 0);
    }

    await audit(page);
    const sheet = await download(page, () => page.keyboard.press('j'));
    expect(tool('pdftotext', '-layout', sheet, '-')).toContain('Isholm Rowing Club');
    const zip = await download(page, () => page.keyboard.press('d'));
    const folder = mkdtempSync(join(tmpdir(), 'parcel-'));
    execFileSync('unzip', ['-q', zip, '-d', folder]);
    expect(execFileSync('sha256sum', ['-c', 'SHA256SUMS'], { cwd: folder, encoding: 'utf8' }).match(/: OK/g)).toHaveLength(13);
    const manifest = JSON.parse(readFileSync(join(folder, 'manifest.json'), 'utf8')) as { files: { copies: number }[] };
    expect(manifest.files.map(({ copies }) => copies)).toEqual(Array(12).fill(1));

    // One of them was lost on its way: the same bytes once more, kept apart by name.
    await page.getByRole('button', { name: 'Reprint line 3, the same' }).click();
    await expect(page.getByText('Line 3 is taken')).toBeVisible();
    await expect(page.getByText('1 file of 1 line')).toBeVisible({ timeout: 30_000 });
    await page.keyboard.press('Control+Enter');
    await isAt(page, 3, /Received|received/);
    await expect(parcel(page, 3).getByRole('listitem')).toContainText('reprint-1.jpg');

    // A lab that says no total: the parcel's own list has prices.
    await page.route(/\/api\/orders\/\d+\/parcels$/, async (route) => {
        const answer = await route.fetch();
        const body = (await answer.json()) as { parcels: { receipt: { total: string | null } | null }[] };
        body.parcels.forEach(({ receipt }) => receipt && (receipt.total = null));
        await route.fulfill({ response: answer, json: body });
    });
    await page.reload();
    await expect(parcel(page, 2).getByLabel('Receipt')).toContainText('Total by the price list');
    await expect(parcel(page, 2).getByLabel('Receipt')).toContainText('4.20');
    await page.unroute(/\/api\/orders\/\d+\/parcels$/);

    const number = (await page.getByRole('link', { name: /\d+-\d+ Isholm Rowing Club/ }).innerText()).split(' ')[0]!;
    await page.goto('/');
    await page.getByRole('searchbox').fill(number);
    await expect(page.getByRole('main').getByRole('listitem').filter({ hasText: number })).toContainText('Received by the lab');
});

test('without a service: downloaded, handed over on a day, its receipt noted', async ({ page }) => {
    test.setTimeout(120_000);
    await newOrder(page, 'Ottoline Marsh', 'Copperbeck Colour');
    await addPictures(page, `${PICTURES}/lone-tree.jpg`);
    const field = page.getByRole('textbox', { name: /What was ordered/ });
    await field.fill('lone-tree 20 x 30 cm');
    await expect(page.getByRole('button', { name: /^Add this line/ })).toBeEnabled();
    await page.keyboard.press('Enter');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    await page.getByRole('button', { name: /Pass and go on/ }).click();
    await page.getByRole('button', { name: 'Make files' }).click();
    await expect(page.getByText('1 of 1 made and read back')).toBeVisible({ timeout: 60_000 });
    await page.keyboard.press('l');
    await expect(page.getByText('This lab has no service')).toBeVisible();
    await page.keyboard.press('Control+Enter');
    const form = page.getByRole('form', { name: 'Parcel 1 handed over by hand' });
    await audit(page);
    await form.getByLabel('receipt').fill('slip 77, Ms Fenn');
    await form.getByRole('button', { name: 'It is handed over' }).click();
    await isAt(page, 1, /handed over/i);
    await page.reload();
    await expect(form.getByLabel('receipt')).toHaveValue('slip 77, Ms Fenn');
    await page.getByRole('link', { name: 'Order sheet' }).click();
    await expect(page.getByText('Handed over').or(page.getByText('handed over')).first()).toBeVisible();
});

test('a test strip, its setting given to the line in one press', async ({ page }) => {
    test.setTimeout(120_000);
    await newOrder(page, 'Brindle Pottery');
    const picture = photographed('kiln.jpg', '2100x1400');
    await addPictures(page, picture);
    const field = page.getByRole('textbox', { name: /What was ordered/ });
    await field.fill('kiln 4x6');
    await expect(page.getByRole('button', { name: /^Add this line/ })).toBeEnabled();
    await page.keyboard.press('Enter');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    const sentence = page.getByTestId('sentence');
    await sentence.getByRole('button', { name: /add/ }).click();
    await page.getByText('lifted for paper').click();
    await page.getByRole('group', { name: 'Print a test strip' }).getByRole('button', { name: 'lightness' }).click();
    await expect(page.getByTestId('test-strip')).toContainText('A test strip for line 1');
    await expect(sentence).toContainText('1 shared sheet of five');
    const before = page.url();
    await page
        .getByTestId('test-strip')
        .getByRole('button', { name: /opened by 30/ })
        .click();
    await expect(page.getByText(/Line 1 is opened by 30/)).toBeVisible();
    await page.getByTestId('test-strip').getByRole('link', { name: 'line 1' }).click();
    await expect(page).not.toHaveURL(before);
    await expect(sentence).toContainText(/opened by 30/);
});
