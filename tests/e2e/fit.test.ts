import { By } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { DESK_SIZE, PHONE_SIZE, TABLET_SIZE } from './browser';
import { openGilvo } from './gilvo';
import { drawn, still } from './waits';

const gilvo = openGilvo();
const QUERY = '?sitting=demo-yearbook';
const POSE = `/pose${QUERY}&take=demo-take-1`;

interface Box {
  left: number;
  top: number;
  width: number;
  height: number;
}

const boxOf = (selector: string) =>
  gilvo.driver.executeScript<Box>(
    `const { left, top, width, height } = document.querySelector(arguments[0]).getBoundingClientRect();
     return { left, top, width, height };`,
    selector,
  );
const sidewaysScroll = () =>
  gilvo.driver.executeScript<number>(
    'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
  );

/**
 * How far the sitter's silhouette spreads across and up, in pixels of the page: one standard deviation of all its
 * pixels, which a pixel more or less at an edge hardly moves. The ground has the colour of the first corner.
 */
const spread = (canvas: string) =>
  gilvo.driver.executeScript<{ across: number; up: number }>(
    `
    const canvas = document.querySelector(arguments[0]);
    const { width, height } = canvas;
    const shown = canvas.getBoundingClientRect();
    const copy = new OffscreenCanvas(width, height).getContext('2d');
    copy.drawImage(canvas, 0, 0);
    const { data } = copy.getImageData(0, 0, width, height);
    let [n, sx, sy, sxx, syy] = [0, 0, 0, 0, 0];
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++) {
        const o = (y * width + x) * 4;
        if (data[o] === data[0] && data[o + 1] === data[1] && data[o + 2] === data[2]) continue;
        n++;
        sx += x;
        sy += y;
        sxx += x * x;
        syy += y * y;
      }
    const deviation = (sum, squares) => Math.sqrt(squares / n - (sum / n) ** 2);
    return {
      across: (deviation(sx, sxx) / width) * shown.width,
      up: (deviation(sy, syy) / height) * shown.height,
    };`,
    canvas,
  );

describe('the picture keeps the aspect of its frame', () => {
  const ratios: number[] = [];
  it.each([PHONE_SIZE, TABLET_SIZE, { width: 1180, height: 820 }, DESK_SIZE, { width: 1920, height: 1080 }])(
    'at $width x $height',
    async (size) => {
      await gilvo.open(POSE, size);
      await drawn(gilvo.driver);
      const picture = await boxOf('[data-testid="viewfinder"]');
      expect(Math.abs(picture.width / picture.height / (2 / 3) - 1)).toBeLessThan(0.01);
      expect(picture.width).toBeGreaterThan(200);
      await gilvo.press('parts');
      await gilvo.one('[data-testid="viewfinder"][data-drawn-mode="parts"]');
      const seen = await spread('[data-testid="viewfinder"] canvas');
      await gilvo.press('measured');
      await gilvo.one('[data-testid="measured"][data-state="drawn"]');
      const measured = await spread('[data-testid="measured"]');
      await gilvo.press('measured');
      // what is drawn is as slim as what is measured, and as slim on every screen
      expect(seen.across / measured.across).toBeCloseTo(seen.up / measured.up, 2);
      ratios.push(seen.across / seen.up);
      expect(Math.abs(ratios[0]! / ratios.at(-1)! - 1)).toBeLessThan(0.01);
    },
  );

  it('of a sensor of 4:3 as well, and measures it with square pixels', async () => {
    await gilvo.open(POSE, DESK_SIZE);
    await drawn(gilvo.driver);
    await gilvo.click('button[title^="camera"]');
    await gilvo.andSeen(() => gilvo.click('option[value="fourThirds"]'));
    await drawn(gilvo.driver);
    const picture = await boxOf('[data-testid="viewfinder"]');
    expect(Math.abs(picture.width / picture.height / (13 / 17.3) - 1)).toBeLessThan(0.01);
    await gilvo.press('measured');
    await gilvo.one('[data-testid="measured"][data-state="drawn"]');
    const pixels = await gilvo.driver.executeScript<number>(
      'const c = document.querySelector("[data-testid=measured]"); return c.width / c.height',
    );
    expect(Math.abs(pixels / (13 / 17.3) - 1)).toBeLessThan(0.01);
    await gilvo.press('measured');
  });
});

const PLACES: [path: string, ready: string][] = [
  ['/', 'article canvas'],
  ['/people?person=demo-runa', 'form input[name="name"]'],
  [`/brief${QUERY}`, 'tr[data-target]'],
  [`/set${QUERY}&take=demo-take-1`, 'section[aria-label="What fits here"] tbody tr'],
  [POSE, '[data-testid="findings"]'],
  ['/rules', 'li[data-rule]'],
  [`/run${QUERY}`, 'li[data-take]'],
  [`/direct${QUERY}`, 'main'],
  [`/sheet${QUERY}&for=set`, '[data-testid="sheet"] li'],
];

it.each(PLACES)('%s scrolls sideways on no screen', async (path, ready) => {
  await gilvo.open(path, PHONE_SIZE);
  await gilvo.one(ready);
  for (const size of [PHONE_SIZE, TABLET_SIZE, DESK_SIZE]) {
    await gilvo.browser.size(size);
    await still(gilvo.driver);
    expect([size.width, await sidewaysScroll()]).toEqual([size.width, 0]);
  }
});

describe.each([PHONE_SIZE, TABLET_SIZE])('Pose at $width x $height', (size) => {
  it('has picture, stations, readings and the run in reach, with targets for a finger, and no fault', async () => {
    await gilvo.open(POSE, size);
    await drawn(gilvo.driver);
    const picture = await boxOf('[data-testid="viewfinder"]');
    expect(picture.top + picture.height).toBeLessThan(size.height);
    for (const station of ['hips', 'arms', 'gaze', 'camera', 'light']) {
      await gilvo.click(`button[title^="${station}"]`);
      expect(await gilvo.violations()).toEqual([]);
      expect(await sidewaysScroll()).toBe(0);
      const small = await gilvo.driver.executeScript<string[]>(`
        return [...document.querySelectorAll('main button, main select')]
          .filter((e) => e.offsetParent && !e.closest('[role="group"][aria-label="Take hold"]'))
          .filter((e) => e.getBoundingClientRect().height < 43.5)
          .map((e) => e.getAttribute('aria-label') ?? e.textContent);`);
      expect([station, small]).toEqual([station, []]);
    }
    const items = await gilvo.driver.findElements(By.css('[data-testid="findings"] > li'));
    const shown = await Promise.all(items.map((li) => li.isDisplayed()));
    expect(shown[0]).toBe(true);
    expect(shown.filter(Boolean)).toHaveLength(size.width < 640 ? 1 : items.length);
  });
});
