import AxeBuilder from '@axe-core/playwright';
import type { Browser, Page } from '@playwright/test';
import { addLine, addPictures, expect, newOrder, painted, test } from './studio';

/** A client's own browser, which has never seen the studio. */
async function clientAt(browser: Browser, link: string, width = 1280) {
    const context = await browser.newContext({ viewport: { width, height: 844 }, storageState: undefined });
    const page = await context.newPage();
    await page.goto(link);
    return page;
}

async function showTheClient(page: Page) {
    await page.getByRole('button', { name: 'Show the client' }).click();
    await page.getByRole('button', { name: 'Make a link' }).click();
    const link = await page.getByLabel('The link').first().inputValue();
    await page.keyboard.press('Escape');
    return link;
}

test('an order is shown to a client in a second browser, answered there, and heard at the first at once', async ({
    page,
    browser,
}) => {
    await newOrder(page, 'Isholm Rowing Club');
    await addPictures(page, painted('boat.jpg', '1800x1200'), painted('shore.jpg', '1800x1200', 'plasma:teal-khaki'));
    await addLine(page, '4 x 6 in', 2, 'boat.jpg');
    await addLine(page, '8 x 10 in', 1, 'shore.jpg');
    await page.getByLabel('Choose line 1').check({ force: true });
    await page.getByRole('button', { name: 'Pass', exact: true }).click();
    await expect(page.getByRole('listitem').filter({ hasText: 'Boat' }).getByText('Passed')).toBeVisible();
    const link = await showTheClient(page);

    const client = await clientAt(browser, link);
    await expect(client.getByRole('heading', { level: 1 })).toContainText('Isholm Rowing Club');
    const prints = client.getByTestId('shown-print');
    await expect(prints).toHaveCount(2);
    await expect(prints.nth(0)).toContainText('2 prints, cropped to 4 × 6 in');
    await expect(prints.nth(1)).toContainText('Not on it:');
    expect(
        (await new AxeBuilder({ page: client }).analyze()).violations.filter(({ impact }) =>
            /serious|critical/.test(impact ?? ''),
        ),
    ).toEqual([]);

    await prints.nth(0).getByRole('button', { name: 'Write a note' }).click();
    await prints.nth(0).getByLabel('What should be different?').fill('A little <b>tighter</b>, please');
    await prints.nth(0).getByRole('button', { name: 'Send the note' }).click();
    await expect(prints.nth(0)).toContainText('You wrote:');
    // At the first browser, without anything being pressed there: the note, and its line open again.
    await expect(page.getByTestId('client-said')).toContainText('“A little <b>tighter</b>, please”', { timeout: 6000 });
    await expect(page.getByRole('listitem').filter({ hasText: 'Boat' }).getByText('Passed')).toHaveCount(0);

    await client.getByRole('button', { name: 'The rest as shown' }).click();
    await expect(client.getByRole('status')).toHaveText('All are answered. Thank you.');
    await expect(page.getByTestId('client-said')).toHaveCount(2, { timeout: 6000 });

    // A line changed since asks again; what was said before is kept as that.
    await page.getByRole('link', { name: /^Shore/ }).click();
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('c');
    await page
        .getByTestId('sentence')
        .getByRole('button', { name: /Which way up$/ })
        .click();
    await page.getByRole('radio', { name: /Portrait/ }).click();
    await page.keyboard.press('Escape');
    await expect(page.getByTestId('client-said')).toContainText('before it was changed', { timeout: 6000 });
    await client.reload();
    await expect(prints.nth(1)).toContainText('It has been changed since you answered');
    await prints.nth(1).getByRole('button', { name: 'Yes, as shown' }).click();
    await expect(page.getByTestId('client-said')).toContainText('The client said yes', { timeout: 6000 });

    // How often it was seen; revoked, it opens nothing.
    await page.getByRole('link', { name: 'Order sheet' }).click();
    await page.getByRole('button', { name: 'Show the client' }).click();
    await expect(page.getByText(/seen 2 times, last/)).toBeVisible();
    await page.getByRole('button', { name: 'Revoke' }).click();
    await expect(page.getByText('revoked')).toBeVisible();
    await client.reload();
    await expect(client.getByRole('heading', { name: 'This link isn’t open' })).toBeVisible();
    await client.goto(`${new URL(link).origin}/orders`);
    await expect(client.getByLabel('Password')).toBeVisible();
    await client.context().close();
});

test('the client’s page on a phone: one column, nothing cut off, all as shown in one press', async ({ page, browser }) => {
    await newOrder(page, 'Keepers of Tarn Light');
    await addPictures(page, painted('tower.jpg', '3600x2400'));
    await addLine(page, '8 x 12 in', 1, 'tower.jpg');
    await addLine(page, '4 x 6 in', 6, 'tower.jpg');
    await page.getByRole('link', { name: /^Tower, .*8 × 12/ }).click();
    const made = page.getByTestId('sentence').getByRole('button', { name: /What it is made into$/ });
    await made.click();
    await page.getByRole('radio', { name: /A canvas/ }).click();
    await expect(page.getByTestId('sentence')).toContainText('canvas');
    await page.keyboard.press('o');
    const link = await showTheClient(page);
    const phone = await clientAt(browser, link, 390);
    await expect(phone.getByTestId('shown-print')).toHaveCount(2);
    await expect(phone.getByTestId('turned')).toBeVisible();
    expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await phone.getByRole('button', { name: /see it from the left/ }).click();
    await phone.getByRole('button', { name: 'All as shown' }).click();
    await expect(phone.getByRole('status')).toHaveText('All are answered. Thank you.');
    await expect(page.getByTestId('client-said')).toHaveCount(2, { timeout: 6000 });
    await phone.context().close();
});
