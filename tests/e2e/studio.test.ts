import { By } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import type { Take } from '@/core/sitting';
import { DESK_SIZE, PHONE_SIZE } from './browser';
import { openGilvo } from './gilvo';
import { drawn } from './waits';

const gilvo = openGilvo();
const takeOf = (id: string) => gilvo.stored<Take>('takes', id);

/** Drags from the middle of one element by so many pixels. */
async function drag(css: string, x: number, y: number): Promise<void> {
  const handle = await gilvo.one(css);
  await gilvo.driver
    .actions()
    .move({ origin: handle })
    .press()
    .move({ origin: handle, x: Math.round(x / 2), y: Math.round(y / 2), duration: 60 })
    .move({ origin: handle, x, y, duration: 60 })
    .release()
    .perform();
}

describe('plan and side view', () => {
  it('the camera is dragged round the sitter', async () => {
    await gilvo.pose(3);
    const before = (await takeOf('demo-take-3')).shot.camera;
    await gilvo.andSeen(() => drag('svg[aria-label="Floor plan"] g[data-source="camera"]', 30, -40));
    await gilvo.saved();
    const after = (await takeOf('demo-take-3')).shot.camera;
    expect(after.arcDeg).toBeGreaterThan(5);
    expect(after.distanceM).toBeLessThan(before.distanceM - 0.3);
    expect({ ...after, arcDeg: before.arcDeg, distanceM: before.distanceM }).toEqual(before);
    expect(await gilvo.text('section[aria-label="Camera"] h2')).toBe('Camera');
    expect(await gilvo.text('[aria-label="Marks"]')).toContain(`${after.arcDeg}° camera right`);
    await gilvo.andSeen(() => gilvo.click('button[aria-label="Undo"]'));
    await gilvo.saved();
    expect((await takeOf('demo-take-3')).shot.camera).toEqual(before);
  });

  it('the key is dragged, and the picture’s light with it', async () => {
    const before = (await takeOf('demo-take-3')).shot.light;
    const face = () =>
      gilvo.driver.executeScript<string>(
        'return document.querySelector("[data-testid=viewfinder] canvas").toDataURL()',
      );
    const lit = await face();
    await gilvo.andSeen(() => drag('svg[aria-label="Floor plan"] g[data-source="key"]', -70, 0));
    await gilvo.saved();
    const after = (await takeOf('demo-take-3')).shot.light;
    expect(after.arcDeg).toBeLessThan(before.arcDeg - 20);
    expect(await face()).not.toBe(lit);
    expect(await gilvo.text('section[aria-label="Light"] h2')).toBe('Light');
  });

  it('the lens is dragged up and down in the side view', async () => {
    const before = (await takeOf('demo-take-3')).shot.camera.heightM;
    await gilvo.andSeen(() => drag('svg[aria-label="Side view"] g[data-side-source="camera"]', 0, -18));
    await gilvo.saved();
    expect((await takeOf('demo-take-3')).shot.camera.heightM).toBeGreaterThan(before + 0.2);
  });
});

it('a change of light and a change of the body are drawn in one frame each', async () => {
  const frames = async () =>
    Number(
      await gilvo.driver.executeScript(
        'return document.querySelector("[data-testid=viewfinder]").dataset.frames',
      ),
    );
  await gilvo.pose(3);
  for (const [panel, label, value] of [
    ['light', 'ambient against key, %', '30'],
    ['spine', 'drawn up, %', '80'],
  ] as const) {
    await gilvo.click(`button[title^="${panel}:"]`);
    await drawn(gilvo.driver);
    const before = await frames();
    await gilvo.andSeen(() => gilvo.type(label, value));
    expect([panel, await frames()]).toEqual([panel, before + 1]);
  }
});

describe('overlays', () => {
  it('say how large near parts are drawn, what is sharp, and what was measured', async () => {
    await gilvo.pose(1);
    await gilvo.click('button[title^="camera:"]');
    await gilvo.andSeen(() => gilvo.type('distance to the sitter, m', '1.6'));
    await gilvo.andSeen(() => gilvo.type('focal length, mm', '28'));
    await gilvo.press('size');
    const sizes = async () =>
      (await gilvo.texts('.frame-box > span')).filter((t) => /^(left|right) \w+ × \d\.\d\d$/.test(t));
    expect((await sizes()).length).toBeGreaterThan(0);
    await gilvo.press('sharp');
    expect(await sizes()).toEqual([]);
    const sharp = await gilvo.driver.findElements(By.css('span[title$=": sharp"], span[title$=": soft"]'));
    expect(sharp.length).toBeGreaterThanOrEqual(6);
    await gilvo.press('sharp');
    expect(await gilvo.driver.findElements(By.css('span[title$=": sharp"]'))).toHaveLength(0);
  });

  it('a finding shows where it lies', async () => {
    await gilvo.pose(1);
    await gilvo.andSeen(() => gilvo.type('left foot turned out, °', '-20'));
    await gilvo.click('button[title^="gaze:"]');
    await gilvo.unfold('toes-in:left');
    const show = '//*[@data-testid="findings"]//*[@data-finding="toes-in:left"]';
    await gilvo.press('Show', show);
    expect(await gilvo.text('[data-testid="pose-place"] > section h2')).toBe('Feet');
    // it is pointed at where the foot is drawn: in the lower part of the picture
    const mark = '[data-testid="shown-finding"][data-finding="toes-in:left"]';
    const ring = await (await gilvo.one(`${mark} > span`)).getRect();
    const frame = await (await gilvo.one('[data-testid="viewfinder"]')).getRect();
    expect(ring.y + ring.height / 2).toBeGreaterThan(frame.y + 0.8 * frame.height);
    expect(ring.y + ring.height / 2).toBeLessThan(frame.y + frame.height);
    expect(await gilvo.text(mark)).toContain('toes');
    await gilvo.press('Show', show);
    expect(await gilvo.driver.findElements(By.css(mark))).toHaveLength(0);
    await gilvo.press('Say it', '//*[@data-finding="toes-in:left"]');
    await gilvo.until(
      `document.querySelector('[data-finding="toes-in:left"] [role="status"]')?.textContent.includes("Turn your left toes out")`,
      'nothing was said',
    );
    // said, not done
    expect((await takeOf('demo-take-1')).shot.people[0]!.pose.settings.leftFootOutDeg).toBe(-20);
  });

  it('the stations show where something is set and where something is wrong', async () => {
    const state = async (station: string) =>
      (await gilvo.one(`button[title^="${station}:"]`)).getAttribute('aria-label');
    expect(await state('feet')).toBe('1 feet, has a strong finding');
    expect(await state('gaze')).toBe('9 gaze, neutral');
    expect(await state('weight')).toBe('2 weight, set');
  });
});

it('takes are changed along the run below, and each keeps its own edits', async () => {
  await gilvo.pose(4);
  await gilvo.click('button[title^="hips:"]');
  await gilvo.andSeen(() => gilvo.type('hips turned left, °', '25'));
  await gilvo.click('ol[aria-label="Run"] li:nth-of-type(5) a');
  await gilvo.until(
    'document.querySelector("h1").textContent === "Pose: Held arm"',
    'the other take did not open',
  );
  await drawn(gilvo.driver);
  expect(await gilvo.fieldValue('hips turned left, °')).toBe('32');
  expect(await (await gilvo.one('button[aria-label="Undo"]')).isEnabled()).toBe(false);
  await gilvo.click('ol[aria-label="Run"] li:nth-of-type(4) a');
  await gilvo.until('document.querySelector("h1").textContent === "Pose: Plain and tall"', 'not back');
  await drawn(gilvo.driver);
  expect(await gilvo.fieldValue('hips turned left, °')).toBe('25');
});

it('the run is put in order by dragging with the pointer', async () => {
  await gilvo.open('/run?sitting=demo-yearbook', DESK_SIZE);
  await gilvo.one('li[data-take]:nth-of-type(5) canvas[data-state="drawn"]');
  // what is still found of the rows is written into them
  await gilvo.until(
    '[...document.querySelectorAll("li[data-take]")].every((e) => /\\d sentences?/.test(e.innerText))',
    'the sentences were not found',
  );
  const order = () =>
    gilvo.driver.executeScript<string>(
      'return [...document.querySelectorAll("li[data-take]")].map((e) => e.dataset.take.at(-1)).join("")',
    );
  expect(await order()).toBe('12345');
  await drag('li[data-take]:nth-of-type(1) button[aria-label^="Move"]', 0, 270);
  await gilvo.until(
    '[...document.querySelectorAll("li[data-take]")].map((e) => e.dataset.take.at(-1)).join("") === "23145"',
    'the row did not move',
  );
  await gilvo.press('Undo');
  await gilvo.until(
    '[...document.querySelectorAll("li[data-take]")].map((e) => e.dataset.take.at(-1)).join("") === "12345"',
    'the row did not come back',
  );
});

it('the theme that was chosen stays', async () => {
  await gilvo.open('/', DESK_SIZE);
  await gilvo.one('article');
  await gilvo.click('button[aria-label="Change to blackout"]');
  await gilvo.until('document.documentElement.dataset.theme === "blackout"', 'not dark');
  await gilvo.open('/run?sitting=demo-yearbook', DESK_SIZE);
  await gilvo.until('document.documentElement.dataset.theme === "blackout"', 'not dark in Run');
  await gilvo.open('/direct?sitting=demo-yearbook', PHONE_SIZE);
  await gilvo.until('document.documentElement.dataset.theme === "blackout"', 'not dark on set');
});

it('the desk’s pictures are kept, and found again', async () => {
  const kept = async () =>
    (JSON.parse(await gilvo.wholeStore()) as { pictures: { key: string }[] }).pictures.map((p) => p.key);
  await gilvo.open('/');
  await gilvo.one('article canvas[data-state="drawn"]');
  const before = await kept();
  expect(before).not.toEqual([]);
  await gilvo.open('/');
  await gilvo.one('article canvas[data-state="drawn"]');
  expect(await kept()).toEqual(before);
});

it('a sitting of one’s own goes from the desk to the set', async () => {
  await gilvo.open('/', DESK_SIZE);
  await gilvo.one('article');
  await gilvo.press('New sitting');
  await gilvo.press('Start with one pose');
  await drawn(gilvo.driver);
  // the quiet stance has things to mend, and every one of them can be mended
  for (let i = 0; i < 12 && (await gilvo.findings()).length > 0; i++)
    await gilvo.andSeen(() => gilvo.press('Mend', '(//*[@data-finding])[1]'));
  expect(await gilvo.findings()).toEqual([]);
  await gilvo.saved();
  await gilvo.press('Direct');
  await gilvo.one('[data-testid="cue"]');
  expect(await gilvo.text('h1')).toBe('First pose');
  expect(await gilvo.text('[aria-label="Cue"]')).toMatch(/1 of \d+/);
});
