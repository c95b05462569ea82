import { expect, signIn, SIGNED_IN, test } from './studio';

test.use({ storageState: { cookies: [], origins: [] } });

const account = async (page: import('@playwright/test').Page, act: string) => {
    await page.getByRole('button', { name: 'Wren Halloway' }).click();
    await page.getByRole('menuitem', { name: act, exact: true }).click();
    await expect(page.getByRole('heading', { name: 'The order, ready for the lab.' })).toBeVisible();
};

test('pictures that were shown, and what was being typed, leave the browser at sign-out', async ({ page }) => {
    await signIn(page);
    await page
        .getByRole('link', { name: /Isholm/ })
        .first()
        .click();
    const picture = page.getByRole('complementary', { name: 'Pictures' }).locator('img').first();
    await expect(picture).toBeVisible();
    const address = await picture.evaluate((image: HTMLImageElement) => image.src);
    const isHeld = () =>
        page.evaluate(
            (url) =>
                fetch(url, { cache: 'only-if-cached', mode: 'same-origin' }).then(
                    (answer) => answer.ok,
                    () => false,
                ),
            address,
        );
    await page.evaluate((url) => fetch(url).then((answer) => answer.blob()), address);
    expect(await isHeld()).toBe(true);
    await page.getByRole('textbox', { name: /What was ordered/ }).fill('2 of the');
    const typed = () => page.evaluate(() => Object.keys(localStorage).filter((name) => name.startsWith('planisher.kept.')));
    expect(await typed()).toHaveLength(1);
    await account(page, 'Sign out');
    expect(await isHeld()).toBe(false);
    expect(await typed()).toEqual([]);
    expect(
        await page.evaluate((url) => fetch(url, { headers: { Accept: 'application/json' } }).then((a) => a.status), address),
    ).toBe(401);
});

test('signing out everywhere ends what is open in another browser, too', async ({ page, browser }) => {
    await signIn(page);
    const other = await browser.newContext({ baseURL: process.env.APP_URL });
    const there = await other.newPage();
    await signIn(there);
    await account(page, 'Sign out everywhere');
    await there.reload();
    await expect(there.getByRole('heading', { name: 'The order, ready for the lab.' })).toBeVisible();
    // The other tests' sign-in ended by that, too.
    await signIn(there);
    await other.storageState({ path: SIGNED_IN });
    await other.close();
});
