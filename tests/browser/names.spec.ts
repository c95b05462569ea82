import { Hand } from './hand';
import { addLine, addPictures, expect, newOrder, openWord, painted, test } from './studio';

test('words of one’s own are in the name once, whatever is clicked behind them', async ({ page }) => {
    await newOrder(page, 'Isholm Rowing Club');
    await addPictures(page, painted('winter-fair.jpg', '1800x1200'));
    await addLine(page, '4 x 6 in', 1, 'winter-fair.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    const names = await openWord(page, 'What the file is called');
    const own = names.getByLabel('add your own words');
    await own.fill('final');
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('sentence')).toContainText('_winter-fair_1_final');
    await expect(own).toHaveValue('');
    await names.getByRole('button', { name: 'order', exact: true }).click();
    await expect(page.getByTestId('sentence')).toContainText(/_winter-fair_1_final_\d+-\d+/);
    await names.getByRole('button', { name: 'sheet', exact: true }).click();
    await expect(names.getByRole('list', { name: 'Parts of the name' }).getByText('“final”')).toHaveCount(1);
});

test('a name typed whole, and a house finish by its first letters, kept from a line in two acts', async ({ page }) => {
    await newOrder(page, 'Isholm Rowing Club');
    await addPictures(page, painted('winter-fair.jpg', '1800x1200'));
    await addLine(page, '4 x 6 in', 1, 'winter-fair.jpg');
    const row = page.getByRole('main').getByRole('listitem').first();
    await row.getByRole('link').click();
    const sentence = page.getByTestId('sentence');
    const names = await openWord(page, 'What the file is called');
    await names.getByLabel('Whole').fill('{size}_christmas decor_{banana}');
    await page.keyboard.press('Enter');
    await expect(names.getByText(/\{banana\} is no part of a name\. Parts are client, order/)).toBeVisible();
    await names.getByLabel('Whole').fill('{size}_christmas decor_{copies}');
    await page.keyboard.press('Enter');
    await expect(sentence).toContainText('4x6_christmas-decor_');
    await page.keyboard.press('Escape');

    const hand = new Hand(page);
    await hand.key('u', 'house finishes');
    const finishes = page.getByRole('dialog', { name: 'House finish' });
    await hand.type(finishes.getByLabel('Its first letters'), 'w', 'its first letters');
    // those that begin so come before those of which a later word does (“Proof, with our mark”)
    await expect(finishes.getByRole('list').getByRole('button').first()).toContainText(/^W/);
    await expect(finishes.getByRole('button', { name: /^Proof, with our mark/ })).toBeVisible();
    await finishes.getByLabel('Its first letters').fill('warm c');
    await expect(finishes.getByRole('list').getByRole('button')).toHaveCount(1);
    await hand.key('Enter', 'give it');
    await expect(page.getByText('“Warm card” is given to the line.')).toBeVisible();
    await expect(sentence).toContainText('border');

    const keeping = new Hand(page);
    await keeping.key('u', 'house finishes');
    await keeping.click(finishes.getByRole('button', { name: /^Keep this line’s as/ }), 'keep it');
    await expect(page.getByText(/^“.*” is kept as a house finish\.$/)).toBeVisible();
    expect(keeping.count).toBe(2);

    await page.keyboard.press('o');
    await expect(page.getByText('0 of 1 passed')).toBeVisible();
    await page.keyboard.press('u');
    await expect(page.getByText('Choose lines first; then U gives them a house finish.')).toBeVisible();
});

test('where there is too little room a picture’s name is cut short, and the size beside it isn’t', async ({ page }) => {
    await newOrder(page, 'Isholm Rowing Club');
    const name = `${'winter-fair-at-the-old-harbour-'.repeat(4)}1.jpg`;
    await addPictures(page, painted(name, '1800x1200'));
    await addLine(page, '4 x 6 in', 1, name);
    const row = page.getByRole('main').getByRole('listitem').first();
    const [subject, size] = [row.getByRole('link').locator('span').nth(0), row.getByRole('link').locator('span').nth(1)];
    await expect(size).toHaveText(', cropped to 4 × 6 in');
    const isCut = (of: typeof size) => of.evaluate((element) => element.scrollWidth > element.clientWidth);
    expect(await isCut(subject)).toBe(true);
    expect(await isCut(size)).toBe(false);
});
