import { expect, it } from 'vitest';
import { PRESETS } from '@/core/brief';
import { entriesOf, findEntries, HOUSE_POSES, NO_FILTER } from '@/core/library';
import { withSetting, type Message } from '@/core/pose';
import type { OwnPose } from '@/core/sitting';
import { AVERAGE_PROFILE } from '@/data';
import { DESK_SIZE, PHONE_SIZE, TABLET_SIZE } from './browser';
import { openGilvo } from './gilvo';

const gilvo = openGilvo();
const house = HOUSE_POSES.chair![1]!;
const own = (id: string, name: string, bendLeftDeg: number): OwnPose => ({
  id,
  name,
  tags: ['Regatta week'],
  note: '',
  keptAt: '2026-11-20T10:00:00.000Z',
  pose: { ...withSetting(house, 'bendLeftDeg', bendLeftDeg), name },
});
const fileOf = (...poses: OwnPose[]) =>
  gilvo.file(
    'poses.json',
    JSON.stringify({ format: 'gilvo.poses', version: 1, exportedAt: '2026-11-20T10:00:00.000Z', poses }),
  );
const choose = async (path: string) => (await gilvo.one('input[aria-label="File of poses"]')).sendKeys(path);
const kept = async () =>
  (JSON.parse(await gilvo.wholeStore()) as { poses: OwnPose[] }).poses.map((p) => p.name).sort();
/** The pose of the house that anybody can take and that says most of something. */
const nearestTo = (message: Message) =>
  findEntries(entriesOf(HOUSE_POSES, [own('a', 'Pontoon', 4)]), NO_FILTER, {
    profile: AVERAGE_PROFILE,
    message,
  })[0]!.pose.name;
const found = () => gilvo.text('[data-testid="found"]');

it('own poses come from a file, are a collection, and go again with undo', async () => {
  await gilvo.open('/library', DESK_SIZE);
  await gilvo.one('article[data-pose] canvas[data-state="drawn"]');
  await choose(fileOf(own('a', 'Pontoon', 4), own('b', 'Anchor', 8), own('c', 'Twin', 8)));
  await gilvo.until('document.body.innerText.includes("2 poses came")', 'they did not come');
  expect(await gilvo.text('main')).toContain('here already: Twin as Anchor.');
  expect(await kept()).toEqual(['Anchor', 'Pontoon']);
  await gilvo.choose('select:has(option[value="Regatta week"])', 'Regatta week');
  await gilvo.until('document.querySelectorAll("article[data-pose]").length === 2', 'not two are in it');
  expect(await found()).toMatch(/^2 of /);
  for (const size of [PHONE_SIZE, TABLET_SIZE, DESK_SIZE]) {
    await gilvo.browser.size(size);
    expect(await gilvo.violations()).toEqual([]);
  }
  await gilvo.press('Undo');
  await gilvo.comes(async () => (await kept()).length === 0, 'they are still there');
  expect(await gilvo.text('main')).toContain('No pose has all of that.');
});

it('a broken file, and a file that cannot be written, change nothing and say why', async () => {
  await gilvo.open('/library', DESK_SIZE);
  await gilvo.press('to a file');
  await gilvo.one('main [role="alert"]');
  expect(await gilvo.text('main [role="alert"]')).toContain('none was kept yet');
  const broken = own('a', 'Pontoon', 4);
  broken.pose.settings.chinDownDeg = 400;
  await choose(fileOf(own('b', 'Anchor', 8), broken));
  await gilvo.until(
    'document.querySelector("main [role=alert]").innerText.includes("was not read")',
    'it was not refused',
  );
  expect(await gilvo.text('main [role="alert"]')).toMatch(
    /poses\[1\].*chinDownDeg.*400.*Nothing was changed/,
  );
  expect(await kept()).toEqual([]);
});

it('what was kept is written as it is, and read back is known', async () => {
  await gilvo.open('/library', DESK_SIZE);
  await choose(fileOf(own('a', 'Pontoon', 4)));
  await gilvo.until('document.body.innerText.includes("One pose came")', 'it did not come');
  await gilvo.press('to a file');
  const { name, text } = await gilvo.downloaded();
  expect(name).toBe('poses.gilvo.json');
  expect((JSON.parse(text) as { poses: OwnPose[] }).poses).toEqual([own('a', 'Pontoon', 4)]);
  await choose(gilvo.file('again.json', text));
  await gilvo.until(
    'document.body.innerText.includes("No pose came; here already: Pontoon.")',
    'it was not known',
  );
  expect(await kept()).toEqual(['Pontoon']);
});

it('begins with what says most of what is wanted', async () => {
  await gilvo.open('/library', DESK_SIZE);
  await gilvo.one('article[data-pose] canvas[data-state="drawn"]');
  const first = async () =>
    gilvo.driver.executeScript<string>('return document.querySelector("article[data-pose]").ariaLabel');
  const plain = await first();
  for (const preset of ['business', 'relaxed'] as const) {
    await gilvo.choose(`select:has(option[value="${preset}"])`, preset);
    const nearest = nearestTo(PRESETS[preset].message);
    await gilvo.comes(async () => (await first()) === nearest, `${nearest} does not come first`);
  }
  await gilvo.choose('select:has(option[value="business"])', 'any');
  await gilvo.comes(async () => (await first()) === plain, 'the order did not come back');
});
