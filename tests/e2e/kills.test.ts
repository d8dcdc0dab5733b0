import { expect, it } from 'vitest';
import { openGilvo } from './gilvo';
import { killOften } from './kills';

const TIMES = 20;
const gilvo = openGilvo();

it(`${TIMES} kills in the middle of typing leave nothing corrupt, and nothing that was in the store is lost`, async () => {
  const { corrupt, forgotten } = await killOften(gilvo, TIMES, gilvo.browser.profile);
  expect(corrupt).toBe(0);
  expect(forgotten).toBe(0);
});
