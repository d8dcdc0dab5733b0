import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../../tests/support/people';
import {
  MOTION_LIMIT_NAMES,
  MOTION_LIMITS,
  MOTION_NAMES,
  motionRange,
  MOTIONS,
  standingMinutes,
  type Motion,
} from '..';

describe('a movement', () => {
  it.each(MOTION_NAMES)('%s is easy to two thirds of its range', (motion) => {
    const { limitDeg, comfortDeg, because } = motionRange({}, motion);
    expect(limitDeg).toBe(MOTIONS[motion].maxDeg);
    expect(comfortDeg / limitDeg).toBeCloseTo(2 / 3, 9);
    expect(because).toEqual([]);
  });

  it.each(MOTION_LIMIT_NAMES)('is narrowed by “%s”, and never widened', (name) => {
    const limit = MOTION_LIMITS[name];
    for (const motion of MOTION_NAMES) {
      const most = (limit.most as Partial<Record<Motion, number>>)[motion];
      const free = motionRange({}, motion, limit.side);
      const narrowed = motionRange({ motionLimits: [name] }, motion, limit.side);
      expect(narrowed.limitDeg).toBe(most ?? free.limitDeg);
      expect(narrowed.comfortDeg).toBeLessThanOrEqual(Math.min(free.comfortDeg, narrowed.limitDeg));
      expect(narrowed.because).toEqual(most === undefined ? [] : [name]);
    }
  });

  it('of the other side stays as it was', () => {
    expect(motionRange({ motionLimits: ['stiffLeftKnee'] }, 'kneeFlexion', 'right').limitDeg).toBe(135);
    expect(motionRange({ motionLimits: ['stiffLeftKnee'] }, 'kneeFlexion', 'left').limitDeg).toBe(60);
  });

  it('goes as far as the tightest of several limits', () => {
    const both = motionRange({ motionLimits: ['cannotKneel', 'stiffLeftKnee'] }, 'kneeFlexion', 'left');
    expect(both.limitDeg).toBe(60);
    expect(both.because).toEqual(['cannotKneel', 'stiffLeftKnee']);
  });
});

it('standing is shorter for those who said so, late in pregnancy, and for the old and the small', () => {
  expect(standingMinutes(profileOf())).toBe(20);
  expect(standingMinutes(profileOf({ motionLimits: ['shortStanding'] }))).toBe(3);
  expect(standingMinutes(profileOf({ motionLimits: ['usesWheelchair'] }))).toBe(0);
  for (const said of [{ pregnancyMonths: 7 }, { ageYears: 80 }, { ageYears: 5 }])
    expect(standingMinutes(profileOf(said))).toBe(8);
});
