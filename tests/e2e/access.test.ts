import { By, Key } from 'selenium-webdriver';
import { beforeAll, describe, expect, it } from 'vitest';
import { DESK_SIZE, PHONE_SIZE, TABLET_SIZE, type Size } from './browser';
import { openGilvo } from './gilvo';
import { drawn, PATIENCE_MS } from './waits';

const gilvo = openGilvo();
const QUERY = '?sitting=demo-yearbook';
const PLACES: [name: string, path: string, ready: string, size: Size][] = [
  ['Desk', '/', 'article canvas[data-state="drawn"]', DESK_SIZE],
  ['Desk on a phone', '/', 'article canvas[data-state="drawn"]', PHONE_SIZE],
  ['People', '/people?person=demo-runa', 'form input[name="name"]', DESK_SIZE],
  ['People on a phone', '/people', 'ul[aria-label="People"] button', PHONE_SIZE],
  ['Brief', `/brief${QUERY}`, 'tr[data-target]', DESK_SIZE],
  ['Brief on a phone', `/brief${QUERY}`, 'tr[data-target]', PHONE_SIZE],
  ['Rules', '/rules', 'li[data-rule] canvas[data-state="drawn"]', DESK_SIZE],
  ['Rules on a phone', '/rules', 'li[data-rule]', PHONE_SIZE],
  ['Preparation sheet', `/sheet${QUERY}&for=client`, '[data-testid="sheet"] li', DESK_SIZE],
  ['Set sheet on a phone', `/sheet${QUERY}&for=set`, '[data-testid="sheet"] li', PHONE_SIZE],
  ['Checklist on a phone', `/sheet${QUERY}&for=photographer`, '[data-testid="sheet"] li', PHONE_SIZE],
  ['Set', `/set${QUERY}&take=demo-take-1`, 'section[aria-label="What fits here"] tbody tr', DESK_SIZE],
  ['Pose', `/pose${QUERY}&take=demo-take-1`, '[data-testid="pose-place"][data-surface="drawn"]', DESK_SIZE],
  ['Run', `/run${QUERY}`, 'li[data-take]:nth-of-type(5) canvas[data-state="drawn"]', DESK_SIZE],
  ['Direct', `/direct${QUERY}`, 'main canvas[data-state="drawn"]', PHONE_SIZE],
  ['Direct on a desk', `/direct${QUERY}`, 'main canvas[data-state="drawn"]', DESK_SIZE],
];

async function setTheme(theme: 'linen' | 'blackout'): Promise<void> {
  await gilvo.open('/', DESK_SIZE);
  await gilvo.one('article');
  // chosen, not only shown: the set would else stay dark
  for (const next of [theme === 'linen' ? 'blackout' : 'linen', theme]) {
    if ((await gilvo.driver.findElements(By.css(`button[aria-label="Change to ${next}"]`))).length > 0)
      await gilvo.click(`button[aria-label="Change to ${next}"]`);
    await gilvo.until(`document.documentElement.dataset.theme === "${next}"`, `not ${next}`);
  }
}

describe.each(['linen', 'blackout'] as const)('in %s', (theme) => {
  beforeAll(() => setTheme(theme));

  // colours are the same on a phone: there the other theme would tell nothing new
  const places = PLACES.filter(([, , , size]) => theme === 'linen' || size === DESK_SIZE);

  it.each(places)('%s has no fault the checker finds', async (_, path, ready, size) => {
    await gilvo.open(path, size);
    await gilvo.one(ready);
    await gilvo.until(`document.documentElement.dataset.theme === "${theme}"`, `not ${theme}`);
    expect(await gilvo.violations()).toEqual([]);
  });

  it('every panel and overlay of Pose has none either', async () => {
    await gilvo.browser.size(DESK_SIZE);
    await gilvo.pose(2);
    await gilvo.until(`document.documentElement.dataset.theme === "${theme}"`, `not ${theme}`);
    for (const panel of ['weight', 'hips', 'arms', 'hands', 'gaze', 'camera', 'light']) {
      await gilvo.click(`button[title^="${panel}:"]`);
      expect(await gilvo.violations()).toEqual([]);
    }
    for (const overlay of ['size', 'sharp', 'parts', 'measured']) {
      await gilvo.press(overlay);
      expect(await gilvo.violations()).toEqual([]);
    }
  });
});

it('every part of a record has no fault either, and fits the width of phone, tablet and desk', async () => {
  for (const size of [PHONE_SIZE, TABLET_SIZE, DESK_SIZE]) {
    await gilvo.open('/people?person=demo-odile', size);
    for (const part of [
      'Who',
      'Body',
      'Motion',
      'Wishes and boundaries',
      'Wardrobe',
      'Belongs to',
      'History and notes',
    ]) {
      await gilvo.press(part, '//nav[@aria-label="Parts of the record"]');
      await gilvo.one(`form[aria-label$="${part}"]`);
      // the tablet has the layout of the desk
      if (size !== TABLET_SIZE) expect([part, await gilvo.violations()]).toEqual([part, []]);
      const over = await gilvo.driver.executeScript<number>(
        'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
      );
      expect([part, size.width, over]).toEqual([part, size.width, 0]);
    }
  }
});

it.each([390, 820, 1280])('Brief and sheets fit a width of %i', async (width) => {
  for (const path of [`/brief${QUERY}`, `/sheet${QUERY}&for=client`, '/people?do=import', '/people']) {
    await gilvo.open(path, { width, height: 800 });
    await gilvo.one('main');
    await gilvo.until(
      '!document.querySelector("p[role=status]")?.textContent.startsWith("Opening")',
      'not open',
    );
    const over = await gilvo.driver.executeScript<number>(
      'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
    );
    expect([path, over]).toEqual([path, 0]);
  }
});

describe('Pose at 1280x800', () => {
  it('fits without scrolling, whatever station is open', async () => {
    await gilvo.open(`/pose${QUERY}&take=demo-take-2`, DESK_SIZE);
    await drawn(gilvo.driver);
    for (const panel of ['feet', 'hips', 'spine', 'arms', 'hands', 'head', 'gaze', 'camera', 'light']) {
      await gilvo.click(`button[title^="${panel}:"]`);
      const over = await gilvo.driver.executeScript<string[]>(`
        const out = [];
        const root = document.documentElement;
        if (root.scrollHeight > innerHeight || root.scrollWidth > innerWidth) out.push('page');
        for (const e of document.querySelectorAll('main section, main nav, main > div'))
          if (e.scrollHeight > e.clientHeight + 1) out.push(e.getAttribute('aria-label') ?? e.className.slice(0, 40));
        return out;`);
      expect(over.map((o) => `${panel}: ${o}`)).toEqual([]);
    }
  });

  it('cuts no words', async () => {
    const cut = await gilvo.driver.executeScript<string[]>(`
      return [...document.querySelectorAll('main button, main dt, main dd, main label, main h2')]
        .filter((e) => e.scrollWidth > e.clientWidth + 1 && getComputedStyle(e).display !== 'inline')
        .map((e) => e.textContent);`);
    expect(cut).toEqual([]);
  });
});

it('Pose can be worked with the keyboard alone', async () => {
  await gilvo.pose(3);
  const focused = () => gilvo.driver.switchTo().activeElement();
  const labelOf = async () => {
    const e = await focused();
    return (await e.getAttribute('aria-label')) ?? (await e.getAttribute('title')) ?? (await e.getText());
  };
  // to the spine by its number, then by Tab to its first slider and a step with the arrow
  await (await gilvo.one('body')).sendKeys('4');
  const seen: string[] = [];
  for (let i = 0; i < 60; i++) {
    await gilvo.driver.actions().sendKeys(Key.TAB).perform();
    const label = await labelOf();
    seen.push(label);
    if (label === 'drawn up, %') break;
  }
  expect(seen.at(-1)).toBe('drawn up, %');
  expect(seen.some((s) => s.startsWith('Gilvo'))).toBe(true);
  await gilvo.driver.actions().sendKeys(Key.TAB).perform();
  expect(await (await focused()).getAttribute('type')).toBe('range');
  await gilvo.andSeen(() => gilvo.driver.actions().sendKeys(Key.ARROW_RIGHT).perform());
  expect(await gilvo.fieldValue('drawn up, %')).toBe('75');
  // a visible ring shows where one is
  const ring = await gilvo.driver.executeScript<string>(
    'return getComputedStyle(document.activeElement).outlineStyle',
  );
  expect(ring).not.toBe('none');
});

it('a finding is mended with the keyboard alone', async () => {
  await gilvo.pose(3);
  await gilvo.click('button[title^="feet:"]');
  await gilvo.andSeen(() => gilvo.type('left foot turned out, °', '-20'));
  await gilvo.unfold('toes-in:left');
  const mend = gilvo.driver.findElement(By.css('[data-finding="toes-in:left"] button.act'));
  await gilvo.andSeen(() => mend.sendKeys(Key.ENTER));
  expect(await gilvo.findings()).not.toContain('toes-in:left');
});

describe('Direct at 390x844', () => {
  it('fits the screen, with targets that a thumb hits', async () => {
    await gilvo.open(`/direct${QUERY}`, PHONE_SIZE);
    await gilvo.one('main canvas[data-state="drawn"]');
    await gilvo.one('[data-testid="cue"]');
    const sizes = await gilvo.driver.executeScript<{ over: boolean; small: string[]; cue: number }>(`
      const root = document.documentElement;
      const small = [...document.querySelectorAll('button')]
        .filter((b) => b.getBoundingClientRect().height < 44)
        .map((b) => b.textContent);
      const cue = parseFloat(getComputedStyle(document.querySelector('[data-testid=cue]')).fontSize);
      return { over: root.scrollHeight > innerHeight || root.scrollWidth > innerWidth, small, cue };`);
    expect(sizes.over).toBe(false);
    expect(sizes.small).toEqual([]);
    expect(sizes.cue).toBeGreaterThanOrEqual(28);
  });

  it('speaks each new cue to a screen reader', async () => {
    const live = await gilvo.one('[aria-label="Cue"]');
    expect(await live.getAttribute('aria-live')).toBe('polite');
    const before = await gilvo.text('[data-testid="cue"]');
    await gilvo.click('[data-act="next"]');
    await gilvo.driver.wait(
      async () => (await gilvo.text('[data-testid="cue"]')) !== before,
      PATIENCE_MS,
      'the cue stayed',
    );
    expect(await (await gilvo.one('[aria-label="Cue"] [data-testid="cue"]')).isDisplayed()).toBe(true);
  });
});
