// npm run screenshots: one PNG of each view in docs/screenshots, from the demo data, on a throw-away database.
import { spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { buildAll, buildDevices, has, installPackages, root, run } from './lib/project.mjs';

await installPackages();
await buildAll();
const { CHROMIUM, needChromium } = await import('./lib/chromium.mjs');
const { Cluster } = await import('./lib/postgres.mjs');
const { freePort } = await import('./lib/freePort.mjs');
const { startServer, stopServer } = await import('./lib/server.mjs');
const { chromium } = await import('@playwright/test');
await needChromium();
await buildDevices();
const devicePort = await freePort();

const DEMO = '/jobs/0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01';
const VIEWS = {
  survey: `${DEMO}/survey`,
  places: `${DEMO}/survey?view=places`,
  design: `${DEMO}/design`,
  cage: `${DEMO}/design?view=space`,
  bend: `${DEMO}/bend`,
  machine: `${DEMO}/bend`,
  cope: `${DEMO}/cope`,
  harness: `${DEMO}/harness`,
  driver: `${DEMO}/driver`,
  inspect: `${DEMO}/inspect`,
  shop: '/shop',
  'book-editor': '/rule-books/gravel-cup/revise',
};

const scratch = mkdtempSync(path.join(os.tmpdir(), 'gyrus-shots-'));
chmodSync(scratch, 0o711);
const cluster = new Cluster(path.join(scratch, 'cluster'), { lasting: false });
let server;
let browser;
try {
  server = startServer({ databaseUrl: await cluster.start(), port: 0, demo: true, devices: devicePort });
  const address = await server.address;
  browser = await chromium.launch(CHROMIUM);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' });
  for (const [name, view] of Object.entries(VIEWS)) {
    await page.goto(address + view);
    await page.getByRole('heading', { level: 1 }).first().waitFor();
    await page.waitForLoadState('networkidle');
    // What takes longer is on the tape when it is there.
    await page.getByRole('link', { name: 'Inspect counting' }).waitFor({ state: 'hidden' });
    if (name === 'cope') await page.getByRole('button', { name: /^D1 B/ }).click();
    if (name === 'inspect') await page.getByRole('button', { name: 'Light MH' }).first().click();
    // What is computed away from the page, and the view in space.
    if (['cage', 'cope', 'inspect', 'driver', 'book-editor'].includes(name)) await page.waitForTimeout(4000);
    if (name === 'machine') await showMachine(page);
    if (name === 'survey') await page.getByLabel('half width at the roof rail, left').focus();
    if (name === 'places') await page.getByLabel('windscreen pillar, left: up').focus();
    await page.screenshot({ path: path.join(root, 'docs/screenshots', `${name}.png`) });
  }
  await orderOfBuild(page, address);
  await asBuilt(page, address);
  await variants(page, address);
  await floor(page, address);
  await springback(page, address);
  await printedSheet(address, 'bend-sheet', 'bend-sheet.pdf?paper=a4&unit=in&datum=centre');
  await printedSheet(address, 'inspector-sheet', 'inspection.pdf?paper=letter&unit=in&form=long');
} finally {
  await browser?.close();
  if (server) await stopServer(server.child);
  cluster.remove();
  rmSync(scratch, { recursive: true, force: true });
}

/** A step of the demo's build, with some done. */
async function orderOfBuild(page, address) {
  await page.goto(`${address}${DEMO}/build`);
  await page.getByRole('heading', { name: /^Step 1:/ }).waitFor();
  for (let done = 0; done < 3; done++) {
    await page.getByLabel('who').fill('M. Sund');
    await page.getByRole('button', { name: 'Done, by M. Sund' }).click();
    await page.getByRole('heading', { name: `Step ${done + 2}:` }).waitFor();
  }
  await page
    .getByRole('button', { name: /tacked to MH, D1, BL, SL, SR, WB/ })
    .first()
    .click();
  await page.waitForTimeout(800);
  await page.screenshot({ path: path.join(root, 'docs/screenshots/build.png') });
}

/** The demo's hoop as it came off the bender. */
async function asBuilt(page, address) {
  await page.goto(`${address}${DEMO}/inspect/as-built`);
  await page.getByRole('heading', { name: 'Putting it right' }).waitFor();
  await page.getByRole('radio', { name: 'tacked' }).click();
  await page.getByLabel('measured by').fill('M. Sund');
  for (const [name, text] of Object.entries({
    'Feet apart, axis to axis': '56 3/8 in',
    'Top of the hoop over the floor, a quarter in from the left': '41 1/2 in',
    'Top of the hoop over the floor, a quarter in from the right': '41 1/4 in',
  }))
    await page.getByLabel(name, { exact: true }).fill(text);
  await page.getByRole('button', { name: 'Write 3 figures down' }).click();
  await page.getByText(/wider than planned/).waitFor();
  await page.mouse.move(500, 500);
  await page.mouse.wheel(0, -5000);
  await page.waitForTimeout(500);
  await page.screenshot({ path: path.join(root, 'docs/screenshots/as-built.png') });
}

/** The tube in the bender, at full pull, from above. */
async function showMachine(page) {
  const machine = page.getByRole('region', { name: 'At the machine' });
  await machine.getByText(/orders and ways round can be bent/).waitFor();
  await machine.getByRole('radio', { name: 'step 3: bend 3' }).click();
  await machine.getByRole('slider', { name: 'pulled' }).fill('45');
  await machine.evaluate((section) => section.scrollIntoView());
  await page.waitForTimeout(3000);
}

/** The first page of a printed sheet, where poppler's pdftoppm is at hand to make a picture of it. */
async function printedSheet(address, name, query) {
  if (!has('pdftoppm')) return;
  const answer = await fetch(`${address}/api${DEMO}/revisions/1/${query}`);
  const pdf = path.join(scratch, 'sheet.pdf');
  writeFileSync(pdf, Buffer.from(await answer.arrayBuffer()));
  const picture = path.join(root, 'docs/screenshots', name);
  await run('pdftoppm', ['-r', '105', '-png', '-singlefile', pdf, picture]);
}

/** A variant with braces along the pillars beside the main plan. */
async function variants(page, address) {
  await page.goto(`${address}${DEMO}/variants`);
  await page.getByLabel(/start a variant/).fill('pillar braces');
  await page.getByRole('button', { name: 'Start the variant' }).click();
  await page.getByRole('columnheader', { name: 'pillar braces' }).waitFor();
  await page.getByRole('link', { name: /^Design/ }).click();
  await page.getByLabel('add, in the usual order of work').selectOption('pillar-brace');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.waitForTimeout(2500);
  await page.getByRole('link', { name: 'Variants' }).click();
  await page.waitForTimeout(2500);
  await page.screenshot({ path: path.join(root, 'docs/screenshots/variants.png') });
}

/** A hoop half bent in floor mode, by a simulated dial. */
async function floor(page, address) {
  await page.goto(`${address}${DEMO}/bend`);
  await page.getByLabel('issued by').fill('Aino');
  await page.getByRole('button', { name: /^Issue revision/ }).click();
  const devices = spawn(process.execPath, [path.join(root, 'apps/devices/dist/main.js')], {
    env: { ...process.env, GYRUS_DEVICES: String(devicePort) },
    stdio: ['pipe', 'ignore', 'inherit'],
  });
  const type = (line) => devices.stdin.write(`${line}\n`);
  for (const name of ['It is marked', 'It lies so', 'Clamped', 'Zeroed'])
    await page.getByRole('button', { name, exact: true }).click();
  type('zero');
  await page.getByText(/to go$/).waitFor();
  type('pull 62 400');
  await page.getByText(/^17(\.\d)?° to go/).waitFor();
  await page.getByText('works without a network, too').waitFor();
  await page.screenshot({ path: path.join(root, 'docs/screenshots/floor.png') });
  devices.kill();
}

/** A die's springback by its test bends. */
async function springback(page, address) {
  await page.goto(`${address}/shop`);
  await page.getByRole('link', { name: 'Springback' }).first().click();
  await page.getByRole('figure').first().waitFor();
  await page.waitForTimeout(1000);
  await page.screenshot({ path: path.join(root, 'docs/screenshots/springback.png') });
}
