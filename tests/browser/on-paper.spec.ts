import { addLine, addPictures, download, exif, expect, newOrder, openWord, PICTURES, test, tool } from './studio';

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

test('a profile is taken up onto the lab card, and what is none is refused', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('link', { name: 'Labs' }).click();
    const card = page.getByRole('region', { name: 'Copperbeck Colour' });
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
    await expect(card.getByRole('img', { name: /Gamuts of sRGB, Adobe RGB \(1998\), Baryta/ })).toBeVisible();
    await card.getByRole('button', { name: 'Remove Baryta' }).click();
    await expect(row).toHaveCount(0);
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

    // Held by P, and gone when let go.
    await page.getByTestId('drawing').click({ position: { x: 30, y: 200 } });
    await page.keyboard.down('p');
    await expect(page.getByTestId('proof')).toBeVisible();
    await expect(page.getByText(/Darkest tone 1\d instead of \d+; white a little warm/)).toBeVisible();
    await page.keyboard.up('p');
    await expect(page.getByTestId('proof')).toHaveCount(0);
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
