import { describe, expect, it } from 'vitest';
import { bodyOf } from '../../../../tests/support/people';
import { carriedIn } from '../../library';
import { neutralPose, settingOf, withSetting, withTouch, type Carried, type Pose } from '../../pose';
import { supportAt } from '../../scene';
import { add, apart, dot, subtract, unit, type Vec3 } from '../../units';
import { figureOf } from '../figureOf';
import { at } from '../joints/frames';
import { legRadiusM } from './legBones';
import { limbDistance } from '../clearances/limbDistance';

const LENS = { lens: [0, 1.2, 4] as Vec3 };
const body = bodyOf('average');
const solve = (pose: Pose) => figureOf(body, pose, LENS);
const start = (support: Carried) => carriedIn(neutralPose('x'), support);
const seated = start('sit');

describe('crossed legs', () => {
  it('knee over knee: the upper thigh lies on the lower one, and its foot hangs clear of the floor', () => {
    const { points, feet } = solve({ ...seated, crossed: { how: 'knees', over: 'left' } });
    expect(points.knees.left[1]).toBeGreaterThan(points.knees.right[1] + 0.05);
    expect(points.knees.left[1] - points.knees.right[1]).toBeLessThan(0.2);
    // it has gone over to the other side
    expect(points.knees.left[0]).toBeLessThan(points.hips.left[0]);
    expect(feet.left.sole).toEqual([]);
    expect(points.toes.left[1]).toBeGreaterThan(0.005);
    expect(feet.right.sole.length).toBeGreaterThan(0);
  });

  it('on a low seat the hanging foot swings forward instead of into the floor', () => {
    const crossed = { how: 'knees', over: 'left' } as const;
    const low = { ...seated, objects: [supportAt('chair', { sizesM: { seatHeightM: 0.34 } })] };
    const { points, kneeBendDeg } = solve({ ...withSetting(low, 'feetAheadFeet', 2), crossed });
    expect(points.toes.left[1]).toBeGreaterThan(0);
    expect(kneeBendDeg.left).toBeLessThan(solve({ ...seated, crossed }).kneeBendDeg.left - 5);
  });

  it('the hanging shank follows its said bend from the neutral of a crossed knee on, and keeps out of the other leg', () => {
    const crossed = { ...seated, crossed: { how: 'knees', over: 'left' } } as const;
    expect(settingOf(crossed, 'leftKneeBendDeg')).toBe(84);
    expect(settingOf(crossed, 'rightKneeBendDeg')).toBe(3);
    expect(withSetting(crossed, 'leftKneeBendDeg', 84).settings).toEqual(crossed.settings);
    const bends = [60, 84, 100].map((deg) => solve(withSetting(crossed, 'leftKneeBendDeg', deg)));
    expect(bends.map((f) => Math.round(f.kneeBendDeg.left))).toEqual([60, 84, 100]);
    for (const { frames } of bends) {
      const other = limbDistance(frames, body, 'leg', 'right');
      const knee = at(frames, 'left:shank');
      const shank = subtract(at(frames, 'left:foot'), knee);
      for (const share of [0.75, 0.95])
        expect(other(add(knee, shank, share))).toBeGreaterThan(legRadiusM(body, 'ankle') - 0.001);
    }
  });

  it('ankle on the knee: the ankle lies over the other thigh and the own knee falls outwards', () => {
    const { points } = solve({ ...seated, crossed: { how: 'ankleOnKnee', over: 'right' } });
    const along = unit(subtract(points.knees.left, points.hips.left));
    const on = dot(subtract(points.ankles.right, points.hips.left), along);
    expect(on).toBeGreaterThan(0.6 * apart(points.hips.left, points.knees.left));
    expect(points.ankles.right[1]).toBeGreaterThan(points.knees.left[1] + 0.04);
    expect(points.knees.right[0]).toBeLessThan(points.hips.right[0] - 0.06);
  });

  it('ankles: both feet stand, the upper one in front of the other', () => {
    const { feet } = solve({ ...neutralPose('x'), crossed: { how: 'ankles', over: 'left' } });
    expect(feet.left.sole.length).toBeGreaterThan(0);
    expect(feet.left.heel[0]).toBeLessThan(feet.right.heel[0]);
    expect(feet.left.heel[2]).toBeGreaterThan(feet.right.heel[2] + 0.05);
  });
});

describe('seated legs', () => {
  it('hang their shanks straight down until they are told otherwise', () => {
    const { points } = solve(withSetting(seated, 'leftAheadFeet', 0));
    for (const side of ['left', 'right'] as const)
      expect(Math.abs(points.knees[side][2] - points.ankles[side][2])).toBeLessThan(0.06);
  });

  it('slide out and draw under', () => {
    const ankle = (feet: number) => solve(withSetting(seated, 'feetAheadFeet', feet)).points.ankles.left[2];
    expect(ankle(1)).toBeGreaterThan(ankle(0) + 0.2);
    expect(ankle(-0.75)).toBeLessThan(ankle(0) - 0.1);
  });

  it('go no deeper into a seat than lets the calves hang in front of its edge', () => {
    const sofa = { ...seated, objects: [supportAt('sofa', { sizesM: { seatDepthM: 0.8 } })] };
    const { points } = solve(withSetting(sofa, 'seatDepthShare', 1));
    expect(points.knees.left[2]).toBeGreaterThan(0.4);
  });

  it('a foot stands on the step that it is laid on', () => {
    const pose: Pose = { ...neutralPose('x'), objects: [supportAt('step', { leftM: 0.15, aheadM: 0.3 })] };
    const { feet } = solve(
      withTouch(pose, { part: 'left:foot', to: 'stepTop', kind: 'rest', pressure: 'light' }),
    );
    expect(feet.left.heel[1]).toBeCloseTo(0.2, 2);
    expect(feet.right.heel[1]).toBeCloseTo(0, 2);
  });
});

describe('kneeling and lying legs', () => {
  it('kneel on the floor with the shank along it', () => {
    const { points } = solve(start('kneel'));
    for (const side of ['left', 'right'] as const) {
      expect(points.knees[side][1]).toBeLessThan(0.09);
      expect(points.ankles[side][1]).toBeLessThan(0.09);
      expect(points.ankles[side][2]).toBeLessThan(points.knees[side][2] - 0.3);
    }
  });

  it('sit lower on the heels than they kneel high', () => {
    const hips = (support: Carried) => solve(start(support)).points.hips.left[1];
    expect(hips('kneelLow')).toBeLessThan(hips('kneel') - 0.15);
  });

  it('a knee up on the floor keeps its foot flat, a dropped one lies down', () => {
    const { points, feet } = solve(start('floor'));
    expect(points.knees.left[1]).toBeGreaterThan(0.35);
    expect(points.knees.right[1]).toBeLessThan(0.2);
    expect(feet.left.sole.length).toBeGreaterThan(0);
    expect(feet.right.sole).toEqual([]);
  });

  it('the pelvis rolls back under thighs that are drawn up further than the hips bend', () => {
    const drawnUp = { ...start('floor'), legs: { left: 'stands', right: 'stands' } as const };
    const flexion = (deg: number) => {
      const pose = withSetting(withSetting(drawnUp, 'leftKneeBendDeg', deg), 'rightKneeBendDeg', deg);
      return solve(pose).motions.find((m) => m.motion === 'hipFlexion' && m.side === 'left')!.deg;
    };
    expect(flexion(125)).toBeLessThan(132);
    expect(flexion(125)).toBeGreaterThan(flexion(80));
  });

  it('a leg in the air goes where its own angles say', () => {
    const free: Pose = { ...start('reclineBack'), legs: { left: 'free', right: 'lies' } };
    const up = solve(withSetting(withSetting(free, 'leftLegForwardDeg', 90), 'leftKneeBendDeg', 0)).points;
    expect(up.knees.left[1]).toBeGreaterThan(up.hips.left[1] + 0.35);
    expect(up.ankles.left[1]).toBeGreaterThan(up.knees.left[1] + 0.3);
  });
});

describe('legs that go out, kneeling', () => {
  /** How much further apart the ankles are than the knees, metres. */
  const splay = (support: Carried) => {
    const out = withSetting(withSetting(start(support), 'leftLegOutDeg', 16), 'rightLegOutDeg', 16);
    const { knees, ankles } = solve(out).points;
    return apart(ankles.left, ankles.right) - apart(knees.left, knees.right);
  };

  it('keep their feet behind the knees where the thighs are upright', () => {
    expect(Math.abs(splay('allFours'))).toBeLessThan(0.04);
  });

  it('bring them together under the body where it sits on the heels', () => {
    expect(splay('kneelLow')).toBeLessThan(-0.1);
  });
});

describe('a leg that hangs from a seat', () => {
  const seated = (settings: Pose['settings']): Pose => {
    const base = carriedIn(neutralPose('hanging'), 'sit');
    return { ...base, legs: { left: 'free', right: 'stands' }, settings: { ...base.settings, ...settings } };
  };
  it.each(['slight', 'average', 'heavy'] as const)(
    'lies along it and hangs before its edge, on the %s body',
    (name) => {
      const { points } = figureOf(bodyOf(name), seated({}), { lens: [0, 1.4, 5] });
      expect(Math.abs(points.knees.left[1] - points.hips.left[1])).toBeLessThan(0.08);
      expect(points.knees.left[1] - points.ankles.left[1]).toBeGreaterThan(0.3);
    },
  );
  it.each(['slight', 'average', 'heavy'] as const)(
    'does not go through it or the floor where it is let down, on the %s body',
    (name) => {
      const figure = figureOf(bodyOf(name), seated({ leftLegForwardDeg: 0 }), { lens: [0, 1.4, 5] });
      expect(figure.points.knees.left[1]).toBeGreaterThan(0.38);
      expect(figure.points.ankles.left[1]).toBeGreaterThan(0.03);
      expect(figure.unreached.map((u) => u.id)).toContain('legCarriedUp');
    },
  );
});
