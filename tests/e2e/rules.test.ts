import { Key } from 'selenium-webdriver';
import { expect, it } from 'vitest';
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
