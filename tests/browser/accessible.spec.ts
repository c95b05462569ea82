import { addLine, addPictures, audit, expect, newOrder, openWord, painted, test } from './studio';

const POPOVER = '[role=dialog]';

test('every page and popover', async ({ page }) => {
    test.setTimeout(360_000);
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'On the desk' })).toBeVisible();
    await audit(page);
    await page.getByRole('button', { name: 'New order' }).click();
    await audit(page, POPOVER);
    await page.keyboard.press('Escape');
    await page.goto('/orders/1');
    await expect(page.getByRole('heading', { name: 'Isholm Rowing Club' })).toBeVisible();
    await audit(page);
    await page.getByRole('textbox', { name: /What was ordered/ }).fill('2 of dawn boat 30x40, wobbly\nold gears 8x10');
    await expect(page.getByRole('list', { name: 'How it was read' })).toHaveAttribute('aria-busy', 'false');
    await audit(page);
    await page.goto('/orders/1/look');
    const ofMany = page.getByRole('button', { name: /^Yes, for all/ });
    await expect(ofMany).toBeVisible(); // what several lines have alike comes first
    await audit(page);
    await expect(async () => {
        if (await ofMany.isVisible()) {
            await page.keyboard.press('n');
        }
        await expect(page.getByRole('list', { name: 'What to look at' })).toBeVisible({ timeout: 500 });
    }).toPass();
    await audit(page);
    await page.goto('/orders/1/lines/3');
    await expect(page.getByTestId('facts')).toBeVisible();
    await page.keyboard.press('w');
    await page.getByTestId('say-it').getByRole('textbox').fill('whole, wobbly');
    await expect(page.getByTestId('say-it').getByRole('status')).toHaveAttribute('aria-busy', 'false');
    await audit(page);
    await page.goto('/orders/1/lines/3');
    await expect(page.getByTestId('facts')).toBeVisible();
    await audit(page);
    for (const title of ['Size on paper', 'What the file is called', 'Kind of file', 'Which picture']) {
        await openWord(page, title);
        await audit(page, POPOVER);
        await page.keyboard.press('Escape');
    }
    await page.getByTestId('sentence').getByRole('button', { name: /^add/ }).click();
    await audit(page, POPOVER);
    await page.getByRole('dialog').getByRole('button', { name: 'a border' }).click();
    await expect(page.getByRole('group', { name: /suggestions/ })).toBeVisible();
    await audit(page);
    await page.keyboard.press('Escape');
    await openWord(page, 'What must stay in');
    await audit(page, POPOVER);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'House finish' }).click();
    await audit(page, POPOVER);
    await page.getByRole('button', { name: /Keep this line’s choices/ }).click();
    await audit(page);
    await page.keyboard.press('Escape');
    await page.keyboard.press('f');
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keys of this page' })).toBeVisible();
    await audit(page);
    await page.goto('/orders/3/lines/13');
    await expect(page.getByRole('img', { name: /seen from the right/ })).toBeVisible();
    await audit(page);
    for (const title of ['How deep the edge is', 'The edge', 'Darkening of the edge', 'What it is made into']) {
        await openWord(page, title);
        await audit(page, POPOVER);
        await page.keyboard.press('Escape');
    }
    await page.goto('/orders/3/lines/15');
    await expect(page.getByRole('slider', { name: 'Joint 1' })).toBeVisible();
    await audit(page);
    for (const title of ['How it is shared out', 'How they hang']) {
        await openWord(page, title);
        await audit(page, POPOVER);
        await page.keyboard.press('Escape');
    }
    await page.goto('/orders/4/lines/18');
    await page.getByTestId('cell').first().click();
    await expect(page.getByTestId('cell-sentence')).toBeVisible();
    await page.keyboard.press('x');
    await audit(page);
    for (const title of ['What is on it', 'Between the prints', 'Cut marks', 'How it is cut apart']) {
        await openWord(page, title);
        await audit(page, POPOVER);
        await page.keyboard.press('Escape');
    }
    await page.goto('/orders/4');
    await page.getByLabel('Choose line 2').check({ force: true });
    await page.getByLabel('Choose lone-tree.jpg').check({ force: true });
    await page.getByRole('button', { name: 'Put on shared sheets' }).click();
    await page.getByLabel('Each picture in the size').fill('2 x 3 in');
    await page.getByLabel('Each picture in the size').press('Enter');
    await expect(page.getByRole('button', { name: /sheet of 4 × 6 in/ })).toBeVisible();
    await audit(page);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'A shared sheet…' }).click();
    await expect(page.getByRole('button', { name: 'two 3 × 4 in' })).toBeVisible();
    await audit(page);
    await page.keyboard.press('Escape');
    // A caption, lettering, a mark; nothing of them is kept.
    await newOrder(page, 'Brindle Pottery');
    await addPictures(page, painted('plain.jpg', '1800x1200'));
    await addLine(page, '8 x 10 in', 1, 'plain.jpg');
    await page.getByRole('button', { name: 'Show the client' }).click();
    await page.getByRole('button', { name: 'Make a link' }).click();
    await expect(page.getByLabel('The link')).toBeVisible();
    await audit(page);
    await page.keyboard.press('Escape');
    await page.getByRole('link', { name: /^Plain/ }).click();
    await expect(page.getByTestId('preview')).toBeVisible();
    await page.keyboard.press('l');
    await expect(page.getByTestId('typed-block')).toBeFocused();
    await page.keyboard.type('First day');
    await audit(page);
    await page.keyboard.press('Escape');
    await expect(page.getByTestId('sentence')).toContainText('lettered');
    await page.getByRole('button', { name: 'House finish' }).click();
    await page.getByText('Proof, with our mark').click();
    for (const title of ['Caption', 'Lettering', 'Marks over it']) {
        await openWord(page, title);
        await audit(page, POPOVER);
        await page.keyboard.press('Escape');
    }
    await page.getByRole('link', { name: 'Order sheet' }).click();
    await page.getByRole('link', { name: 'Files made' }).click();
    await page.getByRole('button', { name: 'Screen copies' }).click();
    await audit(page, POPOVER);
    await page.keyboard.press('Escape');
    await page.goto('/labs');
    await expect(page.getByRole('heading', { name: 'Labs' })).toBeVisible();
    await audit(page);
    await page.goto('/labs/1');
    await expect(page.getByRole('img', { name: /^Gamuts of/ }).first()).toBeVisible();
    await audit(page);
    for (const part of ['prints', 'papers', 'files', 'canvas', 'products', 'prices']) {
        await page.getByRole('button', { name: `Change ${part}` }).click();
    }
    await page.getByRole('textbox', { name: 'Sizes' }).first().fill('8x10, jumbo');
    await expect(page.getByRole('alert')).toBeVisible();
    await audit(page);
    await page.getByRole('button', { name: 'Paste what the lab says…' }).click();
    await page.getByRole('dialog').getByRole('textbox').fill('Tidewater Prints\nJPEG, sRGB, 300 ppi. Corners of 3 mm.');
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByText('Not understood')).toBeVisible();
    await audit(page);
    await page.goto('/studio');
    await expect(page.getByRole('region', { name: 'People' })).toBeVisible();
    await audit(page);
    await page.goto('/orders/1');
    await page.getByRole('button', { name: 'From the pictures folder…' }).click();
    await expect(page.getByRole('dialog', { name: 'The pictures folder' })).toBeVisible();
    await audit(page);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Change client, name, day, lab or remarks' }).click();
    await page.getByRole('dialog').getByRole('radio', { name: 'Copperbeck Colour' }).click();
    await expect(page.getByText(/change by it/)).toBeVisible();
    await audit(page);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'A remark on line 1' }).click();
    await audit(page, POPOVER);
    await page.keyboard.press('Escape');
    await page.goto('/house-finishes');
    await expect(page.getByRole('heading', { name: 'House finishes' })).toBeVisible();
    await audit(page);
    await page.goto('/orders/1/wall');
    await page.getByLabel('180 cm line').check();
    await audit(page);
    await page.goto('/orders/1/make');
    await expect(page.getByRole('heading', { name: /^Files for/ })).toBeVisible();
    await audit(page);
});

test.describe('signed out', () => {
    test.use({ storageState: { cookies: [], origins: [] } });
    test('sign-in', async ({ page }) => {
        await page.goto('/');
        await expect(page.getByLabel('E-mail')).toBeVisible();
        await audit(page);
    });
});
