import { addLine, addPictures, expect, newOrder, painted, test } from './studio';

test('what is being typed is there again after a reload, a look elsewhere, an Esc', async ({ page }) => {
    await newOrder(page, 'Ferrymen’s Guild');
    await addPictures(page, painted('ferry.jpg', '1800x1200', 'plasma:tan-navy'));
    await addLine(page, '4 x 6 in', 1, 'ferry.jpg');
    const sheet = page.url();
    const list = page.getByRole('textbox', { name: /What was ordered/ });
    await list.fill('2 of ferry 8x10, wobbly\nand one more');
    await page.reload();
    await expect(list).toHaveValue('2 of ferry 8x10, wobbly\nand one more');
    // Each order has its own; what is on the order is done with.
    await newOrder(page, 'Ferrymen’s Guild');
    await expect(list).toHaveValue('');
    await page.goto(sheet);
    await expect(list).toHaveValue(/wobbly/);
    await list.fill('ferry 5x7');
    await expect(page.getByRole('list', { name: 'How it was read' })).toHaveAttribute('aria-busy', 'false');
    await list.press('Control+Enter');
    await expect(page.getByRole('link', { name: /^Ferry, .*5 × 7/ })).toBeVisible();
    await expect(list).toHaveValue('');
    await page.reload();
    await expect(list).toHaveValue('');

    // A remark that was left by Esc, and one that is kept.
    const remark = page.getByRole('button', { name: /remark on line 1$/i });
    await remark.click();
    await page.getByRole('textbox', { name: 'For ourselves' }).fill('ask about the mast');
    await page.keyboard.press('Escape');
    await page.reload();
    await remark.click();
    await expect(page.getByRole('textbox', { name: 'For ourselves' })).toHaveValue('ask about the mast');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByRole('button', { name: 'The remark on line 1' })).toBeVisible();

    // What is said of a line.
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    await expect(page.getByTestId('facts')).toBeVisible();
    await page.keyboard.press('w');
    const say = page.getByTestId('say-it').getByRole('textbox');
    await say.fill('with a thin');
    await page.keyboard.press('Escape');
    await page.keyboard.press('w');
    await expect(say).toHaveValue('with a thin');

    // A new order, and a lab’s card, half filled in.
    await page.goto('/');
    await page.getByRole('button', { name: 'New order' }).first().click();
    const client = page.getByRole('dialog').getByLabel('Client');
    await client.fill('Half a name');
    await page.keyboard.press('Escape');
    await page.reload();
    await page.getByRole('button', { name: 'New order' }).first().click();
    await expect(client).toHaveValue('Half a name');
    await page.goto('/labs/new');
    await page.getByLabel('Name', { exact: true }).first().fill('Half a lab');
    await page.reload();
    await expect(page.getByLabel('Name', { exact: true }).first()).toHaveValue('Half a lab');
});
