import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { addLine, addPictures, download, expect, newOrder, photographed, PICTURES, test, tool } from './studio';
import { Hand } from './hand';

const SUBJECTS = ['slip', 'quay', 'bell', 'rope', 'tide', 'lamp', 'hull', 'mast', 'net', 'cove'];
const NAMED = SUBJECTS.flatMap((subject) => ['red', 'blue', 'grey'].map((colour) => `${subject}-${colour}`));

/** Thirty pictures that know their colours, in an order of their own, with the hand on the field. */
async function thirtyPictures(page: Page, client: string) {
    await newOrder(page, client);
    const hand = new Hand(page);
    const paths = NAMED.map((name) => photographed(`${name}.jpg`, '1800x1200'));
    await hand.drop(page.getByRole('complementary', { name: 'Pictures' }), 'thirty pictures', ...paths);
    await expect(page.getByText('Pictures · 30')).toBeVisible({ timeout: 90_000 });
    const field = page.getByRole('textbox', { name: /What was ordered/ });
    await expect(field).toBeFocused();
    return { hand, field };
}

test('an e-mail of thirty lines becomes made files, and next to nothing is done by hand', async ({ page }) => {
    test.setTimeout(240_000);
    const mail = [
        'Hello Wren,',
        '',
        'could we please have all of these in 4x6:',
        ...NAMED.slice(0, 28).map((name, i) => (i % 7 === 0 ? `- 3 of ${name}` : `- ${name.replace('-', ' ')}`)),
        '',
        `2 of ${NAMED[28]} 4x6`,
        `1 of the ${NAMED[29]!.replace('-', ' ')} 4x6`,
        '',
        'Many thanks,',
        'Ottoline',
    ].join('\n');
    const { hand, field } = await thirtyPictures(page, 'Ottoline Marsh');
    await hand.type(field, mail, 'the e-mail, pasted');
    await hand.key('Control+Shift+Enter', 'add, and go on');
    await expect(page.getByText('30 of 30 made and read back')).toBeVisible({ timeout: 120_000 });
    await expect(page.getByRole('link', { name: /^Download all as ZIP/ })).toBeVisible({ timeout: 30_000 });
    const zip = await download(page, () => hand.key('d', 'download'));
    hand.tell('thirty lines from an e-mail to made files, nothing odd');
    expect(hand.count).toBeLessThanOrEqual(12);
    expect(tool('unzip', '-tq', zip)).toContain('No errors detected');
    expect(tool('unzip', '-l', zip)).toContain('30 files');
});

test('an e-mail of thirty lines, a third of them odd', async ({ page }) => {
    test.setTimeout(240_000);
    const mail = [
        'Dear Wren, these please, all in 4x6:',
        ...NAMED.slice(0, 20).map((name) => `${name}`),
        '',
        '2 of net 5x7', // three pictures may be meant
        'mast red 5x7 on lustr',
        'mast blue 5x7 in black and white',
        'mast grey 30x40', // in or cm
        'net red 8x10', // a sixth is cut
        'net blue 8x10',
        'net grey 11x15', // not listed
        'cove red 20x30', // too few pixels
        '0 of cove blue 5x7',
        'cove grey 8x10, whole, no white', // can't be both
    ].join('\n');
    const { hand, field } = await thirtyPictures(page, 'Keepers of Tarn Light');
    await hand.type(field, mail, 'the e-mail, pasted');
    const read = page.getByRole('list', { name: 'How it was read' });
    const settled = async () => {
        await expect(read).toHaveAttribute('aria-busy', 'false');
        await expect(page.getByRole('status').filter({ hasText: /clear/ })).toBeVisible();
    };
    const answer = async (line: RegExp, words: string) => {
        await settled();
        await hand.click(
            read.getByRole('listitem').filter({ hasText: line }).getByRole('button', { name: words }).first(),
            words,
        );
    };
    await answer(/2 of net/, 'net-grey.jpg');
    await answer(/lustr/, '“lustre”');
    await answer(/30x40/, '30 × 40 cm');
    await answer(/cove blue/, 'Take it as it was read');
    await answer(/no white/, 'Take it as it was read');
    await settled();
    await hand.key('Control+Shift+Enter', 'add, and go on');
    await page.waitForURL(/look$/);
    // What many have alike comes first, in one page; then each that has more to look at.
    const banner = () => page.getByRole('banner').innerText();
    let many = 0;
    while (page.url().endsWith('/look')) {
        const before = await banner();
        const yes = page.getByRole('button', { name: /^Yes(?!, line)/ });
        if (await yes.isDisabled()) {
            await hand.key('r', 'the remedy');
            await expect(yes).toBeEnabled();
        }
        await hand.key('y', 'yes');
        many++;
        await expect.poll(banner).not.toBe(before);
    }
    await expect(page.getByText('30 of 30 passed')).toBeVisible();
    await hand.key('m', 'make the files');
    await expect(page.getByText('30 of 30 made and read back')).toBeVisible({ timeout: 120_000 });
    hand.tell(`thirty lines from an e-mail to made files, five of them unclear, ${many} to look at`);
    expect(hand.count).toBeLessThanOrEqual(40);
});

test('what isn’t clear stays with what may be meant, and a press says it', async ({ page }) => {
    await newOrder(page, 'Keepers of Tarn Light');
    await addPictures(page, ...['beehives', 'dunes-dusk', 'lone-tree'].map((name) => `${PICTURES}/${name}.jpg`));
    const field = page.getByRole('textbox', { name: /What was ordered/ });
    await field.fill('8x10:\n2 of the beehives\ndune, on lustr\n30x40 of lone tree in black and white\nsomething splendid');
    const read = page.getByRole('list', { name: 'How it was read' });
    await expect(read).toHaveAttribute('aria-busy', 'false');
    await expect(read.getByText('Make 2 prints of Beehives cropped to 8 × 10 in')).toBeVisible();
    await expect(read).toContainText('“in black and white”: That isn’t done here.');
    await page.getByRole('button', { name: /^Add this line/ }).click();
    const lines = page.getByRole('main').getByRole('list').first().getByRole('listitem');
    await expect(lines).toHaveCount(1);
    // What wasn't clear is there still, under its heading.
    await expect(field).toHaveValue('8x10:\ndune, on lustr\n30x40 of lone tree in black and white\nsomething splendid');
    await read.getByRole('button', { name: '“lustre”' }).click();
    await expect(field).toHaveValue(/dune, on lustre\n/);
    await expect(read).toHaveAttribute('aria-busy', 'false'); // what stands below moves up when it is read anew
    await read.getByRole('button', { name: '30 × 40 cm' }).click();
    await expect(field).toHaveValue(/30 x 40 cm of lone tree/);
    await expect(read).toHaveAttribute('aria-busy', 'false');
    await page.getByRole('button', { name: /^Add 2 lines/ }).click();
    await expect(lines).toHaveCount(3);
    await expect(page.getByRole('main')).toContainText('in black and white'); // on the line, as a remark
    await expect(field).toHaveValue('8x10:\nsomething splendid');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(lines).toHaveCount(1);
});

test('what isn’t clear is answered by keys alone, pictures side by side with their times', async ({ page }) => {
    await newOrder(page, 'Isholm Rowing Club');
    const paths = ['IMG_0412.jpg', 'IMG_0415.jpg', 'slipway.jpg'].map((name) => photographed(name, '1800x1200'));
    tool('exiftool', '-q', '-overwrite_original', '-DateTimeOriginal=2026:11:02 09:14:33', paths[0]!);
    await addPictures(page, ...paths);
    const field = page.getByRole('textbox', { name: /What was ordered/ });
    await field.fill('2 of img 4x6\nslipway 30x40 on lustr');
    const read = page.getByRole('list', { name: 'How it was read' });
    await expect(read).toHaveAttribute('aria-busy', 'false');
    const early = read.getByRole('button', { name: /IMG_0412\.jpg/ });
    await expect(early).toContainText('2 Nov, 09:14');
    await page.keyboard.press('ArrowDown');
    await expect(read.getByRole('button', { name: /IMG_041/ }).first()).toBeFocused();
    const which = (
        (await read
            .getByRole('button', { name: /IMG_041/ })
            .first()
            .textContent()) ?? ''
    ).includes('0412')
        ? '1'
        : '2';
    await page.keyboard.press(which);
    await expect(field).toHaveValue(/^2 of IMG_0412\.jpg 4x6\n/);
    await expect(read.getByRole('button', { name: '30 × 40 in' })).toBeFocused(); // on to the next that isn't clear
    await page.keyboard.press('2');
    await expect(read.getByRole('button', { name: '“lustre”' })).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(field).toBeFocused();
    await expect(field).toHaveValue('2 of IMG_0412.jpg 4x6\nslipway 30 x 40 cm on lustre');
    await page.keyboard.press('Control+Enter');
    await expect(page.getByRole('main').getByRole('list').first().getByRole('listitem')).toHaveCount(2);
});

test('Enter at once is heard, however quick the hand', async ({ page }) => {
    await newOrder(page, 'Brindle Pottery');
    await addPictures(page, `${PICTURES}/glazed-bowls.jpg`);
    await page.getByRole('textbox', { name: /What was ordered/ }).fill('3 of glazed bowls 8x10, whole');
    await page.keyboard.press('Enter');
    const line = page.getByRole('main').getByRole('list').first().getByRole('listitem').first();
    await expect(line).toContainText('whole on 8 × 10 in');
    await line.getByRole('link').click();
    await expect(page.getByTestId('sentence')).toContainText('Make 3 prints');
    await page.keyboard.press('w');
    await page.getByTestId('say-it').getByRole('textbox').fill('5 of it, thin line');
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('say-it')).toHaveCount(0);
    await expect(page.getByTestId('sentence')).toContainText('Make 5 prints');
});

test('a list is dropped as a file; one that is a picture is told', async ({ page }) => {
    await newOrder(page, 'Brindle Pottery');
    await addPictures(page, `${PICTURES}/glazed-bowls.jpg`);
    const chooser = page.getByLabel('A list from a file');
    await chooser.setInputFiles({
        name: 'wanted.csv',
        mimeType: 'text/csv',
        buffer: Buffer.from('\ufeffPicture;Size;Qty;Notes\nglazed-bowls.jpg;8x10;3;no cropping\n', 'utf8'),
    });
    await expect(page.getByRole('textbox', { name: /What was ordered/ })).toHaveValue('3 of glazed-bowls.jpg, 8x10, no cropping');
    await expect(page.getByRole('button', { name: /^Add this line/ })).toBeEnabled();
    await chooser.setInputFiles(`${PICTURES}/glazed-bowls.jpg`);
    await expect(page.getByRole('alert')).toContainText('is a picture (JPEG), and has no words that can be read');
});

test('a long list is short: what is alike in one row, what is unclear alike answered once, what is taken back beside it', async ({
    page,
}) => {
    await thirtyPictures(page, 'Isholm Rowing Club');
    const field = page.getByRole('textbox', { name: /What was ordered/ });
    await field.fill(
        [
            ...['slip', 'quay', 'bell', 'rope'].map((subject) => `${subject}-red 4x6 x2`),
            'tide-red 8x10',
            'lamp-red 8x10 tiddler',
            'hull-red 8x10 tiddler',
            'sorry, scrap the tide-red 8x10',
        ].join('\n'),
    );
    await expect(page.locator('[data-sure]').first()).toContainText(
        '2 prints cropped to 4 × 6 in each, of 4 pictures: slip-red, quay-red, bell-red, rope-red',
    );
    const row = (text: string | RegExp) => page.locator('[data-sure]').filter({ hasText: text });
    await expect(page.locator('[data-sure]')).toHaveCount(4);
    await expect(page.locator('[data-sure]').nth(1)).toContainText('tide-red 8x10');
    await expect(page.locator('[data-sure]').nth(2)).toContainText('sorry, scrap the');
    await page.getByRole('button', { name: 'Each of 4 lines' }).click();
    await expect(page.locator('[data-sure]')).toHaveCount(7);
    await expect(row('rope-red')).toContainText('Make 2 prints of Rope red');
    await row('sorry, scrap the').getByRole('button', { name: 'It is meant so' }).click();
    await row('lamp-red').getByRole('button', { name: 'Take them as they were read' }).click();
    await page.getByRole('button', { name: /^Add 6 lines/ }).click();
    await expect(field).toHaveValue('');
    const lines = page.getByRole('main').getByRole('list').first().getByRole('listitem');
    await expect(lines).toHaveCount(6);
    await expect(lines.filter({ hasText: 'Tide red' })).toHaveCount(0);
});

test('a word is taught where it isn’t clear, read from then on, and forgotten on the studio’s page', async ({ page }) => {
    await newOrder(page, 'Brindle Pottery');
    await addPictures(page, `${PICTURES}/glazed-bowls.jpg`);
    await page.getByRole('textbox', { name: /What was ordered/ }).fill('glazed bowls, 2 tiddlers');
    const read = page.getByRole('list', { name: 'How it was read' });
    await expect(read.getByRole('listitem').first()).toHaveAttribute('data-sure', 'false');
    await read.getByRole('button', { name: 'Say what “tiddlers” always means' }).click();
    const means = page.getByRole('textbox', { name: '“tiddlers” always means' });
    await means.fill('flimflam');
    await page.keyboard.press('Enter');
    await expect(page.getByText('“flimflam” isn’t understood. Say what it means in words that are.')).toBeVisible();
    await means.fill('4x6, whole');
    await page.keyboard.press('Enter');
    await expect(read.getByRole('listitem').first()).toHaveAttribute('data-sure', 'true');
    await expect(read).toContainText('Make 2 prints of Glazed bowls whole on 4 × 6 in');
    await page.getByRole('button', { name: /^Add this line/ }).click();
    await expect(page.getByRole('main').getByRole('list').first()).toContainText('2 prints');
    await page.goto('/studio');
    const own = page.getByRole('region', { name: 'Own words' });
    await expect(own.getByRole('listitem').filter({ hasText: 'tiddlers' }).getByRole('textbox')).toHaveValue('4x6, whole');
    await own.getByRole('button', { name: 'Forget “tiddlers”' }).click();
    await expect(own.getByText('tiddlers')).toHaveCount(0);
});

test('an e-mail is dropped as a file: its words into the field, its picture onto the shelf', async ({ page }) => {
    await newOrder(page, 'Brindle Pottery');
    const picture = readFileSync(`${PICTURES}/glazed-bowls.jpg`).toString('base64');
    const mail = [
        'From: Ada Brindle <ada@brindle.example>',
        'Subject: Prints',
        'MIME-Version: 1.0',
        'Content-Type: multipart/mixed; boundary=between',
        '',
        '--between',
        'Content-Type: text/plain; charset=utf-8',
        '',
        'Hello,\n\n3 of glazed bowls 8x10, whole\n\nMany thanks\nAda',
        '--between',
        'Content-Type: image/jpeg; name="glazed-bowls.jpg"',
        'Content-Disposition: attachment; filename="glazed-bowls.jpg"',
        'Content-Transfer-Encoding: base64',
        '',
        picture.replace(/.{76}/g, '$&\n'),
        '--between',
        'Content-Type: application/pdf; name="order.pdf"',
        '',
        '%PDF-1.4',
        '--between--',
    ].join('\n');
    await page
        .getByLabel('A list from a file')
        .setInputFiles({ name: 'prints.eml', mimeType: 'message/rfc822', buffer: Buffer.from(mail, 'utf8') });
    await expect(page.getByRole('textbox', { name: /What was ordered/ })).toHaveValue(/3 of glazed bowls 8x10, whole/);
    await expect(page.getByText('“order.pdf” was left out: a PDF has no words that can be read.')).toBeVisible();
    await page.getByRole('button', { name: /^Add this line/ }).click();
    const line = page.getByRole('main').getByRole('list').first().getByRole('listitem').first();
    await expect(line).toContainText('Glazed bowls, whole on 8 × 10 in');
    await expect(line).toContainText('3 prints');
});

test('said under the sentence: seen while it is typed, taken by Enter, undone as one', async ({ page }) => {
    await newOrder(page, 'Isholm Rowing Club');
    await addPictures(page, `${PICTURES}/rowing-boat-dawn.jpg`);
    await addLine(page, '16 x 20 in', 1, 'rowing-boat-dawn.jpg');
    await page.getByRole('main').getByRole('listitem').first().getByRole('link').click();
    const sentence = page.getByTestId('sentence');
    await expect(sentence).toContainText('cropped to 16 × 20 in');
    const hand = new Hand(page);
    await hand.key('w', 'to the field');
    const field = page.getByTestId('say-it').getByRole('textbox');
    await expect(field).toBeFocused();
    await field.fill('whole with 2 in to mat over');
    await expect(sentence).toContainText('whole on 16 × 20 in');
    await expect(page.locator('[data-figure]').filter({ hasText: '2 in' }).first()).toBeVisible();
    await page.keyboard.press('Escape'); // nothing was done
    await expect(sentence).toContainText('cropped to 16 × 20 in');
    await page.keyboard.press('w');
    await hand.type(
        page.getByTestId('say-it').getByRole('textbox'),
        'whole with 2 in to mat over, thin black line, optical centre',
        'the wish',
    );
    await expect(sentence).toContainText('optical centre');
    await expect(page.getByTestId('say-it').getByRole('status')).toHaveAttribute('aria-busy', 'false');
    await hand.key('Enter', 'taken');
    await expect(page.getByTestId('say-it')).toHaveCount(0);
    await expect(sentence).toContainText('line');
    hand.tell('a mounted raised print with a line, from a plain one');
    expect(hand.count).toBe(3);
    await page.reload();
    await expect(sentence).toContainText('whole on 16 × 20 in');
    await expect(sentence).toContainText('optical centre');

    // That it shares a sheet is said here, too, and with other wishes: the bench goes on with the sheet.
    await page.keyboard.press('w');
    await field.fill('3 x 4 in, whole, no line, two to a sheet');
    await expect(sentence).toContainText('1 shared sheet of two 3 × 4 in');
    await expect(page.getByTestId('say-it').getByRole('status')).toHaveAttribute('aria-busy', 'false');
    const before = page.url();
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('say-it')).toHaveCount(0);
    await expect(page).not.toHaveURL(before);
    await expect(sentence).toContainText('1 shared sheet of two 3 × 4 in');
    // One undo brings the line back as it was, and leaves the sheet behind.
    await page.keyboard.press('Control+z');
    const lines = page.getByRole('main').getByRole('list').first().getByRole('listitem');
    await expect(lines).toHaveCount(1);
    await expect(lines).toContainText('16 × 20 in');
    await lines.getByRole('link').click();
    await expect(sentence).toContainText('whole on 16 × 20 in');
    await expect(sentence).toContainText('optical centre');
});

test('many lines at once: chosen pictures in a size, a wish to all, what is fine passed', async ({ page }) => {
    await newOrder(page, 'Brindle Pottery');
    await addPictures(page, `${PICTURES}/beehives.jpg`, `${PICTURES}/brass-gears.jpg`, `${PICTURES}/dyed-wool.jpg`);
    const hand = new Hand(page);
    const shelf = page.getByRole('complementary', { name: 'Pictures' });
    for (const name of ['beehives.jpg', 'brass-gears.jpg', 'dyed-wool.jpg']) {
        await hand.click(shelf.getByLabel(`Choose ${name}`), name);
    }
    const field = page.getByRole('textbox', { name: /What was ordered/ });
    await hand.type(field, '4x6, matte', 'a size');
    await expect(page.getByRole('button', { name: /^Add 3 lines/ })).toBeEnabled();
    await hand.key('Enter', 'added');
    const lines = page.getByRole('main').getByRole('list').first().getByRole('listitem');
    await expect(lines).toHaveCount(3);
    await field.blur();
    await hand.key('Control+a', 'all lines');
    await hand.key('w', 'to the wish');
    await page.getByRole('textbox', { name: /Say of these 3 lines/ }).fill('5x7, whole');
    await expect(page.getByRole('main').getByRole('status')).toContainText('whole on 5 × 7 in');
    await page.keyboard.press('Enter');
    for (const i of [0, 1, 2]) {
        await expect(lines.nth(i)).toContainText('whole on 5 × 7 in');
    }
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(lines.nth(2)).toContainText('cropped to 4 × 6 in');
    await expect(lines.nth(0)).toContainText('cropped to 4 × 6 in');
    hand.tell('three chosen pictures in one size');
});

test('look at each: only the lines that want eyes, one key each', async ({ page }) => {
    await newOrder(page, 'Ottoline Marsh');
    await addPictures(page, `${PICTURES}/beehives.jpg`, `${PICTURES}/lone-tree.jpg`, `${PICTURES}/dyed-wool.jpg`);
    const field = page.getByRole('textbox', { name: /What was ordered/ });
    await field.fill('beehives 4x6\nlone tree 11x15\n0 of dyed wool 8x10');
    const read = page.getByRole('list', { name: 'How it was read' });
    await expect(read).toHaveAttribute('aria-busy', 'false');
    await read.getByRole('button', { name: 'Take it as it was read' }).click();
    await page.getByRole('button', { name: /^Add 3 lines/ }).click();
    const lines = page.getByRole('main').getByRole('list').first().getByRole('listitem');
    await expect(lines).toHaveCount(3);
    await page.getByRole('link', { name: /^Look at each/ }).click();
    await expect(async () => {
        if (await page.getByRole('button', { name: /^Yes, for all/ }).isVisible()) {
            await page.keyboard.press('n'); // what several have alike comes first
        }
        await expect(page.getByRole('heading', { name: /^Beehives/ })).toBeVisible({ timeout: 500 });
    }).toPass();

    // The window is moved there and then; the yes is one key.
    const moved = page.waitForResponse((answer) => answer.request().method() === 'PATCH' && answer.ok());
    await page.keyboard.press('Shift+ArrowLeft');
    await moved;
    await page.keyboard.press('y');
    await expect(page.getByRole('heading', { name: /^Lone tree/ })).toBeVisible();
    await page.keyboard.press('r'); // the remedy of the first finding that has one
    await expect(page.getByRole('list', { name: 'What to look at' })).not.toContainText('isn’t on the lab’s list');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: /^Dyed wool/ })).toBeVisible();
    await expect(page.getByRole('button', { name: /^Yes/ })).toBeDisabled(); // no copies: it is stopped
    await page.keyboard.press('r');
    await expect(page.getByRole('button', { name: /^Yes/ })).toBeEnabled();
    await page.keyboard.press('n');
    await expect(page.getByText('That was all of them; one is left for later.')).toBeVisible();
    await expect(page.getByText('2 of 3 passed')).toBeVisible();
});

test('all files of an order are named in one go, each name seen before', async ({ page }) => {
    await newOrder(page, 'Brindle Pottery');
    await addPictures(page, `${PICTURES}/beehives.jpg`, `${PICTURES}/brass-gears.jpg`);
    const field = page.getByRole('textbox', { name: /What was ordered/ });
    await field.fill('all in 4x6');
    await expect(page.getByRole('button', { name: /^Add 2 lines|^Add this line/ })).toBeEnabled();
    await page.keyboard.press('Enter');
    const lines = page.getByRole('main').getByRole('list').first().getByRole('listitem');
    await expect(lines).toHaveCount(2);
    await expect(lines.first()).toContainText('brindle-pottery_4x6_beehives_1.jpg');
    await page.getByRole('button', { name: 'The order…' }).click();
    await page.getByRole('menuitem', { name: 'Names of its files' }).click();
    const dialog = page.getByRole('dialog', { name: 'Names of its files' });
    await dialog.getByRole('button', { name: 'Leave client out' }).click();
    await dialog.getByRole('button', { name: 'Move number forward' }).click();
    const names = dialog.getByRole('list', { name: 'Names of all files' });
    await expect(names).toContainText('4x6_1_beehives.jpg');
    await expect(names).toContainText('4x6_2_brass-gears.jpg');
    await expect(dialog).toContainText('takes 60 letters');
    await dialog.getByRole('button', { name: 'Name the order so' }).click();
    await expect(dialog).toHaveCount(0);
    await expect(lines.last()).toContainText('4x6_2_brass-gears.jpg');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(lines.last()).toContainText('brindle-pottery_4x6_brass-gears_2.jpg');
});
