import type { PNG } from 'pngjs';
import { Key, Origin } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import { STOP_COLOURS } from '@/core/picture';
import type { Take } from '@/core/sitting';
import { canvas, linear, pngOf, settled, VIEW } from './canvases';
import { openGilvo } from './gilvo';
import { PATIENCE_MS } from './waits';

const gilvo = openGilvo();

describe('a renderer that is slower than the hand', () => {
  it('gives way to the measured picture while something is dragged, and draws again when it rests', async () => {
    await gilvo.pose(1);
    const preview = '[data-testid="drag-preview"]';
    // software rendering: a few frames are timed before it is known to be slow
    const key = await gilvo.one('[data-source="key"]');
    const drag = gilvo.driver.actions().move({ origin: key }).press();
    for (let i = 0; i < 6; i++)
      drag.move({ origin: Origin.POINTER, x: i % 2 ? -9 : 12, y: 2, duration: 250 });
    await drag.perform();
    const held = Number(await gilvo.driver.executeScript(`return ${VIEW}.dataset.frames`));
    const first = await canvas(gilvo, preview);
    const before = Number(await (await gilvo.one(preview)).getAttribute('data-pictures'));
    await gilvo.driver.actions().move({ origin: Origin.POINTER, x: 14, y: 6, duration: 250 }).perform();
    await gilvo.until(
      `Number(document.querySelector('${preview}').dataset.pictures) > ${before}`,
      'no new picture came',
    );
    expect((await canvas(gilvo, preview)).data.equals(first.data)).toBe(false);
    // what is shown meanwhile costs the renderer nothing
    expect(Number(await gilvo.driver.executeScript(`return ${VIEW}.dataset.frames`))).toBe(held);
    await gilvo.driver.actions().release().perform();
    await gilvo.until(
      `!document.querySelector('${preview}') && Number(${VIEW}.dataset.frames) > ${held}`,
      'it was not drawn again',
    );
  });
});

describe('steps of exposure over the picture', () => {
  it('show the lit side of the face above the shaded one, in the colours of the scale', async () => {
    await gilvo.pose(1);
    await gilvo.press('stops');
    await gilvo.one('[data-testid="stops-overlay"][data-state="drawn"]');
    const png = await settled(gilvo, '[data-testid="stops-overlay"]');
    const seen = new Set<string>();
    for (let i = 0; i < png.data.length; i += 4)
      seen.add(`#${[0, 1, 2].map((c) => png.data[i + c]!.toString(16).padStart(2, '0')).join('')}`);
    const known: string[] = STOP_COLOURS.map(({ colour }) => colour);
    for (const colour of seen) expect(known).toContain(colour);
    expect(seen.size).toBeGreaterThanOrEqual(4);
    expect(await gilvo.violations()).toEqual([]);
    await gilvo.press('stops');
    await gilvo.until('!document.querySelector("[data-testid=stops-overlay]")', 'it is still shown');
  });
});

describe('exposure of the picture', () => {
  const drawn = '[data-testid="viewfinder"] canvas';
  /** Stops between two pictures, at every place where the first is neither near black nor near white. */
  function stopsBetween(before: PNG, after: PNG): number[] {
    const out: number[] = [];
    for (let at = 0; at < before.data.length; at += 400) {
      const [a, b] = [linear(before.data[at + 1]!), linear(after.data[at + 1]!)];
      if (a > 0.05 && a < 0.4) out.push(Math.log2(b / a));
    }
    return out.sort((p, q) => p - q);
  }
  /** Waits until the picture is drawn so many stops brighter. */
  const drawnAt = (stops: string) =>
    gilvo.until(`${VIEW}.dataset.drawnStops === "${stops}"`, `it was not drawn ${stops} stops brighter`);
  const median = (values: number[]) => values[Math.floor(values.length / 2)]!;

  it('is the same number of stops in the drawn picture, in the steps and in the picture while it moves', async () => {
    await gilvo.pose(1);
    const before = await settled(gilvo, drawn);
    await gilvo.press('stops');
    await gilvo.one('[data-testid="stops-overlay"][data-state="drawn"]');
    const stepsBefore = await settled(gilvo, '[data-testid="stops-overlay"]');
    await gilvo.press('exposure');
    const slider = await gilvo.one('input[aria-label="Exposure"]');
    await slider.sendKeys(Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT);
    expect(await slider.getAttribute('aria-valuetext')).toBe('+1.0 stops');
    await gilvo.until(
      'document.querySelector("[data-testid=stops]").dataset.busy === "false"',
      'the steps stayed',
    );
    const stepsAfter = await settled(gilvo, '[data-testid="stops-overlay"]');
    const stepAt = (png: PNG, at: number) =>
      STOP_COLOURS.findIndex(
        ({ colour }) =>
          colour === `#${[0, 1, 2].map((c) => png.data[at + c]!.toString(16).padStart(2, '0')).join('')}`,
      );
    for (let at = 0; at < stepsBefore.data.length; at += 40) {
      const was = stepAt(stepsBefore, at);
      const is = stepAt(stepsAfter, at);
      // the darkest and the brightest step hold all that lies beyond
      if (was > 0) expect(is).toBe(Math.min(STOP_COLOURS.length - 1, was + 1));
    }
    await gilvo.press('stops');
    await drawnAt('1.0');
    const stops = stopsBetween(before, await settled(gilvo, drawn));
    expect(stops.length).toBeGreaterThan(200);
    expect(stops[Math.floor(stops.length * 0.05)]).toBeGreaterThan(0.9);
    expect(stops[Math.floor(stops.length * 0.95)]).toBeLessThan(1.1);

    const preview = '[data-testid="drag-preview"]';
    const key = await gilvo.one('[data-source="key"]');
    const pictures: PNG[] = [];
    for (const isBright of [true, false]) {
      if (!isBright) await gilvo.press('exposure');
      // a hand that holds the lamp and hardly moves it
      const held = gilvo.driver.actions().move({ origin: key }).press();
      for (const x of [1, -1, 1, -1, 1, -1]) held.move({ origin: Origin.POINTER, x, y: 0, duration: 250 });
      await held.perform();
      pictures.push(await settled(gilvo, preview));
      await gilvo.driver.actions().release().perform();
      await gilvo.until(`!document.querySelector('${preview}')`, 'it was not drawn again');
    }
    // the hand left the lamp a little elsewhere
    const between = median(stopsBetween(pictures[1]!, pictures[0]!));
    expect(between).toBeGreaterThan(0.7);
    expect(between).toBeLessThan(1.3);
    expect(await gilvo.violations()).toEqual([]);
  });

  it('stays when a picture that rests is drawn once more with smooth edges, as it is where no card draws', async () => {
    await gilvo.pose(1);
    await gilvo.press('exposure');
    const slider = await gilvo.one('input[aria-label="Exposure"]');
    let hard: string | null = null;
    // it may come to rest before it is looked at
    for (let stops = 1; hard === null && stops < 9; stops++) {
      await slider.sendKeys(Key.ARROW_RIGHT);
      await drawnAt((stops / 3).toFixed(1));
      hard = await gilvo.driver.executeScript<string | null>(
        `const canvas = document.querySelector('${drawn}');
         return canvas.dataset.smooth ? null : canvas.toDataURL('image/png');`,
      );
    }
    await gilvo.one(`${drawn}[data-smooth="true"]`);
    const [before, after] = [pngOf(hard!), await canvas(gilvo, drawn)];
    const changed = before.data.filter((byte, i) => Math.abs(byte - after.data[i]!) > 12).length / 3;
    expect(changed).toBeGreaterThan(300);
    expect(changed).toBeLessThan(0.05 * before.width * before.height);
    const stops = stopsBetween(before, after);
    expect(stops[Math.floor(stops.length * 0.05)]).toBeGreaterThan(-0.05);
    expect(stops[Math.floor(stops.length * 0.95)]).toBeLessThan(0.05);
  });

  it('can be that which the camera is set for', async () => {
    await gilvo.pose(1);
    const before = await settled(gilvo, drawn);
    await gilvo.saved();
    await gilvo.open('/set?sitting=demo-yearbook&take=demo-take-1');
    await gilvo.press('light');
    // EV 9 for an aperture of f/4 and 1/160 s, which ask for EV 11.3
    await gilvo.write('steady light, lx', '1280');
    const words = 'document.querySelector("section[aria-label=Exposure]").textContent';
    await gilvo.until(`/stops too dark/.test(${words})`, 'nothing is said of the exposure');
    const said = await gilvo.driver.executeScript<string>(
      `return ${words}.match(/([\\d.]+) stops too dark/)[1]`,
    );
    await gilvo.driver.wait(
      async () => (await gilvo.stored<Take>('takes', 'demo-take-1')).shot.exposure?.lux === 1280,
      PATIENCE_MS,
      'the reading was not kept',
    );
    await gilvo.pose(1);
    await gilvo.press('exposure');
    await gilvo.press('as set');
    expect(await (await gilvo.one('input[aria-label="Exposure"]')).getAttribute('aria-valuetext')).toBe(
      `-${said} stops`,
    );
    await drawnAt(`-${said}`);
    const stops = stopsBetween(before, await settled(gilvo, drawn));
    expect(median(stops)).toBeCloseTo(-Number(said), 0);
    // two stops more by the aperture
    await gilvo.click('button[title^="camera:"]');
    await gilvo.andSeen(() => gilvo.type('aperture, f/', '2'));
    expect(await (await gilvo.one('input[aria-label="Exposure"]')).getAttribute('aria-valuetext')).toBe(
      `${(2 - Number(said)).toFixed(1).replace(/^(?=\d)/, '+')} stops`,
    );
    await gilvo.press('exposure');
    await gilvo.until('!document.querySelector("input[aria-label=Exposure]")', 'the slider stayed');
  });
});
