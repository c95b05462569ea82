import { addLine, addPictures, expect, newOrder, openWord, PICTURES, test } from './studio';

test('of two who change the head of an order the second is told, and sees what both have written', async ({ page, context }) => {
    await newOrder(page, 'Isholm Rowing Club');
    const open = (of: typeof page) => of.getByRole('button', { name: 'Change client, name, day, lab or remarks' }).click();
    const other = await context.newPage();
    await other.goto(page.url());
    await open(page);
    await open(other);
    await other.getByLabel('Remark, for ourselves').fill('B has written that');
    await page.getByLabel('Remark, for ourselves').fill('A has written this');
    await page.getByLabel('What it is called').fill('Autumn set');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByRole('dialog')).toHaveCount(0);

    await other.getByRole('button', { name: 'Keep it' }).click();
    await expect(other.getByRole('alert')).toContainText('changed in another window');
    await expect(other.getByText('Meanwhile it is: A has written this')).toBeVisible();
    await expect(other.getByLabel('Remark, for ourselves')).toHaveValue('B has written that');
    await expect(other.getByLabel('What it is called')).toHaveValue('Autumn set');
    await other.getByLabel('Remark, for ourselves').fill('A has written this, and B that');
    await other.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText('A has written this, and B that')).toBeVisible();
});

test('two windows on one line never overwrite each other', async ({ page, context }) => {
    await newOrder(page, 'Isholm Rowing Club');
    await addPictures(page, `${PICTURES}/lone-tree.jpg`);
    await addLine(page, '8 x 12 in', 1, 'lone-tree.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    await expect(page.getByTestId('sentence')).toContainText('Make 1 print');
    const other = await context.newPage();
    await other.goto(page.url());
    await expect(other.getByTestId('sentence')).toContainText('Make 1 print');

    // The other window hears nothing for a while, and changes what it still shows.
    await other.route('**/api/orders/*', (route) => (route.request().method() === 'GET' ? route.abort() : route.continue()));
    const here = await openWord(page, 'How many');
    await here.getByRole('textbox').fill('3');
    await here.getByRole('textbox').press('Enter');
    await expect(page.getByTestId('sentence')).toContainText('Make 3 prints');
    const there = await openWord(other, 'How many');
    await there.getByRole('textbox').fill('9');
    await there.getByRole('textbox').press('Enter');
    await expect(other.getByRole('status').filter({ hasText: 'changed in another window' })).toBeVisible();
    await expect(other.getByTestId('sentence')).toContainText('Make 3 prints');

    // Seen, it can be changed again, and the first window follows by itself.
    await other.unroute('**/api/orders/*');
    const again = other.getByRole('dialog', { name: 'How many' });
    await again.getByRole('textbox').fill('9');
    await again.getByRole('textbox').press('Enter');
    await expect(page.getByTestId('sentence')).toContainText('Make 9 prints');
});
