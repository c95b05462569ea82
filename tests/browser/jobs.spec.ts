import { readFileSync } from 'node:fs';
import { Hand } from './hand';
import { download, expect, newOrder, photographed, test, tool } from './studio';

/** The jobs of docs/jobs.md, by number: their words. */
const JOBS = new Map(
    [...readFileSync('docs/jobs.md', 'utf8').matchAll(/^\| (\d+) \| (.+?) \| `(.+)` \|$/gm)].map(([, number, job, words]) => [
        Number(number),
        { job: job!, words: words! },
    ]),
);

interface Asked {
    pictures: string[];
    lab?: string;
    /** of each file, as ImageMagick measures it: worked out by hand from the ordered size and the lab's pixels an inch */
    files: string[];
}

const METRIC = 'Copperbeck Colour';

const ASKED: Record<number, Asked> = {
    1: { pictures: ['slipway'], files: ['JPEG 3000x2400'] },
    2: { pictures: ['oars'], files: ['JPEG 4200x3300'] },
    3: { pictures: ['slipway'], files: ['JPEG 5400x3600'] }, // 12 × 18 in
    4: { pictures: ['lighthouse'], files: ['JPEG 6000x4800'] },
    5: { pictures: ['beehives'], files: ['JPEG 10500x7500'] }, // face and 2 × (2 + ½) in
    6: { pictures: ['slipway'], files: ['JPEG 8031x5669'] }, // 68 × 48 cm
    7: { pictures: ['oars'], lab: METRIC, files: ['TIFF 3411x9036', 'TIFF 6786x9036', 'TIFF 3411x9036'] }, // 22½ and 45 × 60 in, and 3 mm of bleed round each
    8: { pictures: ['beehives'], files: ['JPEG 1800x1200'] },
    9: { pictures: ['gears'], files: ['JPEG 3000x2400'] },
    10: { pictures: ['slipway'], files: ['JPEG 2100x1500'] },
    11: { pictures: ['oars'], files: ['JPEG 1600x1067'] },
    12: { pictures: ['lighthouse'], lab: METRIC, files: ['TIFF 5725x3836'] }, // 60 × 40 cm, the smallest sheet that holds it, and its bleed
    13: { pictures: ['gears'], files: ['JPEG 9000x6000'] },
    14: { pictures: ['lighthouse'], files: ['JPEG 5400x3600'] },
    15: {
        pictures: ['IMG_0412', 'IMG_0413', 'IMG_0415'],
        files: [...Array<string>(3).fill('JPEG 1800x1200'), 'JPEG 3000x2400', 'JPEG 3000x2400'],
    },
    16: { pictures: ['beehives'], files: ['JPEG 4200x2800'] },
};

const spent: number[] = [];

for (const [number, { job, words }] of JOBS) {
    test(`job ${number}: ${job}`, async ({ page }) => {
        test.setTimeout(150_000);
        const { pictures, lab, files } = ASKED[number]!;
        const paths = pictures.map((name) => photographed(`${name}.jpg`));
        await newOrder(page, `Job ${number}`, lab);
        const hand = new Hand(page);
        await hand.drop(page.getByRole('complementary', { name: 'Pictures' }), 'the pictures', ...paths);
        await expect(page.getByText(`Pictures · ${paths.length}`)).toBeVisible({ timeout: 60_000 });
        const field = page.getByRole('textbox', { name: /What was ordered/ });
        await expect(field).toBeFocused(); // the hand is led there
        await hand.type(field, words, 'what is wanted');
        await hand.key('Control+Shift+Enter', 'add it, and go on');
        await page.waitForURL(/\/(look|make)$/);
        if (page.url().endsWith('/look')) {
            const at = page.getByRole('banner').getByRole('status');
            await expect(at).toHaveText(/^1 of \d+$/);
            const many = Number((await at.textContent())!.split(' ').at(-1));
            for (let i = 1; i < many; i++) {
                await hand.key('y', 'yes');
                await expect(at).toHaveText(`${i + 1} of ${many}`);
            }
            await hand.key('m', 'yes, and make');
        }
        await expect(page.getByText(`${files.length} of ${files.length} made and read back`)).toBeVisible({ timeout: 90_000 });
        const link = page.getByRole('link', { name: /^Download (all|the file|the screen)/ });
        await expect(link).toBeVisible({ timeout: 30_000 });
        const path = await download(page, () => hand.key('d', 'download'));
        hand.tell(`job ${number}`);
        spent.push(hand.count);

        const format = ['-format', '%m %wx%h\n'];
        if (files.length === 1) {
            expect(tool('/usr/bin/identify', ...format, path).trim()).toBe(files[0]);
        } else {
            const folder = path.replace(/\.zip$/, '');
            tool('unzip', '-q', '-o', path, '-d', folder);
            expect(tool('sh', '-c', `identify -format '%m %wx%h\n' "${folder}"/*`).trim().split('\n').sort()).toEqual(
                [...files].sort(),
            );
        }
    });
}

test('a job takes five acts at most, on average', () => {
    const mean = spent.reduce((sum, one) => sum + one, 0) / spent.length;
    console.log(`sixteen jobs, from pictures dropped to file downloaded: ${mean.toFixed(2)} on average (${spent.join(', ')})`);
    expect(spent).toHaveLength(JOBS.size);
    expect(mean).toBeLessThan(5);
    expect(Math.max(...spent)).toBeLessThanOrEqual(8);
});
