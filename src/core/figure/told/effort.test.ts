import { describe, expect, it } from 'vitest';
import { bodyOf } from '../../../../tests/support/people';
import { greatestMomentNm, jointIndex, type HeldJoint } from '../../body';
import { carriedIn } from '../../library';
import {
  HAND_REGION_NAMES,
  neutralPose,
  withContact,
  withTouch,
  type HandRegion,
  type Pose,
} from '../../pose';
import { SIDES } from '../../units';
import { figureOf } from '../figureOf';

const LENS = { lens: [0, 1.2, 4] as [number, number, number] };
const body = bodyOf('average');
const SPOTS = { left: { left: 0.45, ahead: 0 }, right: { left: -0.45, ahead: 0 } };
const effort = (pose: Pose, joint: HeldJoint) =>
  figureOf(body, pose, LENS).effort.find((e) => e.joint === joint)!;
const pose = (settings: Pose['settings']): Pose => ({ ...neutralPose('held'), settings });

describe('effort', () => {
  it('of a level arm is its weight at the lever of its own centre, worked out by hand', () => {
    const held = pose({ leftArmForwardDeg: 90, leftArmOutDeg: 0, leftElbowBendDeg: 0 });
    const figure = figureOf(body, held, LENS);
    const arm = ['upperArm', 'forearm', 'hand'].map(
      (s) => body.masses.massKg[jointIndex(`left:${s}` as never)]!,
    );
    const { shoulders, elbows, wrists, fingertips } = figure.points;
    const reach = (p: readonly number[]) => Math.hypot(p[0]! - shoulders.left[0], p[2]! - shoulders.left[2]);
    // the centre of each segment lies at about 0.44 of its length (Winter: 0.436, 0.43 and 0.506)
    const middle = (a: readonly number[], b: readonly number[]) => reach(a) + 0.44 * (reach(b) - reach(a));
    const byHand =
      9.81 *
      (arm[0]! * middle(shoulders.left, elbows.left) +
        arm[1]! * middle(elbows.left, wrists.left) +
        arm[2]! * middle(wrists.left, fingertips.left));
    const { momentNm } = effort(held, 'leftShoulder');
    expect(Math.abs(momentNm / byHand - 1)).toBeLessThan(0.12);
  });

  it('shortens the hold as the arm is raised, and a hand that lies on something lengthens it', () => {
    const level = effort(pose({ leftArmForwardDeg: 80, leftElbowBendDeg: 5 }), 'leftShoulder');
    const low = effort(pose({ leftArmForwardDeg: 10 }), 'leftShoulder');
    expect(level.share).toBeGreaterThan(3 * low.share);
    expect(level.holdS).toBeLessThan(low.holdS);
    const laid = effort(withContact(pose({}), 'left', 'waistSide'), 'leftShoulder');
    expect(laid.share).toBeLessThan(level.share);
  });

  it('is the hardest first, and greater for a slight sitter than for a strong one', () => {
    const list = figureOf(body, pose({ hingeDeg: 40 }), LENS).effort;
    for (let i = 1; i < list.length; i++) expect(list[i]!.share).toBeLessThanOrEqual(list[i - 1]!.share);
    const of = (strength: 'slight' | 'average' | 'strong', ageYears = 30) =>
      greatestMomentNm({ ...body.profile, strength, ageYears }, 'lowerBack');
    expect(of('slight')).toBeLessThan(of('average'));
    expect(of('average')).toBeLessThan(of('strong'));
    expect(of('average', 75)).toBeLessThan(of('average', 35));
  });

  it('of a bent knee grows with the bend', () => {
    const knee = (deg: number) =>
      effort(pose({ leftKneeBendDeg: deg, rightKneeBendDeg: deg }), 'leftKnee').momentNm;
    expect(knee(40)).toBeGreaterThan(knee(15) + 5);
  });
});

describe('the lower back of one on hands and knees', () => {
  it.each(HAND_REGION_NAMES)('is borne by the %s as by the palm', (region) => {
    const on = (part: HandRegion) => {
      const start = carriedIn(neutralPose('on hands and knees'), 'allFours');
      return SIDES.reduce<Pose>(
        (p, side) =>
          withTouch(p, {
            part: `${side}:${part}`,
            to: 'floor',
            kind: 'lean',
            pressure: 'firm',
            spot: SPOTS[side],
          }),
        start,
      );
    };
    const back = (part: HandRegion) => effort(on(part), 'lowerBack');
    expect(back(region).momentNm).toBeLessThan(40);
    expect(Math.abs(back(region).momentNm - back('palm').momentNm)).toBeLessThan(40);
  });

  it('bears more where nothing but the knees carries it', () => {
    const start = carriedIn(neutralPose('on hands and knees'), 'allFours');
    expect(effort(start, 'lowerBack').momentNm).toBeGreaterThan(60);
  });
});
