import { addLine, addPictures, audit, expect, newOrder, painted, photographed, test } from './studio';

const NONE = 'No profile in the picture';

test('what many pictures have alike is settled on one page, in one key, and taken back in one', async ({ page }) => {
    await newOrder(page, 'Brindle Pottery');
    const names = ['jar-gray60.jpg', 'jar-gray65.jpg', 'jar-gray70.jpg', 'jar-gray75.jpg'];
    await addPictures(
        page,
        ...names.map((name) => painted(name, '1800x1200', `gradient:${name.slice(4, -4)}-gray50`)),
        photographed('kiln.jpg'),
    );
    await page
        .getByRole('textbox', { name: /What was ordered/ })
        .fill([...names, 'kiln.jpg'].map((name) => `one 4x6 of ${name}`).join('\n'));
    await page.getByRole('button', { name: 'Add 5 lines' }).click();
    const lines = page.getByRole('main').getByRole('list').first().getByRole('listitem');
    await expect(lines).toHaveCount(5);
    await page.keyboard.press('Escape'); // out of the field

    await page.keyboard.press('l');
    await expect(page.getByRole('heading', { name: NONE })).toContainText('4 lines');
    await expect(page.getByText('See that the colours are right.')).toHaveCount(1); // said once
    await audit(page);
    await page.getByRole('button', { name: 'Yes, line 2' }).click();
    await expect(page.getByRole('heading', { name: NONE })).toContainText('3 lines');
    await page.keyboard.press('y');
    await expect(page.getByText('That was all of them.')).toBeVisible();
    await expect(page.getByText('4 of 5 passed')).toBeVisible();

    await page.keyboard.press('Control+z');
    await expect(page.getByText('1 of 5 passed')).toBeVisible(); // the three at once
    await page.keyboard.press('Control+Shift+z');
    await expect(page.getByText('4 of 5 passed')).toBeVisible();

    await lines.first().getByRole('link').click();
    const finding = page.getByRole('complementary', { name: 'Before it goes' }).locator('[data-code=profile-none]');
    await expect(finding.getByRole('img', { name: 'settled' })).toBeVisible();
});

test('what would be left out is told before files are made, and passed and made in one press', async ({ page }) => {
    await newOrder(page, 'Isholm Rowing Club');
    await addPictures(page, photographed('kiln.jpg'), photographed('quay.jpg'));
    await addLine(page, '4 x 6 in', 1, 'kiln.jpg');
    await addLine(page, '4 x 6 in', 1, 'quay.jpg');
    await expect(page.getByRole('note')).toHaveCount(0); // nothing is passed: nothing is left out of anything yet
    await page.getByLabel('Choose line 1').check({ force: true });
    await page.getByRole('button', { name: 'Pass', exact: true }).click();
    const left = page.getByRole('note').filter({ hasText: 'Line 2 isn’t passed, and no files will be made of it.' });
    await expect(left).toBeVisible();
    await left.getByRole('button', { name: 'Pass it, and make all' }).click();
    await expect(page.getByText('2 of 2 made and read back')).toBeVisible({ timeout: 30_000 });
});
