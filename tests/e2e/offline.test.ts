import type { Driver } from 'selenium-webdriver/chrome';
import { afterAll, beforeAll, expect, it } from 'vitest';
import type { Frame, Take } from '@/core/sitting';
import { openGilvo } from './gilvo';
import { serveNewer } from './newer';
import { serve, type Served } from './server';

const gilvo = openGilvo({ seed: undefined });
const run = <T>(script: string) => gilvo.driver.executeScript<T>(script);
const SITTING = '?sitting=demo-yearbook';
const REGISTRATION = 'navigator.serviceWorker.getRegistration()';
let server: Served;
let isServed = true;
/** Where the browser knows Gilvo to be, whoever serves it there. */
let origin = '';

beforeAll(async () => {
  server = await serve();
  gilvo.server.origin = server.origin;
});
afterAll(async () => {
  if (isServed) await server.stop();
});

async function stop(): Promise<void> {
  await server.stop();
  isServed = false;
}

it('after the first visit every place opens without network, and works', async () => {
  await gilvo.pose(1);
  // all files are kept when the worker is at work
  await gilvo.until('navigator.serviceWorker.controller?.state === "activated"', 'nothing is kept');
  await stop();
  await gilvo.pose(1);
  await gilvo.click('button[title^="hips:"]');
  await gilvo.andSeen(() => gilvo.type('hips turned left, °', '-28'));
  await gilvo.saved();
  expect(
    (await gilvo.stored<Take>('takes', 'demo-take-1')).shot.people[0]!.pose.settings.hipsTurnLeftDeg,
  ).toBe(-28);
  for (const place of [
    '/people',
    `/brief${SITTING}`,
    `/set${SITTING}`,
    `/run${SITTING}`,
    `/sheet${SITTING}&for=client`,
  ]) {
    await gilvo.open(place);
    await gilvo.one('h1');
  }
});

it('links lead from place to place without network', async () => {
  await gilvo.open('/');
  await gilvo.one('article canvas[data-state="drawn"]');
  await gilvo.press('Brief', '//article');
  await gilvo.until(
    'document.querySelector("h1")?.textContent.startsWith("Brief")',
    'the brief did not open',
  );
  await run('document.querySelector(\'nav a[href^="/run"]\').click()');
  await gilvo.until('location.pathname === "/run" && document.querySelector("main")', 'the run did not open');
});

it('files are written without network', async () => {
  await gilvo.open('/');
  await gilvo.one('article');
  await gilvo.press('Save to a file');
  expect((await gilvo.downloaded('.json')).text).toContain('gilvo.sitting');
  await gilvo.press('Back up everything');
  expect((await gilvo.downloaded('.gilvo')).text).toContain('gilvo.backup');
  await gilvo.open('/people');
  await gilvo.one('ul[aria-label="People"] button');
  await gilvo.press('CSV');
  expect((await gilvo.downloaded('.csv')).text).toContain('Runa');
  await gilvo.press('vCard');
  expect((await gilvo.downloaded('.vcf')).text).toContain('BEGIN:VCARD');
});

it('on set sixty taps are kept without network', async () => {
  await gilvo.open(`/direct${SITTING}`);
  await gilvo.one('[data-act="keeper"]');
  for (let i = 0; i < 20; i++)
    for (const act of ['keeper', 'frame', 'next'])
      await run(`document.querySelector('[data-act="${act}"]').click()`);
  const frames = async () => (JSON.parse(await gilvo.wholeStore()) as { frames: Frame[] }).frames;
  await gilvo.driver.wait(async () => (await frames()).length === 40, 20_000, 'not every frame was kept');
  expect((await frames()).filter((f) => f.keeper)).toHaveLength(20);
});

it('when the network is back everything goes on, and nobody is interrupted', async () => {
  server = await serve(server.origin);
  isServed = true;
  await gilvo.pose(1);
  await gilvo.click('button[title^="hips:"]');
  expect(await gilvo.fieldValue('hips turned left, °')).toBe('-28');
  const { installabilityErrors } = (await (gilvo.driver as Driver).sendAndGetDevToolsCommand(
    'Page.getInstallabilityErrors',
    {},
  )) as unknown as { installabilityErrors: unknown[] };
  expect(installabilityErrors).toEqual([]);
});

/**
 * Takes the newer one that is offered, and waits for something of the page as it is loaded anew. Where it still waits
 * then it is offered again, and taken again.
 */
async function takenHere(css: string): Promise<void> {
  await run('window.before = true');
  await gilvo.press('Take it now');
  await gilvo.until(`!window.before && document.querySelector("${css}")`, 'the page was not loaded anew');
  await gilvo.until(
    `${REGISTRATION}.then((r) => {
      if (r?.active && !r.waiting) return true;
      document.querySelector('[data-testid="update"] button')?.click();
      return false;
    })`,
    'the newer one still waits',
  );
}

it('a newer Gilvo is offered, not on set, and taken when somebody says so', async () => {
  ({ origin } = server);
  await server.stop();
  server = await serve();
  const newer = await serveNewer(origin, server);
  try {
    await gilvo.open(`/direct${SITTING}`);
    await gilvo.until(`${REGISTRATION}.then((r) => Boolean(r.waiting))`, 'no newer one waits');
    expect(await gilvo.texts('[data-testid="update"]')).toEqual([]);
    await gilvo.open('/');
    expect(await gilvo.text('[data-testid="update"]')).toContain('A newer Gilvo is ready.');
    expect(await gilvo.violations()).toEqual([]);
    await takenHere('article');
    expect(await gilvo.texts('[data-testid="update"]')).toEqual([]);
  } finally {
    await newer.stop();
  }
});

it('one that was taken elsewhere meanwhile is taken here too', async () => {
  const newest = await serveNewer(origin, server, 'newest');
  try {
    await gilvo.open('/');
    await gilvo.one('[data-testid="update"]');
    const here = await gilvo.driver.getWindowHandle();
    await gilvo.driver.switchTo().newWindow('tab');
    await gilvo.open('/people');
    await takenHere('main');
    await gilvo.driver.close();
    await gilvo.driver.switchTo().window(here);
    expect(await gilvo.text('[data-testid="update"]')).toContain('A newer Gilvo is ready.');
    await takenHere('article');
    expect(await gilvo.texts('[data-testid="update"]')).toEqual([]);
  } finally {
    await newest.stop();
  }
});
