import fc from 'fast-check';
import { Matrix4, Quaternion, Vector3 } from 'three';
import { describe, expect, it } from 'vitest';
import { bodyOf, standInOf } from '../../../../tests/support/people';
import { settingsWithin } from '../../../../tests/support/poses';
import { JOINTS, jointIndex } from '../../body';
import { neutralPose, type Pose } from '../../pose';
import type { Quat, Vec3 } from '../../units';
import { figureOf } from '../figureOf';
import {
  about,
  at,
  between,
  carried,
  chain,
  createFrames,
  fromAxes,
  hang,
  turned,
  transformsOf,
  TRANSFORM_STRIDE,
} from './frames';
import { leastSquares } from '../trunk/leastSquares';
import { createSkinned, skinSurface } from '../skin/skinning';
import { carriageOf } from '../carriage';
import { pressurePoint, stanceOf } from '../legs/stance';

const angle = fc.double({ min: -180, max: 180, noNaN: true });
const axis = fc.constantFrom('x' as const, 'y' as const, 'z' as const);
const close = (a: readonly number[], b: readonly number[], digits = 9) =>
  a.forEach((v, i) => expect(v).toBeCloseTo(b[i]!, digits));

// Reference library: quaternions of three.js.
describe('rotations', () => {
  it('turn as those of the reference library do', () => {
    fc.assert(
      fc.property(axis, angle, axis, angle, (a, degA, b, degB) => {
        const unitOf = (name: string) => new Vector3(+(name === 'x'), +(name === 'y'), +(name === 'z'));
        const reference = new Quaternion()
          .setFromAxisAngle(unitOf(a), (degA * Math.PI) / 180)
          .multiply(new Quaternion().setFromAxisAngle(unitOf(b), (degB * Math.PI) / 180));
        const v: Vec3 = [0.3, -0.7, 0.2];
        close(
          turned(v, chain(about(a, degA), about(b, degB))),
          new Vector3(...v).applyQuaternion(reference).toArray(),
        );
      }),
      { seed: 43 },
    );
  });

  it('come from their axes', () => {
    const q = chain(about('y', 30), about('x', -20));
    const axes = [turned([1, 0, 0], q), turned([0, 1, 0], q), turned([0, 0, 1], q)] as const;
    close(turned([0.2, 0.5, -0.4], fromAxes(...axes)), turned([0.2, 0.5, -0.4], q));
  });

  it('meet half-way', () => {
    close(between(about('z', 0), about('z', 80), 0.25), about('z', 20));
  });
});

describe('joints', () => {
  const body = bodyOf('average');

  it('hang at the end of their parent’s bone', () => {
    const frames = createFrames();
    const pelvis = jointIndex('pelvis');
    frames.position[pelvis] = [0.1, 1, -0.2];
    frames.rotation[pelvis] = about('y', 90);
    hang(frames, body, 'left:thigh', about('x', 10));
    const b = body.skeleton.bind[jointIndex('left:thigh')]!;
    const pb = body.skeleton.bind[pelvis]!;
    // a quarter turn to the left takes what points to x to -z
    close(at(frames, 'left:thigh'), [0.1 + (b[2] - pb[2]), 1 + (b[1] - pb[1]), -0.2 - (b[0] - pb[0])]);
    close(carried(frames, body, 'left:thigh', b), at(frames, 'left:thigh'));
  });

  it('give matrices that agree with those of the reference library', () => {
    const figure = figureOf(
      body,
      { ...neutralPose('x'), settings: { hipsTurnLeftDeg: 40 } },
      { lens: [0, 1, 5] },
    );
    const matrices = transformsOf(figure.frames, body);
    JOINTS.forEach((_, j) => {
      const reference = new Matrix4().compose(
        new Vector3(...figure.frames.position[j]!),
        new Quaternion(...figure.frames.rotation[j]!),
        new Vector3(1, 1, 1),
      );
      const bind = new Vector3(...body.skeleton.bind[j]!);
      reference.multiply(new Matrix4().makeTranslation(-bind.x, -bind.y, -bind.z));
      const rows = reference.clone().transpose().elements.slice(0, 12);
      close([...matrices.subarray(j * TRANSFORM_STRIDE, (j + 1) * TRANSFORM_STRIDE)], rows, 6);
    });
  });
});

describe('skinning', () => {
  const { surface } = standInOf('average');

  it('leaves the bind pose as it is', () => {
    const still = new Float64Array(JOINTS.length * TRANSFORM_STRIDE);
    for (let j = 0; j < JOINTS.length; j++) for (const k of [0, 5, 10]) still[j * TRANSFORM_STRIDE + k] = 1;
    const out = createSkinned(surface);
    skinSurface(surface, still, out);
    let worst = 0;
    out.positions.forEach((v, i) => (worst = Math.max(worst, Math.abs(v - surface.positions[i]!))));
    expect(worst).toBeLessThan(1e-5);
  });

  it('moves a whole figure without tearing: no edge grows to many times its length', () => {
    fc.assert(
      fc.property(settingsWithin(0.35), (settings) => {
        const figure = figureOf(bodyOf('average'), { ...neutralPose('x'), settings }, { lens: [0, 1, 5] });
        const out = createSkinned(surface);
        skinSurface(surface, figure.transforms, out);
        expect(out.positions.every(Number.isFinite)).toBe(true);
        const far = (p: Float32Array, a: number, b: number) =>
          Math.hypot(p[a]! - p[b]!, p[a + 1]! - p[b + 1]!, p[a + 2]! - p[b + 2]!);
        let torn = 0;
        for (let t = 0; t < surface.triangles.length; t += 3) {
          const [a, b] = [surface.triangles[t]! * 3, surface.triangles[t + 1]! * 3];
          if (far(out.positions, a, b) > 0.012 + 3 * far(surface.positions, a, b)) torn++;
        }
        expect(torn / surface.triangles.length).toBeLessThan(0.002);
      }),
      { numRuns: 12, seed: 47 },
    );
  });
});

describe('the stance', () => {
  const body = bodyOf('average');
  const feet = (settings: Pose['settings']) =>
    stanceOf(carriageOf(body, { ...neutralPose('x'), settings }), [0, 0, 0]);

  it('stands round the sitter’s mark, as wide as it was said', () => {
    const { left, right } = feet({ heelSpacingShoulders: 0.8 });
    const apart = Math.hypot(left.heel[0] - right.heel[0], left.heel[2] - right.heel[2]);
    expect(apart).toBeCloseTo(0.8 * body.lengths.shoulderBreadthM, 6);
    expect(left.heel[0]).toBeGreaterThan(0);
    expect(left.heel[0] + right.heel[0]).toBeCloseTo(0, 6);
    expect(left.heel[1]).toBeCloseTo(0, 6);
  });

  it('turns with the hips, and each foot outwards by itself', () => {
    const direction = (foot: { heel: Vec3; toe: Vec3 }) =>
      (Math.atan2(foot.toe[0] - foot.heel[0], foot.toe[2] - foot.heel[2]) * 180) / Math.PI;
    const turnedStance = feet({ hipsTurnLeftDeg: 30, leftFootOutDeg: 25, rightFootOutDeg: 5 });
    expect(direction(turnedStance.left)).toBeCloseTo(55, 5);
    expect(direction(turnedStance.right)).toBeCloseTo(25, 5);
  });

  it('lifts a heel about the ball, and moves the load there', () => {
    const flat = feet({});
    const lifted = feet({ leftHeelLiftShare: 0.6 });
    expect(lifted.left.heel[1]).toBeGreaterThan(0.05);
    close(lifted.left.ball, flat.left.ball, 6);
    const alongFoot = (f: ReturnType<typeof feet>) => pressurePoint(f.left)[2];
    expect(alongFoot(lifted)).toBeGreaterThan(alongFoot(flat) + 0.03);
    expect(pressurePoint(lifted.left)[1]).toBe(0);
  });
});

describe('the small search', () => {
  it('finds the exact answer of a linear problem at once', () => {
    const found = leastSquares(([x, y]) => [x! + 2 * y! - 4, 3 * x! - y! - 5], [10, -10], [1e-6, 1e-6], 6, 0);
    close(found.x, [2, 1], 5);
    expect(found.cost).toBeLessThan(1e-9);
  });

  // Rosenbrock's valley as two residuals; minimum at (1, 1).
  it('follows a bent valley to its end', () => {
    const found = leastSquares(([x, y]) => [10 * (y! - x! * x!), 1 - x!], [-1.2, 1], [1e-7, 1e-7], 60, 0);
    close(found.x, [1, 1], 4);
  });

  it('never ends worse than it began', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 3, maxLength: 3 }),
        (start) => {
          const residuals = (x: readonly number[]) => [
            Math.sin(3 * x[0]!) + x[1]!,
            x[1]! * x[2]! - 1,
            Math.abs(x[2]!),
          ];
          const cost = (x: readonly number[]) => residuals(x).reduce((s, v) => s + v * v, 0);
          const found = leastSquares(residuals, start, [1e-6, 1e-6, 1e-6], 10, 1e-12);
          expect(found.cost).toBeLessThanOrEqual(cost(start));
          expect(found.cost).toBeCloseTo(cost(found.x), 9);
        },
      ),
      { seed: 53, numRuns: 50 },
    );
  });
});

it('rotations stay unit through a whole figure', () => {
  const figure = figureOf(
    bodyOf('heavy'),
    { ...neutralPose('x'), settings: { twistLeftDeg: 30, hingeDeg: 20, headTurnLeftDeg: -30 } },
    { lens: [0, 1, 5] },
  );
  for (const q of figure.frames.rotation as Quat[]) expect(Math.hypot(...q)).toBeCloseTo(1, 9);
});
