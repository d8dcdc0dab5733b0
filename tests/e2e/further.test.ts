import isSame from 'fast-deep-equal';
import { Key } from 'selenium-webdriver';
import { beforeAll, describe, expect, it } from 'vitest';
import { HOUSE_POSES } from '@/core/library';
import { soloShot } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { DESK_SIZE } from './browser';
import { openGilvo } from './gilvo';
import { drawn } from './waits';

const gilvo = openGilvo();
const ID = 'demo-take-2';
const shotNow = async () => {
  await gilvo.saved();
  return soloShot((await gilvo.stored<Take>('takes', ID)).shot);
};
/** Takes the picture under a title in the open sheet. */
const takeIt = (title: string) =>
  gilvo.andSeen(() => gilvo.click(`dialog button[aria-label^="Take it: ${title}"]`));
const undo = () => gilvo.andSeen(() => gilvo.click('button[aria-label="Undo"]'));

describe('what goes further than one finding', () => {
  beforeAll(async () => {
    await gilvo.pose(2);
    await gilvo.click('button[title^="feet:"]');
    await gilvo.andSeen(() => gilvo.type('left foot turned out, °', '-25'));
  });

  it('all is mended, before and after are seen side by side, and it is undone in one step', async () => {
    const before = await shotNow();
    await gilvo.press('Mend all');
    await gilvo.one('[data-testid="before-and-after"] li:last-child canvas[data-state="drawn"]');
    expect(await gilvo.text('[data-testid="before-and-after"]')).toContain('The left toes turn in');
    expect(await gilvo.violations()).toEqual([]);
    // what is proposed is not yet done
    expect(await shotNow()).toEqual(before);
    await takeIt('after');
    expect(await gilvo.findings()).not.toContain('toes-in:left');
    await undo();
    expect(await shotNow()).toEqual(before);
  });

  it('clean neighbours are proposed by the keyboard, and the sheet closes by it', async () => {
    await (await gilvo.one('div[aria-label="Further"] button:nth-of-type(2)')).sendKeys(Key.ENTER);
    await gilvo.one('[data-testid="variations"] li canvas[data-state="drawn"]');
    expect((await gilvo.texts('[data-testid="variations"] > li')).length).toBeGreaterThan(5);
    expect(await gilvo.violations()).toEqual([]);
    await (await gilvo.one('dialog')).sendKeys(Key.ESCAPE);
    await gilvo.until('!document.querySelector("dialog")', 'the sheet is still open');
  });

  it('what does most for a wish is proposed with its figures, and taken', async () => {
    await gilvo.press('Do more');
    await gilvo.choose('dialog select', 'calmFace');
    await gilvo.one('[data-testid="goal-steps"] li:last-child canvas[data-state="drawn"]');
    expect(await gilvo.text('[data-testid="goal-steps"]')).toMatch(/[\d.]+ to [\d.]+ ° from rest/);
    const before = await shotNow();
    await gilvo.andSeen(() => gilvo.click('[data-testid="goal-steps"] li:nth-child(2) button'));
    expect(await shotNow()).not.toEqual(before);
    await undo();
  });

  it.each([
    { width: 820, height: 1180 },
    { width: 390, height: 844 },
  ])('is usable at %o', async (size) => {
    await gilvo.browser.size(size);
    await drawn(gilvo.driver);
    await gilvo.press('Vary');
    await gilvo.one('[data-testid="variations"] li canvas[data-state="drawn"]');
    expect(
      await gilvo.driver.executeScript('return document.querySelector("dialog").scrollWidth <= innerWidth'),
    ).toBe(true);
    expect(await gilvo.violations()).toEqual([]);
    await gilvo.press('Close', '//dialog');
    await gilvo.browser.size(DESK_SIZE);
    await drawn(gilvo.driver);
  });
});

describe('a pose of the house', () => {
  it('is fitted to the sitter, says what was done, and is undone in one step', async () => {
    const before = await shotNow();
    await gilvo.andSeen(() => gilvo.click('select[aria-label^="Start anew"] option[value$="Slipway sway"]'));
    expect(await gilvo.text('[data-testid="fitted"]')).toContain('Slipway sway');
    expect((await shotNow()).pose.name).toBe('Slipway sway');
    expect(await gilvo.violations()).toEqual([]);
    await undo();
    expect(await shotNow()).toEqual(before);
    expect(
      await gilvo.driver.executeScript('return document.querySelector("[data-testid=fitted]")'),
    ).toBeNull();
  });
});

it('a pose that is added to the run is fitted to the sitter, and what was done is told and kept', async () => {
  await gilvo.open('/run?sitting=demo-yearbook');
  await gilvo.chooseIn('Add a pose of the house', 'Over the rail');
  const line = await gilvo.text('[data-testid="fitted-line"]');
  expect(line).toMatch(/^Over the rail: fitted/);
  const added = async () => {
    const { takes } = JSON.parse(await gilvo.wholeStore()) as { takes: Take[] };
    return takes.find((t) => t.sittingId === 'demo-yearbook' && t.position === 5)!;
  };
  const made = Object.values(HOUSE_POSES)
    .flat()
    .find((p) => p.name === 'Over the rail')!;
  await gilvo.comes(async () => !isSame(soloShot((await added()).shot).pose, made), 'the fit was not kept');
  expect(await gilvo.violations()).toEqual([]);
});
