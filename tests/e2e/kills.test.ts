import { expect, it } from 'vitest';
import type chrome from 'selenium-webdriver/chrome';
import { frameSchema, type Frame } from '@/core/sitting';
import { openBrowser, PHONE_SIZE } from './browser';
import { openGilvo } from './gilvo';
import { killOften } from './kills';

/** Enough to see a fault; `npm run kills` kills as often as one likes. */
const TIMES = 8;
const gilvo = openGilvo();

it(`${TIMES} kills in the middle of typing leave nothing corrupt, and nothing that was in the store is lost`, async () => {
  const { corrupt, forgotten } = await killOften(gilvo, TIMES, gilvo.browser.profile);
  expect(corrupt).toBe(0);
  expect(forgotten).toBe(0);
});

const TAPS = 20;
/** No byte goes out or comes in. */
const CUT = { offline: true, latency: 0, download_throughput: 0, upload_throughput: 0 };
const frames = async () => (JSON.parse(await gilvo.wholeStore()) as { frames: Frame[] }).frames;

/** Taps as fast as a thumb could, and waits until so many are counted. */
async function tap(counted: number): Promise<void> {
  for (let i = 0; i < TAPS; i++) await gilvo.click(`[data-act="${i % 5 === 4 ? 'keeper' : 'frame'}"]`);
  await gilvo.until(
    `document.querySelector('[data-testid="frame-count"]').textContent.startsWith('${counted} of')`,
    `${counted} taps were not counted`,
  );
}

async function onSet(): Promise<void> {
  await gilvo.open('/direct?sitting=demo-yearbook', PHONE_SIZE);
  await gilvo.one('[data-act="frame"]');
}

it('sixty taps on set are all there after a reload, a cut network and a killed browser', async () => {
  await onSet();
  await tap(TAPS);
  await gilvo.driver.navigate().refresh();
  await gilvo.until(
    `document.querySelector('[data-testid="frame-count"]')?.textContent.startsWith('${TAPS} of')`,
    'a reload lost taps',
  );
  const { driver } = gilvo;
  await (driver as chrome.Driver).setNetworkConditions(CUT);
  await tap(2 * TAPS);
  await (driver as chrome.Driver).deleteNetworkConditions();
  await tap(3 * TAPS);
  await gilvo.comes(async () => (await frames()).length === 3 * TAPS, 'not all taps reached the store');
  const { profile } = gilvo.browser;
  await gilvo.browser.kill();
  gilvo.browser = await openBrowser({ profile });
  await onSet();
  const stored = await frames();
  expect(stored).toHaveLength(3 * TAPS);
  expect(stored.filter((f) => f.keeper)).toHaveLength((3 * TAPS) / 5);
  expect(new Set(stored.map((f) => f.id)).size).toBe(3 * TAPS);
  for (const frame of stored) expect(frameSchema.safeParse(frame).success).toBe(true);
});
