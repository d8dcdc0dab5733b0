import { expect, it } from 'vitest';
import { openGilvo } from './gilvo';
import { killOften } from './kills';

const TIMES = 30;
const gilvo = openGilvo();

it(`${TIMES} kills in the middle of typing leave nothing corrupt, and lose half a second at most`, async () => {
  const { corrupt, lostMs } = await killOften(gilvo, TIMES, gilvo.browser.profile);
  expect(corrupt).toBe(0);
  expect(Math.max(...lostMs)).toBeLessThanOrEqual(500);
});
