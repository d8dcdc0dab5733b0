import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../../tests/support/people';
import { bodyFrom, type BodyProfile, type Motion } from '../../body';
import { neutralPose, type Pose } from '../../pose';
import { figureOf } from '..';

function motionOf(settings: Pose['settings'], motion: Motion, said: Partial<BodyProfile> = {}) {
  const body = bodyFrom(profileOf(said));
  const figure = figureOf(body, { ...neutralPose('test'), settings }, { lens: [0, 1, 5] });
  return (side: 'left' | 'right' | null) =>
    figure.motions.find((m) => m.motion === motion && m.side === side);
}

describe('a movement on the figure', () => {
  it.each<[Pose['settings'], Motion, 'left' | 'right' | null, number, number]>([
    [{ leftElbowBendDeg: 90 }, 'elbowFlexion', 'left', 90, 2],
    [{ headTurnLeftDeg: 40 }, 'neckRotation', null, 40, 2],
    [{ headTurnLeftDeg: -40 }, 'neckRotation', null, 40, 2],
    [{ headTiltLeftDeg: 20 }, 'neckLateralBend', null, 20, 3],
    [{ twistLeftDeg: 30 }, 'trunkRotation', null, 30, 2],
    [{ leftArmForwardDeg: 80, leftArmOutDeg: 0 }, 'shoulderFlexion', 'left', 80, 10],
    [{ rightArmForwardDeg: 0, rightArmOutDeg: 90 }, 'shoulderAbduction', 'right', 90, 12],
  ])('%j is a %s', (settings, motion, side, deg, within) => {
    const found = motionOf(settings, motion)(side);
    expect(Math.abs((found?.deg ?? NaN) - deg)).toBeLessThan(within);
  });

  it('is easy, then a strain, then too far', () => {
    const state = (deg: number) => motionOf({ twistLeftDeg: deg }, 'trunkRotation')(null)!.state;
    expect([10, 38, 49].map(state)).toEqual(['easy', 'strained', 'beyond']);
  });

  it('is too far sooner for a sitter who said so, on that side alone', () => {
    const bent = { leftKneeBendDeg: 80, rightKneeBendDeg: 80 };
    const stiff = motionOf(bent, 'kneeFlexion', { motionLimits: ['stiffLeftKnee'] });
    expect(stiff('left')).toMatchObject({ state: 'beyond', range: { limitDeg: 60 } });
    expect(stiff('right')!.state).toBe('easy');
  });
});
