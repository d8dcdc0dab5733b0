import { describe, expect, it } from 'vitest';
import { MIDDLE_MESSAGE, PRESETS } from '../../brief';
import { spoken } from '../../cues';
import { USUAL_VOICE, VOICES } from '../../people';
import { promptFor, PROMPTS } from './promptFor';

const ENGLISH = PROMPTS.en;

it('goes by what the message says most, and by nothing where it says nothing', () => {
  const said = (message: Parameters<typeof promptFor>[0]) => promptFor(message, USUAL_VOICE, 0);
  expect(ENGLISH.strong).toContain(said(PRESETS.traditionalMasculine.message));
  expect(ENGLISH.soft).toContain(said(PRESETS.traditionalFeminine.message));
  expect(ENGLISH.still).toContain(said(PRESETS.business.message));
  expect(ENGLISH.moving).toContain(said(PRESETS.story.message));
  expect(ENGLISH.easy).toContain(said(MIDDLE_MESSAGE));
  expect(ENGLISH.reserved).toContain(said({ ...MIDDLE_MESSAGE, openness: -0.4 }));
});

it('is another each time, and for a child whatever the message', () => {
  const { message } = PRESETS.business;
  const said = (turn: number, isChild = false) => promptFor(message, { ...USUAL_VOICE, isChild }, turn);
  expect(new Set([0, 1, 2].map((turn) => said(turn))).size).toBe(3);
  expect(said(3)).toBe(said(0));
  expect(ENGLISH.child).toContain(said(1, true));
});

it('is said as the sitter is spoken to', () => {
  const said = (language: 'de' | 'fr', manner: 'familiar' | 'polite') =>
    promptFor(PRESETS.business.message, { language, manner }, 1);
  expect(said('de', 'familiar')).toMatch(/^Zähl /);
  expect(said('de', 'polite')).toMatch(/^Zählen Sie /);
  expect(said('fr', 'polite')).toMatch(/^Comptez /);
});

describe.each(VOICES)('every prompt in $language, $manner', ({ language, manner }) => {
  const all = Object.values(PROMPTS[language])
    .flat()
    .map((words) => spoken(words, manner));

  it.each(all)('“%s” is short, and calm', (words) => {
    expect(words.split(' ').length).toBeLessThanOrEqual(14);
    expect(words).toMatch(/[.?]$/);
    expect(words).not.toMatch(/!/);
  });

  it('is another', () => {
    expect(new Set(all).size).toBe(all.length);
  });
});
