import type { Page } from '@playwright/test';
import { addLine, addPictures, download, expect, fact, newOrder, openWord, PICTURES, test, tool } from './studio';

/** A new order with one picture and one line of it, open on the bench. */
async function onBench(page: Page, size: string, picture: string, lab?: string) {
    await newOrder(page, 'Ottoline Marsh', lab);
    await addPictures(page, `${PICTURES}/${picture}`);
    await addLine(page, size, 1, picture);
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    await expect(page.getByTestId('facts').locator('dt').first()).toBeVisible();
}

const sentence = (page: Page) => page.getByTestId('sentence');

/** Opens “add…” and what it offers under these words. */
async function add(page: Page, words: string, title: string) {
    await sentence(page).getByRole('button', { name: /^add/ }).click();
    await page.getByRole('dialog').getByRole('button', { name: words, exact: true }).click();
    return page.getByRole('dialog', { name: title });
}

async function makeAndDownload(page: Page) {
    await page.keyboard.press('Enter');
    await expect(page.getByText('Every line is passed')).toBeVisible();
    await page.getByRole('button', { name: 'Make files' }).click();
    await expect(page.getByText('1 of 1 made and read back')).toBeVisible({ timeout: 40_000 });
    return download(page, () => page.getByRole('link', { name: /^Download ottoline/ }).click());
}

/** A pixel of a file as ImageMagick reads it, 8 bits. */
const pixel = (path: string, x: number, y: number) =>
    tool(
        '/usr/bin/convert',
        path,
        '-crop',
        `1x1+${x}+${y}`,
        '-depth',
        '8',
        '-format',
        '%[fx:int(255*r+.5)],%[fx:int(255*g+.5)],%[fx:int(255*b+.5)]',
        'info:',
    );

test('a size for a frame that no lab lists, from the typed size to the file that is read back', async ({ page }) => {
    await onBench(page, '8 x 10 in', 'lighthouse-point.jpg');
    const size = await openWord(page, 'Size on paper');
    await size.getByRole('textbox').fill('11 x 15 in');
    await size.getByRole('textbox').press('Enter');
    await expect(sentence(page)).toContainText('laid on the lab’s 12 × 18 in sheet, white to trim away');
    await expect(page.getByText('White to trim away: 0.5 in above and below, 1.5 in left and right.')).toBeVisible();
    await expect(fact(page, 'Trim to 15 × 11 in')).toBeVisible();
    for (const [figure, label] of [
        ['sheet-width', '18 in'],
        ['paper-width', '15 in'],
        ['trim-left', '1.5 in'],
        ['trim-top', '0.5 in'],
    ]) {
        await expect(page.locator(`[data-figure=${figure}]`)).toHaveText(label!);
    }
    await page.getByRole('button', { name: 'Keep the 12 × 18 in sheet' }).click();
    await expect(page.getByText('Laid on 12 × 18 in')).toBeVisible();

    // Switched off, and on again by its remedy.
    const sheet = await openWord(page, 'Larger sheet');
    await sheet.getByRole('radio', { name: 'None' }).click();
    await page.keyboard.press('Escape');
    await expect(page.getByText('12 × 18 in is the smallest sheet that holds it')).toBeVisible();
    await page.getByRole('button', { name: 'Lay it on the 12 × 18 in sheet' }).click();
    await expect(fact(page, '5400 × 3600 px')).toBeVisible();

    const path = await makeAndDownload(page);
    await expect(page.getByText('#ffffff')).toBeVisible();
    expect(tool('identify', '-format', '%w %h', path)).toBe('5400 3600');
    expect(pixel(path, 5, 5)).toBe('255,255,255');
    expect(pixel(path, 440, 1800)).toBe('255,255,255');
    expect(pixel(path, 460, 1800)).not.toBe('255,255,255');
    // A trim tick above the paper's left edge, on the line of the cut.
    const [red] = pixel(path, 450, 115).split(',').map(Number);
    expect(red).toBeLessThan(60);
});

test('a print mounted on 16 × 20, scaled by a typed width, raised and lined', async ({ page }) => {
    await onBench(page, '16 x 20 in', 'brass-gears.jpg');
    const size = await openWord(page, 'Size on paper');
    await size.getByRole('radio', { name: 'The whole picture on it' }).click();
    await page.keyboard.press('Escape');
    await expect(sentence(page)).toContainText('whole on 16 × 20 in');
    const border = await add(page, 'room to mat over', 'Border');
    await border.getByRole('radio', { name: 'Even all round' }).click();
    await border.getByLabel('All round').fill('2 in');
    await border.getByLabel('All round').press('Enter');
    await page.keyboard.press('Escape');
    await expect(sentence(page)).toContainText('room of 2 in to mat over');

    // 12 in wide from a 4:3 picture is 9 high.
    await page.locator('[data-figure=image-width]').click();
    await page.getByRole('textbox', { name: 'Image width' }).fill('12 in');
    await page.getByRole('textbox', { name: 'Image width' }).press('Enter');
    await expect(page.locator('[data-figure=image-height]')).toHaveText('9 in');
    await expect(page.locator('[data-figure=margin-left]')).toHaveText('4 in');

    const raise = await add(page, 'the image raised', 'How high it sits');
    await raise.getByRole('radio', { name: /optical centre/ }).click();
    await page.keyboard.press('Escape');
    // Free height 7 in: 3.5 less 0.35 above.
    await expect(page.locator('[data-figure=margin-top]')).toHaveText('3.15 in');
    const keyline = await add(page, 'a line round it', 'Line round it');
    await keyline.getByRole('button', { name: 'Draw a black line of 0.01 in' }).click();
    await page.keyboard.press('Escape');
    await expect(sentence(page)).toContainText('a black line of 0.01 in round it');

    // The corner dragged: scaled about its centre, still 4:3.
    const grip = (await page.getByTestId('drawing').locator('svg g[aria-hidden] > rect').nth(4).boundingBox())!;
    await page.mouse.move(grip.x + 4, grip.y + 4);
    await page.mouse.down();
    await page.mouse.move(grip.x + 34, grip.y + 20, { steps: 6 });
    await page.mouse.up();
    await expect(page.locator('[data-figure=image-width]')).not.toHaveText('12 in');
    await page.keyboard.press('Control+z');
    await expect(page.locator('[data-figure=image-width]')).toHaveText('12 in');

    await expect(fact(page, '6000 × 4800 px')).toBeVisible();
    const path = await makeAndDownload(page);
    expect(tool('identify', '-format', '%w %h', path)).toBe('6000 4800');
    // Image from 1200, 945 (4 and 3.15 in at 300 ppi), 3600 × 2700; a line of three pixels inside its edge.
    expect(pixel(path, 1190, 2000)).toBe('255,255,255');
    const dark = (x: number, y: number) => Math.max(...pixel(path, x, y).split(',').map(Number));
    expect(dark(1201, 2000)).toBeLessThan(40);
    expect(dark(4798, 2000)).toBeLessThan(40);
    expect(dark(3000, 946)).toBeLessThan(40);
    expect(pixel(path, 3000, 935)).toBe('255,255,255');
});

test('what must stay in is marked once, moves the window, and stops a print that cuts it', async ({ page }) => {
    await onBench(page, '8 x 10 in', 'lighthouse-point.jpg');
    // Marked at the far right of the picture, which the middle window leaves out.
    await page.keyboard.press('k');
    await expect(page.getByText('Drag over what must stay in')).toBeVisible();
    const paper = (await page.getByTestId('paper').boundingBox())!;
    await page.mouse.move(paper.x + paper.width * 0.7, paper.y + paper.height * 0.2);
    await page.mouse.down();
    await page.mouse.move(paper.x + paper.width * 1.06, paper.y + paper.height * 0.6, { steps: 5 });
    await page.mouse.up();
    await expect(page.getByText('Nothing marked is cut')).toBeVisible();
    await expect(page.getByTestId('marked')).toHaveCount(1);
    const marked = await openWord(page, 'What must stay in');
    await marked.getByLabel('Called').fill('the light');
    await marked.getByLabel('Called').press('Enter');
    await page.keyboard.press('Escape');
    await expect(sentence(page)).toContainText('keeping in “the light”');

    // Moved away by hand it is cut: told, stopped, and mended by one press.
    const start = await page.getByTestId('facts').textContent();
    await page.mouse.move(paper.x + paper.width / 2, paper.y + paper.height / 2);
    await page.mouse.down();
    await page.mouse.move(paper.x + paper.width / 2 + 130, paper.y + paper.height / 2, { steps: 6 });
    await page.mouse.up();
    await expect(page.getByText('“the light” is cut')).toBeVisible();
    await expect(page.getByRole('button', { name: /Pass and go on/ })).toBeDisabled();
    await page.getByRole('button', { name: 'Move the window so that it stays in' }).click();
    await expect(page.getByTestId('facts')).toHaveText(start!);
    await expect(page.getByRole('button', { name: /Pass and go on/ })).toBeEnabled();

    // A frame that covers it asks for a look.
    const frame = await add(page, 'what a frame covers', 'Under the frame');
    await frame.getByRole('textbox').fill('40 mm');
    await frame.getByRole('textbox').press('Enter');
    await expect(page.getByText('A frame would cover “the light”')).toBeVisible();
    await page.keyboard.press('f');
    await expect(page.getByTestId('frame-cover')).toBeVisible();
});

test('everything on the bench is undone and done again', async ({ page }) => {
    await onBench(page, '8 x 12 in', 'lone-tree.jpg');
    const start = await sentence(page).textContent();
    const size = await openWord(page, 'Size on paper');
    await size.getByRole('textbox').fill('11 x 14 in');
    await size.getByRole('textbox').press('Enter');
    await expect(sentence(page)).toContainText('11 × 14 in');
    const border = await add(page, 'a border', 'Border');
    await border.getByRole('radio', { name: 'Heavier below' }).click();
    await border.getByLabel('Above and beside').fill('2 cm');
    await border.getByLabel('Above and beside').press('Enter');
    await expect(sentence(page)).toContainText('a white border of 2 cm');
    await border.getByLabel('Below').fill('3 cm');
    await border.getByLabel('Below').press('Enter');
    await expect(sentence(page)).toContainText('2 cm, 3 cm below');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: /Pass and go on/ }).click();
    await expect(page.getByText('Every line is passed')).toBeVisible();
    await page.goBack();
    const end = await sentence(page).textContent();
    await expect(page.getByText('Passed', { exact: true })).toBeVisible();

    await page.keyboard.press('Control+z');
    await expect(page.getByText('Passed', { exact: true })).toHaveCount(0);
    for (let i = 0; i < 3; i++) {
        await page.keyboard.press('Control+z');
    }
    await expect(sentence(page)).toHaveText(start!);
    for (let i = 0; i < 4; i++) {
        await page.keyboard.press('Control+Shift+z');
    }
    await expect(sentence(page)).toHaveText(end!);
    await expect(page.getByText('Passed', { exact: true })).toBeVisible();
});

test('lines added, passed and removed on the order sheet are undone, too', async ({ page }) => {
    await newOrder(page, 'Brindle Pottery');
    await addPictures(page, `${PICTURES}/lone-tree.jpg`);
    const rows = page.getByRole('main').getByRole('listitem');
    await addLine(page, '8 x 12 in', 1, 'lone-tree.jpg');
    await addLine(page, '4 x 6 in', 2, 'lone-tree.jpg');
    await page.getByLabel('Choose line 1').check();
    await page.getByLabel('Choose line 2').check();
    await page.getByRole('button', { name: 'Pass', exact: true }).click();
    await expect(page.getByText('2 of 2 passed')).toBeVisible();
    await page.getByLabel('Choose line 1').check();
    await page.getByLabel('Choose line 2').check();
    await page.getByRole('button', { name: 'Remove', exact: true }).click();
    await expect(rows).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(rows).toHaveCount(2);
    await expect(page.getByText('2 of 2 passed')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('0 of 2 passed')).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(rows).toHaveCount(1);
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect(rows).toHaveCount(2);
});

test('a colour for the border is taken from the picture', async ({ page }) => {
    await onBench(page, '8 x 8 in', 'dyed-wool.jpg');
    const border = await add(page, 'a border', 'Border');
    await border.getByRole('radio', { name: 'Even all round' }).click();
    await border.getByLabel('All round').fill('0.5 in');
    await border.getByLabel('All round').press('Enter');
    const colours = border.getByRole('group', { name: /suggestions/ }).getByRole('button');
    await expect(colours).toHaveCount(7);
    await colours.nth(2).click();
    const strong = (await colours.nth(2).getAttribute('aria-label'))!;
    await expect(sentence(page)).toContainText(`a ${strong} border of 0.5 in`);
    await border.getByRole('textbox', { name: 'Colour of the paper' }).fill('reddish');
    await border.getByRole('textbox', { name: 'Colour of the paper' }).press('Enter');
    await expect(border.getByRole('alert')).toContainText('a colour such as #1c1c1c');
    await border.getByRole('button', { name: 'Take it from the picture' }).click();
    const paper = (await page.getByTestId('paper').boundingBox())!;
    await page.mouse.click(paper.x + paper.width * 0.4, paper.y + paper.height * 0.4);
    await expect(sentence(page)).not.toContainText(strong);
    await expect(sentence(page)).toContainText(/a [a-z ]+ #[0-9a-f]{6} border of 0.5\sin/);
});

test('a house finish is kept from one line and given to others', async ({ page }) => {
    await newOrder(page, 'Keepers of Tarn Light');
    await addPictures(page, `${PICTURES}/lone-tree.jpg`);
    for (const size of ['8 x 10 in', '11 x 14 in', '5 x 7 in']) {
        await addLine(page, size, 1, 'lone-tree.jpg');
    }
    const rows = page.getByRole('main').getByRole('listitem');
    await rows.first().getByRole('link').click();
    const border = await add(page, 'a border', 'Border');
    await border.getByRole('radio', { name: 'Even all round' }).click();
    await border.getByLabel('All round').fill('7 mm');
    await border.getByLabel('All round').press('Enter');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'House finish' }).click();
    await page.getByRole('button', { name: /Keep this line’s choices/ }).click();
    const keep = page.getByRole('dialog', { name: 'House finish' });
    await keep.getByLabel('Kept under the name').fill('Warm card');
    await keep.getByRole('button', { name: 'Keep it' }).click();
    await expect(keep.getByRole('alert')).toHaveText('There is a house finish of this name already.');
    await keep.getByLabel('Kept under the name').fill('Seven all round');
    await expect(keep.getByLabel('a white border of 7 mm')).toBeChecked();
    for (const box of await keep.getByRole('checkbox').all()) {
        await box.setChecked(/7\smm/.test((await box.locator('..').textContent())!));
    }
    await keep.getByRole('button', { name: 'Keep it' }).click();
    await expect(keep.getByRole('button', { name: /Seven all round/ })).toBeVisible();
    await page.keyboard.press('Escape');
    await page.getByRole('link', { name: 'Order sheet' }).click();

    await page.getByLabel('Choose line 2').check();
    await page.getByLabel('Choose line 3').check();
    await page.getByRole('button', { name: 'House finish' }).click();
    await page
        .getByRole('dialog', { name: 'House finish' })
        .getByRole('button', { name: /Seven all round/ })
        .click();
    await expect(page.getByText('“Seven all round” is given to 2 lines.')).toBeVisible();
    await rows.nth(2).getByRole('link').click();
    await expect(sentence(page)).toContainText('a white border of 7 mm');
    await page.keyboard.press('Control+z');
    await expect(sentence(page)).not.toContainText('7 mm');

    await page.goto('/house-finishes');
    await page
        .getByRole('listitem')
        .filter({ hasText: 'Remove' })
        .filter({ hasText: '7 mm' })
        .getByRole('button', { name: 'Remove', exact: true })
        .click();
    await page.getByRole('button', { name: 'Remove it for good' }).click();
    await expect(page.getByText('7 mm')).toHaveCount(0);
});

test('bad figures of the paper are told and the line stays workable', async ({ page }) => {
    await onBench(page, '4 x 6 in', 'lone-tree.jpg');
    const border = await add(page, 'a border', 'Border');
    await border.getByRole('radio', { name: 'Even all round' }).click();
    const all = border.getByLabel('All round');
    await all.fill('3 px');
    await all.press('Enter');
    await expect(border.getByRole('alert')).toContainText('is in pixels');
    await all.fill('3 in');
    await all.press('Enter');
    await expect(page.getByText('The border leaves no room')).toBeVisible();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Leave the border away' }).click();
    await expect(page.getByText('The border leaves no room')).toHaveCount(0);
    const sheet = await add(page, 'a larger sheet', 'Larger sheet');
    await sheet.getByRole('radio', { name: '8 × 8 in' }).click();
    await expect(page.getByText('Laid on 8 × 8 in')).toBeVisible();
    await page.keyboard.press('Escape');
    await page.locator('[data-figure=paper-width]').click();
    await page.getByRole('textbox', { name: 'Paper width' }).fill('9 in');
    await page.getByRole('textbox', { name: 'Paper width' }).press('Enter');
    await expect(page.getByText('8 × 8 in is too small a sheet')).toBeVisible();
    await page.getByRole('button', { name: 'Choose the sheet that suits' }).click();
    await expect(page.getByText('is too small a sheet')).toHaveCount(0);
});
