import { By, Key } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import type { Sitting } from '@/core/sitting';
import type { Sitter } from '@/core/people';
import { DESK_SIZE } from './browser';
import { openGilvo } from './gilvo';
import { PATIENCE_MS } from './waits';

const gilvo = openGilvo();
const person = (id: string) => gilvo.stored<Sitter>('sitters', id);
const part = (words: string) => gilvo.press(words, '//nav[@aria-label="Parts of the record"]');
const measure = (label: string) => `input[aria-label="${label}"]`;
/** Types a measure and confirms it. */
async function giveMeasure(label: string, value: string): Promise<void> {
  await gilvo.fill(measure(label), value);
  await (await gilvo.one(measure(label))).sendKeys(Key.ENTER);
}
const figure = () =>
  gilvo.driver.executeScript<string>('return document.querySelector("[data-testid=turntable]").toDataURL()');
const figureShown = () =>
  gilvo.until('document.querySelector("[data-testid=turntable]").dataset.state === "drawn"', 'no figure');

async function record(id: string, words: string): Promise<void> {
  await gilvo.open(`/people?person=${id}`, DESK_SIZE);
  await gilvo.one('form input[name="name"]');
  await part(words);
}

/** Waits until a record in the store is as it should be. */
async function kept(id: string, right: (s: Sitter) => boolean, what: string): Promise<void> {
  await gilvo.driver.wait(async () => right(await person(id)), PATIENCE_MS, `not kept: ${what}`);
}

describe('from an empty start', () => {
  let id = '';

  it('a person is entered, by keyboard alone', async () => {
    await gilvo.open('/people', DESK_SIZE);
    await gilvo.one('ul[aria-label="People"] button');
    await gilvo.emptyStore();
    await gilvo.open('/people');
    await gilvo.until('document.querySelector("[data-testid=found]")?.textContent === "0 of 0"', 'not empty');
    const name = await gilvo.one('input[name="newName"]');
    await name.sendKeys(Key.ENTER);
    expect(await gilvo.text('form[aria-label="New person"] [role="alert"]')).toBe('Name empty: give a name');
    await name.sendKeys('Liv Tangen', Key.ENTER);
    await gilvo.until('document.querySelector("form input[name=name]")?.value === "Liv Tangen"', 'no record');
    id = await gilvo.driver.executeScript<string>('return new URL(location.href).searchParams.get("person")');
    expect(await person(id)).toMatchObject({ name: 'Liv Tangen', addressAs: 'Liv' });
    await (await gilvo.one('input[name="pronouns"]')).sendKeys('they');
    await kept(id, (s) => s.pronouns === 'they', 'pronouns');
  });

  it.each([
    ['stature, m', '2.5', 'stature 2.5: give 0.4 to 2.4 m'],
    ['stature, m', '', 'stature empty: give 0.4 to 2.4 m'],
    ['mass, kg', 'heavy', 'mass heavy: give 2 to 300 kg'],
    ['age, years', '-1', 'age -1: give 0 to 120 years'],
    ['waist, cm', '400', 'waist 400: give 30 to 250 cm'],
    ['breadth of the head, cm', '40', 'breadth of the head 40: give 9 to 22 cm'],
  ])('%s “%s” is refused in words, and the record stays', async (label, value, words) => {
    await record(id, 'Body');
    const before = await person(id);
    await giveMeasure(label, value);
    expect(await gilvo.text('form [role="alert"]')).toBe(words);
    expect(await (await gilvo.one(measure(label))).getAttribute('aria-invalid')).toBe('true');
    expect(await person(id)).toEqual(before);
  });

  it('measures are kept as they are typed, in inches too, and the figure changes with them', async () => {
    await record(id, 'Body');
    await figureShown();
    const before = await figure();
    await giveMeasure('mass, kg', '96,5');
    await kept(id, (s) => s.profile.massKg === 96.5, 'mass');
    await gilvo.driver.wait(async () => (await figure()) !== before, PATIENCE_MS, 'the figure stayed');
    await gilvo.choose('select[name="units"]', 'imperial');
    await giveMeasure('stature, in', `5'8"`);
    await kept(id, (s) => Math.abs(s.profile.statureM - 1.7272) < 1e-9, 'stature');
    await gilvo.choose('select[name="units"]', 'metric');
    expect(await gilvo.fieldValue('stature, m')).toBe('1.73');
  });

  it('a face is told apart by a few traits, looked at close, and is as usual again', async () => {
    await record(id, 'Body');
    await figureShown();
    await gilvo.press('Face');
    await gilvo.until(
      'document.querySelector("[data-testid=turntable]").getAttribute("aria-label") === "The sitter’s face"',
      'the face is not looked at',
    );
    await figureShown();
    const before = await figure();
    await gilvo.press('Features of the face');
    await (await gilvo.one('input[aria-label="jaw"]')).sendKeys(Key.END);
    await kept(id, (s) => s.profile.face?.jawBreadth === 1, 'jaw');
    await gilvo.driver.wait(async () => (await figure()) !== before, PATIENCE_MS, 'the face stayed');
    expect(await gilvo.violations()).toEqual([]);
    await gilvo.press('As usual');
    await kept(id, (s) => s.profile.face === undefined && s.profile.tones.lips === undefined, 'as usual');
    await gilvo.press('Whole');
  });

  it('the figure turns by keys, by pointer and by itself', async () => {
    await record(id, 'Body');
    await figureShown();
    const arc = () =>
      gilvo.driver.executeScript<string>(
        'return document.querySelector("[data-testid=turntable]").dataset.arcDeg',
      );
    const slider = await gilvo.one('input[aria-label="Seen from"]');
    await slider.sendKeys(Key.ARROW_RIGHT);
    await gilvo.driver.wait(async () => (await arc()) === '-25', PATIENCE_MS, 'keys did not turn it');
    await gilvo.driver.actions().move({ origin: slider, x: 60 }).click().perform();
    await gilvo.driver.wait(async () => Number(await arc()) > 40, PATIENCE_MS, 'the pointer did not turn it');
    await gilvo.click('button[aria-label="Let it turn"]');
    const there = await arc();
    await gilvo.driver.wait(async () => (await arc()) !== there, PATIENCE_MS, 'it does not turn by itself');
    await gilvo.click('button[aria-label="Stop turning"]');
  });

  it('girths that contradict the mass are kept and told, with both numbers', async () => {
    await record(id, 'Body');
    await gilvo.until(
      `Number(document.querySelector('${measure('waist, cm')}').placeholder.slice(2)) > 50`,
      'the modelled girth is not shown',
    );
    await giveMeasure('waist, cm', '190');
    await giveMeasure('hips, cm', '190,5');
    await kept(id, (s) => s.profile.girthsM?.hip === 1.905, 'hips');
    await gilvo.until(
      '/waist 190 cm asked, \\d+ cm reached/.test(document.querySelector("[data-testid=misfits]").textContent)',
      'the contradiction is not told',
    );
    for (const label of ['waist, cm', 'hips, cm']) await giveMeasure(label, '');
    await kept(
      id,
      (s) => s.profile.girthsM?.hip === undefined && s.profile.girthsM?.waist === undefined,
      'given up',
    );
  });

  it('limits of motion narrow the joints in the table', async () => {
    await record(id, 'Motion');
    await (
      await gilvo.driver.findElement(By.xpath('//label[contains(., "stiff neck")]/input'))
    ).sendKeys(Key.SPACE);
    await kept(id, (s) => s.profile.motionLimits?.includes('stiffNeck') === true, 'stiff neck');
    const row = await gilvo.driver.findElement(By.xpath('//tr[contains(., "head turned")]'));
    expect(await row.getText()).toMatch(/stiff neck[\s\S]*35°\s+35°/);
  });

  it('wishes and an agreement are kept, and what is open is said', async () => {
    await record(id, 'Wishes and boundaries');
    expect(await gilvo.text('[data-testid="still-open"]')).toContain('touch was not talked about');
    await (await gilvo.one('textarea[name="wishes"]')).sendKeys('By the water');
    await (await gilvo.one('input[name="stopWord"]')).sendKeys('easy');
    await gilvo.press('Add an agreement');
    await gilvo.choose('select[name="consents.0.answer"]', 'no');
    await kept(id, (s) => s.consents[0]?.answer === 'no' && s.wishes === 'By the water', 'agreement');
    expect((await person(id)).consents[0]).toMatchObject({ about: 'touch', agreedBy: 'Liv Tangen' });
    await gilvo.until(
      '!document.querySelector("[data-testid=still-open]").textContent.includes("touch")',
      'touch is still open',
    );
  });

  it('a garment is put into the wardrobe and tried on', async () => {
    await record(id, 'Wardrobe');
    await figureShown();
    await gilvo.choose('select[aria-label="Add a garment"]', 'dress');
    await kept(id, (s) => s.wardrobe.length === 1, 'dress');
    const before = await figure();
    await gilvo.click('button[aria-label="Try on dress"]');
    await gilvo.driver.wait(async () => (await figure()) !== before, PATIENCE_MS, 'nothing was put on');
  });

  it('private and open notes are kept apart', async () => {
    await record(id, 'History and notes');
    await (await gilvo.one('textarea[name="note"]')).sendKeys('open words');
    await (await gilvo.one('textarea[name="privateNote"]')).sendKeys('for me alone');
    await kept(id, (s) => s.note === 'open words' && s.privateNote === 'for me alone', 'notes');
  });

  it('a sitting is begun, and its look is briefed', async () => {
    await record(id, 'Who');
    await gilvo.press('New sitting');
    await gilvo.press('Start with one pose');
    await gilvo.until('location.pathname === "/pose"', 'it did not begin');
    await gilvo.press('Brief');
    await gilvo.one('tr[data-target]');
    const sittingId = await gilvo.driver.executeScript<string>(
      'return new URL(location.href).searchParams.get("sitting")',
    );
    const look = async () => (await gilvo.stored<Sitting>('sittings', sittingId)).looks[0]!;
    const right = (what: string, ok: (l: Awaited<ReturnType<typeof look>>) => boolean) =>
      gilvo.driver.wait(async () => ok(await look()), PATIENCE_MS, `not kept: ${what}`);
    await gilvo.choose('select[aria-label="Message"]', 'business');
    await right('message', (l) => l.message?.formality === 0.6);
    const formal = await gilvo.one('input[aria-label="easy to formal"]');
    await formal.sendKeys(Key.ARROW_LEFT);
    await right('scale by key', (l) => l.message?.formality === 0.5);
    await gilvo.press('shoulders');
    const least = measure('shoulders turned from the lens, at least, °');
    expect(Number(await gilvo.fieldValue('shoulders turned from the lens, at least, °'))).toBeCloseTo(6.8, 5);
    await gilvo.fill(least, '200');
    await (await gilvo.one(least)).sendKeys(Key.ENTER);
    expect(await gilvo.text('tr[data-target="shouldersTurnDeg"] [role="alert"]')).toBe(
      'shoulders turned from the lens 200: give 0 to 180 °',
    );
    await gilvo.fill(least, '25');
    await (await gilvo.one(least)).sendKeys(Key.ENTER);
    await right('range by hand', (l) => l.targets.shouldersTurnDeg?.low === 25);
    await gilvo.press('Add a use');
    await right('use', (l) => l.uses[0]?.words === 'website');
    await (
      await gilvo.one('input[aria-label="A picture that must be there"]')
    ).sendKeys('with the hull', Key.ENTER);
    await right('must-have', (l) => l.mustHaves[0]?.words === 'with the hull');
    await (await gilvo.driver.findElement(By.xpath('//label[contains(., "dress")]/input'))).click();
    await right('worn', (l) => l.wears.length === 1);
  });

  it('the preparation sheet is printed on A4 and on letter, without what is private', async () => {
    await gilvo.press('Preparation sheet');
    await gilvo.one('[data-testid="sheet"] li');
    const sheet = await gilvo.text('[data-testid="sheet"]');
    for (const words of [
      'Liv: your pictures',
      'By the water',
      '“easy”',
      'dress',
      'touched to adjust a pose: no',
    ])
      expect(sheet).toContain(words);
    expect(sheet).not.toContain('for me alone');
    const printed = async () => {
      const { data } = (await gilvo.browser.print()) as { data: string };
      const box = /\/MediaBox\s*\[\s*0 0 ([\d.]+) ([\d.]+)/.exec(
        Buffer.from(data, 'base64').toString('latin1'),
      )!;
      return [Math.round(Number(box[1])), Math.round(Number(box[2]))];
    };
    expect(await printed()).toEqual([595, 842]);
    await gilvo.choose('select', 'letter');
    expect(await printed()).toEqual([612, 792]);
    await gilvo.press('To the checklist');
    await gilvo.until('document.querySelector("h1").textContent.includes("checklist")', 'no checklist');
    expect(await gilvo.text('[data-testid="sheet"]')).toContain('Must have: with the hull');
  });

  it('the person goes into the bin and comes back', async () => {
    await record(id, 'Who');
    await gilvo.press('Bin');
    await gilvo.until('document.querySelector("[data-testid=found]").textContent === "0 of 1"', 'not binned');
    await gilvo.press('Undo');
    await gilvo.until('document.querySelector("[data-testid=found]").textContent === "1 of 1"', 'not back');
    expect((await person(id)).binnedAt).toBeUndefined();
  });

  it('a record in the bin can be opened, taken out and written on; one in the archive comes back', async () => {
    await record(id, 'Who');
    await gilvo.press('Bin');
    await gilvo.choose('select[aria-label="Shown"]', 'binned');
    await gilvo.click('ul[aria-label="People"] button');
    await gilvo.press('Take out of the bin');
    await kept(id, (s) => s.binnedAt === undefined, 'out of the bin');
    await (await gilvo.one('input[name="language"]')).sendKeys('English');
    await kept(id, (s) => s.language === 'English' && s.binnedAt === undefined, 'written on');
    await gilvo.press('Archive');
    await kept(id, (s) => s.archived, 'archived');
    await gilvo.press('Bring back');
    await kept(id, (s) => !s.archived, 'brought back');
  });

  it('an erase asks for the name, and leaves nothing of the person in the store', async () => {
    await record(id, 'Who');
    await gilvo.press('Erase');
    const confirm = async () =>
      gilvo.driver.findElement(By.xpath('//button[normalize-space()="Erase for good"]'));
    await gilvo.one('section[aria-label^="Erase"] input');
    expect(await (await confirm()).isEnabled()).toBe(false);
    await (await gilvo.one('section[aria-label^="Erase"] input')).sendKeys('Liv Tangen');
    await (await confirm()).click();
    await gilvo.until('document.querySelector("[data-testid=found]").textContent === "0 of 0"', 'not erased');
    await gilvo.open('/people');
    await gilvo.one('[data-testid="found"]');
    const left = await gilvo.wholeStore();
    for (const trace of [id, 'Liv', 'Tangen', 'By the water', 'for me alone', 'hull', 'dress'])
      expect(left).not.toContain(trace);
  });
});
