import { describe, expect, it } from 'vitest';
import { bodyOf, type PersonName } from '../../../../tests/support/people';
import { USUAL_PLACES, type UsualPlace } from '../../../../tests/support/poses';
import { FINGERS, jointIndex, type JointName } from '../../body';
import { HAND_SHAPES, neutralPose, sided, withContact, type Pose } from '../../pose';
import { otherSide, subtract, SIDES, sideSign, type Side, type Vec3 } from '../../units';
import { figureOf, type Figure } from '../figureOf';
import { fingerAxes } from './armBones';
import { at } from '../joints/frames';
import { bodyTarget } from '../../pose';
import { dressedTrunk, landmarkOf, placed } from '../landmarks';

const LENS = { lens: [0, 1, 5] as Vec3 };
const pose = (settings: Pose['settings'] = {}): Pose => ({ ...neutralPose('arms'), settings });
const figure = (p: Pose, name: PersonName = 'average') => figureOf(bodyOf(name), p, LENS);
const place = (f: Figure, joint: JointName) => f.frames.position[jointIndex(joint)]!;
const far = (a: Vec3, b: Vec3) => Math.hypot(...subtract(a, b));

/** The place of the body that a hand of one side is laid on. */
function placeFor(body: ReturnType<typeof bodyOf>, to: UsualPlace, side: Side) {
  const { place: name, across } = bodyTarget(to)!;
  return landmarkOf(body, name, across ? otherSide(side) : side);
}

describe('a free arm', () => {
  it.each(SIDES)('swings forward, away and bends on the %s', (side) => {
    const hang = figure(pose());
    const wrist = (f: Figure) => place(f, `${side}:hand`);
    const forward = figure(pose({ [sided(side, 'ArmForwardDeg')]: 60 }));
    expect(wrist(forward)[2]).toBeGreaterThan(wrist(hang)[2] + 0.25);
    const away = figure(pose({ [sided(side, 'ArmOutDeg')]: 60 }));
    expect(wrist(away)[0] * sideSign(side)).toBeGreaterThan(wrist(hang)[0] * sideSign(side) + 0.25);
    const bent = figure(pose({ [sided(side, 'ElbowBendDeg')]: 100 }));
    expect(wrist(bent)[1]).toBeGreaterThan(wrist(hang)[1] + 0.15);
    expect(bent.arms[side].elbowBendDeg).toBe(100);
  });

  it('hangs with the weight of the arm: the hand below the shoulder', () => {
    const f = figure(pose());
    for (const side of SIDES) {
      const shoulder = place(f, `${side}:upperArm`);
      const hand = place(f, `${side}:hand`);
      expect(Math.hypot(hand[0] - shoulder[0], hand[2] - shoulder[2])).toBeLessThan(0.22);
    }
  });

  it('is carried out by the body instead of running into it, and that is told', () => {
    for (const name of ['slight', 'average', 'heavy'] as const) {
      const f = figure(pose({ leftArmOutDeg: -20, rightArmOutDeg: -20 }), name);
      for (const side of SIDES) {
        expect(f.arms[side].pushedOutDeg).toBeGreaterThan(5);
        expect(f.unreached.some((u) => u.id === 'armCarriedOut' && u.side === side)).toBe(true);
      }
    }
  });
});

describe.each(['slight', 'average', 'heavy'] as PersonName[])(
  'a hand with a contact on the %s body',
  (name) => {
    const body = bodyOf(name);
    it.each(USUAL_PLACES)('lies on %s, or says how far it stays short', (to) => {
      for (const side of SIDES) {
        const f = figure(withContact(pose(), side, to), name);
        const { gapM, wristBendDeg } = f.arms[side];
        const told = f.unreached.some((u) => u.id === 'hand' && u.side === side);
        expect(gapM < 0.002 || told).toBe(true);
        expect(gapM).toBeLessThan(0.05);
        expect(Math.abs(wristBendDeg)).toBeLessThan(65);
        const target = placed(f.frames, body, placeFor(body, to, side)).point;
        // the palm's middle is about four tenths of the hand away from the wrist
        expect(far(place(f, `${side}:hand`), target)).toBeLessThan(0.62 * body.lengths.handM);
      }
    });

    it('keeps the elbow outside the trunk', () => {
      for (const to of USUAL_PLACES.filter((l) => l !== 'other:upperArm')) {
        const f = figure(withContact(pose(), 'left', to), name);
        expect(place(f, 'left:forearm')[0]).toBeGreaterThan(0.5 * body.lengths.shoulderJointM);
      }
    });
  },
);

it.each(USUAL_PLACES)('the landmark %s lies on the dressed surface', (to: UsualPlace) => {
  const body = bodyOf('average');
  for (const side of SIDES) {
    const { point, normal, weights } = placeFor(body, to, side);
    expect(weights.reduce((s, [, w]) => s + w, 0)).toBeCloseTo(1, 6);
    expect(Math.hypot(...normal)).toBeCloseTo(1, 6);
    if (to === 'other:upperArm') continue;
    expect(Math.abs(dressedTrunk(body, ...point))).toBeLessThan(0.001);
    expect(Math.sign(point[0])).toBe(sideSign(side));
  }
});

describe('hands', () => {
  const reach = (f: Figure, side: Side, finger: (typeof FINGERS)[number]) =>
    far(at(f.frames, `${side}:${finger}-end`), at(f.frames, `${side}:hand`));

  it('close: a fist draws the fingertips in, a flat hand stretches them', () => {
    const shaped = (shape: (typeof HAND_SHAPES)[number]) =>
      figure({ ...pose(), hands: { left: shape, right: shape } });
    const [flat, relaxed, fist] = [shaped('flatRest'), shaped('relaxed'), shaped('looseFist')];
    for (const finger of ['index', 'middle', 'ring', 'little'] as const) {
      expect(reach(flat, 'left', finger)).toBeGreaterThan(reach(relaxed, 'left', finger));
      expect(reach(relaxed, 'left', finger)).toBeGreaterThan(reach(fist, 'left', finger) + 0.01);
    }
    const point = shaped('pointSoft');
    expect(reach(point, 'left', 'index')).toBeGreaterThan(reach(point, 'left', 'ring') + 0.01);
  });

  it('curl as one where they are asked to', () => {
    const curled = (share: number) => reach(figure(pose({ rightFingerCurlShare: share })), 'right', 'middle');
    expect(curled(0)).toBeGreaterThan(curled(0.4));
    expect(curled(0.4)).toBeGreaterThan(curled(1));
  });

  it('turn with the forearm: the palm comes forward', () => {
    const thumb = (deg: number) => {
      const f = figure(pose({ leftForearmTurnDeg: deg }));
      return subtract(place(f, 'left:thumb-end'), place(f, 'left:hand'));
    };
    // with the palm turned forward the left thumb points away from the body
    expect(thumb(70)[0]).toBeGreaterThan(thumb(-70)[0] + 0.03);
  });
});

describe('the fingers of a hand that lies on something', () => {
  const dot = (a: Vec3, b: Vec3) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
  const facing = (x: number, z: number) => ({
    point: [0, 1, 0] as Vec3,
    normal: [x, 0, z] as Vec3,
    down: [0, -1, 0] as Vec3,
  });

  it('are said forwards on the outside of the own body and inwards on its front', () => {
    for (const side of SIDES) {
      const sign = sideSign(side);
      expect(dot(fingerAxes(side, facing(sign, 0))[1], [0, 0, 1])).toBeCloseTo(1, 9);
      expect(dot(fingerAxes(side, facing(0, 1))[1], [-sign, 0, 0])).toBeCloseTo(1, 9);
    }
  });

  it('do not turn over where the surface turns past the front', () => {
    for (const side of SIDES) {
      const before = fingerAxes(side, facing(-0.05, 0.9987))[1];
      const after = fingerAxes(side, facing(0.05, 0.9987))[1];
      expect(dot(before, after)).toBeGreaterThan(0.99);
    }
  });
});
