import { addLine, addPictures, differ, download, exif, expect, fact, newOrder, openWord, PICTURES, test, tool } from './studio';

/** What another program says of a file's size: width, height. */
const size = (path: string) => tool('identify', '-format', '%w %h', path);

test('a 60 × 40 cm canvas for a lab that wants 2 cm, from its words to the file that is read back', async ({ page }) => {
    test.setTimeout(90_000);
    await newOrder(page, 'Keepers of Tarn Light', 'Copperbeck Colour');
    await addPictures(page, `${PICTURES}/lighthouse-point.jpg`);
    await addLine(page, '60 x 40 cm', 1, 'lighthouse-point.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    const sentence = page.getByTestId('sentence');
    const make = await openWord(page, 'What it is made into');
    await make.getByRole('radio', { name: /A canvas/ }).click();
    await expect(sentence).toContainText(
        'on a face of 60 × 40 cm, landscape to suit the picture, round bars 2 cm deep, its edge mirrored',
    );
    for (const [figure, label] of [
        ['paper-width', '60 cm'],
        ['paper-height', '40 cm'],
        ['sheet-width', '64 cm'],
        ['sheet-height', '44 cm'],
        ['depth-left', '2 cm'],
        ['depth-bottom', '2 cm'],
    ]) {
        await expect(page.locator(`[data-figure=${figure}]`)).toHaveText(label!);
    }
    await expect(page.getByText('60 × 40 cm, and 2 cm all round it: 64 × 44 cm of canvas.')).toBeVisible();
    await expect(page.getByTestId('folds')).toBeVisible();

    // 20 mm stays 20 mm, and bars unlike the lab's are told.
    const depth = await openWord(page, 'How deep the edge is');
    await depth.getByLabel('The bars are deep').fill('20 mm');
    await depth.getByLabel('The bars are deep').press('Enter');
    await expect(sentence).toContainText('round bars 20 mm deep');
    await depth.getByLabel('To spare beyond them').fill('1 in');
    await depth.getByLabel('To spare beyond them').press('Enter');
    await expect(page.locator('[data-figure=spare-right]')).toHaveText('1 in');
    await depth.getByLabel('To spare beyond them').fill('0 mm');
    await depth.getByLabel('To spare beyond them').press('Enter');
    await depth.getByLabel('The bars are deep').fill('30 cm');
    await depth.getByLabel('The bars are deep').press('Enter');
    await expect(page.getByText('The edge is deeper than half the face')).toBeVisible();
    await depth.getByLabel('The bars are deep').fill('%');
    await depth.getByLabel('The bars are deep').press('Enter');
    await expect(depth.getByText(/says no share of the face’s short side/)).toBeVisible();
    await depth.getByLabel('The bars are deep').fill('4 cm');
    await depth.getByLabel('The bars are deep').press('Enter');
    await page.keyboard.press('Escape');
    await expect(page.getByText('The lab’s bars are 2 cm deep')).toBeVisible();
    await page.getByRole('button', { name: 'Take 2 cm' }).click();
    await expect(sentence).toContainText('round bars 2 cm deep');

    // Dragged outward from the fold, with its figure shown.
    const edge = page.locator('[data-figure=depth-right]');
    await edge.click();
    await page.getByRole('textbox', { name: 'Depth right' }).fill('5 %');
    await page.getByRole('textbox', { name: 'Depth right' }).press('Enter');
    await expect(edge).toHaveText('5 %');
    await expect(page.locator('[data-figure=sheet-width]')).toHaveText('64 cm');

    // The edge as it will hang: the turned view shows the file's own edge, from either side, and large.
    await expect(page.getByRole('img', { name: 'The finished canvas, seen from the right' })).toBeVisible();
    await page.getByRole('button', { name: 'left', exact: true }).click();
    await expect(page.getByRole('img', { name: 'The finished canvas, seen from the left' })).toBeVisible();
    await expect(page.getByTestId('turned-edge')).toHaveCSS('background-image', /\/preview\//);
    await page.keyboard.press('b');
    await expect(page.getByRole('button', { name: 'Back to the drawing' })).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: 'Back to the drawing' })).toHaveCount(0);

    await page.keyboard.press('Enter');
    await expect(page.getByText('Every line is passed')).toBeVisible();
    await page.getByRole('button', { name: 'Make files' }).click();
    await expect(page.getByText('1 of 1 made and read back')).toBeVisible({ timeout: 60_000 });
    await expect(page.getByText('6047 × 4158 px')).toBeVisible(); // 64 × 44 cm at 240 ppi
    const path = await download(page, () => page.getByRole('link', { name: /^Download keepers/ }).click());
    expect(size(path)).toBe('6047 4158');
    expect(exif(path)['IFD0:XResolution']).toBe(240);
    // Its left edge is the face's left, mirrored: 189 px on either side of the fold.
    expect(differ([path, '-crop', '189x3780+0+189'], [path, '-crop', '189x3780+189+189', '+repage', '-flop'])).toBeLessThan(0.01);
});

test('softened, darkened and drawn out, then running on, then in one colour', async ({ page }) => {
    await page.goto('/orders/3/lines/13');
    const sentence = page.getByTestId('sentence');
    await expect(sentence).toContainText('softened by 30 %, darkened by 20 %');
    const soften = await openWord(page, 'Softening of the edge');
    await soften.getByLabel('Softened by').fill('300 %');
    await soften.getByLabel('Softened by').press('Enter');
    await expect(soften.getByText('Write a number from 0 to 100')).toBeVisible();
    await soften.getByLabel('Softened by').fill('60');
    await soften.getByLabel('Softened by').press('Enter');
    await expect(sentence).toContainText('softened by 60 %');
    const edge = await openWord(page, 'The edge');
    await edge.getByRole('radio', { name: /Drawn out/ }).click();
    await expect(sentence).toContainText('its edge drawn out');
    await openWord(page, 'The edge'); // one choice: it closed when it was chosen
    await edge.getByRole('radio', { name: /Runs on/ }).click();
    await expect(page.getByText(/of the window goes round the bar/)).toBeVisible();
    await expect(fact(page, /64 × 44\scm of canvas/)).toBeVisible();
    await openWord(page, 'The edge');
    await edge.getByRole('radio', { name: /One colour/ }).click();
    await expect(sentence).toContainText('its edge in white');
    await page.keyboard.press('Escape');
    await expect(sentence).not.toContainText('softened');
    // Four changes and four steps back.
    for (let step = 0; step < 4; step++) {
        await page.keyboard.press('Control+z');
    }
    await expect(sentence).toContainText('its edge mirrored, softened by 30 %, darkened by 20 %');
});

test('a house finish makes a line a canvas, and says what it leaves out', async ({ page }) => {
    await newOrder(page, 'Ottoline Marsh', 'Copperbeck Colour');
    await addPictures(page, `${PICTURES}/glazed-bowls.jpg`);
    await addLine(page, '60 x 40 cm', 1, 'glazed-bowls.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    await page.getByRole('button', { name: 'House finish' }).click();
    await page.getByRole('button', { name: /^Canvas, quiet edge/ }).click();
    await expect(page.getByTestId('sentence')).toContainText('its edge mirrored, softened by 40 %, darkened by 25 %');
    await page.getByRole('button', { name: 'House finish' }).click();
    await page.getByRole('button', { name: /^White border, fine line/ }).click();
    await expect(page.getByText(/means nothing for a canvas/)).toBeVisible();
});
