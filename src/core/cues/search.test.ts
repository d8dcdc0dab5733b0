import { describe, expect, it } from 'vitest';
import { CAMERA, LIGHT, standInOf } from '../../../tests/support/people';
import { posedBody } from '../figure';
import { HOUSE_POSES } from '../library';
import { seeShot } from '../picture';
import type { Pose } from '../pose';
import { closenessOf } from './closeness/closeness';
import { marksOf, shiftBetween, type Marks } from './closeness/landmarks';
import { reckoner } from './closeness/reckoner';
import { sharpnessOf } from './closeness/seen';
import { followed } from './follow';
import { candidates } from './rows';
import { plansBetween, type Plan } from './search';
import type { Sentence } from './sentence';
import { wordsIn } from './words/say';

const standIn = () => standInOf('average');
const marksAt = (pose: Pose): Marks => marksOf(posedBody(standIn().body, pose).figure);
const poses = HOUSE_POSES.standing!;
const WAYS: [Pose, Pose][] = [
  [poses[0]!, poses[1]!],
  [poses[2]!, poses[6]!],
  [poses[5]!, poses[3]!],
];

function groundOf(from: Pose, to: Pose) {
  const between = { from, to, lensDeg: 0 };
  const sight = seeShot(standIn(), { pose: to, camera: { ...CAMERA, distanceM: 6.2 }, light: LIGHT });
  const sharpness = sharpnessOf(sight);
  return { between, sharpness, reckon: reckoner(to, marksAt), candidates: candidates(between), most: 9 };
}

/** The score of every set of so many of some sentences, by the same figures. */
function bestOfAll(ground: ReturnType<typeof groundOf>, count: number): number {
  const { candidates: all, between, reckon, sharpness } = ground;
  let best = Infinity;
  const scoreOf = (chosen: Sentence[]) => {
    const { error, worst } = closenessOf(reckon(followed(between.from, chosen, 0)), sharpness);
    return error + 0.12 * worst + 0.004 * chosen.reduce((sum, s) => sum + wordsIn(s), 0);
  };
  const choose = (chosen: Sentence[], next: number) => {
    if (chosen.length === count) best = Math.min(best, scoreOf(chosen));
    else
      for (let i = next; i < all.length; i++)
        if (!chosen.some((c) => c.keys.some((k) => all[i]!.keys.includes(k))))
          choose([...chosen, all[i]!], i + 1);
  };
  const due = all.filter((s) => s.isDue);
  if (due.length > 0) return NaN;
  choose([], 0);
  return best;
}

describe('the search', () => {
  it('finds the best of all sets of up to three sentences', { timeout: 120_000 }, () => {
    const [from, to] = WAYS[0]!;
    const ground = groundOf(from, to);
    const plans = [...plansBetween(ground)];
    for (const count of [1, 2, 3]) {
      const found = plans.find((p) => p[0]!.sentences.length === count)![0]!;
      expect(found.score).toBeCloseTo(bestOfAll(ground, count), 9);
    }
  });

  it('goes from the fewest sentences on, each count the best first, and closer with more', () => {
    for (const way of WAYS) {
      const plans = [...plansBetween(groundOf(...way))];
      const counts = plans.map((p) => p[0]!.sentences.length);
      expect(counts).toEqual(counts.map((_, i) => counts[0]! + i));
      for (const ofCount of plans)
        for (const plan of ofCount) {
          expect(plan.score).toBeGreaterThanOrEqual(ofCount[0]!.score);
          const keys = plan.sentences.flatMap((sentence) => sentence.keys);
          expect(new Set(keys).size).toBe(keys.length);
        }
      const errors = plans.map((p) => p[0]!.reckoned.error);
      expect(errors.at(-1)!).toBeLessThan(0.3 * errors[0]!);
    }
  });

  it('finds what pays only together: from folded arms no one sentence leads to a held arm', () => {
    const plans = [...plansBetween(groundOf(poses[7]!, poses[3]!))];
    const best = (count: number) => plans.find((p) => p[0]!.sentences.length === count)![0]!.reckoned.error;
    expect(best(4)).toBeGreaterThan(0.8);
    expect(best(6)).toBeLessThan(0.8);
  });

  it('reckons what the solver finds', () => {
    const off: number[] = [];
    for (const way of WAYS) {
      const { sharpness } = groundOf(...way);
      const target = marksAt(way[1]);
      const near = (plan: Plan) => plan.reckoned.error < 1.5;
      for (const plan of [...plansBetween(groundOf(...way))].map((p) => p[0]!).filter(near)) {
        const { error } = closenessOf(shiftBetween(target, marksAt(plan.pose)), sharpness);
        off.push(Math.abs(error - plan.reckoned.error));
      }
    }
    off.sort((a, b) => a - b);
    expect(off.length).toBeGreaterThan(9);
    expect(off[off.length >> 1]!).toBeLessThan(0.03);
    expect(off.at(-1)!).toBeLessThan(0.3);
  });
});
