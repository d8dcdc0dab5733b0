import { By, Key } from 'selenium-webdriver';
import { expect, it } from 'vitest';
import type { Take } from '@/core/sitting';
import { DESK_SIZE, PHONE_SIZE, TABLET_SIZE } from './browser';
import { openGilvo } from './gilvo';

const gilvo = openGilvo();
const EIGHT = 'demo-club-5';
const SET = `/set?sitting=demo-club&take=${EIGHT}`;

const stored = () => gilvo.stored<Take>('takes', EIGHT);
const places = () => gilvo.texts('[aria-label="Places of the group, the front row below"] button');
/** Until the group is arranged, or its order measured anew. */
async function settled(): Promise<void> {
  await gilvo.one('[data-testid="group-settings"][data-busy="false"]');
}
async function arranged(): Promise<void> {
  await gilvo.press('group');
  await gilvo.press('Arrange the group');
  await gilvo.one('[data-testid="order-told"]');
  await settled();
}

it('the crew of eight and their cox are arranged, with what it comes to', async () => {
  await gilvo.open(SET);
  await arranged();
  expect(await places()).toHaveLength(9);
  expect(await gilvo.texts('[aria-label="Orders found"] button')).toContain('5 sit, 4 stand');
  const told = (await gilvo.texts('[data-testid="order-told"] li')).join(' ');
  expect(told).toContain('By their outlines every face is clear.');
  expect(told).toMatch(/Light on the faces within 0\.\d\d stops/);
  expect(told).toMatch(/All faces sharp from f\/\d/);
  expect(await gilvo.violations()).toEqual([]);
});

it('two are exchanged by keys, and by pressing one and then the other', async () => {
  const before = await places();
  const buttons = await gilvo.driver.findElements(
    By.css('[aria-label="Places of the group, the front row below"] button'),
  );
  await buttons[1]!.sendKeys(Key.ENTER);
  await buttons[2]!.sendKeys(Key.SPACE);
  await gilvo.comes(async () => (await places()).join() !== before.join(), 'nobody was exchanged');
  const name = (words: string) => words.replace(/^\d+\s*/, '');
  const after = await places();
  expect([name(after[1]!), name(after[2]!)]).toEqual([name(before[2]!), name(before[1]!)]);
  await settled();
});

it('two are exchanged by dragging one onto the other', async () => {
  const before = await places();
  const buttons = await gilvo.driver.findElements(
    By.css('[aria-label="Places of the group, the front row below"] button'),
  );
  await gilvo.driver
    .actions()
    .move({ origin: buttons[0]! })
    .press()
    .move({ origin: buttons[0]!, x: 9, y: 9 })
    .perform();
  await gilvo.driver.actions().move({ origin: buttons[3]! }).move({ origin: buttons[3]!, x: 1 }).perform();
  await gilvo.one(
    '[aria-label="Places of the group, the front row below"] div:nth-child(4) > button[data-over="true"]',
  );
  await gilvo.driver.actions().release().perform();
  await gilvo.comes(async () => (await places()).join() !== before.join(), 'nobody was exchanged');
  const name = (words: string) => words.replace(/^\d+\s*/, '');
  const after = await places();
  expect([name(after[0]!), name(after[3]!)]).toEqual([name(before[3]!), name(before[0]!)]);
  await settled();
});

it('one stays while the rest is ordered anew', async () => {
  const kept = (await places())[1]!;
  const name = kept.replace(/^\d+\s*/, '');
  await gilvo.click(`input[aria-label="${name} stays"]`);
  await gilvo.press('Order the rest anew');
  await settled();
  expect((await places())[1]).toContain(name);
});

it('they are posed so, and every face is looked for in the picture', async () => {
  const before = await stored();
  await gilvo.press('Pose them so');
  await gilvo.one('[data-testid="faces-seen"]');
  expect(await gilvo.text('[data-testid="faces-seen"]')).toMatch(/every face is seen, each at least \d+ %/);
  await gilvo.comes(
    async () => (await stored()).shot.people[0]!.pose.name === '5 sit, 4 stand',
    'nothing was kept',
  );
  const after = await stored();
  expect(after.shot.people.map((p) => p.personId)).toEqual(before.shot.people.map((p) => p.personId));
  expect(after.shot.people.map((p) => p.mark)).not.toEqual(before.shot.people.map((p) => p.mark));
  expect(after.shot.people.every((p) => p.pose.name === '5 sit, 4 stand')).toBe(true);
});

it('what there is to sit on is asked, and a wish is said and taken back', async () => {
  await gilvo.write('boxes to stand on', '2.5');
  await gilvo.press('Arrange the group');
  await gilvo.comes(
    async () => (await gilvo.texts('[role=alert]')).join().includes('boxes'),
    'half a box was taken',
  );
  await gilvo.write('boxes to stand on', '3');
  await gilvo.chooseIn('First of the two', 'Runa');
  await gilvo.chooseIn('Runa and', 'Lorne');
  expect(await gilvo.text('[data-testid="group-settings"] ul')).toContain('Runa and Lorne: near each other');
  await gilvo.press('Arrange the group');
  await settled();
  const told = (await gilvo.texts('[data-testid="order-told"] li')).join(' ');
  expect(told).not.toContain('Runa and Lorne: not near each other');
  // what was found has its seats, whatever is said of chairs afterwards
  await gilvo.write('chairs', '0');
  const seated = (await gilvo.texts('section[aria-label="Order of the group"] ol li')).filter((t) =>
    t.includes(' sits'),
  );
  await gilvo.press('Pose them so');
  const seatsOf = ({ shot }: Take) => shot.supports.reduce((n, s) => n + (s.kind === 'bench' ? 2 : 1), 0);
  await gilvo.comes(async () => seatsOf(await stored()) === seated.length, 'not everybody has a seat');
});

it('what was said of a group is there again when its picture is opened anew, and is taken back', async () => {
  await gilvo.comes(async () => (await stored()).grouping?.means.chairs === 0, 'the chairs were not kept');
  await gilvo.open(SET);
  await gilvo.press('group');
  const runaAndLorne = 'Runa and Lorne: near each other';
  expect(await gilvo.text('[data-testid="group-settings"] ul')).toContain(runaAndLorne);
  await gilvo.click(`button[aria-label="Take back: ${runaAndLorne}"]`);
  await gilvo.write('chairs', '3');
  await gilvo.comes(async () => {
    const { grouping } = await stored();
    return grouping?.relations.length === 0 && grouping.means.chairs === 3;
  }, 'what was said is not taken back');
  expect(await gilvo.text('[data-testid="group-settings"] ul')).not.toContain('Lorne');
});

it('in the light every face has its stops, and in the camera all have an aperture', async () => {
  await gilvo.press('light');
  await gilvo.one('[data-testid="faces-of-picture"]');
  expect(await gilvo.text('[data-testid="faces-of-picture"]')).toContain(
    'stops between the brightest and the darkest',
  );
  expect(await gilvo.texts('[aria-label="Light on the faces"] li')).toHaveLength(9);
  expect(await gilvo.violations()).toEqual([]);
  await gilvo.press('camera');
  expect(await gilvo.text('[data-testid="all-faces"]')).toMatch(
    /all 9 faces f\/\d+\.\d, focused at \d\.\d\d m/,
  );
});

it.each([TABLET_SIZE, PHONE_SIZE])('is usable at %o', async (size) => {
  await gilvo.open(SET, size);
  await arranged();
  expect(await gilvo.violations()).toEqual([]);
  const wide = await gilvo.driver.executeScript<number>(
    'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
  );
  expect(wide).toBe(0);
});

it('the sheet has the places, what everybody is on, and the order in which they are called', async () => {
  await gilvo.open('/sheet?sitting=demo-club&for=set', DESK_SIZE);
  await gilvo.one('[data-testid="group-places"]');
  const drawn = await gilvo.texts('[data-testid="group-places"] text');
  expect(drawn.length).toBeGreaterThanOrEqual(18);
  const sheet = await gilvo.text('[data-testid="sheet"]');
  expect(sheet).toContain('Group: 5 sit, 4 stand');
  expect(sheet).toMatch(/1\. .+, seated/);
  expect(sheet).toContain('Call in this order:');
  expect(sheet).toMatch(/focused at \d\.\d\d m from the lens/);
  expect(await gilvo.violations()).toEqual([]);
});
