import { Key } from 'selenium-webdriver';
import { expect, it } from 'vitest';
import type { Sitter } from '@/core/people';
import type { Sitting, Take } from '@/core/sitting';
import { DESK_SIZE, PHONE_SIZE, TABLET_SIZE } from './browser';
import { openGilvo } from './gilvo';

const gilvo = openGilvo();
let sittingId = '';

async function store() {
  return JSON.parse(await gilvo.wholeStore()) as { sitters: Sitter[]; sittings: Sitting[]; takes: Take[] };
}
const takes = async () =>
  (await store()).takes.filter((t) => t.sittingId === sittingId).sort((a, b) => a.position - b.position);
const idInAddress = () =>
  gilvo.driver.executeScript<string>('return new URLSearchParams(location.search).get("sitting")');

it('a new sitting asks who, what for and where, at every size', async () => {
  for (const size of [PHONE_SIZE, TABLET_SIZE, DESK_SIZE]) {
    await gilvo.open('/', size);
    await gilvo.press('New sitting');
    await gilvo.one('section[aria-label="Where?"] input');
    expect(await gilvo.texts('main h2')).toEqual(['Who comes?', 'What for?', 'Where?']);
    expect(await gilvo.violations()).toEqual([]);
  }
});

it('by keyboard: somebody new with three measures, a message, two lengths; and a run is composed and fitted', async () => {
  const name = await gilvo.one('input[aria-label="Name of the sitter"]');
  await name.sendKeys('Tove Ekman');
  await gilvo.fill('section[aria-label="Who comes?"] label:first-of-type input', '1.62');
  await gilvo.press('Add Tove Ekman');
  await gilvo.one('button[aria-label="Tove Ekman does not come"]');
  await (await gilvo.one('input[name="purpose"]:checked')).sendKeys(Key.ARROW_LEFT);
  await gilvo.one('input[value="business"]:checked');
  await gilvo.fill('section[aria-label="Where?"] label:first-of-type input', '3.4');
  await gilvo.fill('main > div label input', '16');
  await gilvo.press('Compose a run for me');
  await gilvo.until('location.pathname === "/run"', 'no run was composed');
  sittingId = await idInAddress();
  const { sitters, sittings } = await store();
  const tove = sitters.find((s) => s.name === 'Tove Ekman')!;
  expect(tove.profile.statureM).toBe(1.62);
  const sitting = sittings.find((s) => s.id === sittingId)!;
  expect([sitting.room.widthM, sitting.minutes, sitting.looks[0]!.message?.formality]).toEqual([
    3.4, 16, 0.6,
  ]);
  const run = await takes();
  expect(run).toHaveLength(4);
  expect(new Set(run.map((t) => t.shot.people[0]!.pose.name)).size).toBe(4);
  for (const { shot } of run) expect(shot.people.map((p) => p.personId)).toEqual([tove.id]);
});

it('the run tells how many sentences lead from pose to pose, and is directed at once', async () => {
  await gilvo.until(
    '[...document.querySelectorAll("li[data-take]")].every((e) => /\\d sentences?/.test(e.innerText))',
    'the sentences were not found',
  );
  await gilvo.press('Direct');
  const cue = await gilvo.text('[data-testid="cue"]');
  expect(cue.split(' ').length).toBeLessThanOrEqual(14);
});

it('a frame that is taken leaves the cue where it is', async () => {
  const cue = await gilvo.text('[data-testid="cue"]');
  await gilvo.driver.executeScript(`
    window.gone = 0;
    new MutationObserver(() => document.querySelector('[data-testid="cue"]') || window.gone++)
      .observe(document.querySelector('[aria-label="Cue"]'), { childList: true, subtree: true, characterData: true });`);
  await gilvo.click('[data-act="keeper"]');
  await gilvo.until(
    'document.querySelector("[data-testid=frame-count]").textContent.includes("1 keeper")',
    'the keeper was not counted',
  );
  await gilvo.comes(
    async () => (JSON.parse(await gilvo.wholeStore()) as { frames: unknown[] }).frames.length > 0,
    'not stored',
  );
  expect(await gilvo.text('[data-testid="cue"]')).toBe(cue);
  expect(await gilvo.driver.executeScript<number>('return window.gone')).toBe(0);
});

it('what did not come by itself is said from there on, and stays so when the page is opened anew', async () => {
  await gilvo.open('/direct?sitting=demo-yearbook', PHONE_SIZE);
  await gilvo.press('next pose');
  await gilvo.until('document.body.textContent.includes("pose 2 of 5")', 'the second pose did not come');
  await gilvo.one('[data-testid="cue"]');
  const counted = async () => Number(/of (\d+)/.exec(await gilvo.text('[aria-label="Cue"]'))![1]);
  const before = await counted();
  await gilvo.press('next cue');
  await gilvo.press('Did not come by itself');
  await gilvo.until('/^2 of/m.test(document.querySelector("[aria-label=Cue]").innerText)', 'no cue came');
  const after = await counted();
  expect(after).toBeGreaterThanOrEqual(before);
  const cue = await gilvo.text('[data-testid="cue"]');
  expect(await gilvo.violations()).toEqual([]);
  await gilvo.open('/direct?sitting=demo-yearbook', PHONE_SIZE);
  expect(await gilvo.text('[data-testid="cue"]')).toBe(cue);
  expect(await counted()).toBe(after);
});

it('the library shows the poses on the sitter, finds them, and one goes to the end of the run', async () => {
  for (const size of [PHONE_SIZE, TABLET_SIZE, DESK_SIZE]) {
    await gilvo.open(`/library?sitting=${sittingId}`, size);
    await gilvo.one('article[data-pose] canvas[data-state="drawn"]');
    expect(await gilvo.violations()).toEqual([]);
  }
  const found = () => gilvo.text('[data-testid="found"]');
  const all = await found();
  await gilvo.choose('select:has(option[value="seated"])', 'seated');
  await gilvo.until(
    `document.querySelector('[data-testid="found"]').textContent !== ${JSON.stringify(all)}`,
    'nothing was left out',
  );
  await (await gilvo.one('input[type="search"]')).sendKeys('ferry');
  await gilvo.until(
    'document.querySelectorAll("article[data-pose]").length === 1',
    'more than one was found',
  );
  await gilvo.one('article[aria-label="Waiting for the ferry"] canvas[data-state="drawn"]');
  // first as it is, then as choosing it would fit it
  await gilvo.until(
    '/^(suits|fitted): .*to mend/.test(document.querySelector("[data-testid=told]").textContent)',
    'it was not fitted',
  );
  const before = (await takes()).length;
  await (await gilvo.one('article[data-pose] button')).sendKeys(Key.ENTER);
  await gilvo.comes(async () => (await takes()).length === before + 1, 'it was not added');
  await gilvo.one('[data-testid="fitted-line"]');
  expect((await takes()).at(-1)!.shot.people[0]!.pose.name).toBe('Waiting for the ferry');
});

it('the library is held against a room, a framing and the time that there is', async () => {
  await gilvo.open(`/library?sitting=${sittingId}`, DESK_SIZE);
  const count = async () => Number((await gilvo.text('[data-testid="found"]')).split(' ')[0]);
  await gilvo.one('article[data-pose]');
  let before = await count();
  const { room } = (await store()).sittings.find((s) => s.id === sittingId)!;
  for (const [label, words] of [
    ['in', room.name],
    ['framing', 'half'],
    ['ready', 'within 1 min'],
  ] as const) {
    await gilvo.pick(label, words);
    await gilvo.comes(async () => (await count()) < before, `${label} left nothing out`);
    before = await count();
  }
  expect(before).toBeGreaterThan(3);
  expect(await gilvo.violations()).toEqual([]);
  // on a phone the words come first, the rest when it is asked for
  await gilvo.open(`/library?sitting=${sittingId}`, PHONE_SIZE);
  const isShown = (shown: boolean) =>
    gilvo.until(
      `(document.querySelector('[role="search"] select')?.offsetParent != null) === ${shown}`,
      `the filters are ${shown ? 'hidden' : 'shown'}`,
    );
  await gilvo.one('article[data-pose]');
  await isShown(false);
  await gilvo.press('Find by more than words');
  await isShown(true);
  expect(await gilvo.violations()).toEqual([]);
});

it('without a sitting it is drawn on anybody', async () => {
  await gilvo.open('/library');
  await gilvo.one('article[data-pose] canvas[data-state="drawn"]');
  expect(await gilvo.violations()).toEqual([]);
  expect(await gilvo.texts('article[data-pose] button')).toEqual([]);
});

it('the poses can be shown without a word, mirrored or not, and a reload leaves it so', async () => {
  await gilvo.open('/direct?sitting=demo-club', PHONE_SIZE);
  await gilvo.one('[data-testid="cue"]');
  await gilvo.press('picture');
  const label = () =>
    gilvo.driver.executeScript<string>('return document.querySelector("main canvas").ariaLabel');
  await gilvo.one('section[aria-label="Picture"] canvas[data-state="drawn"]');
  expect(await gilvo.texts('[data-testid="cue"]')).toEqual([]);
  expect(await gilvo.violations()).toEqual([]);
  const first = await label();
  await gilvo.press('mirrored');
  await gilvo.comes(async () => (await label()) === `${first}, mirrored`, 'it was not mirrored');
  const count = await gilvo.text('[data-testid="frame-count"]');
  await gilvo.driver.actions().sendKeys('f').perform();
  await gilvo.comes(async () => (await gilvo.text('[data-testid="frame-count"]')) !== count, 'no frame');
  await gilvo.press('next pose');
  await gilvo.until('document.body.textContent.includes("pose 2 of")', 'the second pose did not come');
  await gilvo.open('/direct?sitting=demo-club', PHONE_SIZE);
  await gilvo.one('section[aria-label="Picture"] canvas[data-state="drawn"]');
  await gilvo.press('back');
  await gilvo.until('document.body.textContent.includes("pose 1 of")', 'no way back');
  await gilvo.press('words');
  await gilvo.one('[data-testid="cue"]');
});

it('once there is a frame, one thing that is good is named for the next', async () => {
  await gilvo.open('/direct?sitting=demo-yearbook', PHONE_SIZE);
  await gilvo.one('[data-testid="cue"]');
  for (let i = 0; i < 12 && (await gilvo.texts('[data-testid="prompt"]')).length === 0; i++)
    await gilvo.driver.actions().sendKeys(Key.PAGE_DOWN).perform();
  await gilvo.driver.actions().sendKeys('f').perform();
  const good = await gilvo.text('[data-testid="praise"]');
  expect(good).toMatch(/^Between frames: .+\.$/);
  await gilvo.driver.actions().sendKeys('f').perform();
  await gilvo.comes(async () => (await gilvo.text('[data-testid="praise"]')) !== good, 'the same again');
  expect(await gilvo.violations()).toEqual([]);
});

it('a presenter’s remote turns the cues, and a monitor that faces the sitter follows with the pose mirrored', async () => {
  await gilvo.open('/direct?sitting=demo-club', PHONE_SIZE);
  const first = await gilvo.text('[data-testid="cue"]');
  const { driver } = gilvo;
  await driver.actions().sendKeys(Key.PAGE_DOWN).perform();
  await gilvo.until(
    `document.querySelector('[data-testid="cue"]').textContent !== ${JSON.stringify(first)}`,
    'the remote did nothing',
  );
  await driver.actions().sendKeys(Key.PAGE_UP).perform();
  await gilvo.until(
    `document.querySelector('[data-testid="cue"]').textContent === ${JSON.stringify(first)}`,
    'no way back',
  );
  const onSet = await driver.getWindowHandle();
  await gilvo.press('for the sitter');
  await gilvo.comes(async () => (await driver.getAllWindowHandles()).length === 2, 'no window opened');
  const mirror = (await driver.getAllWindowHandles()).find((h) => h !== onSet)!;
  await driver.switchTo().window(mirror);
  await gilvo.one('main canvas[data-state="drawn"]');
  const shown = () =>
    gilvo.driver.executeScript<string>('return document.querySelector("main canvas").ariaLabel');
  const before = await shown();
  expect(before).toMatch(/, mirrored$/);
  expect(await gilvo.violations()).toEqual([]);
  await driver.switchTo().window(onSet);
  await gilvo.press('next pose');
  await gilvo.until('document.body.textContent.includes("pose 2 of")', 'the second pose did not come');
  await driver.switchTo().window(mirror);
  await gilvo.comes(async () => (await shown()) !== before, 'the monitor stayed with the first pose');
  await driver.close();
  await driver.switchTo().window(onSet);
});
