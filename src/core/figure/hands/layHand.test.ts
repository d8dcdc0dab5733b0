import { describe, expect, it } from 'vitest';
import { bodyOf } from '../../../../tests/support/people';
import { FINGERS } from '../../body';
import { carriedIn } from '../../library';
import { HAND_REGION_NAMES, neutralPose, withTouch, type Contact, type Pose } from '../../pose';
import { supportAt } from '../../scene';
import { cross, dot, lengthOf, SIDES, subtract, unit, type Vec3 } from '../../units';
import { figureOf } from '../figureOf';
import { at, turned } from '../joints/frames';
import { handFrame, layHand, lieOn } from './layHand';

const LENS = { lens: [0, 1.2, 4] as Vec3 };
const body = bodyOf('average');
const handM = body.lengths.handM;
const FLAT = { point: [0, 1, 0] as Vec3, normal: [0, 1, 0] as Vec3, down: [0, 0, 1] as Vec3 };
const contact = (said: Partial<Contact> = {}): Contact => ({
  part: 'left:palm',
  to: 'tableTop',
  kind: 'rest',
  pressure: 'light',
  ...said,
});

describe('a hand laid on a level', () => {
  it.each(SIDES)('the %s palm faces it and the fingers go along it', (side) => {
    const fingers: Vec3 = [0, 0, 1];
    const frame = handFrame(side, FLAT.normal, fingers);
    // palm is -x of a left hand and +x of a right one
    const palm = turned([side === 'left' ? -1 : 1, 0, 0], frame);
    expect(dot(palm, FLAT.normal)).toBeCloseTo(-1, 6);
    expect(dot(turned([0, -1, 0], frame), fingers)).toBeCloseTo(1, 6);
    // a frame, not its mirror image
    expect(
      dot(cross(turned([1, 0, 0], frame), turned([0, 1, 0], frame)), turned([0, 0, 1], frame)),
    ).toBeCloseTo(1, 6);
  });

  it.each(HAND_REGION_NAMES)('with its %s keeps the wrist off it, on both sides alike', (region) => {
    const wrists = SIDES.map((side) => {
      const lie = lieOn(contact({ part: `${side}:${region}` }));
      return layHand(side, lie, FLAT, [0, 0, 1], handM).wrist;
    });
    for (const wrist of wrists) {
      expect(wrist[1]).toBeGreaterThan(1);
      expect(lengthOf(subtract(wrist, FLAT.point))).toBeLessThan(1.05 * handM);
    }
    expect(wrists[0]![0]).toBeCloseTo(-wrists[1]![0], 9);
    expect(wrists[0]![1]).toBeCloseTo(wrists[1]![1], 9);
  });

  it('hovers higher than it rests, and lies deeper in a pocket', () => {
    expect(lieOn(contact({ kind: 'hover' })).offM).toBeGreaterThan(lieOn(contact()).offM + 0.01);
    expect(lieOn(contact({ to: 'frontPocket' })).offM).toBeLessThan(-0.02);
  });

  it('has custom on the waist and freedom on a table’s edge', () => {
    expect(lieOn(contact({ to: 'waistSide' })).isFree).toBe(false);
    expect(lieOn(contact({ to: 'tableEdge' })).isFree).toBe(true);
    expect(lieOn(contact({ to: 'waistSide', part: 'left:handBack' })).isFree).toBe(true);
  });
});

describe('fingers on a support', () => {
  const atTable: Pose = {
    ...carriedIn(neutralPose('x'), 'sit'),
    objects: [supportAt('chair'), supportAt('table', { aheadM: 0.58 })],
  };
  const laid = withTouch(atTable, contact({ spot: { left: 0.4, ahead: -0.3 } }));

  it.each(['relaxed', 'looseFist', 'hook', 'flatRest', 'openFan'] as const)(
    '%s: none goes through it',
    (shape) => {
      const { frames } = figureOf(body, { ...laid, hands: { left: shape, right: 'relaxed' } }, LENS);
      for (const finger of FINGERS)
        for (const phalanx of ['mid', 'end'] as const)
          expect(at(frames, `left:${finger}-${phalanx}`)[1]).toBeGreaterThan(0.74);
    },
  );

  it('lie nearer to it than they hang in the air', () => {
    const on = figureOf(body, laid, LENS);
    const tip = (f: typeof on) => at(f.frames, 'left:middle-end')[1];
    expect(tip(on) - 0.74).toBeLessThan(0.035);
    expect(on.arms.left.gapM).toBeLessThan(0.005);
  });

  it('the free hand keeps its shape', () => {
    const curl = (pose: Pose) => {
      const { frames } = figureOf(body, pose, LENS);
      const back = unit(subtract(at(frames, 'right:index-mid'), at(frames, 'right:index-base')));
      return dot(back, unit(subtract(at(frames, 'right:index-end'), at(frames, 'right:index-mid'))));
    };
    expect(curl(laid)).toBeCloseTo(curl(atTable), 6);
  });
});

describe('a hand that bears weight', () => {
  it('may be bent back further than one that only rests', () => {
    const floor = carriedIn(neutralPose('x'), 'floor');
    const spot = { left: -0.6, ahead: -0.6 };
    const bears = figureOf(
      body,
      withTouch(floor, contact({ part: 'right:palm', to: 'floor', kind: 'lean', spot })),
      LENS,
    );
    expect(bears.arms.right.gapM).toBeLessThan(0.005);
    expect(bears.arms.right.wristBendDeg).toBeLessThan(-45);
    expect(bears.balance.loads.find((l) => l.part === 'palm' && l.side === 'right')!.share).toBeGreaterThan(
      0.05,
    );
  });
});
