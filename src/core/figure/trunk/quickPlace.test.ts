import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HOUSE_POSES } from '../../library';
import { neutralPose, poseSchema, type Pose } from '../../pose';
import { bodyOf, type PersonName } from '../../../../tests/support/people';
import { carriageOf } from '../carriage';
import { createFrames } from '../joints/frames';
import { stanceOf } from '../legs/stance';
import { quickPlace } from './quickPlace';
import type { Wishes } from './residuals';
import { slowPlace } from './settle';
import { firstState } from './unknowns';
import type { TrunkState } from './trunk';

function wishesOf(name: PersonName, pose: Pose): Wishes {
  const body = bodyOf(name);
  const carriage = carriageOf(body, poseSchema.parse(pose));
  return {
    frames: createFrames(),
    carriage,
    feet: stanceOf(carriage, [0, 0, 0]),
    lump: { burdenKg: 0, massKg: 0.1 * body.masses.totalKg, offset: [0.03, -0.12, 0.02] },
    goals: [],
  };
}

const { standing = [] } = HOUSE_POSES;
const deg = (most: number) => fc.double({ min: -most, max: most, noNaN: true });
const moved = fc.record({
  by: fc.tuple(deg(0.2), deg(0.2), deg(0.2)),
  rollDeg: deg(12),
  leanLeftDeg: deg(20),
  leanForwardDeg: deg(30),
  bowDeg: deg(20),
  twistLeftDeg: deg(18),
  tuckDeg: fc.double({ min: 0, max: 20, noNaN: true }),
});

describe.each(['slight', 'average', 'heavy'] as PersonName[])('a %s sitter who stands', (name) => {
  it.each(standing.map((pose) => [pose.name, pose] as const))(
    'is placed quickly where the whole placing puts it: %s',
    (_, pose) => {
      const wishes = wishesOf(name, pose);
      const quick = quickPlace(wishes)!;
      const slow = slowPlace(wishes);
      const first = firstState(wishes.carriage, wishes.feet);
      fc.assert(
        fc.property(moved, ({ by, ...angles }) => {
          const pelvis = first.pelvis.map((v, c) => v + by[c]!) as TrunkState['pelvis'];
          const state: TrunkState = { ...first, ...angles, pelvis };
          const [a, b] = [quick(state), slow(state)];
          for (let c = 0; c < 3; c++) {
            expect(Math.abs(a.com[c]! - b.com[c]!)).toBeLessThan(1e-9);
            for (const side of ['left', 'right'] as const)
              expect(Math.abs(a.hips[side][c]! - b.hips[side][c]!)).toBeLessThan(1e-9);
          }
        }),
        { numRuns: 20, seed: 14 },
      );
    },
  );
});

it('leaves to the whole placing who sits, kneels, crosses the legs or reaches', () => {
  const pose = neutralPose('stands');
  expect(quickPlace(wishesOf('average', pose))).not.toBeNull();
  const carried: Partial<Pose>[] = [
    { support: 'kneel' },
    { support: 'reclineBack' },
    { crossed: { over: 'left', how: 'knees' } },
  ];
  for (const change of carried)
    expect(quickPlace(wishesOf('average', { ...pose, ...change } as Pose))).toBeNull();
});
