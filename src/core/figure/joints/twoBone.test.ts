import fc from 'fast-check';
import { expect, it } from 'vitest';
import type { Vec3 } from '../../units';
import { leastSquares } from '../trunk/leastSquares';
import { reachAtBendM, twoBone } from './twoBone';

const coordinate = fc.double({ min: -0.5, max: 0.5, noNaN: true });

// Closed form: the cosine rule.
it('keeps both bones and meets reachable targets', () => {
  fc.assert(
    fc.property(coordinate, coordinate, coordinate, (x, y, z) => {
      const target: Vec3 = [x, y, z];
      const far = Math.hypot(x, y, z);
      const limb = twoBone([0, 0, 0], target, [0.2, 0.3, 0.9], 0.33, 0.27);
      const [mx, my, mz] = limb.middle;
      expect(Math.hypot(mx, my, mz)).toBeCloseTo(0.33, 9);
      expect(Math.hypot(limb.end[0] - mx, limb.end[1] - my, limb.end[2] - mz)).toBeCloseTo(0.27, 9);
      if (far < 0.59 && far > 0.08) {
        expect(limb.gapM).toBeCloseTo(0, 9);
        expect(reachAtBendM(0.33, 0.27, limb.bendDeg)).toBeCloseTo(far, 9);
      }
    }),
    { seed: 2 },
  );
});

it('reports how far a target is out of reach', () => {
  expect(twoBone([0, 0, 0], [0, -1, 0], [0, 0, 1], 0.3, 0.3).gapM).toBeCloseTo(0.4, 3);
});

it('bends a right angle where Pythagoras says', () => {
  expect(twoBone([0, 0, 0], [0, -0.5, 0], [0, 0, 1], 0.3, 0.4).bendDeg).toBeCloseTo(90, 6);
});

it('least squares finds a known minimum', () => {
  const { x } = leastSquares(([a, b]) => [10 * (b! - a! * a!), 1 - a!], [-1.2, 1], [1e-7, 1e-7], 200, 1e-16);
  expect(x[0]).toBeCloseTo(1, 4);
  expect(x[1]).toBeCloseTo(1, 4);
});
