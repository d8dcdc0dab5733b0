import { expect, it } from 'vitest';
import { MIDDLE_MESSAGE, PRESETS } from '../brief';
import { promptFor, PROMPTS } from './prompts';

const grown = { ageYears: 30 };

it('goes by what the message says most, and by nothing where it says nothing', () => {
  expect(PROMPTS.strong).toContain(promptFor(PRESETS.traditionalMasculine.message, grown, 0));
  expect(PROMPTS.soft).toContain(promptFor(PRESETS.traditionalFeminine.message, grown, 0));
  expect(PROMPTS.still).toContain(promptFor(PRESETS.business.message, grown, 0));
  expect(PROMPTS.moving).toContain(promptFor(PRESETS.story.message, grown, 0));
  expect(PROMPTS.reserved).toContain(promptFor({ ...MIDDLE_MESSAGE, openness: -0.4 }, undefined, 0));
  expect(PROMPTS.easy).toContain(promptFor(MIDDLE_MESSAGE, grown, 0));
});

it('is another each time, and for a child whatever the message', () => {
  const { message } = PRESETS.business;
  expect(new Set([0, 1, 2].map((turn) => promptFor(message, grown, turn))).size).toBe(3);
  expect(promptFor(message, grown, 3)).toBe(promptFor(message, grown, 0));
  expect(PROMPTS.child).toContain(promptFor(message, { ageYears: 8 }, 1));
});

it.each(Object.values(PROMPTS).flat())('“%s” is short, and calm', (words) => {
  expect(words.split(' ').length).toBeLessThanOrEqual(14);
  expect(words).not.toMatch(/!/);
});

it('no two are the same', () => {
  const all = Object.values(PROMPTS).flat();
  expect(new Set(all).size).toBe(all.length);
});
