import { expect, it } from 'vitest';
import { introductionOf } from './introduction';

const POSE = { words: 'Lean in.', wordsIn: { de: 'Vorbeugen.' } };

it('is in the language of the sitter where the pose has words in it, else as it was written', () => {
  expect(introductionOf(POSE, { language: 'de' })).toEqual({ words: 'Vorbeugen.', language: 'de' });
  expect(introductionOf(POSE, { language: 'fr' })).toEqual({ words: 'Lean in.', language: 'en' });
  expect(introductionOf(POSE, { language: 'en' })).toEqual({ words: 'Lean in.', language: 'en' });
  expect(introductionOf({ words: 'Lean in.' }, { language: 'de' }).language).toBe('en');
});
