import { describe, expect, it } from 'vitest';
import { shotOf, standInOf, type PersonName } from '../../../../tests/support/people';
import { standardOf } from '../../brief';
import { spoken } from '../../cues';
import { USUAL_VOICE, VOICES } from '../../people';
import { seeShot } from '../../picture';
import { review } from '../../review';
import { goodIn, PRAISE_IDS, PRAISED_BY } from './good';
import { PRAISE, praiseFor } from './praiseFor';

const STANDARD = standardOf(shotOf().pose.message);
const good = (name: PersonName, settings: Parameters<typeof shotOf>[0], camera = {}) =>
  goodIn(seeShot(standInOf(name), shotOf(settings, camera)), STANDARD);

describe.each(['slight', 'average', 'heavy'] as const)('what is good, on the %s body', (name) => {
  it('is named when it is there, not when its fault is', () => {
    const turned = { hipsTurnLeftDeg: 35, headTurnLeftDeg: -25, leftWeightShare: 0.78 };
    expect(good(name, turned)).toEqual(expect.arrayContaining(['turn', 'weight', 'back', 'shouldersLow']));
    expect(good(name, {})).not.toContain('turn');
    expect(good(name, { leftWeightShare: 0.5 })).not.toContain('weight');
    expect(good(name, { leftShoulderRaisedShare: 1, rightShoulderRaisedShare: 1 })).not.toContain(
      'shouldersLow',
    );
    expect(good(name, { upperCurveDeg: 36 })).not.toContain('back');
  });

  it('is nothing that the review finds', () => {
    const shot = shotOf({ headTurnLeftDeg: 40, upperCurveDeg: 30 });
    const sight = seeShot(standInOf(name), shot);
    const found = new Set(review(sight, STANDARD).map((f) => f.ruleId));
    expect(found.size).toBeGreaterThan(1);
    for (const id of goodIn(sight, STANDARD)) expect(found).not.toContain(PRAISED_BY[id]);
  });

  it('is not what is out of the picture', () => {
    const near = { distanceM: 1.6, heightM: 1.5 };
    expect(good(name, {}, near)).not.toContain('hands');
  });
});

it('is another from frame to frame, and nothing where nothing is known', () => {
  expect(praiseFor([], USUAL_VOICE, 3)).toBeNull();
  const said = [0, 1, 2].map((turn) => praiseFor(['jaw', 'hands'], USUAL_VOICE, turn));
  expect(said).toEqual([PRAISE.en.jaw, PRAISE.en.hands, PRAISE.en.jaw]);
  expect(praiseFor(['back'], { language: 'de', manner: 'polite' }, 0)).toMatch(/^Ihr Rücken/);
});

it.each(VOICES)('every praise in $language, $manner, is whole, short and its own', ({ language, manner }) => {
  const all = PRAISE_IDS.map((id) => spoken(PRAISE[language][id], manner));
  expect(new Set(all).size).toBe(all.length);
  for (const words of all) {
    expect(words.split(' ').length).toBeLessThanOrEqual(14);
    expect(words).toMatch(/^\p{Lu}.*\.$/u);
    expect(words).not.toMatch(/[!{}]/);
  }
});
