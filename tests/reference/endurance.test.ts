import { expect, it } from 'vitest';
import { holdS } from '@/core/body';

// Rohmert (1960): T = -90 + 126/f - 36/f² + 6/f³ seconds, for 0.15 < f <= 1; the two values computed by hand.
it.each([
  [0.5, 66],
  [1, 6],
  [0.25, 222],
])('half, all and a quarter of the strength can be held as the curve says: %d for %d s', (share, seconds) => {
  expect(holdS(share)).toBeCloseTo(seconds, 6);
});

it('does not tire below fifteen hundredths, and cannot be held above all of the strength', () => {
  expect(holdS(0.15)).toBe(Infinity);
  expect(holdS(0.1501)).toBeLessThan(1200);
  expect(holdS(1.01)).toBe(0);
});
