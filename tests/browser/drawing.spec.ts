import { addLine, addPictures, expect, newOrder, painted, test } from './studio';

/** From 2 × 3 in to 60 × 90 in and from 1:1 to 3:1, plain, bordered, whole, carried: no figure lies on another or off the drawing. */
test('figures of the drawing never lie on top of each other', async ({ page, request }) => {
    test.setTimeout(240_000);
    await newOrder(page, 'Brindle Pottery');
    const order = Number(/orders\/(\d+)/.exec(page.url())![1]);
    await addPictures(page, painted('square.jpg', '900x900'), painted('wide.jpg', '1500x500'), painted('tall.jpg', '600x900'));
    const token = decodeURIComponent((await page.context().cookies()).find((cookie) => cookie.name === 'XSRF-TOKEN')!.value);
    const send = (method: 'POST' | 'PATCH', path: string, data: object) =>
        request.fetch(`/api/${path}`, { method, data, headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json' } });
    const made = await send('POST', `orders/${order}/lines`, { size: '2 x 3 in', copies: 1, picture: 'wide.jpg' });
    expect(made.status()).toBe(201);
    const line = (await made.json()) as { id: number; version: number };
    let version = line.version;
    const finishes: object[] = [
        { fit: null, border: null, image: null, carrier: 'none', raise: null },
        { fit: null, border: { top: '1 mm', right: '2 mm', bottom: '9 mm', left: '0.5 mm' }, image: null, carrier: 'none' },
        { fit: 'whole', border: '0.2 in', image: null, carrier: 'none', raise: 'optical' },
        { fit: 'whole', border: '1 mm', image: null, carrier: null, raise: null },
        { fit: 'whole', border: null, image: { width: '1 in' }, carrier: '20 x 30 in' },
    ];
    const tight: string[] = [];
    await page.goto(`/orders/${order}/lines/${line.id}`);
    const clashes = async (what: string) => {
        const found = await page.evaluate(() => {
            const place = document.querySelector('[data-testid=drawing]')!.getBoundingClientRect();
            const figures = [...document.querySelectorAll<HTMLElement>('[data-figure]')].map((element) => ({
                name: element.dataset.figure!,
                box: element.getBoundingClientRect(),
            }));
            const bad: string[] = [];
            figures.forEach(({ name, box }, i) => {
                if (
                    box.left < place.left - 1 ||
                    box.right > place.right + 1 ||
                    box.top < place.top - 1 ||
                    box.bottom > place.bottom + 1
                ) {
                    bad.push(`${name} is off the drawing`);
                }
                figures.slice(i + 1).forEach((other) => {
                    const across = Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left);
                    const down = Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top);
                    if (across > 1 && down > 1) {
                        bad.push(`${name} lies on ${other.name}`);
                    }
                });
            });
            return { bad, count: figures.length };
        });
        expect(found.count).toBeGreaterThan(1);
        tight.push(...found.bad.map((words) => `${what}: ${words}`));
    };
    for (const size of ['2 x 3 in', '4.25 x 11.125 in', '19.99 x 29.99 in', '60 x 90 in', '60 x 20 cm']) {
        for (const name of ['square.jpg', 'wide.jpg', 'tall.jpg']) {
            for (const [i, finish] of finishes.entries()) {
                const answer = await send('PATCH', `lines/${line.id}`, { version, change: { size, picture: name, ...finish } });
                version = ((await answer.json()) as { version: number }).version;
                await page.reload();
                await expect(page.locator('[data-figure=paper-width]')).toBeVisible();
                await clashes(`${size}, ${name}, finish ${i + 1}`);
            }
        }
    }
    expect(tight).toEqual([]);
});

test('drawn as large as the print will be, once the screen is measured by a bank card', async ({ page }) => {
    await newOrder(page, 'Quill & Bramble');
    await addPictures(page, painted('true.jpg', '3000x2000'));
    await addLine(page, '20 x 30 in', 1, 'true.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    await expect(page.getByTestId('facts')).toBeVisible();
    // Left without measuring, nothing is any other than before.
    await page.keyboard.press('0');
    const dialog = page.getByRole('dialog', { name: 'How large is this screen?' });
    await dialog.press('Escape');
    await expect(page.getByRole('button', { name: /^drawn 1 : / })).toHaveAttribute('aria-pressed', 'false');
    await page.keyboard.press('0');
    // ISO/IEC 7810: a card is 85.6 mm wide. Here it is 428 px: 5 px to a mm, so that an inch is 127 px.
    await dialog.getByRole('slider').fill('428');
    await dialog.getByRole('button', { name: 'It is as wide' }).click();
    await expect(page.getByRole('button', { name: 'true size' })).toHaveAttribute('aria-pressed', 'true');
    const bar = page.getByRole('img', { name: 'Scale: this bar is 0.5 in' });
    expect(Number(await bar.getAttribute('width'))).toBeCloseTo(63.5 + 2, 1);
    const scrolls = page.getByTestId('drawing').locator('.overflow-auto');
    expect(await scrolls.evaluate((drawing) => drawing.scrollWidth)).toBeGreaterThan(30 * 127); // 30 in across, and its dimensions
    await page.reload(); // the browser keeps it
    await expect(page.getByTestId('facts')).toBeVisible();
    await page.keyboard.press('0');
    await expect(page.getByRole('button', { name: 'true size' })).toHaveAttribute('aria-pressed', 'true');
    await page.keyboard.press('0');
    await expect(page.getByRole('button', { name: /^drawn 1 : / })).toBeVisible();
});
