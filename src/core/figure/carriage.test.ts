import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyOf } from '../../../tests/support/people';
import { settingsWithin } from '../../../tests/support/poses';
import { JOINTS, leavingM } from '../body';
import { carriedIn, HOUSE_POSES } from '../library';
import {
  BODY_PLACES,
  CARRIED_NAMES,
  isSided,
  mirrorPose,
  neutralPose,
  poseSchema,
  SETTING_IDS,
  settingApplies,
  settingOf,
  SETTINGS,
  withSetting,
  withTouch,
  type Contact,
  type Pose,
} from '../pose';
import { placesOf, supportAt, SUPPORT_KINDS } from '../scene';
import { lengthOf, midpoint, SIDES, subtract, type Vec3 } from '../units';
import { unreachedWords } from './told/unreachedWords';
import { figureOf, type Figure } from './figureOf';
import { landmarkOf, dressedTrunk } from './landmarks';

const LENS = { lens: [0, 1.2, 4] as Vec3 };
const bodies = (['slight', 'average', 'heavy'] as const).map(bodyOf);
const body = bodies[1]!;
const carried = fc
  .tuple(fc.constantFrom(...CARRIED_NAMES), settingsWithin(0.25))
  .map(([support, settings]): Pose => {
    const start = carriedIn(neutralPose('random'), support);
    return { ...start, settings: { ...settings, ...start.settings } };
  });

function worstBoneM(of: (typeof bodies)[number], { frames }: Figure): number {
  let worst = 0;
  JOINTS.forEach((_, j) => {
    const parent = of.skeleton.parents[j]!;
    if (parent < 0) return;
    const bind = lengthOf(subtract(of.skeleton.bind[j]!, of.skeleton.bind[parent]!));
    const now = lengthOf(subtract(frames.position[j]!, frames.position[parent]!));
    worst = Math.max(worst, Math.abs(now - bind));
  });
  return worst;
}

describe('however the body is carried', () => {
  it('every bone keeps its length to 0.1 mm, on three bodies', () => {
    fc.assert(
      fc.property(carried, fc.constantFrom(...bodies), (pose, of) => {
        expect(worstBoneM(of, figureOf(of, pose, LENS))).toBeLessThan(1e-4);
      }),
      { numRuns: 60, seed: 4, endOnFailure: true },
    );
  });

  it('the same settings give the same figure, in whatever order they were said', () => {
    fc.assert(
      fc.property(carried, (pose) => {
        const shuffled = Object.fromEntries(Object.entries(pose.settings).reverse());
        const other = figureOf(body, { ...pose, settings: shuffled }, LENS);
        expect(other.transforms).toEqual(figureOf(body, pose, LENS).transforms);
      }),
      { numRuns: 25, seed: 5, endOnFailure: true },
    );
  });

  it('no knee, ankle or wrist goes under the floor', () => {
    fc.assert(
      fc.property(carried, (pose) => {
        const { points } = figureOf(body, pose, LENS);
        for (const joint of ['knees', 'ankles', 'wrists', 'elbows'] as const)
          for (const side of SIDES) expect(points[joint][side][1]).toBeGreaterThan(-0.005);
      }),
      { numRuns: 60, seed: 6, endOnFailure: true },
    );
  });

  it('sits on the seat whatever its height, and hangs the feet where they do not reach', () => {
    for (const seatHeightM of [0.3, 0.45, 0.6]) {
      const pose = {
        ...carriedIn(neutralPose('x'), 'sit'),
        objects: [supportAt('chair', { sizesM: { seatHeightM } })],
      };
      const { points, feet } = figureOf(body, pose, LENS);
      const above = points.hips.left[1] - seatHeightM;
      expect(above).toBeGreaterThan(0.06);
      expect(above).toBeLessThan(0.13);
      expect(Math.abs(feet.left.toe[1])).toBeLessThan(0.003);
    }
    const high = {
      ...carriedIn(neutralPose('x'), 'sit'),
      objects: [supportAt('stool', { sizesM: { seatHeightM: 0.85 } })],
    };
    const told = figureOf(bodyOf('slight'), high, LENS).unreached.map((u) => u.id);
    expect(told).toContain('foot');
  });

  it('sits on the armrest that is nearer, whichever way the chair faces, and the mirror keeps to it', () => {
    for (const turnLeftDeg of [0, 20, 170])
      for (const leftM of [-0.4, 0.4]) {
        const pose: Pose = {
          ...carriedIn(neutralPose('x'), 'perch'),
          on: 'armrest',
          objects: [supportAt('armchair', { turnLeftDeg, leftM })],
        };
        const { points } = figureOf(body, pose, LENS);
        const [x, y, z] = midpoint(points.hips.left, points.hips.right);
        // the arm is .64 m high and .33 m aside of the chair's middle
        expect(y - 0.64).toBeGreaterThan(0.04);
        expect(y - 0.64).toBeLessThan(0.13);
        expect(Math.abs(x - leftM)).toBeCloseTo(0.33, 1);
        expect(Math.abs(x)).toBeLessThan(Math.abs(leftM));
        const mirrored = figureOf(body, mirrorPose(pose), LENS).points;
        const other = midpoint(mirrored.hips.left, mirrored.hips.right);
        expect(lengthOf(subtract(other, [-x, y, z]))).toBeLessThan(1e-6);
      }
  });

  it('where there is no armrest, nothing is sat on and the legs carry', () => {
    const pose: Pose = {
      ...carriedIn(neutralPose('x'), 'sit'),
      on: 'armrest',
      objects: [supportAt('stool')],
    };
    expect(figureOf(body, pose, LENS).balance.loads.some((l) => l.bears === 'seat')).toBe(false);
  });
});

/** A joint of one figure that is farthest from the same joint of another, fingers left out, metres. */
function farthestM(one: Figure, other: Figure): number {
  return Math.max(
    ...JOINTS.map((name, j) =>
      /-(base|mid|end)$/.test(name)
        ? 0
        : lengthOf(subtract(one.frames.position[j]!, other.frames.position[j]!)),
    ),
  );
}

/** Every setting that moves anything, dragged by half steps round its value in some poses of the house. */
function drags(): { what: string; medianM: number; largestM: number }[] {
  const all = [];
  for (const pose of Object.values(HOUSE_POSES)
    .flat()
    .filter((_, i) => i % 10 === 2))
    for (const id of SETTING_IDS) {
      if (!settingApplies(pose, id)) continue;
      const { step, min, max } = SETTINGS[id];
      const values = [-3, -2, -1, 0, 1, 2, 3].map((i) => settingOf(pose, id) + (i * step) / 2);
      const figures = values
        .filter((v) => v >= min && v <= max)
        .map((v) => figureOf(body, withSetting(pose, id, v), LENS));
      const steps = figures
        .slice(1)
        .map((f, i) => farthestM(figures[i]!, f))
        .sort((a, b) => a - b);
      all.push({
        what: `${pose.name}: ${id}`,
        medianM: steps[steps.length >> 1]!,
        largestM: steps.at(-1)!,
      });
    }
  return all;
}

it('joints follow a drag; those that jump are few and do not go far', () => {
  const all = drags();
  expect(all.length).toBeGreaterThan(250);
  const jumps = all.filter((d) => d.largestM > 3 * d.medianM && d.largestM > 0.01);
  expect(jumps.length / all.length, jumps.map((j) => j.what).join('; ')).toBeLessThan(0.025);
  for (const jump of jumps) expect(jump.largestM, jump.what).toBeLessThan(0.13);
});

describe('places of the body', () => {
  it.each(BODY_PLACES)('%s lies on the skin, faces away from it, and is mirrored', (name) => {
    for (const of of bodies) {
      const left = landmarkOf(of, name, 'left');
      const right = landmarkOf(of, name, 'right');
      expect(left.weights.reduce((s, [, w]) => s + w, 0)).toBeCloseTo(1, 6);
      expect(lengthOf(left.normal)).toBeCloseTo(1, 6);
      const outwards = [0, 1, 2].reduce((s, c) => s + left.normal[c]! * left.down[c]!, 0);
      expect(Math.abs(outwards)).toBeLessThan(0.35);
      if (!isSided(name)) return expect(Math.abs(left.point[0])).toBeLessThan(0.08 * of.lengths.frameM);
      expect(left.point[0]).toBeGreaterThan(0);
      expect(right.point).toEqual([-left.point[0], left.point[1], left.point[2]]);
    }
  });

  it('of the trunk lie on its dressed surface', () => {
    const place = landmarkOf(body, 'breastbone', 'left');
    const [x, y, z] = place.point;
    expect(Math.abs(dressedTrunk(body, x, y, z))).toBeLessThan(0.001);
    expect(leavingM((m) => dressedTrunk(body, x, y, z - 0.05 + m), 0, 0.1)).toBeCloseTo(0.05, 3);
  });
});

describe('contacts', () => {
  const touch = (pose: Pose, contact: Omit<Contact, 'pressure'>) =>
    figureOf(body, withTouch(pose, { ...contact, pressure: 'light' }), LENS);

  it('an elbow on the knee brings the trunk down to it', () => {
    const seated = carriedIn(neutralPose('x'), 'sit');
    const upright = figureOf(body, seated, LENS);
    const leant = touch(seated, { part: 'left:elbow', to: 'kneeTop', kind: 'lean' });
    expect(leant.arms.left.gapM).toBeLessThan(0.002);
    expect(leant.points.shoulders.left[1]).toBeLessThan(upright.points.shoulders.left[1] - 0.1);
    expect(lengthOf(subtract(leant.points.elbows.left, leant.points.knees.left))).toBeLessThan(0.16);
  });

  it('a shoulder comes to a wall and stays off it by its own thickness', () => {
    const pose: Pose = {
      ...neutralPose('x'),
      support: 'lean',
      objects: [supportAt('wall', { leftM: 0.34, turnLeftDeg: -90 })],
    };
    const f = touch(pose, { part: 'left:shoulder', to: 'wall', kind: 'lean' });
    expect(0.34 - f.points.shoulders.left[0]).toBeGreaterThan(0.03);
    expect(0.34 - f.points.shoulders.left[0]).toBeLessThan(0.08);
    expect(f.balance.loads.some((l) => l.part === 'shoulder' && l.side === 'left')).toBe(true);
  });

  it('tells what stays short and what is not there', () => {
    const away: Pose = { ...neutralPose('x'), objects: [supportAt('table', { aheadM: 3 })] };
    const far = touch(away, { part: 'left:palm', to: 'tableTop', kind: 'rest' });
    expect(far.unreached.some((u) => u.id === 'hand' && u.side === 'left' && u.amount > 0.02)).toBe(true);
    const none = touch(neutralPose('x'), { part: 'left:palm', to: 'armrest', kind: 'rest' });
    expect(none.unreached.map(unreachedWords)).toContain('there is no armrest here to touch');
  });

  it.each(SUPPORT_KINDS)('a hand on each place of a %s reaches it or says so', (kind) => {
    const pose: Pose = { ...neutralPose('x'), objects: [supportAt(kind, { leftM: 0.5, aheadM: 0.1 })] };
    for (const to of placesOf(pose.objects!)) {
      const f = touch(pose, { part: 'left:palm', to, kind: 'rest' });
      const isTold = f.unreached.some((u) => u.id === 'hand' && u.side === 'left');
      expect(f.arms.left.gapM < 0.002 || isTold).toBe(true);
    }
  });

  it('each hand has its own armrest, whichever way the chair faces, and the mirror keeps to it', () => {
    for (const turnLeftDeg of [0, 170]) {
      const chair: Pose = {
        ...carriedIn(neutralPose('x'), 'sit'),
        objects: [supportAt('armchair', { turnLeftDeg })],
      };
      const left = touch(chair, { part: 'left:palm', to: 'armrest', kind: 'rest' });
      const right = touch(chair, { part: 'right:palm', to: 'armrest', kind: 'rest' });
      expect(left.points.wrists.left[0]).toBeGreaterThan(0.15);
      expect(right.points.wrists.right[0]).toBeLessThan(-0.15);
      const laid = withTouch(chair, { part: 'left:palm', to: 'armrest', kind: 'rest', pressure: 'light' });
      const [x, y, z] = figureOf(body, mirrorPose(laid), LENS).points.wrists.right;
      expect(lengthOf(subtract(left.points.wrists.left, [-x, y, z]))).toBeLessThan(0.0015);
    }
  });

  it('shoulders, feet and back are refused on the own body, with the path', () => {
    const pose = withTouch(neutralPose('x'), {
      part: 'left:foot',
      to: 'belly',
      kind: 'rest',
      pressure: 'light',
    });
    const { issues } = poseSchema.safeParse(pose).error!;
    expect(issues[0]!.path).toEqual(['contacts', 0, 'to']);
    expect(issues[0]!.message).toContain('on supports or the floor');
  });
});
