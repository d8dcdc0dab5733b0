import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../../tests/support/people';
import { LANGUAGES, listenerOf, USUAL_VOICE, type Language, type Listener } from '../../people';
import type { Sentence } from '../sentence';
import { CHILD_WORDS, CUE_WORDS } from './languages';
import { MOST_WORDS, say, sayShown } from './say';

const bare = (id: string, side: Sentence['side']): Sentence => ({
  id: id as Sentence['id'],
  station: 'feet',
  side,
  keys: [],
  tells: {},
  isDue: false,
});
const IDS = Object.keys(CHILD_WORDS.en);
/** Words that a child of six does not have, or that stand for a measure. */
const NOT_A_CHILDS =
  /\b(hand’s width|shoulder-width|Handbreit|hüftbreit|pelvis|Becken|bassin|lumbar|Kreuz)\b/i;

describe.each(Object.keys(LANGUAGES) as Language[])('a child that is told in %s', (language) => {
  const child: Listener = { language, manner: 'familiar', isChild: true };
  const grown: Listener = { language, manner: 'familiar' };

  it.each(IDS)('%s: one short whole sentence, for each side and for both, without measures', (id) => {
    const both = typeof CHILD_WORDS.en[id as keyof typeof CHILD_WORDS.en] === 'string' ? [] : [null];
    for (const side of ['left', 'right', ...both] as const) {
      const words = say(bare(id, side), child);
      expect(words).toMatch(/^\p{Lu}[^.!?{}]*\p{Ll}\.$/u);
      expect(words).not.toMatch(/undefined| {2}|,,|\b(de el|a el|de le|de les|an das|auf das)\b/);
      expect(words).not.toMatch(NOT_A_CHILDS);
      expect(words.split(/\s+/).length, words).toBeLessThanOrEqual(MOST_WORDS);
      expect(words).not.toBe(say(bare(id, side), grown));
    }
  });

  it('is told each thing in other words', () => {
    const all = [...IDS, ...Object.keys(CUE_WORDS.en.amounts)].map((id) => say(bare(id, 'left'), child));
    expect(new Set(all).size).toBe(new Set([...IDS, ...Object.keys(CUE_WORDS.en.amounts)]).size);
  });

  it('is told the mirrored side where it is shown', () => {
    for (const id of IDS) expect(sayShown(bare(id, 'left'), child)).toBe(say(bare(id, 'right'), child));
  });
});

describe('who is told as a child', () => {
  const eight = profileOf({ ageYears: 8, statureM: 1.28, massKg: 26 });

  it('is who is one by the record, and never politely', () => {
    expect(listenerOf({ profile: eight, voice: { language: 'de', manner: 'polite' } })).toEqual({
      language: 'de',
      manner: 'familiar',
      isChild: true,
    });
    expect(listenerOf({ profile: profileOf({ ageYears: 30 }) })).toEqual(USUAL_VOICE);
    expect(listenerOf(undefined)).toEqual(USUAL_VOICE);
  });

  it('hears of a heron, and a grown-up of a leg', () => {
    const onOneLeg = bare('allWeight', 'left');
    expect(say(onOneLeg, listenerOf({ profile: eight }))).toBe('All on your left leg, like a heron.');
    expect(say(onOneLeg)).toBe('All your weight on your left leg.');
    // what is no picture is told as it is
    expect(say(bare('feetTogether', null), listenerOf({ profile: eight }))).toBe('Feet together.');
  });
});
