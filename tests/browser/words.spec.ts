import type { Page } from '@playwright/test';
import type { OrderSheet } from '../../resources/ui/api/types';
import { addLine, addPictures, download, expect, newOrder, openWord, painted, test, tool } from './studio';

/** A plain grey picture, on which white letters are easily found. */
const grey = (name: string, size = '3000x2000') => painted(name, size, 'xc:gray40');

/** Where white is, of a picture: left, top, right, bottom in its pixels. */
function inked(path: string): number[] {
    const found = tool(
        '/usr/bin/convert',
        ...[path, '-colorspace', 'Gray', '-threshold', '75%', '-trim', '-format', '%w %h %X %Y', 'info:'],
    );
    const [width, height, left, top] = found.replaceAll('+', '').split(' ').map(Number) as [number, number, number, number];
    return [left, top, left + width, top + height];
}

const typed = (page: Page) => page.getByTestId('typed-block');

async function oneGreyPrint(page: Page, size = '8 x 12 in') {
    await newOrder(page, 'Isholm Rowing Club');
    await addPictures(page, grey('grey.jpg'));
    await addLine(page, size, 1, 'grey.jpg');
    await page.getByRole('link', { name: /^Grey/ }).click();
    await expect(page.getByTestId('preview')).toBeVisible();
}

const lineOf = async (page: Page) => {
    const [, order, line] = /orders\/(\d+)\/lines\/(\d+)/.exec(page.url())!;
    const sheet = (await (await page.request.get(`/api/orders/${order}`)).json()) as OrderSheet;
    return sheet.lines.find(({ id }) => id === Number(line))!;
};

/** A part of the drawing as it is seen, and where white is in it. */
async function seen(page: Page, path: string) {
    const sheet = (await page.getByTestId('sheet').boundingBox())!;
    await page.screenshot({ path, clip: { x: sheet.x + 3, y: sheet.y + 3, width: sheet.width - 6, height: sheet.height - 6 } });
    return inked(path);
}

test('what is typed on the drawing stands there in the preview and in the file, in the same lines', async ({ page }, info) => {
    await oneGreyPrint(page);
    await page.keyboard.press('l');
    await expect(typed(page)).toBeFocused();
    await page.keyboard.type('The first day at the mouth of the river');
    await page.keyboard.press('Escape');
    const sentence = page.getByTestId('sentence');
    await expect(sentence).toContainText('lettered “The first day at the mo…” in Newsreader, 9 mm, white');

    // Its width is gripped: the lines are broken, and the words of the sentence say how wide.
    const block = page.getByTestId('block');
    await block.hover();
    const grip = (await page.getByTestId('block-width').boundingBox())!;
    await page.mouse.move(grip.x + grip.width / 2, grip.y + grip.height / 2);
    await page.mouse.down();
    const box = (await block.boundingBox())!;
    await page.mouse.move(box.x + box.width * 0.72, grip.y, { steps: 5 });
    await page.mouse.up();
    await expect.poll(async () => (await lineOf(page)).drawing!.added.lettering[0]!.lines.length).toBeGreaterThan(1);
    const words = await openWord(page, 'Lettering');
    await expect(words.getByLabel('At most so wide')).toHaveValue(/ in$/);
    await page.keyboard.press('Escape');
    await expect(page.getByTestId('preview')).toBeVisible();

    // Typed again: broken where it will be, and within a pixel of the preview.
    const lines = (await lineOf(page)).drawing!.added.lettering[0]!.lines.map(({ text }) => text);
    await page.mouse.move(5, 400);
    await page.getByTestId('block').dblclick();
    await expect(typed(page)).toBeFocused();
    const broken = await typed(page).locator('xpath=../..').locator('text').allTextContents();
    expect(broken).toEqual(lines);
    await typed(page).evaluate((field: HTMLElement) => {
        (field as HTMLTextAreaElement).setSelectionRange(0, 0);
        field.style.caretColor = 'transparent';
        field.style.outline = 'none';
    });
    const whileTyped = await seen(page, info.outputPath('typed.png'));
    await page.keyboard.press('Escape');
    await expect(page.getByTestId('preview')).toBeVisible();
    await page.mouse.move(5, 400);
    let inPreview = whileTyped;
    await expect(async () => {
        inPreview = await seen(page, info.outputPath('preview.png'));
        whileTyped.forEach((edge, side) => expect(Math.abs(edge - inPreview[side]!), `side ${side}`).toBeLessThanOrEqual(1));
    }).toPass({ timeout: 10_000 });

    // And the file has them there.
    await page.getByRole('button', { name: /^Pass and go on/ }).click();
    await page.getByRole('button', { name: 'Make files' }).click();
    await expect(page.getByText('1 of 1 made and read back')).toBeVisible({ timeout: 60_000 });
    const path = await download(page, () => page.getByRole('link', { name: /^Download .*\.jpg$/ }).click());
    const [width] = tool('identify', '-format', '%w %h', path).split(' ').map(Number) as [number, number];
    const scale =
        width / (await page.evaluate(() => 1), Number(tool('identify', '-format', '%w', info.outputPath('preview.png'))) + 6);
    inked(path).forEach((edge, side) => expect(Math.abs(edge / scale - 3 - inPreview[side]!), `side ${side}`).toBeLessThan(1.6));
});

test('lettering is dragged to the middle, moved by keys and taken away', async ({ page }) => {
    await oneGreyPrint(page);
    const drawing = (await page.getByTestId('sheet').boundingBox())!;
    await page.mouse.dblclick(drawing.x + drawing.width * 0.3, drawing.y + drawing.height * 0.3);
    await page.keyboard.type('Sold');
    await page.keyboard.press('Escape');
    const block = page.getByTestId('block');
    await expect(block).toBeVisible();
    expect((await lineOf(page)).line.lettering![0]!.x).toBeCloseTo(0.3, 1);
    const there = (await page.getByTestId('sheet').boundingBox())!; // the sentence has grown above it
    const at = (await block.boundingBox())!;
    await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
    await page.mouse.down();
    // nearly in the middle: it catches there
    await page.mouse.move(there.x + there.width / 2 + 4, there.y + there.height / 2 - 3, { steps: 6 });
    await page.mouse.up();
    await expect.poll(async () => (await lineOf(page)).line.lettering![0]).toMatchObject({ x: 0.5, y: 0.5 });
    await block.focus();
    await page.keyboard.press('Shift+ArrowRight');
    await expect.poll(async () => (await lineOf(page)).line.lettering![0]!.x).toBeCloseTo(0.5 + 10 / (12 * 25.4), 3);
    await block.focus();
    await page.keyboard.press('Delete');
    await expect(block).toHaveCount(0);
    await page.keyboard.press('Control+z');
    await expect(block).toHaveCount(1);
});

test('words go to the block of letters, the mark or the caption that has the focus', async ({ page }) => {
    await oneGreyPrint(page);
    const say = page.getByTestId('say-it').getByRole('textbox');
    const take = async () => {
        await page.keyboard.press('Enter');
        await expect(page.getByTestId('say-it')).toHaveCount(0);
    };
    await page.keyboard.press('w');
    await say.fill('the words "Sold", with the file name as a caption');
    await take();
    await expect(page.getByTestId('block')).toHaveCount(1);
    await page.keyboard.press('w');
    await say.fill('another line "Thank you"');
    await take();
    const second = page.getByTestId('block').nth(1);
    await expect(second).toBeVisible();
    await second.focus();
    await page.keyboard.press('w');
    await expect(say).toHaveAccessibleName(/^Say what is wanted of “Thank you”/);
    await say.fill('white, italic, at the bottom');
    await expect(page.getByTestId('sentence')).toContainText('italic'); // seen before it is done
    await take();
    await expect
        .poll(async () => (await lineOf(page)).line.lettering)
        .toMatchObject([{ text: 'Sold' }, { text: 'Thank you', colour: '#ffffff', slant: 'italic', y: 0.93 }]);
    const caption = page.getByTestId('sentence').getByRole('button', { name: /\. Caption$/ });
    await caption.focus();
    await page.keyboard.press('w');
    await expect(say).toHaveAccessibleName(/^Say what is wanted of the caption/);
    await say.fill('white');
    await take();
    await expect.poll(async () => (await lineOf(page)).line.caption?.colour).toBe('#ffffff');
    await second.focus();
    await page.keyboard.press('w');
    await say.fill('no lettering');
    await take();
    await expect.poll(async () => (await lineOf(page)).line.lettering?.map(({ text }) => text)).toEqual(['Sold']);
});

test('a caption is built of parts and says how it will read', async ({ page }) => {
    await newOrder(page, 'Isholm Rowing Club');
    const shot = grey('shot.jpg');
    tool(
        'exiftool',
        ...['-q', '-overwrite_original', '-n', '-ExifIFD:ExposureTime=0.004', '-ExifIFD:FNumber=8', '-ExifIFD:ISO=100', shot],
    );
    await addPictures(page, shot);
    await addLine(page, '8 x 12 in', 1, 'shot.jpg');
    await page.getByRole('link', { name: /^Shot/ }).click();
    const sentence = page.getByTestId('sentence');
    await sentence.getByRole('button', { name: /^add/ }).click();
    await page.getByRole('button', { name: 'a caption' }).click();
    await page.getByRole('button', { name: 'Caption it with the exposure' }).click();
    await expect(page.getByText('The caption has no room')).toBeVisible();
    await page.keyboard.press('Escape');
    await sentence.getByRole('button', { name: /^add/ }).click();
    await page.getByRole('button', { name: 'a border' }).click();
    await page.getByRole('radio', { name: 'Even all round' }).click();
    await page.getByLabel('All round').fill('0.75 in');
    await page.getByLabel('All round').press('Enter');
    await page.keyboard.press('Escape');
    await expect(sentence).toContainText('captioned “1/250 s · f/8 · ISO 100” below it');
    const caption = await openWord(page, 'Caption');
    await caption.getByRole('button', { name: 'the client' }).click();
    await caption.getByRole('button', { name: 'Move the client forward' }).click();
    await expect(caption.getByTestId('caption-reads')).toHaveText('Isholm Rowing Club · 1/250 s · f/8 · ISO 100');
    await caption.getByLabel('Height').fill('3 m');
    await caption.getByLabel('Height').press('Enter');
    await expect(caption.getByRole('alert')).toContainText('is no unit for paper');
    await caption.getByLabel('Height').fill('9 pt');
    await caption.getByLabel('Height').press('Enter');
    await expect(caption.getByRole('alert')).toHaveCount(0);
});

test('what can’t be saved is typed on, and nothing of it is lost', async ({ page }) => {
    await oneGreyPrint(page);
    await page.keyboard.press('l');
    await page.keyboard.insertText('one\u0007two');
    await page.keyboard.press('Escape');
    await expect(page.getByText(/letters alone/)).toBeVisible();
    await expect(typed(page)).toHaveValue('one\u0007two');
    await typed(page).fill('one two '.repeat(90)); // a person can’t type more than 500
    expect(await typed(page).getAttribute('maxlength')).toBe('500');
    await typed(page).fill('one two');
    await page.keyboard.press('Escape');
    await expect(page.getByTestId('sentence')).toContainText('lettered “one two”');
});

test('a letter no face has is told by name and code, and the line does not pass', async ({ page }) => {
    await oneGreyPrint(page);
    await page.keyboard.press('l');
    await page.keyboard.insertText('Hooray 😀');
    await page.keyboard.press('Escape');
    await expect(page.getByText('“😀” (GRINNING FACE, U+1F600)')).toBeVisible();
    await expect(page.getByRole('button', { name: /^Pass and go on/ })).toBeDisabled();
});

test('a card of two cells with lettering', async ({ page }) => {
    await newOrder(page, 'Ottoline Marsh');
    await addPictures(page, grey('front.jpg', '1800x1200'), painted('back.jpg', '1800x1200', 'xc:gray20'));
    await addLine(page, '4 x 6 in', 1, 'front.jpg');
    await addLine(page, '4 x 6 in', 1, 'back.jpg');
    await page.getByLabel('Choose line 1').check({ force: true });
    await page.getByLabel('Choose line 2').check({ force: true });
    await page.getByRole('button', { name: 'Put on shared sheets' }).click();
    await page.getByRole('button', { name: /^One sheet of 8 × 10 in/ }).click();
    await page.getByRole('link', { name: /^Two 4 × 6 in/ }).click();
    for (const [cell, words] of ['With thanks', 'from all of us'].entries()) {
        await expect(page.getByTestId('cell').nth(cell)).toBeVisible();
        if (cell > 0) {
            await page.getByTestId('cell').nth(cell).focus();
            await expect(page.getByTestId('cell-sentence')).toContainText(`Cell ${cell + 1}`);
        } // with none chosen the first gets them: they never lie across a cut
        await page.keyboard.press('l');
        await page.keyboard.type(words);
        await page.keyboard.press('Escape');
        await expect(page.getByTestId('cell-sentence')).toContainText(`lettered “${words}”`);
    }
    await page.getByRole('button', { name: /^Pass and go on/ }).click();
    await page.getByRole('button', { name: 'Make files' }).click();
    await expect(page.getByText('1 of 1 made and read back')).toBeVisible({ timeout: 60_000 });
    const path = await download(page, () => page.getByRole('link', { name: /^Download .*\.jpg$/ }).click());
    // each cell has letters of its own, as white as paper
    const sheet = tool('identify', '-format', '%wx%h', path);
    expect(sheet).toBe('2400x3000');
    for (const part of ['1800x1200+0+0', '1800x1200+0+1200']) {
        const white = tool(
            '/usr/bin/convert',
            ...[path, '-crop', part, '+repage', '-threshold', '80%', '-format', '%[fx:mean]', 'info:'],
        );
        expect(Number(white)).toBeGreaterThan(0.002);
        expect(Number(white)).toBeLessThan(0.6); // the rest of its half is paper
    }
});

test('a mark from a house finish, and screen copies of the order with it', async ({ page }) => {
    await oneGreyPrint(page);
    await page.getByRole('button', { name: 'House finish' }).click();
    await page
        .getByRole('menuitem', { name: /Proof, with our mark/ })
        .or(page.getByRole('button', { name: /Proof, with our mark/ }))
        .first()
        .click();
    await expect(page.getByTestId('sentence')).toContainText('with the mark “halloway-mark” at its bottom right');
    await expect(page.getByText('A mark will be printed')).toBeVisible();
    await page.getByRole('button', { name: 'Print without' }).click();
    await expect(page.getByText('A mark will be printed')).toHaveCount(0);
    await page.getByRole('link', { name: 'Order sheet' }).click();
    await page.getByRole('link', { name: 'Files made' }).click();
    await page.getByRole('button', { name: 'Screen copies' }).click();
    await page.getByLabel('Long side in pixels').fill('900');
    await page.getByRole('radio', { name: 'halloway-mark.png' }).click();
    await page.getByRole('button', { name: 'Make screen copies' }).click();
    await expect(page.getByText('1 of 1 made and read back')).toBeVisible({ timeout: 60_000 });
    await expect(page.getByRole('heading', { name: 'For screens, not for the lab' })).toBeVisible();
    const path = await download(page, () => page.getByRole('link', { name: /^Download .*screen\.jpg$/ }).click());
    expect(tool('identify', '-format', '%w %h', path)).toBe('900 600');
    const mark = tool(
        '/usr/bin/convert',
        ...[path, '-gravity', 'southeast', '-crop', '180x60+24+24', '-format', '%[fx:maxima]', 'info:'],
    );
    expect(Number(mark)).toBeGreaterThan(0.6);
    const again = await download(page, () => page.keyboard.press('d')); // a single one is no ZIP
    expect(tool('cmp', path, again)).toBe('');
});

test('a picture is cropped to the shape of a screen', async ({ page }) => {
    await oneGreyPrint(page);
    const make = await openWord(page, 'What it is made into');
    await make.getByRole('radio', { name: /A screen copy/ }).click();
    const sentence = page.getByTestId('sentence');
    await expect(sentence).toContainText('1 screen copy of Grey of 1600 px on its long side');
    const size = await openWord(page, 'Size on a screen');
    await size.getByRole('radio', { name: 'Cropped to an exact shape' }).click();
    await expect(sentence).toContainText('cropped to 1080 × 1350 px');
    await page.keyboard.press('Escape');
    await expect(page.getByText('It is for a screen')).toBeVisible();
    await page.locator('[data-figure=screen-width]').click();
    await page.getByRole('textbox', { name: 'Screen width' }).fill('900 px');
    await page.keyboard.press('Enter');
    await expect(sentence).toContainText('cropped to 900 × 1350 px');
    await page.keyboard.press('ArrowRight');
    await expect.poll(async () => (await lineOf(page)).line.window?.x ?? 0.5).not.toBe(0.5);
});
