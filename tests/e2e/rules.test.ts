import { By, Key } from 'selenium-webdriver';
import { expect, it } from 'vitest';
import type { Sitter } from '@/core/people';
import { openGilvo } from './gilvo';

const gilvo = openGilvo();

/** Ids of the rules that are shown. */
const shown = () =>
  gilvo.driver.executeScript<string[]>(
    'return [...document.querySelectorAll("li[data-rule]")].map((e) => e.dataset.rule)',
  );

it('the rules are reached from a picture, and found by their words', async () => {
  await gilvo.pose(1);
  await gilvo.press('What the eye looks for');
  await gilvo.one('li[data-rule="fist"]');
  const all = await shown();
  expect(all.length).toBeGreaterThan(60);
  const find = await gilvo.one('input[aria-label="Find a rule"]');
  await find.sendKeys('nostrils');
  await gilvo.comes(async () => (await shown()).length < 5, 'nothing was left out');
  expect(await shown()).toContain('chin-level');
  await find.sendKeys(Key.chord(Key.CONTROL, 'a'), 'no such words');
  await gilvo.comes(async () => (await shown()).length === 0, 'something is found that is not there');
  expect(await gilvo.text('main')).toContain('No rule is called so.');
});

it('they want what the message wants, and show the fault beside the like of it', async () => {
  await gilvo.open('/rules');
  const wanted = () => gilvo.text('li[data-rule="hands-level"]');
  expect(await wanted()).toContain('0.32 face heights or more');
  await gilvo.choose('select[aria-label="Message"]', 'business');
  await gilvo.comes(async () => (await wanted()).includes('anything'), 'the message changed nothing');
  await gilvo.driver.executeScript('document.querySelector("li[data-rule=fist]").scrollIntoView()');
  await gilvo.one('li[data-rule="fist"] figure:first-child canvas[data-state="drawn"]');
  await gilvo.one('li[data-rule="fist"] figure:last-child canvas[data-state="drawn"]');
});

it('a school changes what is wanted, in the list and in a look', async () => {
  await gilvo.open('/rules');
  const wanted = () => gilvo.text('li[data-rule="tilt-to-shoulder"]');
  expect(await wanted()).toContain('anything');
  await gilvo.choose('main select:not([aria-label])', 'traditionalMasculine');
  await gilvo.comes(async () => (await wanted()).includes('6 ° or less'), 'the school changed nothing');
  expect(await gilvo.violations()).toEqual([]);
});

it('a school of one’s own is kept from a look, and chosen in another', async () => {
  await gilvo.open('/brief?sitting=demo-yearbook');
  const school = 'section[aria-label="School"]';
  await gilvo.choose(`${school} select`, 'silhouette');
  await gilvo.click(`${school} details:first-of-type summary`);
  await gilvo.choose(`${school} form select`, 'fist');
  await (await gilvo.one(`${school} form input`)).sendKeys('a boxer', Key.ENTER);
  await gilvo.one('li[data-silenced="fist"]');
  await gilvo.click('[data-testid="own-schools"] summary');
  await (await gilvo.one('[data-testid="own-schools"] input')).sendKeys('Boxers', Key.ENTER);
  await gilvo.comes(
    async () => (await gilvo.text(`${school} select`)).includes('Boxers (own)'),
    'the school was not kept',
  );
  await gilvo.choose(`${school} select`, 'messageLed');
  await gilvo.comes(
    async () => (await gilvo.driver.findElements(By.css('li[data-silenced]'))).length === 0,
    'what the own school silences is still silent',
  );
  expect(await gilvo.violations()).toEqual([]);
});

it('a rule that is not meant in a look is not asked in it, until it is asked again', async () => {
  await gilvo.pose(2);
  await gilvo.click('button[title^="feet:"]');
  await gilvo.andSeen(() => gilvo.type('left foot turned out, °', '-25'));
  await gilvo.unfold('toes-in:left');
  await gilvo.press('Meant', '//*[@data-finding="toes-in:left"]');
  await (await gilvo.one('input[aria-label="Why it is meant"]')).sendKeys('as we like it');
  await gilvo.andSeen(() => gilvo.press('In the whole look'));
  expect(await gilvo.findings()).not.toContain('toes-in:left');
  await gilvo.andSeen(() => gilvo.click('[data-testid="silent-rules"] button'));
  expect(await gilvo.findings()).toContain('toes-in:left');
});

it('what somebody does not do is told before all else, and nobody can silence it', async () => {
  const RUNA = 'demo-runa';
  await gilvo.open(`/people?person=${RUNA}`);
  await gilvo.press('Wishes and boundaries');
  const box = await gilvo.driver.findElement(By.xpath('//label[contains(., "not from behind")]/input'));
  await box.sendKeys(Key.SPACE);
  await gilvo.comes(
    async () =>
      (await gilvo.stored<Sitter>('sitters', RUNA)).profile.boundaries?.includes('notFromBehind') === true,
    'the boundary was not kept',
  );
  expect(await gilvo.violations()).toEqual([]);
  const id = 'against-record:notFromBehind';
  await gilvo.pose(1);
  await gilvo.click('button[title^="hips:"]');
  expect(await gilvo.findings()).not.toContain(id);
  await gilvo.andSeen(() => gilvo.type('hips turned left, °', '170'));
  expect((await gilvo.findings())[0]).toBe(id);
  expect(await gilvo.text(`[data-finding="${id}"]`)).toContain('Against the record: not from behind');
  await gilvo.open('/brief?sitting=demo-yearbook');
  await gilvo.click('section[aria-label="School"] details:first-of-type summary');
  expect(await gilvo.text('section[aria-label="School"] form select')).not.toContain('Against the record');
});
