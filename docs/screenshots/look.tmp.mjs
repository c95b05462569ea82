import { chromium } from 'playwright-core';
const base = 'http://127.0.0.1:8680';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: ['--no-sandbox'] });
const page = await b.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(base);
await page.getByLabel('E-mail').waitFor();
await page.getByLabel('E-mail').fill('wren@halloway.example');
await page.getByLabel('Password').fill('copper-and-paper');
await page.keyboard.press('Enter');
await page.waitForTimeout(1500);
const orders = await page.evaluate(async () => (await (await fetch('/api/orders')).json()).orders.map((o) => [o.id, o.title, o.client]));
console.log(JSON.stringify(orders));
const order = orders[0][0];
const api = async (method, path, body) => page.evaluate(async ([method, path, body]) => { const t = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)?.[1] ?? ''); const r = await fetch('/api/' + path, { method, headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': t }, body: JSON.stringify(body) }); return [r.status, await r.text()]; }, [method, path, body]);
const sheet = await page.evaluate(async (id) => (await (await fetch('/api/orders/' + id)).json()), order);
const pic = sheet.pictures[0].name;
const made = [];
for (const w of [{ size: '10 in wide', ratio: '16:9' }, { size: '8 x 10 in', opening: { size: '9.5 x 7.5 in' } }, { make: 'panels', panels: { piece: '8 x 16 in', columns: 3, gap: '1 in', behindGap: 'drop' } }]) {
  const [status, text] = await api('POST', `orders/${order}/lines`, { size: w.size ?? '8 x 10 in', copies: 1, picture: pic, wanted: w.size ? w : undefined });
  let line = JSON.parse(text);
  if (!w.size) { const r = await api('PATCH', `lines/${line.id}`, { version: line.version, change: { ...w, size: null } }); console.log(r[0], r[1].slice(0, 200)); line = JSON.parse(r[1]); }
  console.log(status, line.id, line.fileName, line.sentence?.map((s) => s.text).join(''), line.findings?.map((f) => f.title));
  made.push(line.id);
}
let n = 0;
for (const id of made) {
  await page.goto(`${base}/orders/${order}/lines/${id}`);
  await page.waitForTimeout(2500);
  await page.screenshot({ path: `/tmp/look${++n}.png` });
}
await page.goto(`${base}/orders/${order}/lines/${made[0]}`);
await page.waitForTimeout(1500);
await page.getByRole('button', { name: /10 in wide/ }).first().click();
await page.waitForTimeout(500);
await page.screenshot({ path: `/tmp/look4.png` });
await b.close();
