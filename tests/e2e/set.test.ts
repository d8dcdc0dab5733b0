import exifr from 'exifr';
import { By, Key, Origin, until } from 'selenium-webdriver';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Sitting, Take } from '@/core/sitting';
import { PHONE_SIZE } from './browser';
import { openGilvo } from './gilvo';
import { PATIENCE_MS } from './waits';

const gilvo = openGilvo();
const ID = 'demo-take-1';
const FITS = 'section[aria-label="What fits here"]';

/** The Set place with the demo's first pose in it, at rest. */
async function openSet(size?: Parameters<typeof gilvo.open>[1]): Promise<void> {
  await gilvo.open(`/set?sitting=demo-yearbook&take=${ID}`, size);
  await gilvo.one(`${FITS} tbody tr`);
  await settled();
}

async function settled(): Promise<void> {
  await gilvo.until(
    'document.querySelector("[data-testid=set]").dataset.busy === "false" && [...document.querySelectorAll("main [role=status]")].some((e) => e.textContent === "Saved")',
    'the set did not come to rest',
  );
}

const shotNow = async () => {
  await settled();
  return (await gilvo.stored<Take>('takes', ID)).shot;
};
const fits = () =>
  gilvo.driver.executeScript<Record<string, string>>(
    'return Object.fromEntries([...document.querySelectorAll(arguments[0])].map((r) => [r.querySelector("th").textContent.trim(), r.dataset.state]))',
    `${FITS} tbody tr`,
  );
const button = async (words: string) =>
  gilvo.driver.wait(
    until.elementLocated(By.xpath(`//main//button[starts-with(normalize-space(), "${words}")]`)),
    PATIENCE_MS,
  );
const pressByKeys = async (words: string) => (await button(words)).sendKeys(Key.ENTER);

describe('the set', () => {
  beforeAll(() => openSet());

  it('frames by name, from where the lens stands, with the lens at the height that goes with it', async () => {
    await pressByKeys('full length');
    const full = (await shotNow()).camera;
    expect(full.distanceM).toBeGreaterThan(4);
    await pressByKeys('head and shoulders');
    const close = (await shotNow()).camera;
    expect(close.distanceM).toBeLessThan(full.distanceM / 2);
    expect(close.heightM).toBeGreaterThan(full.heightM + 0.4);
    await (await button('hips')).click();
    expect((await shotNow()).camera.heightM).toBeCloseTo(full.heightM, 2);
    expect(await gilvo.violations()).toEqual([]);
  });

  it('says which lenses fit the room, and takes one of them', async () => {
    await pressByKeys('full length');
    await settled();
    const before = await fits();
    expect(before['85 mm f/1.8']).toBe('fits');
    expect(before['135 mm f/2']).toBe('room');
    await gilvo.click('button[aria-label="Use 50 mm f/1.8"]');
    const { camera } = await shotNow();
    expect(camera.focalLengthMm).toBe(50);
    expect(camera.distanceM).toBeLessThan(3.6);
  });

  it('a shorter room takes lenses away, and what cannot be is refused by name and value', async () => {
    await (await button('room')).click();
    const field = (label: string) =>
      gilvo.one(`section[aria-label="Room"] label:has(span) input[value="${label}"]`);
    const depth = await field('9');
    await depth.sendKeys(Key.chord(Key.CONTROL, 'a'), '6.2', Key.ENTER);
    await gilvo.until(
      `document.querySelector('${FITS} tbody tr:nth-child(3)').dataset.state === 'room'`,
      '85 mm still fits',
    );
    const mark = await field('2.4');
    await mark.sendKeys(Key.chord(Key.CONTROL, 'a'), '7', Key.ENTER);
    await gilvo.until(
      '[...document.querySelectorAll("main [role=alert]")].some((e) => /markToBackM 7 must be from 0 to the depth, 6.2 m/.test(e.textContent))',
      'the mark outside the room was not refused',
    );
    const { room } = await gilvo.stored<Sitting>('sittings', 'demo-yearbook');
    expect(room).toMatchObject({ depthM: 6.2, markToBackM: 2.4 });
    expect(await gilvo.violations()).toEqual([]);
  });

  it('says where the sun stands when the sitting begins, by the place and the bearing of the set', async () => {
    const sun = () => gilvo.text('[data-testid="sun"]');
    const before = await sun();
    expect(before).toMatch(/Up from \d\d:\d\d to \d\d:\d\d/);
    expect(await gilvo.one('svg[aria-label="Floor plan"] g[aria-label="Way of the sun"]')).toBeTruthy();
    const bearing = await gilvo.one('section[aria-label="Sun"] input[value="90"]');
    await bearing.sendKeys(Key.chord(Key.CONTROL, 'a'), '270', Key.ENTER);
    await gilvo.until(
      `document.querySelector('[data-testid="sun"]').textContent !== ${JSON.stringify(before)}`,
      'the sun did not move',
    );
    expect((await gilvo.stored<Sitting>('sittings', 'demo-yearbook')).room.site!.frontBearingDeg).toBe(270);
    const again = await gilvo.one('section[aria-label="Sun"] input[value="270"]');
    await again.sendKeys(Key.chord(Key.CONTROL, 'a'), '400');
    await gilvo.until(
      'document.querySelector("section[aria-label=Sun] [role=alert]") !== null',
      '400 degrees were not refused',
    );
    await again.sendKeys(Key.chord(Key.CONTROL, 'a'), '90', Key.ENTER);
    expect(await gilvo.violations()).toEqual([]);
  });

  it('the camera is dragged on the plan, and the picture and the table follow', async () => {
    const before = (await shotNow()).camera;
    const rect = await gilvo.one('svg[aria-label="Floor plan"] g[data-source="camera"]');
    await gilvo.driver
      .actions()
      .move({ origin: rect })
      .press()
      .move({ origin: Origin.POINTER, x: 40, y: -30 })
      .release()
      .perform();
    const after = (await shotNow()).camera;
    expect(after.arcDeg).toBeGreaterThan(before.arcDeg);
    expect(await gilvo.text('dl[aria-label="Marks"]')).toContain(`${after.arcDeg}° camera right`);
  });

  it('stops down to what holds face and hands, and says how slow the shutter may be', async () => {
    const hold = await gilvo.one('button[aria-label^="face and hands: f/"]');
    const wanted = Number(/f\/([\d.]+)/.exec(await hold.getText())![1]);
    await hold.click();
    expect((await shotNow()).camera.apertureF).toBeCloseTo(wanted, 6);
    expect(await gilvo.text('section[aria-label="Aperture and shutter"]')).toMatch(
      /walking across\s+1\/\d+ s/,
    );
  });

  it('keeps the kit: a lens goes out, comes back, and one that cannot be is refused', async () => {
    const count = async () => Object.keys(await fits()).length;
    const all = await count();
    await gilvo.click('button[aria-label="Take 105 mm f/2.8 out of the kit"]');
    await gilvo.until(
      `document.querySelectorAll('${FITS} tbody tr').length === ${all - 1}`,
      'it is still there',
    );
    await gilvo.press('Put it back');
    await gilvo.until(
      `document.querySelectorAll('${FITS} tbody tr').length === ${all}`,
      'it did not come back',
    );
    const fields = await gilvo.driver.findElements(By.css('section[aria-label="Lenses of the kit"] input'));
    await fields[0]!.sendKeys('40');
    await fields[2]!.sendKeys('0.5');
    await fields[3]!.sendKeys('0.3', Key.ENTER);
    expect(await gilvo.text('section[aria-label="Lenses of the kit"] [role="alert"]')).toMatch(
      /widest f\/.*0.95/,
    );
    await fields[2]!.sendKeys(Key.chord(Key.CONTROL, 'a'), '2', Key.ENTER);
    await gilvo.until(
      `document.querySelectorAll('${FITS} tbody tr').length === ${all + 1}`,
      'it was not added',
    );
    expect(Object.keys(await fits())).toContain('40 mm f/2');
  });

  it('places the camera for a goal, and says what that changes', async () => {
    await pressByKeys('full length');
    await gilvo.choose('section[aria-label="Camera by goal"] select', 'legs');
    await pressByKeys('Place the camera');
    const table = 'section[aria-label="Camera by goal"] tbody';
    await gilvo.one(`${table} tr`);
    const { camera } = await shotNow();
    expect(camera.heightM).toBeLessThan(0.95);
    const legs = /legs of the figure (\d+) % (\d+) %/.exec(await gilvo.text(table))!;
    expect(Number(legs[2])).toBeGreaterThan(Number(legs[1]));
    await gilvo.click('button[aria-label="Use 50 mm f/1.8"]');
    await settled();
  });

  it('says which cuts of the brief fit the picture, and goes back until all do', async () => {
    const cuts = 'section[aria-label="Formats of the brief"]';
    await pressByKeys('three-quarter');
    await gilvo.click('button[aria-label="Use 35 mm f/1.8"]');
    await settled();
    expect(await gilvo.text(cuts)).toContain('does not fit');
    const before = (await shotNow()).camera.distanceM;
    await (await button('Go back to')).click();
    expect((await shotNow()).camera.distanceM).toBeGreaterThan(before);
    expect(await gilvo.text(cuts)).not.toContain('does not fit');
    expect(await gilvo.text(cuts)).toMatch(/\d+ % of it/);
    expect(await gilvo.violations()).toEqual([]);
  });

  it('hands over a frame as a JPEG that tells how it was taken', async () => {
    const { camera } = await shotNow();
    await gilvo.press('Take a frame');
    const { name, bytes } = await gilvo.downloadedBytes('.jpg');
    expect(name).toMatch(/^slipway-sway-\d{8}-\d{6}\.jpg$/);
    const read = await exifr.parse(bytes, true);
    expect(read).toMatchObject({ FNumber: camera.apertureF, FocalLength: camera.focalLengthMm, ISO: 100 });
    expect(read.SubjectDistance).toBeGreaterThan(camera.distanceM - 0.6);
    const size = await gilvo.driver.executeAsyncScript<[number, number]>(
      `const [data, done] = arguments; const image = new Image();
       image.onload = () => done([image.naturalWidth, image.naturalHeight]);
       image.src = 'data:image/jpeg;base64,' + data;`,
      bytes.toString('base64'),
    );
    expect(size).toEqual([800, 1200]);
  });

  it('is written on a sheet in tape-measure numbers', async () => {
    const { camera } = await shotNow();
    await gilvo.press('Set sheet');
    await gilvo.one('[data-testid="sheet"] li');
    const sheet = await gilvo.text('[data-testid="sheet"]');
    expect(sheet).toContain('set sheet');
    expect(sheet).toContain(`Lens: centre ${camera.heightM.toFixed(2)} m high`);
    expect(sheet).toMatch(/Key: softbox 0\.90 m, centre 2\.40 m high/);
    expect(sheet).toMatch(/Camera: .* from the back wall, .* from the left wall/);
    const pdf = JSON.stringify(await gilvo.browser.print());
    expect(pdf.length).toBeGreaterThan(5_000);
  });

  it.each([
    ['phone', PHONE_SIZE],
    ['tablet', { width: 820, height: 1180 }],
  ] as const)(
    'is usable on a %s: nothing sticks out, nothing is refused by the accessibility rules',
    async (_, size) => {
      await openSet(size);
      const wide = await gilvo.driver.executeScript<number>(
        'return document.documentElement.scrollWidth - innerWidth',
      );
      expect(wide).toBeLessThanOrEqual(0);
      expect(await gilvo.violations()).toEqual([]);
    },
  );
});
