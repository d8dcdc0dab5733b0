import { By, Key, Origin } from 'selenium-webdriver';
import { beforeAll, describe, expect, it } from 'vitest';
import type { Take } from '@/core/sitting';
import { PHONE_SIZE } from './browser';
import { openGilvo } from './gilvo';

const gilvo = openGilvo();
const ID = 'demo-take-1';
const READING = '[data-testid="light-reading"]';

/** Waits until the light is read, the face is drawn and everything is kept. */
async function settled(): Promise<void> {
  await gilvo.until(
    `document.querySelector("[data-testid=light-part]").dataset.busy === "false" &&
     document.querySelector("[data-testid=face-of-light]").dataset.busy === "false" &&
     document.querySelector("[data-testid=face-of-light] canvas").dataset.state === "drawn" &&
     [...document.querySelectorAll("main [role=status]")].some((e) => e.textContent === "Saved")`,
    'the light did not come to rest',
  );
}

async function openLight(size?: Parameters<typeof gilvo.open>[1]): Promise<void> {
  await gilvo.open(`/set?sitting=demo-yearbook&take=${ID}`, size);
  await gilvo.press('light', '//main');
  await gilvo.one(READING);
  await settled();
}

const lightNow = async () => {
  await settled();
  return (await gilvo.stored<Take>('takes', ID)).shot.light;
};
const pattern = async () => {
  await settled();
  return gilvo.driver.executeScript<string>(`return document.querySelector('${READING}').dataset.pattern`);
};
const face = () =>
  gilvo.driver.executeScript<string>(
    'return document.querySelector("[data-testid=face-of-light] canvas").toDataURL()',
  );

describe('the light of the set', () => {
  beforeAll(() => openLight());

  it('is read on the face: the pattern changes as the key goes round', async () => {
    expect(await pattern()).toBe('loop');
    const before = await face();
    await gilvo.type('key, arc to camera right, °', '100');
    expect(await pattern()).toBe('split');
    expect(await face()).not.toBe(before);
    expect(await gilvo.text(READING)).toContain('split');
    await gilvo.type('key, arc to camera right, °', '0');
    expect(['butterfly', 'flat']).toContain(await pattern());
    expect(await gilvo.violations()).toEqual([]);
  });

  it('refuses a size that cannot be by name, value and range, and keeps what was', async () => {
    const { sizeM } = await lightNow();
    await gilvo.type('key size, m', '0');
    expect(await gilvo.text('[role="alert"]')).toContain('key size 0: give a number from 0.05 to 6 m');
    expect((await lightNow()).sizeM).toBe(sizeM);
    await gilvo.type('key size, m', String(sizeM));
  });

  it('places the key for what it is to do', async () => {
    await gilvo.choose('section[aria-label="Light by goal"] label:nth-of-type(1) select', 'triangle');
    await gilvo.choose('section[aria-label="Light by goal"] label:nth-of-type(3) select', '3');
    await (await gilvo.driver.findElement(By.xpath('//button[.="Place the key"]'))).sendKeys(Key.ENTER);
    await gilvo.until(
      'document.querySelector("section[aria-label=\\"Light by goal\\"] [role=status]").textContent.startsWith("Key")',
      'no place was found',
    );
    expect(await pattern()).toBe('triangle');
    expect((await lightNow()).ambientShare).toBeCloseTo(1 / 7, 6);
  });

  it('tells how a row of faces is lit, and moves the key until it is even', async () => {
    const told = '[data-testid="faces-light"]';
    const section = '//section[@aria-label="Row of faces"]';
    await gilvo.write('from the first to the last, m', '9');
    expect(await gilvo.text('section[aria-label="Row of faces"] [role="alert"]')).toContain(
      'give a number from 0.3 to 8 m',
    );
    await gilvo.type('key, arc to camera right, °', '30');
    await gilvo.write('from the first to the last, m', '0.8');
    expect(await gilvo.text(told)).toContain('more than the third of a stop');
    const before = await lightNow();
    const even = await gilvo.driver.findElement(By.xpath(`${section}//button`));
    const words = await even.getText();
    await even.sendKeys(Key.ENTER);
    await gilvo.until(`/: even\\./.test(document.querySelector('${told}').textContent)`, 'it is not even');
    const after = await lightNow();
    expect(after.distanceM).toBeGreaterThan(before.distanceM);
    expect(words).toContain(`key ${after.distanceM.toFixed(1)} m away`);
    expect(await gilvo.violations()).toEqual([]);
  });

  it('shows steps of exposure, and takes an exposure', async () => {
    const picture = await face();
    await gilvo.press('stops');
    await gilvo.until(
      'document.querySelector("ol[aria-label=\\"Stops from middle grey\\"]") !== null',
      'no legend',
    );
    await settled();
    const steps = await face();
    expect(steps).not.toBe(picture);
    await gilvo.type('exposure, stops', '2');
    await settled();
    expect(await face()).not.toBe(steps);
    expect(await gilvo.violations()).toEqual([]);
    await gilvo.press('picture');
  });

  it('takes a panel and a lamp, which stand on the plan, can be dragged, and go again', async () => {
    await gilvo.choose('select[aria-label="Add a light or a panel"]', 'white');
    expect((await lightNow()).others).toMatchObject([{ kind: 'white' }]);
    await gilvo.choose('select[aria-label="Add a light or a panel"]', 'strip');
    expect((await lightNow()).others).toMatchObject([{ kind: 'white' }, { kind: 'strip', powerStops: -1 }]);
    const onPlan = await gilvo.one('svg[aria-label="Floor plan"] g[data-source="source-1"]');
    const before = (await lightNow()).others![0]!;
    await gilvo.driver
      .actions()
      .move({ origin: onPlan })
      .press()
      .move({ origin: Origin.POINTER, x: -30, y: 20, duration: 200 })
      .release()
      .perform();
    const after = (await lightNow()).others![0]!;
    expect(after.distanceM).not.toBe(before.distanceM);
    const inSide = await gilvo.one('svg[aria-label="Side view"] g[data-side-source="source-2"]');
    await gilvo.driver
      .actions()
      .move({ origin: inSide })
      .press()
      .move({ origin: Origin.POINTER, x: 0, y: 20, duration: 200 })
      .release()
      .perform();
    const { others } = await lightNow();
    expect(others![1]!.heightM).toBeLessThan(2);
    expect(await gilvo.violations()).toEqual([]);
    await (await gilvo.one('button[aria-label="Take the white panel away"]')).sendKeys(Key.ENTER);
    expect((await lightNow()).others).toMatchObject([{ kind: 'strip' }]);
  });

  it('takes the sun as it stands when the sitting begins', async () => {
    await gilvo.choose('label:has(option[value="overcast"]) select', 'sun');
    await gilvo.press('As the sun stands at 10:00');
    const light = await lightNow();
    expect(light.kind).toBe('sun');
    // 53 degrees north, early in December: low in the south-east (the arc of the set's own bearing)
    expect(light.altitudeDeg).toBeGreaterThan(5);
    expect(light.altitudeDeg).toBeLessThan(14);
    expect(await gilvo.text('svg[aria-label="Floor plan"]')).toContain('sun');
    await gilvo.type('above the horizon, °', '-4');
    expect(await gilvo.text('[role="alert"]')).toContain(
      'above the horizon -4: give a number from 0.5 to 90',
    );
    expect((await lightNow()).altitudeDeg).toBe(light.altitudeDeg);
    expect(await gilvo.violations()).toEqual([]);
    await gilvo.choose('label:has(option[value="overcast"]) select', 'softbox');
  });

  it.each([
    ['phone', PHONE_SIZE],
    ['tablet', { width: 820, height: 1180 }],
  ] as const)('is usable on a %s', async (_, size) => {
    await openLight(size);
    const wide = await gilvo.driver.executeScript<number>(
      'return document.documentElement.scrollWidth - innerWidth',
    );
    expect(wide).toBeLessThanOrEqual(0);
    expect(await gilvo.violations()).toEqual([]);
  });
});
