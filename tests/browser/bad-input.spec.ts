import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { crc32, deflateSync } from 'node:zlib';
import { addLine, addPictures, expect, newOrder, openWord, PICTURES, signIn, test, WREN } from './studio';

const folder = mkdtempSync(join(tmpdir(), 'planisher-bad-'));

/** PNG, ISO/IEC 15948: a header that claims a size, and hardly a byte behind it. */
function pngThatClaims(width: number, height: number) {
    const chunk = (type: string, data: Buffer) => {
        const body = Buffer.concat([Buffer.from(type), data]);
        const length = Buffer.alloc(4);
        length.writeUInt32BE(data.length);
        const check = Buffer.alloc(4);
        check.writeUInt32BE(crc32(body));
        return Buffer.concat([length, body, check]);
    };
    const header = Buffer.alloc(13);
    header.writeUInt32BE(width, 0);
    header.writeUInt32BE(height, 4);
    header.set([8, 2, 0, 0, 0], 8);
    const signature = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);
    return Buffer.concat([signature, chunk('IHDR', header), chunk('IDAT', deflateSync('')), chunk('IEND', Buffer.alloc(0))]);
}

function file(name: string, bytes: Buffer | string) {
    const path = join(folder, name);
    writeFileSync(path, bytes);
    return path;
}

test('files that are no pictures are refused by name, and the good one among them is taken', async ({ page }) => {
    const tree = readFileSync(`${PICTURES}/lone-tree.jpg`);
    await newOrder(page, 'Ottoline Marsh');
    await page
        .getByLabel('Add pictures')
        .setInputFiles([
            file('notes.jpg', 'a shopping list'),
            file('half.jpg', tree.subarray(0, tree.length / 2)),
            file('logo.svg', '<svg xmlns="http://www.w3.org/2000/svg"/>'),
            file('huge.png', pngThatClaims(60_000, 60_000)),
            `${PICTURES}/beehives.jpg`,
        ]);
    const alerts = page.getByRole('complementary', { name: 'Pictures' }).getByRole('alert');
    await expect(alerts).toHaveCount(4, { timeout: 30_000 });
    await expect(alerts.filter({ hasText: '“notes.jpg” wasn’t taken: it is not a picture' })).toBeVisible();
    await expect(alerts.filter({ hasText: '“half.jpg” wasn’t taken: it is cut off or damaged' })).toBeVisible();
    await expect(alerts.filter({ hasText: '“logo.svg” wasn’t taken: it is an SVG drawing' })).toBeVisible();
    await expect(alerts.filter({ hasText: '“huge.png” wasn’t taken: it claims 60 000 × 60 000' })).toBeVisible();
    await expect(page.getByText('Pictures · 1')).toBeVisible();

    // The same file twice is one picture.
    await page.getByLabel('Add pictures').setInputFiles(`${PICTURES}/beehives.jpg`);
    await expect(page.getByText('“beehives.jpg” is in this order already')).toBeVisible();
    await expect(page.getByText('Pictures · 1')).toBeVisible();
});

test('an upload that breaks off is told and tried again', async ({ page }) => {
    await newOrder(page, 'Ottoline Marsh');
    let broken = 0;
    await page.route('**/pictures', (route) => (broken++ === 0 ? route.abort('connectionreset') : route.continue()));
    await page.getByLabel('Add pictures').setInputFiles(`${PICTURES}/beehives.jpg`);
    await expect(page.getByRole('alert')).toHaveText('“beehives.jpg”: the upload broke off. Nothing was kept; try it again.');
    await expect(page.getByText('Pictures · 0')).toBeVisible();
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByText('Pictures · 1')).toBeVisible({ timeout: 20_000 });
    await expect(page.getByRole('alert')).toHaveCount(0);
});

test('a large upload goes on by itself where it broke off', async ({ page }) => {
    await newOrder(page, 'Ottoline Marsh');
    const large = join(folder, 'large.tif');
    execFileSync('vips', ['gaussnoise', `${large}[compression=none]`, '2600', '1800', '--mean=128', '--sigma=30']); // 18 MB, in floats
    execFileSync('vips', ['cast', large, join(folder, 'photo.tif'), 'uchar']);
    execFileSync('vips', ['bandjoin', Array(3).fill(join(folder, 'photo.tif')).join(' '), `${large}[compression=none]`]);
    let sent = 0;
    let broken = 0;
    await page.route('**/api/uploads/*', (route) => {
        if (route.request().method() !== 'PATCH') {
            return route.continue();
        }
        sent++;
        return sent % 2 === 0 && broken++ < 2 ? route.abort('connectionreset') : route.continue();
    });
    await page.getByLabel('Add pictures').setInputFiles(large);
    await expect(page.getByText('Pictures · 1')).toBeVisible({ timeout: 60_000 });
    expect(broken).toBeGreaterThanOrEqual(2);
    expect(sent).toBeLessThanOrEqual(4 + 2 + 1); // 14 MB in pieces of 4 MiB: no piece that arrived was sent again
    const sum = createHash('sha256').update(readFileSync(large)).digest('hex');
    expect((await page.request.get(`/api/pictures/${sum}/thumb`)).status()).toBe(200);
});

test('sizes and copies that are none', async ({ page }) => {
    await newOrder(page, 'Brindle Pottery');
    await addPictures(page, `${PICTURES}/beehives.jpg`);
    const field = page.getByRole('textbox', { name: /What was ordered/ });
    for (const [words, told] of [
        ['1 of beehives banana', '“banana”: Not understood.'],
        ['1 of beehives 15 x 11 px', 'hardly anything on a screen'],
        ['1 of beehives 0 x 10 in', 'A size has no side of 0.'],
    ] as const) {
        await field.fill(words);
        await expect(page.getByRole('list', { name: 'How it was read' })).toContainText(told);
        await expect(page.getByRole('button', { name: /^Add this line/ })).toHaveCount(0);
    }
    await field.fill('');
    await expect(page.getByRole('main').getByRole('listitem')).toHaveCount(0);
    await addLine(page, '4 x 6 in', 0, 'beehives.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    await expect(page.getByText('No copies', { exact: true })).toBeVisible();
    await expect(page.getByRole('button', { name: /Pass and go on/ })).toBeDisabled();
    const size = await openWord(page, 'Size on paper');
    await size.getByRole('textbox').fill('15 × 11 px');
    await size.getByRole('textbox').press('Enter');
    await expect(size.getByRole('alert')).toContainText('is in pixels');
    await page.keyboard.press('Escape');
    await expect(page.getByTestId('sentence')).toContainText('cropped to 4 × 6 in');
    await page.getByRole('button', { name: 'Make it 1 print' }).click();
    await expect(page.getByTestId('sentence')).toContainText('Make 1 print of');
});

test.describe('signed out', () => {
    test.use({ storageState: { cookies: [], origins: [] } });

    test('a wrong password, then the right one, and the page that was asked for', async ({ page }) => {
        await page.goto('/orders/1');
        await page.getByLabel('E-mail').fill(WREN.email);
        await page.getByLabel('Password').fill('guess');
        await page.getByRole('button', { name: 'Sign in' }).click();
        await expect(page.getByRole('alert')).toHaveText('No such e-mail and password. Check both and try again.');
        await page.getByLabel('Password').fill(WREN.password);
        await page.getByRole('button', { name: 'Sign in' }).click();
        await expect(page.getByRole('heading', { name: 'Isholm Rowing Club' }).first()).toBeVisible();
    });

    test('a request from elsewhere is not obeyed', async ({ page, context }) => {
        await signIn(page);
        const jar = await context.cookies();
        expect(jar.find((cookie) => cookie.name === 'planisher_session')).toMatchObject({ httpOnly: true, sameSite: 'Strict' });
        // The session alone, without the token that only our own page can read.
        const answer = await context.request.post('/api/orders', { data: { client: 'Nobody', lab: 'Larkmoor Print Lab' } });
        expect(answer.status()).toBe(419);
    });
});
