import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../tests/support/people';
import { mirrorPose, withSetting, type Pose } from '../pose';
import { cautionsOf, HOUSE_POSES } from '.';

const ALL = Object.values(HOUSE_POSES).flat();
const called = (name: string): Pose => ALL.find((p) => p.name === name)!;
const plain = profileOf();
const child = profileOf({ statureM: 1.28, massKg: 26, ageYears: 8 });
const old = profileOf({ ageYears: 75 });
const pregnant = profileOf({ contourShare: 1, pregnancyMonths: 7, motionLimits: ['pregnant'] });

describe('what is minded before a pose', () => {
  it.each<[string, string[]]>([
    ['Plain and tall', []],
    ['Waiting for the ferry', []],
    ['Calling the stroke', ['brakesOn']],
    ['On its arm', ['standsFirm']],
    ['Perched on the table', ['standsFirm']],
    ['Chart table', []],
    ['Low kneel', ['softUnderKnees']],
    ['Kneeling on the sofa', []],
    ['Light under the back', ['secondsOnly']],
  ])('%s', (name, cautions) => {
    expect(cautionsOf(called(name), plain)).toEqual(cautions);
  });

  it('is a hand to get up from the floor for who is older or pregnant, and not from a chair or the sofa', () => {
    for (const profile of [old, pregnant]) {
      expect(cautionsOf(called('One knee up'), profile)).toEqual(['handToGetUp']);
      expect(cautionsOf(called('Tying a lace'), profile)).toEqual(['softUnderKnees', 'handToGetUp']);
      expect(cautionsOf(called('One leg under'), profile)).toEqual([]);
      expect(cautionsOf(called('Knee over knee'), profile)).toEqual([]);
    }
    expect(cautionsOf(called('One knee up'), plain)).toEqual([]);
  });

  it('is somebody beside a high seat for a child, and not beside a low one', () => {
    expect(cautionsOf(called('High stool'), child)).toEqual(['besideHighSeat']);
    expect(cautionsOf(called('Stool, leaning in'), child)).toEqual([]);
    expect(cautionsOf(called('High stool'), plain)).toEqual([]);
  });

  it('is a rest where all stands on one leg, and seconds where the back is bent far back', () => {
    const standing = called('Plain and tall');
    expect(cautionsOf(withSetting(standing, 'leftWeightShare', 0.02), plain)).toEqual(['restOneLeg']);
    expect(cautionsOf(withSetting(standing, 'leftWeightShare', 0.98), plain)).toEqual(['restOneLeg']);
    expect(cautionsOf(withSetting(standing, 'hingeDeg', -18), plain)).toEqual(['secondsOnly']);
  });

  it('is the same of the mirrored pose', () => {
    for (const profile of [plain, child, old])
      for (const pose of ALL)
        expect(cautionsOf(mirrorPose(pose), profile), pose.name).toEqual(cautionsOf(pose, profile));
  });
});
