import { By, Key } from 'selenium-webdriver';
import { SITTING_FORMAT, SITTING_VERSION } from '@/core/formats/sittingFile';
import { expect, it } from 'vitest';
import { openBrowser, PHONE_SIZE, DESK_SIZE } from './browser';
import { openGilvo } from './gilvo';
import { drawn } from './waits';

const gilvo = openGilvo();
const QUERY = '?sitting=demo-yearbook';
let saved = { name: '', text: '' };

/** One setting to change at each station, by the name of its slider. */
const STATIONS = [
  ['feet', 'heels apart'],
  ['weight', 'weight on the left foot'],
  ['hips', 'hips turned left'],
  ['spine', 'side bend to the left'],
  ['shoulders', 'left shoulder up'],
  ['arms', 'right arm away from the body'],
  ['hands', 'right forearm turned'],
  ['head', 'head turned left'],
] as const;

const slider = (label: string) => gilvo.one(`input[type="range"][aria-label="${label}"]`);

it('opens the demo on the desk and meets the sitter', async () => {
  await gilvo.open('/', DESK_SIZE);
  await gilvo.one('article canvas[data-state="drawn"]');
  expect(await gilvo.text('article h2')).toBe('Centenary yearbook');
  expect(await gilvo.text('article')).toContain('Runa Halvik');
});

it('goes to Pose with the sitter drawn through an 85 mm lens at hip height', async () => {
  await (await gilvo.one('article a.act')).click();
  await drawn(gilvo.driver);
  expect(await gilvo.text('[data-testid="pose-place"]')).toContain('85 mm · f/4 · 5.2 m · lens 0.98 m');
});

it.each(STATIONS)('sets the station %s by keyboard and by pointer', async (station, setting) => {
  await gilvo.click(`button[title^="${station}:"]`);
  const handle = await slider(setting);
  const value = async () => Number(await handle.getAttribute('value'));
  const [start, max] = [await value(), Number(await handle.getAttribute('max'))];
  const key = start < max ? Key.ARROW_RIGHT : Key.ARROW_LEFT;
  await gilvo.andSeen(() => handle.sendKeys(key, key));
  const keyed = await value();
  expect(keyed).not.toBe(start);
  const { width } = await handle.getRect();
  await gilvo.andSeen(() =>
    gilvo.driver
      .actions()
      .move({ origin: handle, x: Math.round(width * 0.18) })
      .press()
      .move({ origin: handle, x: Math.round(width * 0.24), duration: 60 })
      .release()
      .perform(),
  );
  expect(await value()).not.toBe(keyed);
  await gilvo.saved();
});

it('reaches every station with one key, and camera and light too', async () => {
  const body = await gilvo.one('body');
  for (const [key, title] of [
    ['1', 'Feet'],
    ['2', 'Weight'],
    ['3', 'Hips and knees'],
    ['4', 'Spine'],
    ['5', 'Shoulders'],
    ['6', 'Arms'],
    ['7', 'Hands'],
    ['8', 'Head and chin'],
    ['9', 'Gaze'],
    ['l', 'Light'],
    ['c', 'Camera'],
  ]) {
    await body.sendKeys(key!);
    expect(await gilvo.text('[data-testid="pose-place"] > section h2')).toBe(title);
  }
});

it('lays a hand in the pocket, shapes the other and sends the eyes off the lens', async () => {
  await gilvo.click('button[title^="arms:"]');
  await gilvo.andSeen(() =>
    gilvo.click('section[aria-label="Arms"] label:nth-of-type(1) option[value="frontPocket"]'),
  );
  await gilvo.click('button[title^="hands:"]');
  await gilvo.andSeen(() =>
    gilvo.click('section[aria-label="Hands"] label:nth-of-type(2) option[value="looseFist"]'),
  );
  await gilvo.click('button[title^="gaze:"]');
  await gilvo.andSeen(() => gilvo.click('section[aria-label="Gaze"] option[value="offLens"]'));
  await slider('past the lens, to the left');
});

it('changes lens, distance and height, and the picture changes truly', async () => {
  const canvas = () =>
    gilvo.driver.executeScript<string>(
      'return document.querySelector("[data-testid=viewfinder] canvas").toDataURL()',
    );
  const angle = async () => (await gilvo.text('[aria-label="Marks"]')).match(/([\d.]+) × ([\d.]+)°/)![2];
  await gilvo.click('button[title^="camera:"]');
  expect(await angle()).toBe('23.9');
  let before = await canvas();
  for (const [label, value] of [
    ['focal length, mm', '50'],
    ['distance to the sitter, m', '3.1'],
    ['lens height, m', '1.3'],
  ]) {
    await gilvo.andSeen(() => gilvo.type(label!, value!));
    const after = await canvas();
    expect(after).not.toBe(before);
    before = after;
  }
  expect(await angle()).toBe('39.6');
  expect(await gilvo.text('[data-testid="pose-place"]')).toContain('50 mm · f/4 · 3.1 m · lens 1.30 m');
});

it('says what is wrong with a figure, and one press mends it', async () => {
  await gilvo.pose(2);
  await gilvo.click('button[title^="feet:"]');
  await gilvo.andSeen(() => gilvo.type('left foot turned out, °', '-25'));
  expect(await gilvo.findings()).toContain('toes-in:left');
  await gilvo.unfold('toes-in:left');
  expect(await gilvo.text('[data-finding="toes-in:left"]')).toContain('-25 ° out');
  await gilvo.andSeen(() => gilvo.press('Mend', '//*[@data-finding="toes-in:left"]'));
  expect(await gilvo.findings()).not.toContain('toes-in:left');
  expect(Number(await gilvo.fieldValue('left foot turned out, °'))).toBeGreaterThanOrEqual(-1);
  await gilvo.andSeen(async () => (await gilvo.one('body')).sendKeys(Key.chord(Key.CONTROL, 'z')));
  expect(await gilvo.findings()).toContain('toes-in:left');
  await gilvo.andSeen(() => gilvo.click('button[aria-label="Redo"]'));
  expect(await gilvo.findings()).not.toContain('toes-in:left');
});

it('accepts a finding as meant, with a reason that stays', async () => {
  await gilvo.click('button[title^="feet:"]');
  await gilvo.andSeen(() => gilvo.type('right foot turned out, °', '-30'));
  await gilvo.unfold('toes-in:right');
  await gilvo.press('Meant', '//*[@data-finding="toes-in:right"]');
  await (await gilvo.one('input[name="reason"]')).sendKeys('shy on purpose', Key.ENTER);
  await gilvo.until(
    '!document.querySelector("[data-finding=\\"toes-in:right\\"]")',
    'the finding is still open',
  );
  expect(await gilvo.text('[data-testid="pose-place"]')).toContain('shy on purpose');
  await gilvo.saved();
  await gilvo.pose(2);
  expect(await gilvo.findings()).not.toContain('toes-in:right');
  expect(await gilvo.text('[data-testid="pose-place"]')).toContain('shy on purpose');
});

it('moves a pose of the run by keyboard, and back', async () => {
  await gilvo.open(`/run${QUERY}`);
  await gilvo.one('li[data-take] canvas[data-state="drawn"]');
  const order = () =>
    gilvo.driver.executeScript<string[]>(
      'return [...document.querySelectorAll("li[data-take]")].map((e) => e.dataset.take)',
    );
  const first = await order();
  const ordered = (ids: string[]) =>
    gilvo.until(
      `[...document.querySelectorAll("li[data-take]")].map((e) => e.dataset.take).join() === "${ids.join()}"`,
      `the order is not ${ids.join()}`,
    );
  // by keyboard: lift the second row, move it down, set it
  const handle = await gilvo.one('li[data-take]:nth-of-type(2) button[aria-label^="Move"]');
  await handle.sendKeys(Key.SPACE);
  await gilvo.one('li[data-take]:nth-of-type(2) button[aria-pressed="true"]');
  await handle.sendKeys(Key.ARROW_DOWN);
  await gilvo.until(
    'document.querySelector("[id^=DndLiveRegion]").textContent.includes("over droppable area demo-take-3")',
    'the row did not move',
  );
  await handle.sendKeys(Key.SPACE);
  await ordered([first[0]!, first[2]!, first[1]!, first[3]!, first[4]!]);
  await gilvo.press('Undo');
  await ordered(first);
});

it('removes a pose and puts it back, and adds one of the house', async () => {
  const count = () =>
    gilvo.driver.executeScript<number>('return document.querySelectorAll("li[data-take]").length');
  await gilvo.click('li[data-take]:nth-of-type(3) button[aria-label^="Remove"]');
  await gilvo.until('document.querySelectorAll("li[data-take]").length === 4', 'not removed');
  await gilvo.press('Undo');
  await gilvo.until('document.querySelectorAll("li[data-take]").length === 5', 'not put back');
  await gilvo.click('main select option[value$="Held arm"]');
  await gilvo.until('document.querySelectorAll("li[data-take]").length === 6', 'not added');
  await gilvo.click('li[data-take]:nth-of-type(6) button[aria-label^="Remove"]');
  await gilvo.until('document.querySelectorAll("li[data-take]").length === 5', 'not removed again');
  expect(await count()).toBe(5);
});

it('directs on a phone: cues, mirrored, frames and keepers, by pointer and by key', async () => {
  await gilvo.open(`/direct${QUERY}`, PHONE_SIZE);
  const cue = () => gilvo.text('[data-testid="cue"]');
  const frames = (words: string) =>
    gilvo.until(
      `document.querySelector("[data-testid=frame-count]").textContent.includes("${words}")`,
      `not ${words}`,
    );
  const first = await cue();
  expect(first.split(' ').length).toBeLessThanOrEqual(14);
  await gilvo.click('[data-act="next"]');
  await gilvo.until(
    `document.querySelector("[data-testid=cue]").textContent !== ${JSON.stringify(first)}`,
    'the cue did not change',
  );
  const second = await cue();
  await (await gilvo.one('body')).sendKeys('b');
  await gilvo.until(
    `document.querySelector("[data-testid=cue]").textContent === ${JSON.stringify(first)}`,
    'no way back',
  );
  await (await gilvo.one('body')).sendKeys('n');
  await gilvo.until(
    `document.querySelector("[data-testid=cue]").textContent === ${JSON.stringify(second)}`,
    'no next cue by key',
  );
  // step to a cue that names a side: shown instead of said, left and right change places
  const sided = /\b(left|right)\b/i;
  const EXCHANGED: Record<string, string> = { left: 'right', right: 'left', Left: 'Right', Right: 'Left' };
  for (let i = 0; i < 20 && !sided.test(await cue()); i++) {
    const before = await cue();
    await gilvo.click('[data-act="next"]');
    await gilvo.until(
      `document.querySelector("[data-testid=cue]").textContent !== ${JSON.stringify(before)}`,
      'stuck',
    );
  }
  const said = await cue();
  await gilvo.click('[data-act="mirror"]');
  expect(await cue()).toBe(said.replace(/\b(left|right)\b/gi, (w) => EXCHANGED[w]!));
  await gilvo.click('[data-act="mirror"]');
  await gilvo.click('[data-act="frame"]');
  await frames('1 of 18 frames, 0 keepers');
  await gilvo.click('[data-act="keeper"]');
  await frames('2 of 18 frames, 1 keeper');
  await (await gilvo.one('body')).sendKeys('f');
  await frames('3 of 18 frames');
  await (await gilvo.one('body')).sendKeys('k');
  await frames('4 of 18 frames, 2 keepers');
  // the check list has its moment: once the pose stands
  const stands = 'The pose stands. Look, then shoot.';
  for (let i = 0; i < 20 && (await cue()) !== stands; i++) {
    const before = await cue();
    expect(await gilvo.texts('[aria-label="Check list"]')).toEqual([]);
    await gilvo.click('[data-act="next"]');
    await gilvo.until(
      `document.querySelector("[data-testid=cue]").textContent !== ${JSON.stringify(before)}`,
      'stuck before the pose stood',
    );
  }
  await gilvo.click('[data-check="body"]');
  await gilvo.one('[data-check="body"][aria-pressed="true"]');
  expect(await gilvo.text('[data-check="edge"]')).toMatch(/lens \d\.\d\d m high/);
  const prompt = await gilvo.text('[data-testid="prompt"] strong');
  await gilvo.click('[data-act="frame"]');
  await frames('5 of 18 frames');
  expect(await gilvo.text('[data-testid="prompt"] strong')).not.toBe(prompt);
  expect(await gilvo.violations()).toEqual([]);
});

it('walks through all five poses to the last cue', async () => {
  for (let pose = 2; pose <= 5; pose++) {
    await gilvo.click('[data-act="skip"]');
    await gilvo.until(`document.body.textContent.includes("pose ${pose} of 5")`, `pose ${pose} did not come`);
    // the words are found a moment after the pose has come
    await gilvo.one('[data-testid="cue"]');
    expect(await gilvo.text('[aria-label="Cue"]')).toMatch(/1 of \d/);
  }
  for (let i = 0; i < 40; i++) {
    const cue = await gilvo.text('[data-testid="cue"]');
    if (cue === 'The pose stands. Look, then shoot.') break;
    await gilvo.click('[data-act="next"]');
    await gilvo.until(
      `document.querySelector("[data-testid=cue]").textContent !== ${JSON.stringify(cue)}`,
      'stuck',
    );
  }
  expect(await gilvo.text('[data-testid="cue"]')).toBe('The pose stands. Look, then shoot.');
});

it('comes back to the same place after the tab was closed', async () => {
  const handle = await gilvo.driver.getWindowHandle();
  await gilvo.driver.switchTo().newWindow('tab');
  const fresh = await gilvo.driver.getWindowHandle();
  await gilvo.driver.switchTo().window(handle);
  await gilvo.driver.close();
  await gilvo.driver.switchTo().window(fresh);
  await gilvo.open(`/direct${QUERY}`, PHONE_SIZE);
  expect(await gilvo.text('[data-testid="cue"]')).toBe('The pose stands. Look, then shoot.');
  expect(await gilvo.text('header')).toContain('pose 5 of 5');
  await gilvo.open('/', DESK_SIZE);
  await gilvo.one('article');
  const numbers = (await gilvo.text('article dl')).replace(/\s+/g, ' ');
  expect(numbers).toContain('frames 5');
  expect(numbers).toContain('keepers 2');
});

it('saves the sitting to a file', async () => {
  await gilvo.press('Save to a file');
  saved = await gilvo.downloaded();
  expect(saved.name).toBe('centenary-yearbook.gilvo.json');
  expect(JSON.parse(saved.text)).toMatchObject({
    format: SITTING_FORMAT,
    version: SITTING_VERSION,
  });
});

it('opens that file in an empty browser, and everything is there', async () => {
  const other = await openBrowser();
  try {
    const { driver } = other;
    await driver.get(gilvo.server.origin);
    await driver.wait(async () => (await driver.findElements(By.css('article'))).length > 0, 60_000);
    // a sitting of one's own instead of the demo that every new browser gets
    const text = saved.text.replaceAll('demo-', 'carried-').replace('Centenary yearbook', 'Carried over');
    await driver.findElement(By.css('input[type=file]')).sendKeys(gilvo.file(saved.name, text));
    await driver.wait(
      async () => (await driver.findElement(By.css('main')).getText()).includes('Carried over'),
      60_000,
      'the sitting did not come',
    );
    await driver.get(`${gilvo.server.origin}/pose?sitting=carried-yearbook&take=carried-take-2`);
    await drawn(driver);
    expect(await driver.findElement(By.css('[data-testid="pose-place"]')).getText()).toContain(
      'shy on purpose',
    );
    await driver.get(`${gilvo.server.origin}/run?sitting=carried-yearbook`);
    await driver.wait(async () => (await driver.findElements(By.css('li[data-take]'))).length === 5, 60_000);
    expect(await driver.findElement(By.css('main')).getText()).toMatch(/min of 30 min/);
  } finally {
    await other.quit();
  }
});
