import { describe, expect, it } from 'vitest';
import { bodyOf, profileOf, type PersonName } from '../../../tests/support/people';
import { MIDLINE_MEASURES as MEASURES } from '../../../tests/support/settingMeasures';
import { bodyFrom } from '../body';
import { HOUSE_POSES } from '../library';
import { neutralPose, withTouch, type ContactTarget, type HandRegion, type Pose } from '../pose';
import { figureOf } from './figureOf';

const LENS = { lens: [0, 1.4, 5] as [number, number, number] };
const PEOPLE: PersonName[] = ['slight', 'average', 'heavy'];
const said = (settings: Pose['settings']): Pose => ({ ...neutralPose('said'), settings });

describe.each(PEOPLE)('the %s body, standing wide with the weight on one leg', (name) => {
  const body = bodyOf(name);
  it.each([0.6, 1, 1.2, 1.5, 1.7, 1.8, 2, 2.2])(
    'at heels %f shoulders apart keeps the trunk upright, or tells that it leans',
    (heelSpacingShoulders) => {
      const figure = figureOf(body, said({ leftWeightShare: 0.28, heelSpacingShoulders }), LENS);
      const told = figure.unreached.map((u) => u.id);
      expect(Math.abs(MEASURES.leanLeftDeg.of(figure, body))).toBeLessThan(14);
      expect(Math.abs(MEASURES.hipsLeftUpDeg.of(figure, body))).toBeLessThan(12);
      if (Math.abs(MEASURES.bendLeftDeg.of(figure, body)) > 20) expect(told).toContain('trunkLeans');
      // the loaded knee gives way, and that is told
      if (figure.kneeBendDeg.right > 14) expect(told).toContain('knee');
    },
  );
});

describe.each(PEOPLE)('a hand of the %s body', (name) => {
  const body = bodyOf(name);
  const laid = (region: HandRegion, to: ContactTarget) =>
    figureOf(
      body,
      withTouch(neutralPose('laid'), { part: `left:${region}`, to, kind: 'rest', pressure: 'light' }),
      LENS,
    );

  it.each(['thighTop', 'thighOuter', 'thighInner', 'hipCrest', 'belt'] as const)(
    'reaches %s with its own length before the trunk bends',
    (to) => {
      for (const region of ['palm', 'fingertips'] as const) {
        const figure = laid(region, to);
        const { shoulders } = figure.points;
        const askewM = Math.abs(shoulders.left[1] - shoulders.right[1]);
        const isBent = Math.abs(MEASURES.bendLeftDeg.of(figure, body)) > 9 || askewM > 0.08;
        // shoulders go askew only where the arm is stretched
        if (isBent) expect(figure.arms.left.elbowBendDeg, region).toBeLessThan(region === 'palm' ? 45 : 65);
      }
    },
  );

  it.each(['neckSide', 'jaw', 'cheek', 'ear', 'nape', 'collarbone', 'collar', 'shoulder'] as const)(
    'goes to %s with an elbow that bends as elbows do, or tells that it does not',
    (to) => {
      for (const region of ['palm', 'fingertips'] as const) {
        const figure = laid(region, to);
        const told = figure.unreached.map((u) => u.id);
        if (figure.arms.left.elbowBendDeg > 150) expect(told, region).toContain('elbow');
        else expect(told, region).not.toContain('elbow');
        expect(figure.arms.left.elbowBendDeg, region).toBeLessThan(region === 'palm' ? 162 : 151);
        expect(Math.abs(figure.arms.left.wristBendDeg), region).toBeLessThan(68);
      }
    },
  );
});

describe('the smallest sitters', () => {
  it.each([
    ['two years, 0.85 m', { statureM: 0.85, massKg: 12, ageYears: 2 }],
    ['four years, 1.00 m', { statureM: 1, massKg: 15, ageYears: 4 }],
  ])('%s tip over in no pose of the house', (_, profile) => {
    const body = bodyFrom(profileOf(profile));
    const tipping = Object.values(HOUSE_POSES)
      .flat()
      .filter((pose) => !figureOf(body, pose, LENS).balance.isStable);
    expect(tipping.map((p) => p.name)).toEqual([]);
  });
});
