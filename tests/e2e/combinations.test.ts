import { Key } from 'selenium-webdriver';
import { expect, it } from 'vitest';
import type { Sitting } from '@/core/sitting';
import { DESK_SIZE, PHONE_SIZE, TABLET_SIZE } from './browser';
import { openGilvo } from './gilvo';

const gilvo = openGilvo();
const BRIEF = '/brief?sitting=demo-club';
const sitting = () => gilvo.stored<Sitting>('sittings', 'demo-club');
const order = () => gilvo.texts('[data-testid="calls"] li b');

it('the order of calling follows from who is wanted with whom', async () => {
  await gilvo.open(BRIEF);
  await gilvo.one('[data-testid="calls"]');
  expect(await order()).toHaveLength(4);
  const told = await gilvo.text('[data-testid="calls"]');
  expect(told).toContain('0 to');
  expect(told).toContain('stand ready at the edge:');
  expect(told).toContain('may go:');
  expect(await gilvo.violations()).toEqual([]);
});

it('a combination is added, named, filled by keys, and removed', async () => {
  await gilvo.press('Add who is together');
  const name = await gilvo.one('[aria-label="Who is in together 5"]');
  expect(await name.isDisplayed()).toBe(true);
  const field = await gilvo.one('[aria-label="Who with whom"] ul > li:last-child input');
  await field.sendKeys(Key.chord(Key.CONTROL, 'a'), 'The stern four', Key.TAB);
  await gilvo.comes(
    async () => (await sitting()).combinations?.[4]?.name === 'The stern four',
    'the name was not kept',
  );
  const third = await gilvo.one('[aria-label="Who is in The stern four"] button:nth-child(3)');
  await third.sendKeys(Key.ENTER);
  await gilvo.comes(
    async () => (await sitting()).combinations?.[4]?.personIds.length === 3,
    'nobody came into it',
  );
  expect(await order()).toHaveLength(5);
  await gilvo.click('button[aria-label="Remove The stern four"]');
  await gilvo.comes(async () => (await order()).length === 4, 'it was not removed');
});

it('a look says who is in its poses, and folds away the clothes of the others', async () => {
  const couple = await gilvo.text('[data-testid="in-look"]');
  expect(couple).toContain('In this look');
  expect(couple.split(/,| and /)).toHaveLength(2);
  expect(await gilvo.text('main')).toContain('Not in a pose of this look:');
});

it.each([TABLET_SIZE, PHONE_SIZE])('is usable at %o', async (size) => {
  await gilvo.open(BRIEF, size);
  await gilvo.one('[data-testid="calls"]');
  expect(await gilvo.violations()).toEqual([]);
  const wide = await gilvo.driver.executeScript<number>(
    'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
  );
  expect(wide).toBe(0);
});

it('the set sheet has the order of calling', async () => {
  await gilvo.open('/sheet?sitting=demo-club&for=set', DESK_SIZE);
  const sheet = await gilvo.text('[data-testid="sheet"]');
  expect(sheet).toContain('Who with whom, in this order');
  expect(sheet).toMatch(/1\. .+, 0 to \d+ min · come in: /);
});
