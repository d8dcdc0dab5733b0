import { By } from 'selenium-webdriver';
import { describe, expect, it } from 'vitest';
import type { Take } from '@/core/sitting';
import type { Sitter } from '@/core/people';
import { openBrowser } from './browser';
import { openGilvo } from './gilvo';

const gilvo = openGilvo();
const takeOf = (id: string) => gilvo.stored<Take>('takes', id);
/** Chooses a file to be opened on the desk. */
const choose = async (name: string, text: string) =>
  (await gilvo.one('input[type=file]')).sendKeys(gilvo.file(name, text));

describe('an edit', () => {
  it('comes into the store without being asked for', async () => {
    await gilvo.pose(1);
    await gilvo.click('button[title^="hips:"]');
    await gilvo.type('hips turned left, °', '-40');
    await gilvo.comes(
      async () => (await takeOf('demo-take-1')).shot.people[0]!.pose.settings.hipsTurnLeftDeg === -40,
      'not in the store',
    );
  });

  it('is still there when the browser was killed in the middle of a drag, as far as it was written', async () => {
    await gilvo.pose(1);
    await gilvo.click('button[title^="head:"]');
    const handle = await gilvo.one('input[type="range"][aria-label="head turned left"]');
    const { width } = await handle.getRect();
    // the button stays down: nothing says that the drag has ended
    await gilvo.driver
      .actions()
      .move({ origin: handle, x: 0 })
      .press()
      .move({ origin: handle, x: Math.round(width * 0.3), duration: 700 })
      .perform();
    await gilvo.driver.wait(
      async () => (await takeOf('demo-take-1')).shot.people[0]!.pose.settings.headTurnLeftDeg !== 16,
      5_000,
      'the drag was not written while it went on',
    );
    const written = (await takeOf('demo-take-1')).shot.people[0]!.pose.settings.headTurnLeftDeg!;
    expect(written).toBeGreaterThan(20);
    const { profile } = gilvo.browser;
    await gilvo.browser.kill();
    gilvo.browser = await openBrowser({ profile });
    await gilvo.pose(1);
    const kept = (await takeOf('demo-take-1')).shot.people[0]!.pose.settings;
    expect(kept.headTurnLeftDeg).toBe(written);
    expect(kept.hipsTurnLeftDeg).toBe(-40);
    await gilvo.click('button[title^="head:"]');
    expect(Number(await gilvo.fieldValue('head turned left, °'))).toBeCloseTo(written, 0);
  });

  it('is named on the desk to go on with', async () => {
    await gilvo.pose(3);
    await gilvo.open('/');
    await gilvo.one('article');
    expect(await gilvo.text('article a.act')).toBe('Continue with Hand in the pocket');
  });

  it('is undone step by step, and a drag is one step', async () => {
    await gilvo.pose(3);
    const stored = (await takeOf('demo-take-3')).shot;
    await gilvo.click('button[title^="weight:"]');
    const field = 'weight on the left foot, %';
    const start = await gilvo.fieldValue(field);
    await gilvo.andSeen(() => gilvo.type(field, '60'));
    const handle = await gilvo.driver.findElement(By.css('section[aria-label="Weight"] input[type=range]'));
    const { width } = await handle.getRect();
    await gilvo.andSeen(() =>
      gilvo.driver
        .actions()
        .move({ origin: handle, x: 0 })
        .press()
        .move({ origin: handle, x: Math.round(width * 0.3), duration: 250 })
        .release()
        .perform(),
    );
    expect(Number(await gilvo.fieldValue(field))).toBeGreaterThan(70);
    await gilvo.andSeen(() => gilvo.click('button[aria-label="Undo"]'));
    expect(await gilvo.fieldValue(field)).toBe('60');
    await gilvo.andSeen(() => gilvo.click('button[aria-label="Undo"]'));
    expect(await gilvo.fieldValue(field)).toBe(start);
    expect(await (await gilvo.one('button[aria-label="Undo"]')).isEnabled()).toBe(false);
    await gilvo.saved();
    expect((await takeOf('demo-take-3')).shot).toEqual(stored);
  });

  it('mirrors the whole pose, and twice gives the same again', async () => {
    await gilvo.pose(4);
    const before = (await takeOf('demo-take-4')).shot.people[0]!.pose;
    await gilvo.andSeen(() => gilvo.press('mirror'));
    await gilvo.saved();
    const mirrored = (await takeOf('demo-take-4')).shot.people[0]!.pose;
    expect(mirrored.settings.hipsTurnLeftDeg).toBe(-(before.settings.hipsTurnLeftDeg ?? 0) + 0);
    await gilvo.andSeen(() => gilvo.press('mirror'));
    await gilvo.saved();
    expect((await takeOf('demo-take-4')).shot.people[0]!.pose).toEqual(before);
  });
});

describe('bad input', () => {
  const sitter = () => gilvo.stored<Sitter>('sitters', 'demo-runa');

  it.each([
    ['focal length, mm', '0', 'focal length 0: give a number from 12 to 400 mm'],
    ['focal length, mm', 'wide', 'focal length wide: give a number from 12 to 400 mm'],
    ['distance to the sitter, m', '99', /^distance to the sitter 99: give a number from .* to .* m$/],
  ])('%s “%s” is refused, and the shot stays', async (label, value, words) => {
    await gilvo.pose(2);
    const before = (await takeOf('demo-take-2')).shot.camera;
    await gilvo.click('button[title^="camera:"]');
    const recomputes = await gilvo.recomputes();
    await gilvo.type(label, value);
    expect(await gilvo.text('section[aria-label="Camera"] [role="alert"]')).toMatch(words);
    expect(await gilvo.recomputes()).toBe(recomputes);
    expect((await takeOf('demo-take-2')).shot.camera).toEqual(before);
  });

  it('a camera inside the sitter keeps the last good picture and says why', async () => {
    await gilvo.pose(2);
    await gilvo.click('button[title^="camera:"]');
    await gilvo.andSeen(() => gilvo.type('distance to the sitter, m', '0.5'));
    await gilvo.andSeen(() => gilvo.type('lens height, m', '1.25'));
    const findings = await gilvo.findings();
    // the elbow of the hand on the hip stands out behind that side
    await gilvo.type('arc, to camera right, °', '125');
    const refused = await gilvo.text('section[aria-label="What the picture says"] [role="alert"]');
    expect(refused).toMatch(
      /^camera\.distanceM 0\.5 puts the lens 0\.\d\d m from the sitter; keep 0\.25 m clear/,
    );
    expect(refused).toContain('The picture shown is the last good one');
    expect(await gilvo.findings()).toEqual(findings);
    await gilvo.andSeen(() => gilvo.type('arc, to camera right, °', '0'));
    const alerts = await gilvo.driver.findElements(
      By.css('section[aria-label="What the picture says"] [role="alert"]'),
    );
    expect(alerts).toHaveLength(0);
  });

  it('a broken file changes nothing and is named with path and value', async () => {
    await gilvo.open('/');
    await gilvo.one('article');
    await gilvo.press('Save to a file');
    const { text } = await gilvo.downloaded();
    const input = await gilvo.one('input[type=file]');
    const before = [await sitter(), await takeOf('demo-take-2')];
    for (const [name, broken, words] of [
      ['cut.json', text.slice(0, 900), 'The file is not JSON'],
      [
        'lens.json',
        text.replace('"focalLengthMm": 85', '"focalLengthMm": 0'),
        'shot.camera.focalLengthMm is 0',
      ],
      ['tall.json', text.replace('"statureM": 1.86', '"statureM": 3'), 'people[0].profile.statureM is 3'],
      ['odd.json', text.replace('"minutes": 30', '"mood": 1, "minutes": 30'), 'sitting: '],
      [
        'later.json',
        text.replace(/"version": \d+/, '"version": 99'),
        'version is 99; this Gilvo reads version 1, 2, 3,',
      ],
    ]) {
      expect(broken).not.toBe(text);
      await input.sendKeys(gilvo.file(name!, broken!));
      await gilvo.until(
        `document.querySelector('main > [role="alert"]')?.textContent.startsWith("${name} was not read. ")`,
        `${name} was not refused`,
      );
      const said = await gilvo.text('main > [role="alert"]');
      expect(said).toContain(words);
      expect(said).toContain('Nothing was changed');
    }
    expect([await sitter(), await takeOf('demo-take-2')]).toEqual(before);
  });

  it('a file that says otherwise than what is here is shown record by record, and can be undone', async () => {
    await gilvo.open('/');
    await gilvo.one('article');
    await gilvo.press('Save to a file');
    const { text } = await gilvo.downloaded();
    const before = await takeOf('demo-take-2');
    const changed = text.replaceAll('"plannedFrames": 18', '"plannedFrames": 45');
    expect(changed).not.toBe(text);
    const chosen = '[aria-label="What the file would change"] input:checked';
    await choose('other.json', changed);
    expect(await gilvo.text('[role="dialog"]')).toContain('newer in the file');
    expect(await gilvo.violations()).toEqual([]);
    // the five poses that the file has gone on with, and nothing else
    expect(await gilvo.texts(chosen)).toHaveLength(5);
    await gilvo.press('Leave everything as it is');
    await gilvo.until('!document.querySelector("[role=dialog]")', 'still asked');
    expect(await takeOf('demo-take-2')).toEqual(before);
    await choose('other.json', changed);
    await gilvo.press('Choose all of the file');
    await gilvo.press('Take what is chosen');
    await gilvo.press('Undo', '//main');
    await gilvo.until(
      'document.querySelector("main [role=status]").textContent === "It is as it was before."',
      'not undone',
    );
    expect(await takeOf('demo-take-2')).toEqual(before);
  });

  it('a backup brings everything back, and opens with its passphrase alone', async () => {
    await gilvo.open('/');
    await gilvo.one('article');
    await gilvo.click('[data-testid="keeping"] input[type=checkbox]');
    await gilvo.fill('input[name="passphrase"]', 'short');
    await gilvo.press('Back up everything');
    await gilvo.until(
      'document.querySelector("[data-testid=keeping] [role=status]").textContent.includes("5 letters: give 15")',
      'a short passphrase was taken',
    );
    await gilvo.fill('input[name="passphrase"]', 'three oars and a wet towel');
    await gilvo.press('Back up everything');
    const { text } = await gilvo.downloaded('.gilvo');
    expect(text).not.toContain('Runa Halvik');
    const before = await takeOf('demo-take-2');
    await gilvo.open('/run?sitting=demo-yearbook');
    await gilvo.click(`button[aria-label="Remove ${before.shot.people[0]!.pose.name}"]`);
    await gilvo.until(
      'document.querySelector("[role=status]")?.textContent.includes("removed")',
      'not removed',
    );
    await gilvo.open('/');
    await gilvo.one('article');
    await choose('all.gilvo', text);
    await gilvo.fill('form input[name="passphrase"][type=password]', 'three oars');
    await gilvo.press('Unlock');
    await gilvo.until(
      'document.querySelector("form [role=alert]").textContent.startsWith("The passphrase is another")',
      'opened with another passphrase',
    );
    await gilvo.fill('form input[name="passphrase"][type=password]', 'three oars and a wet towel');
    await gilvo.press('Unlock');
    expect(await gilvo.text('[role="dialog"]')).toContain('taken away here');
    expect(await gilvo.violations()).toEqual([]);
    await gilvo.click('[role="dialog"] input[type=checkbox]');
    await gilvo.press('Put it in place of all');
    await gilvo.until(
      'document.querySelector("main [role=status]").textContent.startsWith("all.gilvo is restored.")',
      'not restored',
    );
    expect(await takeOf('demo-take-2')).toEqual(before);
  });

  it('an address of a sitting that is not here leads to the desk', async () => {
    for (const place of ['pose', 'run', 'direct']) {
      await gilvo.open(`/${place}?sitting=nowhere`);
      expect(await gilvo.text('h1')).toBe('This sitting is not here');
      await gilvo.press('Go to the desk');
      await gilvo.one('article');
    }
  });
});

it('a new sitting starts with a sitter and a quiet pose', async () => {
  await gilvo.open('/');
  await gilvo.one('article');
  await gilvo.press('New sitting');
  await gilvo.press('Start with one pose');
  await gilvo.until('location.pathname === "/pose"', 'it did not begin');
  await gilvo.open('/');
  await gilvo.until(
    '[...document.querySelectorAll("article h2")].some((h) => h.textContent === "New sitting")',
    'no new sitting',
  );
});
