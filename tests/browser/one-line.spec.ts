import { chmodSync, readFileSync, writeFileSync } from 'node:fs';
import { basename } from 'node:path';
import { addLine, download, dropFile, exif, expect, fact, INSTANCE, newOrder, openWord, PICTURES, test, tool } from './studio';

test('an ordered size becomes a checked, named file', async ({ page }) => {
    await newOrder(page, 'Ottoline Marsh');
    await expect(page.getByText('No lines yet')).toBeVisible();
    await addLine(page, '8 × 10 in', 1);
    const row = page.getByRole('main').getByRole('listitem').first();
    await expect(row.getByText('Waiting for its picture')).toBeVisible();
    await dropFile(page, row, `${PICTURES}/lighthouse-point.jpg`);
    await expect(row.getByText('Lighthouse point, cropped to 8 × 10 in')).toBeVisible({ timeout: 30_000 });
    await row.getByRole('link').click();

    // The whole height of the picture, 5:4, in the middle: 3500 of 4200 px, a sixth cut.
    await expect(fact(page, '3500 × 2800 px')).toBeVisible();
    await expect(fact(page, '17 % cut')).toBeVisible();
    await expect(fact(page, 'left 8.3, right 8.3 %')).toBeVisible();
    await expect(page.getByTestId('preview')).toBeVisible();

    // The picture is dragged to the left under the window: more is cut from the left.
    const drawing = page.getByTestId('drawing').getByRole('img').first();
    const box = (await drawing.boundingBox())!;
    const saved = page.waitForResponse((response) => response.request().method() === 'PATCH');
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 - 25, box.y + box.height / 2, { steps: 8 });
    await page.mouse.up();
    const line = (await (await saved).json()) as { line: { window: { x: number } }; drawing: { window: { x: number } } };
    expect(line.line.window.x).toBeGreaterThan(0.5);
    const cutLeft = ((line.drawing.window.x / 4200) * 100).toFixed(0);
    await expect(fact(page, new RegExp(`left ${cutLeft}(\\.\\d)?, right `))).toBeVisible();

    // Turned to portrait and back by key; an 8 × 10 is 2400 × 3000 px at 300 ppi.
    await page.keyboard.press('t');
    await expect(fact(page, '2400 × 3000 px')).toBeVisible();
    await expect(page.getByTestId('sentence')).toContainText('portrait');

    // A word that is left by Esc is left: Enter passes the line, and doesn't open it again.
    await openWord(page, 'How many');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await page.keyboard.press('Enter');
    await expect(page.getByText('Every line is passed. Make the files when you are ready.')).toBeVisible();
    await page.getByRole('button', { name: 'Make files' }).click();
    const file = page.getByRole('main').getByRole('listitem').first();
    await expect(page.getByText('1 of 1 made and read back')).toBeVisible({ timeout: 30_000 });
    await expect(file.getByText('2400 × 3000 px')).toBeVisible();
    await expect(file.getByText('300 ppi')).toBeVisible();
    await expect(file.getByText('sRGB IEC61966-2.1')).toBeVisible();
    await expect(file.getByLabel('agrees with the plan')).toHaveCount(7);

    const path = await download(page, () => page.getByRole('link', { name: /^Download ottoline/ }).click());
    expect(path).toMatch(/ottoline-marsh_8x10_lighthouse-point_1\.jpg$/);
    expect(tool('identify', '-format', '%m %w %h', path)).toBe('JPEG 2400 3000');
    const tags = exif(path);
    expect(tags['JFIF:XResolution']).toBe(300);
    expect(tags['IFD0:XResolution']).toBe(300);
    expect(tags['ExifIFD:ColorSpace']).toBe(1);
    expect(tags['ICC_Profile:ProfileDescription']).toBe('sRGB IEC61966-2.1');

    const same = await download(page, () => page.keyboard.press('d')); // a set of one file is that file, no ZIP
    expect(readFileSync(same).equals(readFileSync(path))).toBe(true);

    // Altered on the disk afterwards it is given to nobody, by itself or as the set; one press makes it again.
    const folder = await page.getByRole('heading', { name: /^orders\// }).innerText();
    const kept = `${INSTANCE}/storage/app/${folder.trim()}/${basename(path)}`;
    chmodSync(kept, 0o644);
    writeFileSync(kept, Buffer.concat([readFileSync(kept), Buffer.from('x')]));
    const link = page.getByRole('link', { name: /^Download ottoline/ });
    const address = (await link.getAttribute('href'))!;
    await link.click();
    const told = page.getByRole('status').filter({ hasText: 'isn’t what was made any more' });
    await expect(told).toBeVisible();
    await told.getByRole('button', { name: 'Make it again' }).click();
    const given = async () => (await page.request.get(address)).status();
    await expect.poll(given, { timeout: 30_000 }).toBe(200); // the page may still show what was made before
    await expect(page.getByText('1 of 1 made and read back')).toBeVisible({ timeout: 30_000 });
    const mended = await download(page, () => link.click());
    expect(readFileSync(mended).equals(readFileSync(path))).toBe(true);

    await page.getByRole('link', { name: 'Order sheet' }).click();
    await expect(page.getByText('Made, read back')).toBeVisible();
});

test('every word of the sentence, by keys alone', async ({ page }) => {
    await newOrder(page, 'Keepers of Tarn Light', 'Copperbeck Colour');
    await page.getByLabel('Add pictures').setInputFiles([`${PICTURES}/glazed-bowls.jpg`, `${PICTURES}/brass-gears.jpg`]);
    await expect(page.getByText('Pictures · 2')).toBeVisible({ timeout: 30_000 });
    await addLine(page, '20 x 30 cm', 2, 'glazed-bowls.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    const sentence = page.getByTestId('sentence');

    await sentence.getByRole('button', { name: /How many$/ }).focus();
    await page.keyboard.press('Enter');
    await page.keyboard.press('Control+A');
    await page.keyboard.type('5');
    await page.keyboard.press('Enter');
    await expect(sentence).toContainText('Make 5 prints of Glazed bowls');

    await page.keyboard.press('Tab');
    await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
    const which = page.getByRole('dialog', { name: 'Which picture' });
    await which.getByRole('button', { name: /brass-gears/ }).press('Enter');
    await expect(sentence).toContainText('of Brass gears');

    const size = await openWord(page, 'Size on paper');
    await size.getByRole('textbox').fill('30 × 45 cm');
    await size.getByRole('textbox').press('Enter');
    await expect(sentence).toContainText('cropped to 30 × 45 cm');

    const turn = await openWord(page, 'Which way up');
    await turn.getByRole('radio', { name: 'Portrait' }).click();
    await expect(sentence).toContainText('portrait');
    await page.keyboard.press('Escape');

    const ppi = await openWord(page, 'Pixels per inch');
    await ppi.getByRole('radio', { name: 'A number' }).click();
    await ppi.getByRole('textbox').fill('120 px/cm');
    await ppi.getByRole('textbox').press('Enter');
    await expect(sentence).toContainText('at 120 px/cm');
    // 30 × 45 cm at 120 px/cm, and this lab's 3 mm of bleed all round: 36 px a side.
    await expect(fact(page, '3672 × 5472 px')).toBeVisible();

    const colour = await openWord(page, 'Colour space');
    await colour.getByRole('radio', { name: /^sRGB/ }).click();
    await page.keyboard.press('Escape');
    await expect(page.getByText('The lab asks for Adobe RGB (1998)')).toBeVisible();
    await expect(page.getByRole('button', { name: /Pass and go on/ })).toBeDisabled();
    await page.getByRole('button', { name: 'Use Adobe RGB (1998)' }).click();
    await expect(page.getByRole('button', { name: /Pass and go on/ })).toBeEnabled();

    const kind = await openWord(page, 'Kind of file');
    await kind.getByRole('radio', { name: /^JPEG/ }).click();
    await kind.getByLabel('Quality, 1 to 100').fill('88');
    await kind.getByLabel('Quality, 1 to 100').press('Enter');
    await expect(sentence).toContainText('saved as JPEG 88');

    const name = await openWord(page, 'What the file is called');
    await name.getByRole('button', { name: 'Leave client out' }).click();
    await name.getByRole('button', { name: 'date', exact: true }).click();
    await expect(name.getByTestId('file-name')).toHaveText(/^30x45cm_brass-gears_1_\d{4}-\d\d-\d\d\.jpg$/);
    await page.keyboard.press('Escape');

    // The window by keys: tighter, a step, back to the middle. Each is saved.
    const pixels = async () => (await page.getByTestId('facts').locator('dt').first().textContent())!;
    const whole = await pixels();
    await page.keyboard.press('+');
    await expect.poll(pixels).not.toBe(whole);
    const tight = await page.getByTestId('facts').textContent();
    await page.keyboard.press('Shift+ArrowRight');
    await expect.poll(() => page.getByTestId('facts').textContent()).not.toBe(tight);
    await page.keyboard.press('c');
    await expect.poll(() => page.getByTestId('facts').textContent()).toBe(tight);
    await page.reload();
    await expect(page.getByTestId('facts')).toHaveText(tight!);
});

test('a figure of the drawing is typed into', async ({ page }) => {
    await newOrder(page, 'Brindle Pottery');
    await page.getByLabel('Add pictures').setInputFiles(`${PICTURES}/lone-tree.jpg`);
    await expect(page.getByText('Pictures · 1')).toBeVisible({ timeout: 30_000 });
    await addLine(page, '8 x 10 in', 1, 'lone-tree.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    await page.getByRole('button', { name: /^Paper width: 10 in/ }).click();
    await page.getByRole('textbox', { name: 'Paper width' }).fill('banana');
    await page.getByRole('textbox', { name: 'Paper width' }).press('Enter');
    await expect(page.getByRole('alert')).toContainText('“banana” is not a length');
    await page.getByRole('textbox', { name: 'Paper width' }).fill('30 cm');
    await page.getByRole('textbox', { name: 'Paper width' }).press('Enter');
    await expect(page.getByTestId('sentence')).toContainText('cropped to 30 cm × 8 in');

    // Ruler-true: the paper's sides on screen stand to each other as its lengths do, 30 cm : 8 in.
    const box = (await page.getByTestId('paper').boundingBox())!;
    expect(box.width / box.height).toBeCloseTo(300 / 203.2, 1);
});
