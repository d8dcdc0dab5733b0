import { By } from 'selenium-webdriver';
import { expect, it } from 'vitest';
import type { Sitter } from '@/core/people';
import type { Sitting, Take } from '@/core/sitting';
import { DESK_SIZE, PHONE_SIZE, TABLET_SIZE } from './browser';
import { openGilvo } from './gilvo';
import { drawn, PATIENCE_MS } from './waits';

const gilvo = openGilvo();
const INES = 'demo-ines';
const JOSS = 'demo-joss';
let sittingId = '';

const sitting = () => gilvo.stored<Sitting>('sittings', sittingId);
async function takes(): Promise<Take[]> {
  const all = (JSON.parse(await gilvo.wholeStore()) as { takes: Take[] }).takes;
  return all.filter((t) => t.sittingId === sittingId).sort((a, b) => a.position - b.position);
}
const whose = async () => (await takes()).map((t) => t.shot.people.map((p) => p.personId).join());
/** The choice among people that stands under a label. */
async function choosePerson(label: string, name: string): Promise<void> {
  const path = `//label[span[normalize-space()="${label}"]]//option[normalize-space()="${name}"]`;
  await (await gilvo.driver.wait(
    async () => (await gilvo.driver.findElements(By.xpath(path)))[0],
    PATIENCE_MS,
    `no ${name}`,
  ))!.click();
}

it('a sitting is begun with all of a group', async () => {
  await gilvo.open(`/people?person=${JOSS}`);
  await gilvo.press('Belongs to');
  await gilvo.press('New sitting with all', '//section[@aria-label="Ines and Joss"]');
  await gilvo.press('Start with one pose');
  await gilvo.until('location.pathname === "/pose"', 'it did not begin');
  sittingId = await gilvo.driver.executeScript<string>(
    'return new URLSearchParams(location.search).get("sitting")',
  );
  expect((await sitting()).personIds).toEqual([INES, JOSS]);
  expect(await whose()).toEqual([[INES, JOSS].join()]);
  // what follows begins with a picture of one of them
  await gilvo.saved();
  const [take] = (await takes()) as [Take];
  const [{ mark: _, ...ines }] = take.shot.people as [Take['shot']['people'][number]];
  await gilvo.putBehind('takes', { ...take, shot: { ...take.shot, people: [ines] } });
  await gilvo.open(`/brief?sitting=${sittingId}`);
  await gilvo.one('section[aria-label="People of the sitting"]');
  expect(await gilvo.violations()).toEqual([]);
});

it('somebody is brought in, and leaves again, but nobody who is in a picture', async () => {
  await gilvo.chooseIn('Bring somebody into the sitting', 'Pim Nyström');
  await gilvo.comes(async () => (await sitting()).personIds.length === 3, 'nobody came in');
  expect(await gilvo.texts('section[aria-label="People of the sitting"] button')).toEqual([
    'leaves',
    'leaves',
  ]);
  await gilvo.click('button[aria-label="Pim Nyström leaves the sitting"]');
  await gilvo.comes(async () => (await sitting()).personIds.length === 2, 'nobody left');
});

it('poses are added for one or the other, and the run says whose each is', async () => {
  await gilvo.open(`/run?sitting=${sittingId}`);
  await choosePerson('of', 'Joss Calder');
  await gilvo.chooseIn('Add a pose of the house', 'Slipway sway');
  await gilvo.comes(async () => (await takes()).length === 2, 'no pose was added');
  expect(await whose()).toEqual([INES, JOSS]);
  expect((await gilvo.texts('ol[aria-label="Poses in order"] h2'))[1]).toContain('Joss Calder');
  for (const size of [PHONE_SIZE, TABLET_SIZE]) {
    await gilvo.open(`/run?sitting=${sittingId}`, size);
    await gilvo.one('ol[aria-label="Poses in order"] h2');
    expect(await gilvo.violations()).toEqual([]);
  }
});

it('in Pose a picture goes over to another, with their body', async () => {
  const [, second] = (await takes()) as [Take, Take];
  await gilvo.open(`/pose?sitting=${sittingId}&take=${second.id}`);
  await gilvo.one('[data-testid="pose-place"][data-surface]:not([data-surface="none"])');
  await gilvo.andSeen(() => choosePerson('picture of', 'Ines Calder'));
  await gilvo.saved();
  expect(await whose()).toEqual([INES, INES]);
  expect(await gilvo.violations()).toEqual([]);
  await gilvo.andSeen(() => gilvo.click('button[aria-label="Undo"]'));
  await gilvo.saved();
  expect(await whose()).toEqual([INES, JOSS]);
});

it('in Set it goes over as well', async () => {
  const [, second] = (await takes()) as [Take, Take];
  await gilvo.open(`/set?sitting=${sittingId}&take=${second.id}`);
  await choosePerson('picture of', 'Ines Calder');
  await gilvo.comes(async () => (await whose()).join() === [INES, INES].join(), 'it stayed with him');
  await choosePerson('picture of', 'Joss Calder');
  await gilvo.comes(async () => (await whose()).join() === [INES, JOSS].join(), 'it stayed with her');
});

it('a picture of somebody whose record is broken is not drawn with another’s body', async () => {
  const [, second] = (await takes()) as [Take, Take];
  const joss = await gilvo.stored<Sitter>('sitters', JOSS);
  await gilvo.putBehind('sitters', { ...joss, profile: null });
  await gilvo.open(`/pose?sitting=${sittingId}&take=${second.id}`);
  expect(await gilvo.text('main h1')).toContain('record of the person');
  const inRun = await gilvo.text('ol[aria-label="Run"] a[aria-current="true"]');
  expect(inRun).toContain('no record');
  expect(await gilvo.violations()).toEqual([]);
  await gilvo.putBehind('sitters', joss);
  await gilvo.open(`/pose?sitting=${sittingId}&take=${second.id}`);
  await gilvo.one('[data-testid="pose-place"][data-surface]:not([data-surface="none"])');
});

const inHand = () => gilvo.text('div[aria-label="Whose pose is in the hand"] button[aria-pressed="true"]');

it('both come into one picture, and are arranged', async () => {
  const [, second] = (await takes()) as [Take, Take];
  await gilvo.open(`/pose?sitting=${sittingId}&take=${second.id}`);
  await drawn(gilvo.driver);
  await gilvo.andSeen(() => gilvo.chooseIn('Bring somebody into the picture', 'Ines Calder'));
  await gilvo.comes(async () => (await whose())[1] === [JOSS, INES].join(), 'she did not come into it');
  expect(await inHand()).toBe('Ines');
  // one step back and she is out of it again, and he is in the hand
  await gilvo.andSeen(() => gilvo.click('button[aria-label="Undo"]'));
  await gilvo.comes(async () => (await whose())[1] === JOSS, 'she stayed in it');
  await gilvo.andSeen(() => gilvo.click('button[aria-label="Redo"]'));
  await gilvo.comes(async () => (await whose())[1] === [JOSS, INES].join(), 'she did not come back');
  expect(await inHand()).toBe('Ines');
  await gilvo.andSeen(() => gilvo.chooseIn('Arrange the two', 'Nearly'));
  await gilvo.saved();
  const { shot } = (await takes())[1]!;
  expect(shot.people.map((p) => p.pose.name)).toEqual(['Nearly', 'Nearly']);
  expect(shot.people[0]!.pose.contacts.some((c) => c.of?.role === 'b')).toBe(true);
  expect(await gilvo.text('section[aria-label="People of the picture"]')).toContain('They touch: ask');
  expect(await gilvo.violations()).toEqual([]);
});

it('either is taken into the hand: by the name over the head, by the list and by a key', async () => {
  expect(await inHand()).toBe('Joss');
  await gilvo.andSeen(() => gilvo.click('button[title="Ines: key p"]'));
  expect(await inHand()).toBe('Ines');
  await gilvo.andSeen(() => gilvo.press('Joss', '//div[@aria-label="Whose pose is in the hand"]'));
  expect(await inHand()).toBe('Joss');
  await gilvo.andSeen(async () => {
    await gilvo.driver.executeScript('document.activeElement.blur()');
    await gilvo.driver.actions().sendKeys('p').perform();
  });
  expect(await inHand()).toBe('Ines');
});

it('what one of them says is kept for that one', async () => {
  const before = (await takes())[1]!.shot;
  await gilvo.andSeen(() => gilvo.type('heels apart, × shoulders', '0.9'));
  await gilvo.saved();
  const { people } = (await takes())[1]!.shot;
  expect(people[1]!.pose.settings.heelSpacingShoulders).toBeCloseTo(0.9, 6);
  expect(people[0]).toEqual(before.people[0]);
  for (const size of [PHONE_SIZE, TABLET_SIZE]) {
    await gilvo.browser.size(size);
    expect(await gilvo.violations()).toEqual([]);
  }
  await gilvo.browser.size(DESK_SIZE);
});

it('a box lifts one of them', async () => {
  const levels = async () => (await takes())[1]!.shot.people.map((p) => p.mark?.levelM);
  expect(await levels()).toEqual([undefined, undefined]);
  await gilvo.press('Where they stand');
  await gilvo.andSeen(() => gilvo.type('Stands: on a box, m', '0.2'));
  await gilvo.saved();
  expect(await levels()).toEqual([undefined, 0.2]);
  await gilvo.andSeen(() => gilvo.type('Stands: on a box, m', '0'));
  await gilvo.saved();
  expect(await levels()).toEqual([undefined, undefined]);
});

it('the run names both, and on set each cue says to whom', async () => {
  await gilvo.open(`/run?sitting=${sittingId}`);
  await gilvo.one('ol[aria-label="Poses in order"] li:nth-child(2) h2');
  expect((await gilvo.texts('ol[aria-label="Poses in order"] h2'))[1]).toContain(
    'Joss Calder and Ines Calder',
  );
  await gilvo.open(`/direct?sitting=${sittingId}`);
  await gilvo.press('next pose');
  const cue = await gilvo.text('[data-testid="cue"]');
  expect(cue).toMatch(/^(Joss|Ines|Ines and Joss): /);
  expect(cue).not.toContain('{');
});

it('each has a preparation sheet without the other’s words', async () => {
  await gilvo.open(`/sheet?sitting=${sittingId}&for=client`);
  expect(await gilvo.text('h1')).toContain('Ines');
  await choosePerson('for', 'Joss Calder');
  await gilvo.until('document.querySelector("h1").textContent.startsWith("Joss")', 'the sheet is still hers');
  expect(await gilvo.text('[data-testid="sheet"]')).not.toContain('Ines');
});

it('one who is erased leaves the other’s sitting and pictures', async () => {
  await gilvo.open(`/people?person=${JOSS}`);
  await gilvo.press('Erase');
  expect(await gilvo.text('section[aria-label="Erase Joss Calder"]')).toContain('with others');
  await gilvo.fill('section[aria-label="Erase Joss Calder"] input:not([type="checkbox"])', 'Joss Calder');
  await gilvo.press('Erase for good');
  await gilvo.comes(
    async () => (await sitting()).personIds.length === 1,
    'the sitting still names the erased',
  );
  // his own poses go with him; out of the picture of both he is taken, and what went to him
  expect(await whose()).toEqual([INES, INES]);
  const { shot } = (await takes())[1]!;
  expect(shot.people[0]!.pose.contacts.filter((c) => c.of)).toEqual([]);
});
