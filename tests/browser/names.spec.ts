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
