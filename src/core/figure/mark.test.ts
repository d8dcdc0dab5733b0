import { describe, expect, it } from 'vitest';
import { bodyOf } from '../../../tests/support/people';
import { HOUSE_POSES } from '../library';
import { mirrorPose } from '../pose';
import { mirrorMark, OWN_MARK, placeSupport, patchOf, type Mark } from '../scene';
import { apart, aboutZeroDeg, type Vec3 } from '../units';
import { JOINTS } from '../body';
import { figureOf, turned, about } from '.';

const body = bodyOf('average');
const LENS: Vec3 = [0, 1.2, 4];
const MARK: Mark = { leftM: 0.6, aheadM: -0.3, turnLeftDeg: 35 };
const standing = HOUSE_POSES.standing!;

const HAND = /hand|thumb|index|middle|ring|little|elbow|forearm/;

/** A point of the figure on the set's own mark, carried to where it is on another. */
function carriedTo({ leftM, aheadM, turnLeftDeg }: Mark, p: Vec3): Vec3 {
  const [x, y, z] = turned(p, about('y', turnLeftDeg));
  return [x + leftM, y, z + aheadM];
}

describe('a figure on a mark of its own', () => {
  it('is what it is on the set’s mark, moved and turned there, however it is carried', () => {
    const onFloor = Object.values(HOUSE_POSES)
      .flat()
      .filter((p) => (p.objects ?? []).length === 0);
    const otherwise = onFloor.filter((pose) => {
      const gaze = { kind: 'ahead' as const };
      const here = figureOf(body, { ...pose, gaze }, { lens: LENS });
      const there = figureOf(body, { ...pose, gaze }, { lens: LENS, mark: MARK });
      const offM = here.frames.position.map((p, j) => apart(carriedTo(MARK, p), there.frames.position[j]!));
      expect(aboutZeroDeg(there.turnDeg.hips - here.turnDeg.hips - MARK.turnLeftDeg)).toBeCloseTo(0, 9);
      const bodyOffM = offM.filter((_, j) => !HAND.test(JOINTS[j]!));
      expect(Math.max(...bodyOffM), pose.name).toBeLessThan(1e-3);
      return Math.max(...offM) > 1e-3;
    });
    // one hand behind the back may lie with its fingers either way: both cost the same
    expect(otherwise.map((p) => p.name)).toEqual(['Hands behind']);
  });

  it('is to the last digit what it was where that is the set’s own', () => {
    for (const pose of Object.values(HOUSE_POSES).flat())
      expect(figureOf(body, pose, { lens: LENS, mark: OWN_MARK }).frames, pose.name).toEqual(
        figureOf(body, pose, { lens: LENS }).frames,
      );
  });

  it('is mirrored with its mark', () => {
    const pose = standing[0]!;
    const one = figureOf(body, pose, { lens: LENS, mark: MARK });
    const mirrored = figureOf(body, mirrorPose(pose), { lens: [-0, 1.2, 4], mark: mirrorMark(MARK) });
    const [x, y, z] = one.points.crown;
    expect(apart(mirrored.points.crown, [-x, y, z])).toBeLessThan(1e-3);
  });

  it('is lifted by a box, and by nothing else changed', () => {
    for (const name of ['slight', 'heavy'] as const)
      for (const pose of [...standing, HOUSE_POSES.floor!.find((p) => p.support === 'kneelLow')!]) {
        const gaze = { kind: 'ahead' as const };
        const low = figureOf(bodyOf(name), { ...pose, gaze }, { lens: LENS, mark: MARK });
        const lifted = figureOf(
          bodyOf(name),
          { ...pose, gaze },
          { lens: LENS, mark: { ...MARK, levelM: 0.3 } },
        );
        low.frames.position.forEach((p, j) =>
          expect(apart([p[0], p[1] + 0.3, p[2]], lifted.frames.position[j]!), pose.name).toBeLessThan(1e-3),
        );
        expect(lifted.unreached).toHaveLength(low.unreached.length);
      }
  });

  it('sits on a long seat, not before it, however it turns there', () => {
    const bench = { kind: 'bench' as const, leftM: 0, aheadM: 0, turnLeftDeg: 0 };
    const { point, halfAcrossM } = patchOf(placeSupport(bench), 'seat')!;
    for (const name of ['slight', 'average', 'heavy'] as const)
      for (const hipsTurnLeftDeg of [-30, -16, 0, 16, 30])
        for (const seatLeftShare of [-0.5, 0, 0.5]) {
          const pose = {
            ...HOUSE_POSES.chair![0]!,
            objects: [bench],
            contacts: [],
            settings: { hipsTurnLeftDeg, seatLeftShare, seatDepthShare: 0.3 },
          };
          const { hips } = figureOf(bodyOf(name), pose, { lens: LENS, mark: OWN_MARK }).points;
          const ahead = (hips.left[2] + hips.right[2]) / 2 - point[2];
          expect(ahead, `${name} ${hipsTurnLeftDeg}`).toBeLessThan(halfAcrossM);
        }
  });

  it('sits on the seat that is nearest to it', () => {
    const chair = HOUSE_POSES.chair![0]!.objects![0]!;
    const pose = {
      ...HOUSE_POSES.chair![0]!,
      objects: [
        { ...chair, leftM: -0.8 },
        { ...chair, leftM: 0.8 },
      ],
    };
    const seat = patchOf(placeSupport(pose.objects[1]!), 'seat', 'left')!;
    const { points } = figureOf(body, pose, { lens: LENS, mark: { ...OWN_MARK, leftM: 0.7 } });
    const middle = (points.hips.left[0] + points.hips.right[0]) / 2;
    expect(Math.abs(middle - seat.point[0])).toBeLessThan(0.05);
  });
});
