import type { Page } from '@playwright/test';
import type { OrderSheet } from '@/api/types';
import { addLine, addPictures, download, dropFile, expect, newOrder, painted, test, tool } from './studio';

const lines = (page: Page) => page.getByRole('main').getByRole('listitem');

/** An order with an upright and a lying picture. */
async function twoPictures(page: Page) {
    await newOrder(page, 'Ottoline Marsh');
    await addPictures(page, painted('upright.jpg', '2000x3000'), painted('lying.jpg', '3000x2000', 'plasma:darkgreen-gold'));
}

/** A word of the sentence of the chosen cell. */
async function openCellWord(page: Page, title: string) {
    await page
        .getByTestId('cell-sentence')
        .getByRole('button', { name: new RegExp(`${title}$`) })
        .click();
    return page.getByRole('dialog', { name: title });
}

/** The cells of the sheet on the bench, as they are stored. */
async function cellsOf(page: Page) {
    const [, order, line] = /orders\/(\d+)\/lines\/(\d+)/.exec(page.url())!;
    const sheet = (await (await page.request.get(`/api/orders/${order}`)).json()) as OrderSheet;
    return sheet.lines.find(({ id }) => id === Number(line))!.line.sheet!.cells as { border?: string; paperColour?: string }[];
}

async function middle(page: Page, cell: number) {
    const box = (await page.getByTestId('cell').nth(cell).boundingBox())!;
    return { x: box.x + box.width / 2, y: box.y + box.height / 2, box };
}

async function dragFrom(page: Page, from: { x: number; y: number }, to: { x: number; y: number }) {
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move((from.x + to.x) / 2, (from.y + to.y) / 2, { steps: 4 });
    await page.mouse.move(to.x, to.y, { steps: 4 });
    return () => page.mouse.up();
}

test('two lines put on a 4 × 6 in and taken apart, both undone', async ({ page }) => {
    await twoPictures(page);
    await addLine(page, '3 x 4 in', 1, 'upright.jpg');
    await addLine(page, '3 x 4 in', 1, 'lying.jpg');
    await page.getByLabel('Choose line 1').check({ force: true });
    await page.getByLabel('Choose line 2').check({ force: true });
    await page.getByRole('button', { name: 'Put on shared sheets' }).click();
    const panel = page.getByRole('dialog', { name: 'Put on shared sheets' });
    await expect(panel.getByRole('button').first()).toContainText('One sheet of 4 × 6 in');
    await expect(panel.getByRole('button').first()).toContainText('no paper wasted · costs least');
    await expect(panel.getByRole('button').first()).toContainText('0.35 €');
    await expect(panel.getByRole('button', { name: /One sheet of 8 × 10 in/ })).toContainText('70 % of the paper wasted');
    await page.keyboard.press('Enter'); // the cheapest has the focus
    await expect(lines(page)).toHaveCount(1);
    await expect(lines(page).first()).toContainText('Two 3 × 4 in on 4 × 6 in');
    await expect(lines(page).first()).toContainText('1 shared sheet');

    await page.keyboard.press('Control+z');
    await expect(lines(page)).toHaveCount(2);
    await expect(lines(page).first()).toContainText('Upright, cropped to 3 × 4 in');
    await page.keyboard.press('Control+Shift+z');
    await expect(lines(page)).toHaveCount(1);

    await page.getByLabel(/^Choose line/).check({ force: true });
    await page.getByRole('button', { name: 'Take apart' }).click();
    await expect(lines(page)).toHaveCount(2);
    await expect(lines(page).nth(0)).toContainText('Upright, cropped to 3 × 4 in');
    await expect(page.getByLabel('Choose line 1')).toBeAttached(); // the very line, with its number
    await page.keyboard.press('Control+z');
    await expect(lines(page)).toHaveCount(1);
});

test('a page of mixed sizes by hand, with borders and marks, to the file that is read back', async ({ page }) => {
    test.setTimeout(120_000);
    await twoPictures(page);
    await page.getByRole('button', { name: 'A shared sheet…' }).click();
    const panel = page.getByRole('dialog', { name: 'A shared sheet' });
    await panel.getByRole('button', { name: '8 × 10 in', exact: true }).click();
    await panel.getByRole('button', { name: 'two 5 × 8 in' }).click();
    const sentence = page.getByTestId('sentence');
    await expect(sentence).toContainText(
        '1 shared sheet of two 5 × 8 in on 8 × 10 in, landscape, edge to edge, no cut marks, cut once',
    );
    await expect(page.getByText('Every cell: no picture yet')).toBeVisible();
    await expect(page.getByRole('button', { name: /^Pass and go on/ })).toBeDisabled();

    // Pictures come into the cells in their order.
    await page.getByRole('link', { name: 'Order sheet' }).click();
    await page.getByLabel('Choose upright.jpg').check({ force: true });
    await page.getByLabel('Choose lying.jpg').check({ force: true });
    await page
        .getByRole('complementary', { name: 'Pictures' })
        .getByText('upright.jpg')
        .locator('..')
        .dragTo(lines(page).first());
    await lines(page).first().getByRole('link').click();
    await expect(page.getByTestId('cell')).toHaveCount(2);
    const cells = page.getByTestId('cell');
    const cellSentence = page.getByTestId('cell-sentence');

    // A click chooses a cell; what a print can have is said and changed there.
    await cells.nth(0).click();
    await expect(cellSentence).toContainText('Cell 1');
    await expect(cellSentence).toContainText('1 of Upright cropped to 5 × 8 in');
    await cellSentence.getByRole('button', { name: /^add/ }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'a border' }).click();
    await page.getByRole('radio', { name: 'Even all round' }).click();
    await page.getByLabel('All round').fill('0.5 in');
    await page.getByLabel('All round').press('Enter');
    // its colour taken from the picture
    const colours = page.getByRole('group', { name: /suggestions/ }).getByRole('button');
    await expect(colours).toHaveCount(7);
    await colours.nth(2).click();
    await page.keyboard.press('Escape');
    await expect(cellSentence).toContainText(/a (?!white).* border of 0\.5\sin/);
    // Both together: a border, each in the colour of its own picture; one undo.
    await cells.nth(1).click({ modifiers: ['Shift'] });
    await expect(cellSentence).toContainText('Cells 1 and 2');
    const together = await openCellWord(page, 'Border');
    await together.getByLabel('All round').fill('0.25 in');
    await together.getByLabel('All round').press('Enter');
    const bordersOf = async () => (await cellsOf(page)).map(({ border, paperColour }) => [border, paperColour]);
    await expect.poll(async () => (await bordersOf()).map(([border]) => border)).toEqual(['0.25 in', '0.25 in']);
    await together.getByRole('button', { name: 'Each the colour of its own picture' }).click();
    await expect.poll(async () => new Set((await bordersOf()).map(([, colour]) => colour)).size).toBe(2);
    await page.keyboard.press('Escape');
    await page.keyboard.press('Control+z');
    await page.keyboard.press('Control+z');
    await expect.poll(async () => (await bordersOf()).map(([border]) => border)).toEqual(['0.5 in', undefined]);
    await page.getByTestId('drawing').click({ position: { x: 5, y: 300 } });
    await expect(cellSentence).toHaveCount(0);

    // The picture moves in its cell by drag, wheel and keys.
    await cells.nth(1).click();
    await page.mouse.wheel(0, -300);
    await expect(page.getByText(/(Every cell|Cells?.* 2): .*% of the picture is cut/)).toBeVisible();
    const from = await middle(page, 1);
    await (
        await dragFrom(page, from, { x: from.x + 20, y: from.y })
    )();
    await page.keyboard.press('ArrowLeft');

    // One picture dragged onto another: they change places, and back again.
    const [one, other] = [await middle(page, 1), await middle(page, 0)];
    const letGo = await dragFrom(page, one, other);
    await expect(page.getByText('swap with 1')).toBeVisible();
    await letGo();
    await expect(cellSentence).toContainText('1 of Upright');
    await page.keyboard.press('Control+z');
    await expect(cellSentence).toContainText('1 of Lying');

    // By hand: made smaller, turned, moved by its rim to the edge where it catches, and by a typed figure.
    const size = await openCellWord(page, 'Size on paper');
    await size.getByRole('textbox').fill('4 x 6 in');
    await size.getByRole('textbox').press('Enter');
    await expect(size).toHaveCount(0);
    await page.keyboard.press('t');
    await expect(sentence).toContainText('placed by hand');
    const box = (await middle(page, 1)).box;
    const release = await dragFrom(
        page,
        { x: box.x + 1, y: box.y + box.height / 2 },
        { x: box.x + 61, y: box.y + box.height / 2 + 40 },
    );
    await expect(page.getByTestId('ghost')).toContainText(/in from left, .*in from top/);
    await release();
    await page.locator('[data-figure=print-2-left]').click();
    await page.getByRole('textbox').fill('5.25');
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-figure=print-2-left]')).toHaveText('5.25 in');
    await expect(page.getByText('Cell 2 leaves the sheet')).toBeVisible(); // 6 in wide on what is left of 10
    await page.keyboard.press('a');
    await expect(sentence).toContainText('edge to edge');

    // Gutter, margin and marks, the cuts in words and drawn.
    await sentence.getByRole('button', { name: /edge to edge/ }).click();
    await page.getByLabel('Free between prints').fill('1/8 in');
    await page.getByLabel('Free between prints').press('Enter');
    await expect(sentence).toContainText('on 8 × 10 in, landscape, 1/8 in apart');
    await sentence.getByRole('button', { name: /no cut marks/ }).click();
    await page.getByRole('radio', { name: /Ticks at every cut/ }).click();
    await expect(page.getByText('Cut marks are drawn')).toBeVisible();
    await sentence.getByRole('button', { name: /How it is cut apart$/ }).click();
    await expect(page.getByRole('dialog', { name: 'How it is cut apart' })).toContainText(/1 straight (down|across) at/);
    await page.getByRole('button', { name: /Draw them on the sheet/ }).click();
    await page.keyboard.press('Escape');
    await expect(page.getByTestId('cuts')).toBeVisible();

    await page.getByRole('button', { name: /^Pass and go on/ }).click();
    await page.getByRole('button', { name: 'Make files' }).click();
    await expect(page.getByText('1 of 1 made and read back')).toBeVisible({ timeout: 60_000 });
    const path = await download(page, () => page.getByRole('link', { name: /^Download .*\.jpg$/ }).click());
    expect(tool('identify', '-format', '%w %h', path)).toBe('3000 2400');
    // between the two, 5 in from the left, is white paper
    const gutter = ['-crop', '30x1500+1504+100', '-colorspace', 'Gray', '-format', '%[fx:minima]', 'info:'];
    expect(Number(tool('/usr/bin/convert', path, ...gutter))).toBeGreaterThan(0.97);
});

test('files dropped on an empty sheet come into its cells in their order', async ({ page }) => {
    await newOrder(page, 'Ottoline Marsh');
    await page.getByRole('button', { name: 'A shared sheet…' }).click();
    await page.getByRole('button', { name: 'one 3 × 4 in and two 2 × 3 in' }).click();
    await expect(page.getByTestId('cell')).toHaveCount(3);
    const large = painted('first.jpg', '4000x3000');
    await dropFile(page, page.getByTestId('drawing'), large, painted('second.jpg', '900x600'), painted('third.jpg', '600x900'));
    await page
        .getByTestId('sentence')
        .getByRole('button', { name: /What is on it$/ })
        .click();
    const cells = page.getByRole('dialog', { name: 'What is on it' });
    await expect(cells).toContainText(/1 · 3 × 4 in, first\.jpg.*2 · 2 × 3 in, second\.jpg.*3 · 2 × 3 in, third\.jpg/);
    await page.keyboard.press('Escape');
    // Tab goes from cell to cell, and the sentence with it.
    const said = page.getByTestId('cell-sentence');
    await page.getByTestId('cell').nth(0).focus();
    for (const number of [1, 2, 3]) {
        await expect(said).toContainText(`Cell ${number}`);
        await page.keyboard.press('Tab');
    }
    // One dropped while a cell is chosen comes there.
    await page.getByTestId('cell').nth(0).click();
    const chosen = await said.textContent();
    await dropFile(page, page.getByTestId('drawing'), painted('fourth.jpg', '900x600', 'plasma:gold-navy'));
    await expect(said).toContainText('Fourth');
    expect(chosen).not.toContain('Fourth');
});

test('what cannot be on a sheet is told, with a way out', async ({ page }) => {
    await twoPictures(page);
    await addLine(page, '3 x 4 in', 2, 'upright.jpg');
    await addLine(page, '30 x 40 in', 1, 'lying.jpg');
    await page.getByLabel('Choose line 2').check({ force: true });
    await page.getByRole('button', { name: 'Put on shared sheets' }).click();
    await expect(page.getByRole('dialog').getByRole('alert')).toContainText('No sheet that the lab lists holds all of it');
    await page.keyboard.press('Escape');
    await page.getByLabel('Choose line 2').uncheck({ force: true });
    await page.getByLabel('Choose line 1').check({ force: true });
    await page.getByRole('button', { name: 'Put on shared sheets' }).click();
    await page.getByRole('button', { name: /^One sheet of 4 × 6 in/ }).click();
    await page.getByRole('link', { name: /^Two 3 × 4 in/ }).click();
    await page
        .getByTestId('sentence')
        .getByRole('button', { name: /edge to edge/ })
        .click();
    const gutter = page.getByRole('dialog', { name: 'Between the prints' }).getByRole('textbox');
    await gutter.fill('3 px');
    await gutter.press('Enter');
    await expect(page.getByRole('alert')).toContainText('in pixels');
    await gutter.fill('2 in');
    await gutter.press('Enter');
    await expect(page.getByText('No two prints share a sheet')).toBeVisible();
    await page.getByRole('button', { name: 'Leave gutter and margin away' }).click();
    await expect(page.getByText('One straight cut')).toBeVisible();
});
