import { addPictures, expect, newOrder, painted, test } from './studio';

test.use({ trace: 'off' }); // recording it would be measured, too

/** Told, not asserted: how the picture follows the hand, and how large an order sheet of 60 lines is. */
test('speed of the bench and of a long order sheet', async ({ page, request, browser }, info) => {
    test.skip(!process.env.PLANISHER_SPEED, 'PLANISHER_SPEED=1 bin/planisher test browser --filter speed measures it');
    test.setTimeout(120_000);
    await newOrder(page, 'Isholm Rowing Club');
    const order = Number(/orders\/(\d+)/.exec(page.url())![1]);
    await addPictures(page, painted('large.jpg', '6000x4000'));
    const token = decodeURIComponent((await page.context().cookies()).find((cookie) => cookie.name === 'XSRF-TOKEN')!.value);
    let first = 0;
    for (let i = 0; i < 60; i++) {
        const made = await request.post(`/api/orders/${order}/lines`, {
            data: { size: ['8 x 10 in', '11 x 15 in', '4 x 6 in'][i % 3], copies: 1, picture: 'large.jpg' },
            headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json' },
        });
        expect(made.status()).toBe(201);
        first ||= ((await made.json()) as { id: number }).id;
    }
    // Opened in a browser that has seen none of it.
    const fresh = await browser.newContext({
        storageState: await page.context().storageState(),
        baseURL: new URL(page.url()).origin,
    });
    const sheet = await fresh.newPage();
    let bytes = 0;
    const session = await fresh.newCDPSession(sheet);
    await session.send('Network.enable');
    session.on('Network.loadingFinished', (event) => (bytes += event.encodedDataLength));
    await sheet.goto(`/orders/${order}`);
    await expect(sheet.getByRole('main').getByRole('listitem')).toHaveCount(60);
    await sheet.waitForLoadState('networkidle');
    const sent = bytes;
    const started = Date.now();
    await sheet.reload();
    await expect(sheet.getByRole('main').getByRole('listitem')).toHaveCount(60);
    await expect(sheet.getByRole('main').locator('image').first()).toBeVisible();
    const opened = Date.now() - started;
    await fresh.close();

    await page.goto(`/orders/${order}/lines/${first}`);
    await expect(page.getByTestId('preview')).toBeVisible();
    const watch = () =>
        page.evaluate(() => {
            const times: number[] = [];
            const tick = (at: number) => {
                times.push(at);
                requestAnimationFrame(tick);
            };
            requestAnimationFrame(tick);
            Object.assign(window, { frameTimes: times });
        });
    await watch();
    const frameRate = async (run: () => Promise<void>) => {
        const from = await page.evaluate(() => performance.now());
        await run();
        const to = await page.evaluate(() => performance.now());
        const frames = await page.evaluate(
            ([a, b]) => (window as unknown as { frameTimes: number[] }).frameTimes.filter((at) => at >= a! && at <= b!),
            [from, to],
        );
        return ((frames.length - 1) / (frames.at(-1)! - frames[0]!)) * 1000;
    };
    const still = await frameRate(() => page.waitForTimeout(1500));
    /** The picture dragged to and fro; it is let go by whoever asked. */
    const dragging = async (place: string) => {
        const box = (await page.getByTestId(place).boundingBox())!;
        await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
        await page.mouse.down();
        return frameRate(async () => {
            for (let i = 0; i < 90; i++) {
                await page.mouse.move(box.x + box.width / 2 + (box.width / 3) * Math.sin(i / 8), box.y + box.height / 2);
            }
        });
    };
    const dragged = await dragging('paper');
    const before = await page.getByTestId('facts').textContent();
    const answered = page.waitForResponse((response) => response.request().method() === 'PATCH');
    const released = Date.now();
    await page.mouse.up();
    await answered;
    const followed = Date.now() - released;
    await expect(page.getByTestId('facts')).not.toHaveText(before!);

    // A picture in a cell of a sheet of eight.
    const cells = Array.from({ length: 8 }, () => ({ size: '2.5 x 3.5 in', picture: 'large.jpg' }));
    const shared = await request.post(`/api/orders/${order}/lines`, {
        data: { size: '8 x 10 in', copies: 1, wanted: { make: 'shared-sheet', sheet: { cells } } },
        headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json' },
    });
    expect(shared.status()).toBe(201);
    await page.goto(`/orders/${order}/lines/${((await shared.json()) as { id: number }).id}`);
    await expect(page.getByTestId('preview')).toBeVisible();
    await page.getByTestId('cell').nth(2).click();
    await watch();
    const inCell = await dragging('chosen');
    await page.mouse.up();

    // Lettering typed: how long after a letter it is drawn.
    await page.goto(`/orders/${order}/lines/${first}`);
    await expect(page.getByTestId('preview')).toBeVisible();
    await page.keyboard.press('l');
    const field = page.getByTestId('typed-block');
    await expect(field).toBeFocused();
    await field.evaluate((typed: HTMLTextAreaElement) => {
        const late: number[] = [];
        typed.addEventListener('input', () => {
            const at = performance.now();
            requestAnimationFrame(() => {
                const drawn = [...typed.parentElement!.parentElement!.querySelectorAll('text')].map((line) => line.textContent);
                late.push(drawn.join(' ') === typed.value.trimEnd() ? performance.now() - at : Infinity);
            });
        });
        Object.assign(window, { late });
    });
    await page.keyboard.type('The first day at the mouth of the river', { delay: 40 });
    const late = await page.evaluate(() => (window as unknown as { late: number[] }).late.sort((a, b) => a - b));
    await page.keyboard.press('Escape');

    // The client's page of 60 prints, in a browser that has seen none of it.
    const link = await request.post(`/api/orders/${order}/client-pages`, {
        data: {},
        headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json' },
    });
    const { url } = (await link.json()) as { url: string };
    const seenByClient = async () => {
        const client = await browser.newContext({ storageState: undefined });
        const shown = await client.newPage();
        let sum = 0;
        const network = await client.newCDPSession(shown);
        await network.send('Network.enable');
        network.on('Network.loadingFinished', (event) => (sum += event.encodedDataLength));
        await shown.goto(url);
        await shown.waitForFunction(() => document.images[0]?.complete && document.images[0].naturalWidth > 0);
        // When the largest thing of the first view, its first picture, was painted.
        const took = await shown.evaluate(
            () =>
                new Promise<number>((tell) => {
                    new PerformanceObserver((list) => tell(list.getEntries().at(-1)!.startTime)).observe({
                        type: 'largest-contentful-paint',
                        buffered: true,
                    });
                }),
        );
        await expect(shown.getByTestId('shown-print')).toHaveCount(61); // and the sheet
        await shown.waitForLoadState('networkidle');
        await client.close();
        return { took, sum };
    };
    await seenByClient(); // its pictures are rendered when they are first asked for
    const shown = await seenByClient();

    // An order sheet of two hundred lines, opened and scrolled.
    const further = await request.post(`/api/orders/${order}/list`, {
        data: { lines: Array.from({ length: 139 }, () => ({ wanted: { size: '8 x 10 in', picture: 'large.jpg' } })) },
        headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json' },
    });
    expect(further.status()).toBe(201);
    await page.goto('/');
    await expect(page.locator(`a[href="/orders/${order}"]`).first()).toBeVisible();
    await page.waitForLoadState('networkidle');
    const asked = Date.now();
    await page.locator(`a[href="/orders/${order}"]`).first().click();
    await expect(page.getByRole('main').getByRole('list').first().getByRole('listitem')).toHaveCount(200);
    const openedLong = Date.now() - asked;
    await page.waitForLoadState('networkidle');
    await watch();
    await page.mouse.move(800, 500);
    const scrolled = await frameRate(async () => {
        for (let i = 0; i < 90; i++) {
            await page.mouse.wheel(0, i < 60 ? 160 : -200);
            await page.waitForTimeout(12);
        }
    });

    const words = `200 lines: opened in ${openedLong} ms, ${scrolled.toFixed(0)} frames a second while scrolling; 60 lines: ${(sent / 1e6).toFixed(2)} MB when never seen, opened again in ${opened} ms; ${dragged.toFixed(0)} frames a second while dragging 24 megapixels (${still.toFixed(0)} at rest), ${inCell.toFixed(0)} in a cell of eight; figures ${followed} ms after letting go; lettering drawn ${late[Math.floor(late.length / 2)]?.toFixed(0)} ms after a key, at most ${late.at(-1)?.toFixed(0)}; the client’s page of 60 prints to its first view in ${shown.took.toFixed(0)} ms, ${(shown.sum / 1e6).toFixed(2)} MB`;
    info.annotations.push({ type: 'speed', description: words });
    console.log(`    ${words}`);
    expect(sent).toBeLessThan(1_500_000);
    expect(shown.sum).toBeLessThan(3_000_000);
});
