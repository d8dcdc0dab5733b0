import { describe, expect, it } from 'vitest';
import { PRACTICE_NAMES, TONE_NAMES, TONES, USUAL_VOICE, VOICES, type Listener } from '../../people';
import { STATIONS } from '../../pose';
import { PRAISE, praiseFor } from '../praise/praiseFor';
import type { PraiseId } from '../praise/good';
import { ASIDES, feelingOf, openingOf } from './asides';

const to = (said: Partial<Listener>): Listener => ({ ...USUAL_VOICE, ...said });

describe('how it feels', () => {
  it('is said of every station to whom it is new, and to nobody else', () => {
    for (const station of STATIONS) {
      expect(feelingOf(station, to({ practice: 'beginner' }))).toBe(ASIDES.en.feels[station]);
      for (const practice of PRACTICE_NAMES.filter((p) => p !== 'beginner'))
        expect(feelingOf(station, to({ practice }))).toBeNull();
      expect(feelingOf(station, to({}))).toBeNull();
    }
  });

  it('is not said to a child, whose directions are pictures', () => {
    expect(feelingOf('spine', to({ practice: 'beginner', isChild: true }))).toBeNull();
  });
});

describe('what a pose begins with', () => {
  it('goes by the tone: calm and playful ones say something, another each time', () => {
    for (const tone of TONE_NAMES) {
      const said = [0, 1, 2, 3].map((turn) => openingOf(to({ tone }), turn));
      if (tone === 'calm' || tone === 'playful') {
        expect(new Set(said.slice(0, 3)).size).toBe(3);
        expect(said[3]).toBe(said[0]);
      } else expect(said).toEqual([null, null, null, null]);
    }
    expect(openingOf(to({}), 0)).toBeNull();
    expect(openingOf(to({ tone: 'calm' }), 0)).not.toBe(openingOf(to({ tone: 'playful' }), 0));
  });

  it('is followed by praise after every frame, or where it is brief after some', () => {
    const good: PraiseId[] = ['jaw', 'hands'];
    const said = (tone: Listener['tone']) =>
      Array.from({ length: 8 }, (_, turn) => praiseFor(good, to(tone ? { tone } : {}), turn));
    expect(said('calm')).not.toContain(null);
    expect(said('brief').filter((words) => words !== null)).toEqual([PRAISE.en.jaw, PRAISE.en.hands]);
    expect(said('brief')[TONES.brief.praisesEvery]).toBe(PRAISE.en.hands);
    expect(praiseFor([], to({}), 0)).toBeNull();
  });
});

describe.each(VOICES)('asides in $language, $manner', (voice) => {
  const feels = STATIONS.map((station) => feelingOf(station, { ...voice, practice: 'beginner' })!);
  const opens = (['calm', 'playful'] as const).flatMap((tone) =>
    [0, 1, 2].map((turn) => openingOf({ ...voice, tone }, turn)!),
  );

  it.each([...feels, ...opens])('“%s” is short and whole', (words) => {
    expect(words.split(' ').length).toBeLessThanOrEqual(14);
    expect(words).toMatch(/^[¿\p{Lu}].*\.$/u);
    expect(words).not.toMatch(/[!{}]|undefined/);
  });

  it('are each another', () => {
    expect(new Set([...feels, ...opens]).size).toBe(feels.length + opens.length);
  });
});
