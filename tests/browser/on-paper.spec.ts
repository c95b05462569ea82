import type { Page } from '@playwright/test';
import { statSync } from 'node:fs';
import { addLine, addPictures, download, exif, expect, newOrder, openWord, painted, PICTURES, test, tool } from './studio';

const PROFILES = 'demo/profiles';

/** The mean lightness of a file's darker half, as ImageMagick reads its codes. */
const shadows = (path: string) =>
    Number(
        tool(
            '/usr/bin/convert',
            path,
            '-colorspace',
            'Gray',
            '-resize',
            '200x',
            '-fx',
            'u<0.35?u:0',
            '-format',
            '%[fx:255*mean]',
            'info:',
        ),
    );

/** The mean codes of what a layer of the drawing shows, as the browser draws it. */
const meanOf = (page: Page, view: 'preview' | 'proof' | 'straight') =>
    page.evaluate(async (part) => {
        const of = [...document.querySelectorAll('image')].find((one) => one.getAttribute('href')?.includes(`/${part}/`))!;
        const image = new Image();
        image.src = of.getAttribute('href')!;
        await image.decode();
        const canvas = new OffscreenCanvas(1, 1).getContext('2d')!;
        canvas.drawImage(image, 0, 0, 1, 1);
        return [...canvas.getImageData(0, 0, 1, 1).data].slice(0, 3);
    }, view);

/** The page of a lab's card, its papers open to be changed. */
async function openPapers(page: Page, lab: string) {
    await page.goto('/labs');
    await page.getByRole('link', { name: lab }).click();
    const papers = page.getByRole('region', { name: 'Papers' });
    await papers.getByRole('button', { name: 'Change papers' }).click();
    return papers;
}

const keepCard = async (page: Page) => {
    await page.getByRole('button', { name: 'Keep the card' }).click();
    await expect(page.getByText(/^The card of .* is kept\.$/).first()).toBeVisible();
    await expect(page.getByRole('button', { name: 'Keep the card' })).toHaveCount(0);
};

test('a profile is taken up onto the lab card, and what is none is refused', async ({ page }) => {
    const card = await openPapers(page, 'Copperbeck Colour');
    await card.getByLabel('Name of the paper').fill('Baryta');
    await card.getByRole('button', { name: 'Add this paper' }).click();
    const row = card.getByRole('listitem').filter({ hasText: 'Baryta' });
    await expect(row.getByText('no profile yet')).toBeVisible();
    await card.getByLabel('Profile of Baryta').setInputFiles(`${PICTURES}/beehives.jpg`);
    await expect(card.getByRole('alert')).toContainText('“beehives.jpg.icc” wasn’t taken: it is not an ICC profile');
    await card.getByLabel('Profile of Baryta').setInputFiles('imaging/profiles/srgb.icc');
    await expect(card.getByRole('alert')).toContainText('it describes a screen, and a paper’s profile is wanted');
    await card.getByLabel('Profile of Baryta').setInputFiles(`${PROFILES}/simulated-lustre.icc`);
    await expect(row.getByText('Simulated lustre paper')).toBeVisible();
    await expect(card.getByRole('alert')).toHaveCount(0);
    await card.getByLabel('Name of the paper').fill('Baryta');
    await card.getByRole('button', { name: 'Add this paper' }).click();
    await expect(card.getByRole('alert')).toContainText('has a paper called “Baryta” already');
    await card.getByRole('button', { name: 'Remove Baryta' }).click();
    await expect(row).toHaveCount(0);
    await card.getByLabel('Name of the paper').fill('Baryta');
    await card.getByRole('button', { name: 'Add this paper' }).click();
    await card.getByLabel('Profile of Baryta').setInputFiles(`${PROFILES}/simulated-lustre.icc`);
    await expect(row.getByText('Simulated lustre paper')).toBeVisible();
    await keepCard(page);
    await expect(page.getByRole('img', { name: /Gamuts of sRGB, Adobe RGB \(1998\), Baryta/ })).toBeVisible();
});

test('from a wide space into the paper’s own profile, with the camera it was taken with', async ({ page }) => {
    const [strong, wide] = [painted('strong.tif', '3600x3600', 'gradient:lime-cyan'), painted('glaze.tif', '10x10')];
    tool('vips', 'icc_transform', strong, wide, 'p3', '--input-profile', 'srgb', '--depth', '16');
    tool(
        'exiftool',
        ...['-q', '-overwrite_original', '-n', '-EXIF:Make=Corrin', '-EXIF:FNumber=8', '-EXIF:SerialNumber=12345'],
        ...['-EXIF:GPSLatitude=54.1', '-EXIF:GPSLatitudeRef=N', wide],
    );
    const card = await openPapers(page, 'Copperbeck Colour');
    await card.getByLabel('It takes files in a paper’s own profile').check();
    await keepCard(page);
    await newOrder(page, 'Brindle Pottery', 'Copperbeck Colour');
    await addPictures(page, wide);
    await addLine(page, '30 x 30 cm', 1, 'glaze.tif');

    // What the paper can't hold is told on the sheet, before anybody has had it on the bench.
    const line = page.getByRole('main').getByRole('listitem').first();
    await expect(line.getByText(/% of the colours don’t fit/)).toBeVisible({ timeout: 20_000 });
    await line.getByRole('link').click();
    const colour = await openWord(page, 'Colour space');
    await colour.getByRole('radio', { name: /^The paper’s profile/ }).click();
    await colour.getByRole('radio', { name: /^together/ }).click();
    await page.keyboard.press('Escape');
    const file = await openWord(page, 'Kind of file');
    await file.getByRole('radio', { name: /^Camera and exposure/ }).click();
    await expect(page.getByTestId('sentence')).toContainText('with its camera and exposure');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: /^Pass and go on/ }).click();
    await expect(page.getByText('Every line is passed')).toBeVisible();
    await page.getByRole('button', { name: 'Make files' }).click();
    await expect(page.getByText('1 of 1 made and read back')).toBeVisible({ timeout: 60_000 });
    const made = exif(await download(page, () => page.getByRole('link', { name: /^Download brindle/ }).click()));
    expect(made['ICC_Profile:ProfileDescription']).toBe('Simulated lustre paper');
    expect([made['IFD0:Make'], made['ExifIFD:FNumber']]).toEqual(['Corrin', 8]);
    expect(Object.keys(made).filter((tag) => /GPS|Serial/.test(tag))).toEqual([]);

    // A card that contradicts itself says so.
    await openPapers(page, 'Copperbeck Colour');
    await card.getByRole('button', { name: 'Remove Baryta' }).click();
    await expect(page.getByText('none of its papers has one')).toBeVisible();
    await card.getByLabel('It takes files in a paper’s own profile').uncheck();
    await expect(page.getByText('none of its papers has one')).toHaveCount(0);
    await keepCard(page);
});

test('seen on its paper, opened for it, and the file that comes out', async ({ page }) => {
    test.setTimeout(90_000);
    await newOrder(page, 'Ottoline Marsh');
    await addPictures(page, `${PICTURES}/dark-still-life.jpg`);
    await addLine(page, '8 x 10 in', 1, 'dark-still-life.jpg');
    await addLine(page, '8 x 10 in', 1, 'dark-still-life.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    const sentence = page.getByTestId('sentence');
    await sentence.getByRole('button', { name: /^add/ }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'which paper' }).click();
    await page.getByRole('radio', { name: /^Cotton rag/ }).click();
    await page.keyboard.press('Escape');
    await expect(sentence).toContainText('on Cotton rag paper');

    // Pressed, it stays on paper until pressed again; held, it is gone when let go.
    await page.getByTestId('drawing').click({ position: { x: 30, y: 200 } });
    await page.keyboard.press('p');
    await expect(page.getByTestId('proof')).toBeVisible();
    await expect(page.getByText(/Darkest tone 1\d instead of \d+; white a little warm/)).toBeVisible();
    // As the browser shows it, it is the same picture, a little duller.
    const [shown, onPaper] = [await meanOf(page, 'preview'), await meanOf(page, 'proof')];
    for (const band of [0, 1, 2]) {
        expect(Math.abs(shown[band]! - onPaper[band]!)).toBeLessThan(25);
    }
    await page.keyboard.press('p');
    await expect(page.getByTestId('proof')).toHaveCount(0);
    await page.keyboard.down('p');
    await expect(page.getByTestId('proof')).toBeVisible();
    await page.waitForTimeout(600); // that is held
    await page.keyboard.up('p');
    await expect(page.getByTestId('proof')).toHaveCount(0);
    const onPaperButton = page.getByRole('button', { name: 'On paper', exact: true });
    await onPaperButton.focus();
    await page.keyboard.press('Space');
    await expect(onPaperButton).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('Enter');
    await expect(onPaperButton).toHaveAttribute('aria-pressed', 'false');
    await page.keyboard.press('g');
    await expect(page.getByTestId('hatching')).toBeVisible();
    await page.keyboard.press('g');

    // Split, with an edge that moves.
    await page.getByRole('button', { name: 'Split' }).click();
    const edge = page.getByRole('slider', { name: 'Where the paper begins' });
    await edge.focus();
    await page.keyboard.press('ArrowLeft');
    await expect(edge).toHaveAttribute('aria-valuenow', '48');
    // What the shadows lose is offered back, live on the proof.
    await page
        .getByRole('button', { name: /^Open the three-quarter tones by/ })
        .first()
        .click();
    await expect(sentence).toContainText('opened by');
    // Left of the edge it is as it was before, on the same paper: darker than on its right.
    await expect(page.getByText('Left as it was before it was lifted.')).toBeVisible();
    await expect(page.locator('image[href*="/straight/"]')).toBeVisible();
    const [before, after] = [await meanOf(page, 'straight'), await meanOf(page, 'proof')];
    expect(after[1]!).toBeGreaterThan(before[1]!);
    await page.getByRole('button', { name: 'Split' }).click();
    const lifted = await openWord(page, 'Lifted for paper');
    await lifted.getByLabel('Three-quarter tones opened by').fill('900 %');
    await lifted.getByLabel('Three-quarter tones opened by').press('Enter');
    await expect(lifted.getByText('Write a number from 0 to 100')).toBeVisible();
    await lifted.getByLabel('Three-quarter tones opened by').fill('100 %');
    await lifted.getByLabel('Three-quarter tones opened by').press('Enter');
    await expect(sentence).toContainText('opened by 100 %');
    await page.keyboard.press('Escape');

    await page.getByRole('button', { name: /^Pass and go on/ }).click();
    await expect(page.getByText('Line 2 of 2')).toBeVisible();
    await page.getByRole('button', { name: /^Pass and go on/ }).click();
    await expect(page.getByText('Every line is passed')).toBeVisible();
    await page.getByRole('button', { name: 'Make files' }).click();
    await expect(page.getByText('2 of 2 made and read back')).toBeVisible({ timeout: 60_000 });
    const links = page.getByRole('link', { name: /^Download ottoline/ });
    const opened = await download(page, () => links.nth(0).click());
    const plain = await download(page, () => links.nth(1).click());
    expect(exif(opened)['ICC_Profile:ProfileDescription'] ?? exif(opened)['ICC-header:ProfileDescription'] ?? 'sRGB').toContain(
        'sRGB',
    );
    expect(shadows(opened)).toBeGreaterThan(shadows(plain) + 2);
});

test('judged before it is made: histograms, a pixel for a pixel, and what the file will weigh', async ({ page }) => {
    await newOrder(page, 'Ottoline Marsh');
    await addPictures(page, `${PICTURES}/lighthouse-point.jpg`);
    await addLine(page, '8 x 10 in', 1, 'lighthouse-point.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    const drawing = page.getByTestId('drawing');
    await expect(drawing.getByTestId('preview')).toBeVisible();

    await page.keyboard.press('h');
    const histograms = page.getByRole('complementary', { name: 'Histograms' });
    await expect(histograms.getByRole('img', { name: /^The picture: .* at the dark end/ })).toBeVisible();
    await expect(histograms.getByText('three-quarter tones')).toHaveCount(2);
    await expect(histograms.getByText('none clipped by the conversion')).toBeVisible();
    await page.keyboard.press('h');
    await expect(histograms).toHaveCount(0);

    // A pixel of the file on one of the screen: what is shown is as large as the desk, and the arrows go to another part.
    const window = (await page.getByTestId('facts').innerText()).slice(0, 40);
    await page.keyboard.press('1');
    const part = page.getByAltText('A part of the file, a pixel for a pixel');
    await expect(page.getByText(/^one pixel of the file on one of the screen/)).toBeVisible({ timeout: 20_000 });
    const shown = await part.evaluate((image: HTMLImageElement) => [image.naturalWidth, image.width, image.src]);
    expect(shown[0]).toBe(shown[1]);
    await page.keyboard.press('Shift+ArrowRight');
    await expect(part).not.toHaveAttribute('src', new URL(String(shown[2])).pathname + new URL(String(shown[2])).search);
    await page.keyboard.press('1');
    await expect(drawing.getByTestId('preview')).toBeVisible();
    expect((await page.getByTestId('facts').innerText()).slice(0, 40)).toBe(window); // the arrows moved the view, not the picture

    const file = await openWord(page, 'Kind of file');
    await file.getByLabel('Quality, 1 to 100').fill('80');
    await file.getByLabel('Quality, 1 to 100').press('Enter');
    await expect(file).toHaveCount(0);
    await expect(page.getByTestId('sentence')).toContainText('JPEG 80');
    const lighter = await openWord(page, 'Kind of file');
    await expect(lighter.getByText(/^About [\d.]+\s[kM]B\. Against quality 100/)).toBeVisible({ timeout: 20_000 });
    const told = /About ([\d.]+)\s([kM])B/.exec(await lighter.getByRole('status').innerText())!;
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: /^Pass and go on/ }).click();
    await page.getByRole('button', { name: 'Make files' }).click();
    await expect(page.getByText('1 of 1 made and read back')).toBeVisible({ timeout: 60_000 });
    const bytes = statSync(await download(page, () => page.getByRole('link', { name: /^Download ottoline/ }).click())).size;
    expect(Math.abs(Number(told[1]) * (told[2] === 'M' ? 1e6 : 1e3) - bytes)).toBeLessThan(bytes / 10);
});

test('a drawing that takes too long is tried again and says so; one that can’t be shown says why', async ({ page }) => {
    await newOrder(page, 'Ottoline Marsh');
    await addPictures(page, `${PICTURES}/beehives.jpg`);
    await addLine(page, '8 x 10 in', 1, 'beehives.jpg');
    let refused = 0;
    await page.route('**/preview/**', (route) =>
        refused++ < 2 ? route.fulfill({ status: 503, json: { message: 'It couldn’t be shown just now.' } }) : route.fallback(),
    );
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    await expect(page.getByText('The drawing takes longer than it should; it is tried again.')).toBeVisible();
    await expect(page.getByTestId('preview')).toBeVisible({ timeout: 20_000 });

    await page.unroute('**/preview/**');
    await page.route('**/preview/**', (route) =>
        route.fulfill({ status: 422, json: { message: 'It can’t be shown of this picture: it is torn.' } }),
    );
    await page.keyboard.press('t');
    await expect(page.getByText('It can’t be shown of this picture: it is torn.')).toBeVisible();
});
