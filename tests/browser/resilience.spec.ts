import { execFileSync } from 'node:child_process';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { addLine, addPictures, download, expect, INSTANCE, newOrder, openWord, PICTURES, test, tool } from './studio';

const service = (name: string, act: 'start' | 'stop') => execFileSync(`deploy/${name}`, [act], { stdio: 'pipe' });

test('MariaDB stopped and started again under the running application', async ({ page }) => {
    await newOrder(page, 'Brindle Pottery');
    await addPictures(page, `${PICTURES}/beehives.jpg`);
    await addLine(page, '4 x 6 in', 1, 'beehives.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    await expect(page.getByTestId('sentence')).toContainText('Make 1 print');
    service('db', 'stop');
    try {
        // The page goes on showing what it knows, says what is wrong, and keeps what is changed meanwhile.
        await expect(page.getByRole('alert').filter({ hasText: 'The database isn’t answering' })).toBeVisible({
            timeout: 15_000,
        });
        await expect(page.getByTestId('sentence')).toContainText('Make 1 print');
        const many = await openWord(page, 'How many');
        await many.getByRole('textbox').fill('7');
        await many.getByRole('textbox').press('Enter');
    } finally {
        service('db', 'start');
    }
    await expect(page.getByTestId('sentence')).toContainText('Make 7 prints', { timeout: 20_000 });
    await expect(page.getByRole('alert')).toHaveCount(0, { timeout: 15_000 });
    await page.reload();
    await expect(page.getByTestId('sentence')).toContainText('Make 7 prints');

    // The workers have lived through it, too.
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Make files' }).click();
    await expect(page.getByText('1 of 1 made and read back')).toBeVisible({ timeout: 30_000 });
});

test('a worker killed in the middle of a file: the next one makes it, nothing half is ever seen', async ({ page }) => {
    await newOrder(page, 'Keepers of Tarn Light');
    await addPictures(page, `${PICTURES}/lighthouse-point.jpg`);
    await addLine(page, '20 x 30 in', 1, 'lighthouse-point.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    await expect(page.getByTestId('sentence')).toContainText('Make 1 print');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Make files' }).click();
    await expect(page).toHaveURL(/make$/);
    const folder = (await page.getByRole('heading', { level: 2 }).first().textContent())!;
    const home = `${INSTANCE}/storage/app/${folder}`;
    const entries = () => (existsSync(home) ? readdirSync(home) : []);

    // In the middle: the part file grows beside its final name.
    await expect.poll(() => entries().some((name) => name.includes('.part')), { timeout: 15_000, intervals: [20] }).toBe(true);
    const pid = /\.(\d+)\.part/.exec(entries().find((name) => name.includes('.part'))!)![1]!;
    process.kill(Number(pid), 'SIGKILL');
    expect(entries().filter((name) => !name.startsWith('.'))).toEqual([]);

    await expect(page.getByText('1 of 1 made and read back')).toBeVisible({ timeout: 90_000 });
    expect(entries()).toEqual(['keepers-of-tarn-light_20x30_lighthouse-point_1.jpg']);
    // Whoever saw it first has handed it back: the worker that followed, or the watcher.
    const said = ['worker-1', 'worker-2', 'watcher'].map((log) => readFileSync(`${INSTANCE}/logs/${log}.log`, 'utf8')).join('');
    expect(said).toMatch(new RegExp(`whose worker \\S+:${pid}-\\d+:\\S+ is gone`));
    const path = await download(page, () => page.getByRole('link', { name: /^Download keepers/ }).click());
    expect(tool('identify', '-format', '%w %h', path)).toBe('9000 6000');
});
