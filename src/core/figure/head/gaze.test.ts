import { describe, expect, it } from 'vitest';
import { bodyOf } from '../../../../tests/support/people';
import { neutralPose, withContact, type Gaze } from '../../pose';
import { dot, SIDES, subtract, unit, type Vec3 } from '../../units';
import { figureOf } from '../figureOf';
import { at, rotationOf, turned } from '../joints/frames';

const LENS: Vec3 = [0, 1.5, 3];
const body = bodyOf('average');

/** Angle between where an eye points and a target, degrees. */
function missDeg(gaze: Gaze, target: (f: ReturnType<typeof figureOf>) => Vec3): number[] {
  const figure = figureOf(body, { ...withContact(neutralPose('x'), 'left', 'chest'), gaze }, { lens: LENS });
  return SIDES.map((side) => {
    const looks = turned([0, 0, 1], rotationOf(figure.frames, `${side}:eye`));
    const to = unit(subtract(target(figure), at(figure.frames, `${side}:eye`)));
    return (Math.acos(Math.min(1, dot(looks, to))) * 180) / Math.PI;
  });
}

describe('the eyes', () => {
  it('both rest on the lens, on a point and on a hand in reach', () => {
    const point: Vec3 = [0.4, 1.5, 1];
    for (const off of missDeg({ kind: 'lens' }, () => LENS)) expect(off).toBeLessThan(0.2);
    for (const off of missDeg({ kind: 'point', point }, () => point)) expect(off).toBeLessThan(0.2);
  });

  it('converge more on what is near', () => {
    const between = (point: Vec3) => {
      const { frames } = figureOf(
        body,
        { ...neutralPose('x'), gaze: { kind: 'point', point } },
        { lens: LENS },
      );
      const [left, right] = SIDES.map((side) => turned([0, 0, 1], rotationOf(frames, `${side}:eye`)));
      return dot(left!, right!);
    };
    expect(between([0, 1.6, 0.6])).toBeLessThan(between([0, 1.6, 4]));
  });

  it('go no further than they can, and that is told', () => {
    const aside = figureOf(
      body,
      { ...neutralPose('x'), gaze: { kind: 'point', point: [4, 1.6, 0.2] } },
      { lens: LENS },
    );
    expect(aside.gaze.beyondDeg).toBeGreaterThan(20);
    expect(aside.unreached.map((u) => u.id)).toContain('eyes');
  });

  it('look down at a hand that lies low, to the side it is on', () => {
    const at = (side: 'left' | 'right') =>
      figureOf(body, { ...neutralPose('x'), gaze: { kind: 'hand', side } }, { lens: LENS }).gaze;
    expect(at('left').upDeg).toBeLessThan(-20);
    expect(at('left').leftDeg).toBeGreaterThan(0);
    expect(at('right').leftDeg).toBeCloseTo(-at('left').leftDeg, 1);
  });
});
