import type { Page } from '@playwright/test';
import { addLine, addPictures, expect, newOrder, openWord, painted, test } from './studio';

/** An order of three lines of one picture, on the bench of the first. */
async function bench(page: Page, size = '8 x 10 in') {
    await newOrder(page, 'Saltmarsh Choir');
    await addPictures(page, painted('choir.jpg', '3000x2000', 'plasma:tan-firebrick'));
    for (const one of [size, '4 x 6 in', '5 x 7 in']) {
        await addLine(page, one, 1, 'choir.jpg');
    }
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    await expect(page.getByTestId('facts')).toBeVisible();
    await expect(page.locator('html')).toHaveAttribute('data-rests', ''); // the page has been there for a moment
}

/** What has the focus once the page has come to rest: never its body. */
async function focus(page: Page) {
    const at = () =>
        page.evaluate(async () => {
            for (let i = 0; i < 3; i++) {
                await new Promise(requestAnimationFrame);
            }
            const here = document.activeElement;
            return here === null || here === document.body
                ? 'nothing'
                : here.matches('[data-home]')
                  ? 'the page'
                  : `${here.tagName.toLowerCase()} ${here.getAttribute('aria-label') ?? here.textContent}`;
        });
    let here = 'nothing';
    await expect.poll(async () => (here = await at())).not.toBe('nothing');
    return here;
}

const passed = (page: Page) => page.getByRole('button', { name: 'Take it back' });

test('letters that come as fast as in typing act on nothing, and say so', async ({ page }) => {
    await bench(page);
    const [histograms, hatched] = [page.getByLabel('Histograms'), page.getByRole('button', { name: 'Out of gamut' })];
    await page.keyboard.type('fhg');
    await expect(page.getByText('Letters that come so fast are typing')).toBeVisible();
    await expect(histograms).toBeVisible();
    await expect(hatched).toHaveAttribute('aria-pressed', 'false');
    await page.keyboard.press('g'); // by itself, at a person’s pace
    await expect(hatched).toHaveAttribute('aria-pressed', 'true');
    // What was meant for a field, just after a page has changed: nothing passes, nothing goes.
    await page.getByRole('link', { name: 'Order sheet' }).first().click();
    await expect(page.getByRole('textbox', { name: /What was ordered/ })).toBeVisible();
    await page.keyboard.press('l');
    await page.keyboard.type('ym');
    await expect(page).toHaveURL(/\/look$/);
    await page.getByRole('link', { name: 'Order sheet' }).first().click();
    await expect(page.getByRole('main').getByText('Passed', { exact: true })).toHaveCount(0);
});

test('Enter belongs to what has the focus, and twice so fast it passes nothing', async ({ page }) => {
    await bench(page);
    const first = page.url();
    const sentence = page.getByTestId('sentence');
    const copies = await openWord(page, 'How many');
    await copies.getByRole('textbox').fill('3');
    await page.keyboard.type('\n\n');
    await expect(sentence).toContainText('3 prints');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    expect(page.url()).toBe(first);
    await expect(passed(page)).toHaveCount(0);
    // The first passes the line and goes on; the second would have passed the next one unseen.
    await page.keyboard.press('Enter');
    await page.keyboard.type('\n');
    await expect(page.getByText('A second Enter so fast does nothing.')).toBeVisible();
    await expect(page).not.toHaveURL(first);
    const at = page.url();
    await expect(passed(page)).toHaveCount(0);
    // A figure that is left by Tab is set, as a word is; the next Enter is the page’s again.
    await page.locator('[data-figure=paper-width]').click();
    await page.keyboard.type('7 in');
    await page.keyboard.press('Tab');
    await expect(sentence).toContainText('7 × 4 in');
    await page.locator('[data-figure=paper-width]').click();
    await page.keyboard.type('9 in');
    await page.keyboard.press('Escape');
    await expect(sentence).toContainText('7 × 4 in');
    expect(await focus(page)).toBe('the page');
    await page.keyboard.press('Enter');
    await expect(page).not.toHaveURL(at);
});

test('the focus is never lost: after each act it is where one goes on', async ({ page }) => {
    await newOrder(page, 'Saltmarsh Choir');
    expect(await focus(page)).not.toBe('nothing');
    await addPictures(page, painted('tenors.jpg', '3000x2000', 'plasma:tan-seagreen'));
    await addLine(page, '8 x 10 in', 1, 'tenors.jpg');
    await addLine(page, '16 x 20 in', 1, 'tenors.jpg');
    expect(await focus(page)).not.toBe('nothing');
    await page.getByRole('main').getByRole('listitem').nth(1).getByRole('link').click();
    expect(await focus(page)).toBe('the page');
    // A word that is left: Tab goes on with the next one.
    await openWord(page, 'Size on paper');
    await page.keyboard.press('Escape');
    expect(await focus(page)).toBe('the page');
    const words = page.getByTestId('sentence').getByRole('button');
    await page.keyboard.press('Tab');
    const labels = await words.evaluateAll((all) => all.map((one) => one.getAttribute('aria-label') ?? one.textContent ?? ''));
    const size = labels.findIndex((label) => label.endsWith('. Size on paper'));
    expect(await focus(page)).toBe(`button ${labels[size + 1]}`);
    // Saying something, and leaving that.
    await page.keyboard.press('w');
    expect(await focus(page)).toMatch(/^input/);
    await page.keyboard.press('Escape');
    expect(await focus(page)).toBe('the page');
    // A remedy that is gone when it is done; a line that is passed, opened, removed and brought back.
    const remedy = page.getByRole('button', { name: /^Make it at/ });
    if (await remedy.isVisible()) {
        await remedy.click();
        await expect(remedy).toHaveCount(0);
        expect(await focus(page)).not.toBe('nothing');
    }
    await page.keyboard.press('o');
    await expect(page.getByRole('textbox', { name: /What was ordered/ })).toBeVisible();
    expect(await focus(page)).not.toBe('nothing');
    await page.getByLabel('Choose line 2').check({ force: true });
    await page.getByRole('button', { name: 'Remove', exact: true }).click();
    await expect(page.getByRole('main').getByRole('listitem').filter({ hasText: '16 × 20' })).toHaveCount(0);
    expect(await focus(page)).not.toBe('nothing');
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('main').getByRole('listitem').filter({ hasText: '16 × 20' })).toHaveCount(1);
    expect(await focus(page)).not.toBe('nothing');
    await page.goto('/no-such-page');
    await expect(page.getByRole('link', { name: 'All orders' })).toBeVisible();
    await page.getByRole('link', { name: 'All orders' }).click();
    expect(await focus(page)).not.toBe('nothing');
});

test('a joint keeps the focus while arrows move it, and a cell that has it passes no line', async ({ page }) => {
    await bench(page, '90 x 60 in');
    const make = await openWord(page, 'What it is made into');
    await make.getByRole('radio', { name: /A set of panels/ }).click();
    await expect(page.locator('[data-figure=column-1]')).toHaveText('30 in');
    const joint = page.getByRole('slider', { name: 'Joint 1' });
    const before = Number(await joint.getAttribute('aria-valuenow'));
    await joint.focus();
    for (const moved of [1, 2, 3]) {
        await page.keyboard.press('ArrowRight');
        await expect(joint).toHaveAttribute('aria-valuenow', `${before + moved}`);
        await expect(joint).toBeFocused();
    }
    const at = page.url();
    await page.keyboard.press('Enter');
    await page.keyboard.press('p'); // something that is seen: by then Enter would have passed it
    await expect(page.getByRole('button', { name: 'On paper', exact: true })).toHaveAttribute('aria-pressed', 'true');
    expect(page.url()).toBe(at);
    await expect(passed(page)).toHaveCount(0);

    await page.getByRole('link', { name: 'Order sheet' }).first().click();
    const list = page.getByRole('textbox', { name: /What was ordered/ });
    await list.fill('choir 4x6 x2 on one 8x12');
    await expect(page.getByRole('list', { name: 'How it was read' })).toHaveAttribute('aria-busy', 'false');
    await list.press('Control+Enter');
    await page.getByRole('link', { name: /^Two 4 × 6/ }).click();
    const cell = page.getByTestId('cell').first();
    await cell.click();
    await expect(page.getByTestId('cell-sentence')).toBeVisible();
    const sheet = page.url();
    await page.keyboard.press('Enter');
    await page.keyboard.press('p');
    await expect(page.getByRole('button', { name: 'On paper', exact: true })).toHaveAttribute('aria-pressed', 'true');
    expect(page.url()).toBe(sheet);
    await expect(passed(page)).toHaveCount(0);
});

test('whoever wants it presses single letters with Alt', async ({ page }) => {
    await bench(page);
    await page.keyboard.press('?');
    await page.getByRole('checkbox', { name: /only with Alt/ }).check();
    await expect(page.getByRole('dialog').getByText('Alt H', { exact: true })).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await page.keyboard.press('h');
    await page.keyboard.press('Alt+g');
    await expect(page.getByRole('button', { name: 'Out of gamut' })).toHaveAttribute('aria-pressed', 'true');
    await expect(page.getByLabel('Histograms')).toHaveCount(0);
    await page.reload();
    await expect(page.getByTestId('facts')).toBeVisible();
    await page.keyboard.press('Alt+h');
    await expect(page.getByLabel('Histograms')).toBeVisible();
    await page.evaluate(() => localStorage.clear()); // the next test’s letters are its own
});

test('many pictures are one stop for Tab, and one is found by its name', async ({ page }) => {
    await newOrder(page, 'Saltmarsh Choir');
    const names = ['alto', 'bass', 'bell', 'choir', 'door', 'font', 'hymn', 'lamp', 'nave', 'organ', 'pew'];
    await addPictures(page, ...names.map((name, i) => painted(`${name}.jpg`, `${400 + i}x300`, 'gradient:tan-navy')));
    await addLine(page, '4 x 6 in', 1, 'alto.jpg');
    const choose = (name: string) => page.getByLabel(`Choose ${name}.jpg`);
    await choose('alto').focus();
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowDown'); // three to a row
    await expect(choose('door')).toBeFocused();
    await page.keyboard.press('Space');
    await expect(choose('door')).toBeChecked();
    await page.keyboard.press('Tab');
    await expect(page.getByRole('button', { name: 'Choose files…' })).toBeFocused();
    await page.keyboard.press('Shift+Tab');
    await expect(choose('door')).toBeFocused();
    await page.keyboard.press('End');
    await page.keyboard.press('Delete'); // on no line: it is taken off the order
    await expect(choose('pew')).toHaveCount(0);

    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    const which = await openWord(page, 'Which picture');
    const find = which.getByRole('textbox', { name: 'Find' });
    await expect(find).toBeFocused();
    await find.fill('or');
    await expect(which.getByText('2 of 10; Enter takes the first')).toBeVisible(); // door, organ
    await find.fill('nobody');
    await expect(which.getByText('No picture is called so.')).toBeVisible();
    await find.fill('ORG');
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('sentence')).toContainText('Organ');
});
