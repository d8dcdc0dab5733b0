import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyOf, standInOf, type PersonName } from '../../../tests/support/people';
import { settingsWithin, USUAL_PLACES } from '../../../tests/support/poses';
import { JOINTS, jointIndex, type Body } from '../body';
import { STANDING_POSES } from '../library';
import { mirrorPose, neutralPose, withContact, type Pose } from '../pose';
import { mirrorName, type Vec3 } from '../units';
import { figureOf, type Figure } from './figureOf';
import { createSkinned, skinSurface } from './skin/skinning';

const LENS = { lens: [0, 1, 5] as Vec3 };

/** A third of the way from neutral to each end: what a standing sitter can be asked for together. */
const reasonable = settingsWithin(1 / 3).map((settings): Pose => ({ ...neutralPose('random'), settings }));
const landmark = fc.constantFrom(null, ...USUAL_PLACES);
const held = fc
  .tuple(reasonable, landmark, landmark)
  .map(([pose, left, right]) =>
    withContact(
      withContact(pose, 'left', left),
      'right',
      left === 'other:upperArm' && right === 'other:upperArm' ? null : right,
    ),
  );

function worstBoneM(body: Body, figure: Figure): number {
  let worst = 0;
  JOINTS.forEach((_, j) => {
    const parent = body.skeleton.parents[j]!;
    if (parent < 0) return;
    const length = (p: Vec3, q: Vec3) => Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
    const bind = length(body.skeleton.bind[j]!, body.skeleton.bind[parent]!);
    worst = Math.max(
      worst,
      Math.abs(length(figure.frames.position[j]!, figure.frames.position[parent]!) - bind),
    );
  });
  return worst;
}

describe.each(['slight', 'average', 'heavy'] as PersonName[])('the %s body', (name) => {
  const body = bodyOf(name);

  it.each(STANDING_POSES.map((p) => [p.name, p] as const))(
    'stands in %s, balanced within 2 mm',
    (_, pose) => {
      const figure = figureOf(body, pose, LENS);
      expect(figure.balance.errorM).toBeLessThan(0.002);
      expect(figure.balance.marginM).toBeGreaterThan(0.02);
      for (const side of ['left', 'right'] as const) expect(figure.arms[side].gapM).toBeLessThan(0.002);
      for (const side of ['left', 'right'] as const)
        expect(Math.abs(figure.arms[side].wristBendDeg)).toBeLessThan(62);
    },
  );

  it('keeps every bone its length to 0.1 mm', () => {
    fc.assert(
      fc.property(held, (pose) => {
        expect(worstBoneM(body, figureOf(body, pose, LENS))).toBeLessThan(1e-4);
      }),
      { numRuns: 25, seed: 3, endOnFailure: true },
    );
  });

  it('carries the weight where it was asked, to 2 mm, or says what it could not do', () => {
    fc.assert(
      fc.property(reasonable, (pose) => {
        const figure = figureOf(body, pose, LENS);
        const told = figure.unreached.some((u) => u.id === 'weight' || u.id === 'foot');
        expect(figure.balance.errorM < 0.002 || told).toBe(true);
        expect(Number.isFinite(figure.balance.marginM)).toBe(true);
      }),
      { numRuns: 25, seed: 5, endOnFailure: true },
    );
  });

  it('mirrors: the mirrored pose gives the mirrored figure to 0.1 mm', () => {
    const mirrored = (pose: Pose) => {
      const a = figureOf(body, pose, LENS);
      const b = figureOf(body, mirrorPose(pose), LENS);
      let worst = 0;
      JOINTS.forEach((joint, j) => {
        const p = a.frames.position[j]!;
        const q = b.frames.position[jointIndex(mirrorName(joint))]!;
        worst = Math.max(worst, Math.hypot(p[0] + q[0], p[1] - q[1], p[2] - q[2]));
      });
      return worst;
    };
    for (const pose of STANDING_POSES) expect(mirrored(pose)).toBeLessThan(1e-4);
    fc.assert(
      fc.property(reasonable, (pose) => {
        expect(mirrored(pose)).toBeLessThan(1e-4);
      }),
      { numRuns: 15, seed: 9, endOnFailure: true },
    );
  });
});

it('the same settings give the same figure', () => {
  const pose = STANDING_POSES[1]!;
  const a = figureOf(bodyOf('average'), pose, LENS).transforms;
  const b = figureOf(bodyOf('average'), JSON.parse(JSON.stringify(pose)) as Pose, LENS).transforms;
  expect([...a]).toEqual([...b]);
});

it('weight share moves the weight', () => {
  const share = (leftWeightShare: number) =>
    figureOf(bodyOf('average'), { ...neutralPose('w'), settings: { leftWeightShare } }, LENS).balance
      .leftShare;
  expect(share(0.2)).toBeCloseTo(0.2, 2);
  expect(share(0.8)).toBeCloseTo(0.8, 2);
});

it('a bent free knee drops that hip', () => {
  const figure = figureOf(
    bodyOf('average'),
    { ...neutralPose('k'), settings: { leftWeightShare: 0.8, rightKneeBendDeg: 25 } },
    LENS,
  );
  expect(figure.kneeBendDeg.right).toBeGreaterThan(figure.kneeBendDeg.left + 5);
  expect(figure.points.hips.left[1] - figure.points.hips.right[1]).toBeGreaterThan(0.003);
});

it('turns follow the sitter’s own left', () => {
  const figure = figureOf(
    bodyOf('average'),
    { ...neutralPose('t'), settings: { hipsTurnLeftDeg: 30, headTurnLeftDeg: 20 } },
    LENS,
  );
  expect(figure.turnDeg.hips).toBeCloseTo(30, 0);
  expect(figure.turnDeg.face).toBeCloseTo(50, 0);
});

it('the eyes reach the lens and report what is beyond them', () => {
  const near = figureOf(bodyOf('average'), { ...neutralPose('g'), settings: { headTurnLeftDeg: 20 } }, LENS);
  expect(near.gaze.leftDeg).toBeCloseTo(-20, 0);
  expect(near.gaze.beyondDeg).toBe(0);
  const far = figureOf(bodyOf('average'), { ...neutralPose('g'), settings: { headTurnLeftDeg: 60 } }, LENS);
  expect(far.unreached.some((u) => u.id === 'eyes')).toBe(true);
});

it('feet stay on the floor and the skinned soles with them', () => {
  const standIn = standInOf('average');
  for (const pose of STANDING_POSES) {
    const figure = figureOf(standIn.body, pose, LENS);
    const skinned = createSkinned(standIn.surface);
    skinSurface(standIn.surface, figure.transforms, skinned);
    let lowest = Infinity;
    for (let i = 1; i < skinned.positions.length; i += 3) lowest = Math.min(lowest, skinned.positions[i]!);
    expect(lowest).toBeGreaterThan(-0.006);
    expect(lowest).toBeLessThan(0.006);
  }
});

it('refuses a pose out of range, naming the setting', () => {
  const wrong = { ...neutralPose('x'), settings: { leftKneeBendDeg: 400 } };
  expect(() => figureOf(bodyOf('average'), wrong, LENS)).toThrow(/leftKneeBendDeg/);
});
