import type { Page } from '@playwright/test';
import { addLine, addPictures, differ, download, expect, fact, newOrder, openWord, painted, test, tool } from './studio';

/** A set of panels on the bench. */
async function set(page: Page, size: string) {
    await newOrder(page, 'Keepers of Tarn Light');
    // A picture of its own: what is marked in it is marked for the whole studio.
    const picture = painted('river-mouth.jpg', '4200x2800');
    await addPictures(page, picture);
    await addLine(page, size, 1, 'river-mouth.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    const make = await openWord(page, 'What it is made into');
    await make.getByRole('radio', { name: /A set of panels/ }).click();
    await expect(page.getByTestId('sentence')).toContainText('shared out between three equal panels');
}

/** Drags a joint along by so many screen pixels and lets go. */
async function drag(page: Page, name: string, by: number) {
    const box = (await page.locator(`[data-joint=${name}]`).boundingBox())!;
    const [x, y] = [box.x + box.width / 2, box.y + box.height * 0.3];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + by / 2, y, { steps: 4 });
    await page.mouse.move(x + by, y, { steps: 4 });
    return () => page.mouse.up();
}

test('a three-panel wall piece, a joint moved off what is marked, to the files that are read back', async ({ page }) => {
    test.setTimeout(120_000);
    await set(page, '90 x 60 in');
    const sentence = page.getByTestId('sentence');
    for (const column of [1, 2, 3]) {
        await expect(page.locator(`[data-figure=column-${column}]`)).toHaveText('30 in');
    }
    await expect(page.getByText('3 of 30 × 60 in, one colour space, one kind of file.')).toBeVisible();
    await expect(
        page.getByText(/47\sppi: less than the lab’s 300\sppi, but sharp from 6\.1\sft, and it is looked at from 9\sft/),
    ).toBeVisible();
    await expect(fact(page, /at most 90 × 60\sin by picture and lab/)).toBeVisible(); // the lab makes nothing longer than 60 in
    await page.getByRole('button', { name: 'Make it at 150 ppi' }).click();
    await expect(fact(page, '3 × 4500 × 9000 px')).toBeVisible();

    // The tower, marked where the right joint goes through it.
    await page.keyboard.press('k');
    const panel = (await page.getByTestId('panel').nth(2).boundingBox())!;
    await page.mouse.move(panel.x - 40, panel.y + 60);
    await page.mouse.down();
    await page.mouse.move(panel.x + 24, panel.y + 180, { steps: 6 });
    await page.mouse.up();
    await expect(page.getByText('“must stay in” lies on a joint')).toBeVisible();
    await expect(page.getByText(/^The right joint goes through it/)).toBeVisible();
    await expect(page.getByRole('button', { name: /^Pass and go on/ })).toBeDisabled();

    // Dragged off it; the figure follows, and it catches just clear of the mark.
    const release = await drag(page, 'joint-column-2', 26);
    await expect(page.locator('[data-joint=joint-column-2] text')).toHaveText(/in$/);
    await release();
    await expect(page.getByText('No joint touches what is marked')).toBeVisible();
    await expect(page.locator('[data-figure=column-1]')).toHaveText('30 in');
    await expect(page.locator('[data-figure=column-2]')).not.toHaveText('30 in');
    await expect(sentence).toContainText('shared out between three panels of');
    // Undone, then as proposed: both sides alike, nothing marked touched.
    await page.keyboard.press('Control+z');
    await expect(page.getByText('“must stay in” lies on a joint')).toBeVisible();
    await page.getByRole('button', { name: /^Share it out as/ }).click();
    await expect(page.getByText('No joint touches what is marked')).toBeVisible();
    const [left, right] = [page.locator('[data-figure=column-1]'), page.locator('[data-figure=column-3]')];
    expect(await left.textContent()).toBe(await right.textContent());

    // At a size that is quick to make, hung an inch apart.
    const size = await openWord(page, 'Size on paper');
    await size.getByRole('textbox').fill('30 x 20 in');
    await size.getByRole('textbox').press('Enter');
    await expect(page.getByText('The widths don’t add up')).toBeVisible();
    const panels = await openWord(page, 'How it is shared out');
    await panels.getByLabel('Across').fill('8, 14, 8 in');
    await panels.getByLabel('Across').press('Enter');
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-figure=column-2]')).toHaveText('14 in');
    await sentence.getByRole('button', { name: /^add/ }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'wall between the panels' }).click();
    await page.getByLabel('Wall between panels').fill('1 in');
    await page.getByLabel('Wall between panels').press('Enter');
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-figure=wall-width]')).toHaveText('32 in');
    await expect(fact(page, /32 × 20\sin on the wall/)).toBeVisible();

    await page.getByRole('button', { name: /^Pass and go on/ }).click();
    await expect(page.getByText('Every line is passed')).toBeVisible();
    await page.getByRole('button', { name: 'Make files' }).click();
    await expect(page.getByText('3 of 3 made and read back')).toBeVisible({ timeout: 60_000 });
    const paths: string[] = [];
    for (const name of ['left', 'middle', 'right']) {
        paths.push(
            await download(page, () => page.getByRole('link', { name: new RegExp(`^Download .*_${name}\\.jpg$`) }).click()),
        );
    }
    expect(paths.map((path) => tool('identify', '-format', '%w %h', path))).toEqual(['1200 3000', '2100 3000', '1200 3000']);
    // The seam: the last column of one panel and the first of the next are neighbours of one picture.
    const seam = differ([paths[0]!, '-crop', '1x3000+1199+0'], [paths[1]!, '-crop', '1x3000+0+0']);
    const elsewhere = differ([paths[0]!, '-crop', '1x3000+0+0'], [paths[1]!, '-crop', '1x3000+0+0']);
    expect(seam).toBeLessThan(elsewhere / 2);

    // One that is whole is not made again for nothing.
    await page.getByRole('button', { name: /^Make .*_middle\.jpg again$/ }).click();
    await expect(page.getByText('The file is there, whole and unchanged')).toBeVisible();
});

test('joints by the keys, stacked panels, and what cannot be', async ({ page }) => {
    await set(page, '30 x 20 in');
    const joint = page.getByRole('slider', { name: 'Joint 1', exact: true });
    await joint.focus();
    await page.keyboard.press('Shift+ArrowRight');
    await expect(page.locator('[data-figure=column-1]')).toHaveText('10.39 in'); // 10 in and 10 mm
    await expect(joint).toHaveAttribute('aria-valuetext', '10.39 in');
    // Dragged far past its neighbour it stops there.
    await (
        await drag(page, 'joint-column-1', 2000)
    )();
    await expect(page.locator('[data-figure=column-2]')).toHaveText('0.4 in');
    await page.keyboard.press('Control+z');
    await expect(page.locator('[data-figure=column-1]')).toHaveText('10.39 in');
    const figure = page.locator('[data-figure=column-2]');
    await figure.click();
    await page.getByRole('textbox', { name: 'Column 2' }).fill('25 in');
    await page.getByRole('textbox', { name: 'Column 2' }).press('Enter');
    await expect(page.getByRole('alert')).toContainText('A joint can’t go past its neighbour');
    await page.keyboard.press('Escape');

    const panels = await openWord(page, 'How it is shared out');
    await panels.getByLabel('Across').fill(Array(40).fill('1').join(':'));
    await panels.getByLabel('Across').press('Enter');
    await expect(panels.getByText('40 columns are more than anybody hangs')).toBeVisible();
    await panels.getByLabel('Across').fill('one : two');
    await panels.getByLabel('Across').press('Enter');
    await expect(panels.getByText('“one” is no share')).toBeVisible();
    await panels.getByRole('button', { name: 'Stacked' }).click();
    await expect(page.getByTestId('sentence')).toContainText('three equal stacked panels');
    await page.keyboard.press('Escape');
    await expect(page.getByRole('slider', { name: 'Joint 2 between rows' })).toBeVisible();

    // On metal the lab makes no more than 30 × 40.
    const size = await openWord(page, 'Size on paper');
    await size.getByRole('textbox').fill('90 x 60 in');
    await size.getByRole('textbox').press('Enter');
    await expect(page.getByText(/^r1c1|The panel r1c1 is larger than the lab makes/)).toBeVisible();
    await page.getByRole('button', { name: /^Share it out between \d+ panels$/ }).click();
    await expect(page.getByText('The lab makes pieces so large')).toBeVisible();
});

test('the set hangs on the wall with its gaps, at true scale', async ({ page }) => {
    await page.goto('/orders/3/wall');
    await page.getByLabel('180 cm line').check();
    const line = (await page.getByRole('img', { name: /180 cm/ }).boundingBox())!;
    const triptych = (await page.getByRole('img', { name: /Point light, three equal panels/ }).boundingBox())!;
    expect(triptych.width / line.height).toBeCloseTo(186 / 180, 1);
    expect(triptych.height / line.height).toBeCloseTo(120 / 180, 1);
    const canvas = (await page.getByRole('img', { name: /Point light, canvas/ }).boundingBox())!;
    expect(canvas.width / line.height).toBeCloseTo(60 / 180, 1); // its face: the edge goes back to the wall
});
