import type { Page } from '@playwright/test';
import { addLine, addPictures, expect, fact, newOrder, openWord, painted, test } from './studio';

/** A print on the bench, of a picture that is half as wide again as it is high. */
async function print(page: Page) {
    await newOrder(page, 'Isholm Rowing Club');
    await addPictures(page, painted('regatta-finish.jpg', '3600x2400'));
    await addLine(page, '8 x 10 in', 1, 'regatta-finish.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
}

test('one side is typed, the other follows: from the picture, then from a shape', async ({ page }) => {
    await print(page);
    const sentence = page.getByTestId('sentence');
    let size = await openWord(page, 'Size on paper');
    await size.getByLabel('Two sides, or one').fill('12 in wide');
    await page.keyboard.press('Enter');
    await expect(sentence).toContainText(/12\sin wide, so 12 × 8\sin, landscape/);
    size = await openWord(page, 'Size on paper');
    await size.getByRole('button', { name: '16 : 9' }).click();
    await expect(sentence).toContainText(/12\sin wide at 16:9, so 12 × 6\.75\sin/);
    size = await openWord(page, 'Size on paper');
    await size.getByLabel('Two sides, or one').fill('banana high');
    await page.keyboard.press('Enter');
    await expect(size.getByText(/is not a length/)).toBeVisible();
    await size.getByLabel('Two sides, or one').fill('9 in high');
    await page.keyboard.press('Enter');
    await expect(sentence).toContainText(/9\sin high at 16:9, so 16 × 9\sin/);
    size = await openWord(page, 'Size on paper');
    await size.getByRole('button', { name: /^8 × 10/ }).click();
    await expect(sentence).toContainText(/cropped to 8 × 10\sin/);
});

test('a mount’s opening says how large the image is, and is drawn before it', async ({ page }) => {
    await print(page);
    await page.getByTestId('sentence').getByRole('button', { name: /^add/ }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'a mount’s opening', exact: true }).click();
    const opening = page.getByRole('dialog', { name: 'Opening before it' });
    await opening.getByLabel('Opening of the mount').fill('9.5 x 7.5 in');
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('sentence')).toContainText(/behind an opening of 9\.5 × 7\.5\sin/);
    await expect(page.getByTestId('mount-opening')).toBeVisible();
    await expect(page.locator('[data-figure=opening-width]')).toHaveText('9.5 in');
    await expect(page.getByText('The image fills the opening')).toBeVisible();
    await opening.getByLabel('Behind the mount, each side').fill('10 mm');
    await page.keyboard.press('Enter');
    // 9.5 in and 20 mm are 10.29 in, on paper of 10
    await expect(page.getByText('The image behind the opening is larger than the paper')).toBeVisible();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: /Print it on 11 × 14/ }).click();
    await expect(page.getByText('The image fills the opening')).toBeVisible();
    await expect(fact(page, /4200 × 3300\spx/)).toBeVisible();
});
