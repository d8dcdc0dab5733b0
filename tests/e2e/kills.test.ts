import { expect, it } from 'vitest';
import { openGilvo } from './gilvo';
import { killOften } from './kills';

/** Enough to see a fault; `npm run kills` kills as often as one likes. */
const TIMES = 8;
const gilvo = openGilvo();

it(`${TIMES} kills in the middle of typing leave nothing corrupt, and nothing that was in the store is lost`, async () => {
  const { corrupt, forgotten } = await killOften(gilvo, TIMES, gilvo.browser.profile);
  expect(corrupt).toBe(0);
  expect(forgotten).toBe(0);
});
