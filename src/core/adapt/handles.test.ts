import { describe, expect, it } from 'vitest';
import { bodyOf } from '../../../tests/support/people';
import { figureOf, placesInReach } from '../figure';
import { carriedIn } from '../library';
import { contactOf, neutralPose, withContact, type Pose } from '../pose';
import { add, lengthOf, SIDES, subtract, type Vec3 } from '../units';
import { dragged, HANDLES, handlePoint } from './handles';

const body = bodyOf('average');
const figure = (pose: Pose) => figureOf(body, pose, { lens: [0, 1.4, 5] });
const pose = neutralPose('x');

describe('dragging in the picture', () => {
  it.each(SIDES)('brings the %s wrist where it was dragged, and lands in the arm’s settings', (side) => {
    const before = figure(pose);
    const by: Vec3 = [side === 'left' ? 0.15 : -0.15, 0.2, 0.12];
    const after = dragged(body, before, pose, `${side}:hand`, by);
    const wanted = add(before.points.wrists[side], by);
    expect(lengthOf(subtract(figure(after).points.wrists[side], wanted))).toBeLessThan(0.02);
    expect(Object.keys(after.settings).every((id) => id.startsWith(side))).toBe(true);
  });

  it('frees a hand that was laid on something', () => {
    const laid = withContact(pose, 'left', 'waistSide');
    expect(contactOf(dragged(body, figure(laid), laid, 'left:hand', [0.1, 0, 0]), 'left')).toBeUndefined();
  });

  it('moves a foot aside and ahead, the hips, the chin and the eyes', () => {
    const before = figure(pose);
    const moved = (handle: (typeof HANDLES)[number], by: Vec3) => dragged(body, before, pose, handle, by);
    const wider = figure(moved('left:foot', [0.05, 0, 0]));
    const apart = (f: typeof before) => f.feet.left.heel[0] - f.feet.right.heel[0];
    expect(apart(wider) - apart(before)).toBeCloseTo(0.1, 2);
    const left = figure(moved('hips', [0.04, 0, 0]));
    expect(left.points.hips.left[0]).toBeGreaterThan(before.points.hips.left[0] + 0.004);
    expect(moved('chin', [0.03, -0.02, 0]).settings).toEqual({ headTurnLeftDeg: 9, chinDownDeg: 6 });
    expect(moved('gaze', [0.2, 0, 0]).gaze).toEqual({ kind: 'offLens', leftDeg: 12, upDeg: 0 });
  });

  it('slides a seated sitter along the seat, and a lying leg outwards', () => {
    const seated = carriedIn(pose, 'sit');
    expect(dragged(body, figure(seated), seated, 'hips', [0.05, 0, 0]).settings.seatLeftShare).toBeCloseTo(
      0.1,
      2,
    );
    const floor = carriedIn(pose, 'reclineBack');
    expect(
      dragged(body, figure(floor), floor, 'right:foot', [-0.1, 0, 0]).settings.rightLegOutDeg,
    ).toBeGreaterThan(3);
  });

  it('has a point for every handle, and never leaves a setting’s range', () => {
    const before = figure(pose);
    for (const handle of HANDLES) {
      expect(handlePoint(before, handle).every(Number.isFinite)).toBe(true);
      for (const far of [5, -5]) dragged(body, before, pose, handle, [far, far, far]);
    }
  });
});

describe('places in reach', () => {
  it('are those of the own body and of what stands here, each once', () => {
    const seated = carriedIn(pose, 'sit');
    const places = placesInReach(body, figure(seated), seated, 'left').map((p) => p.to);
    expect(new Set(places).size).toBe(places.length);
    expect(places).toEqual(expect.arrayContaining(['thighTop', 'other:upperArm', 'chin', 'seat']));
    expect(places).not.toContain('upperArm');
    expect(places).not.toContain('other:ankle');
  });
});
