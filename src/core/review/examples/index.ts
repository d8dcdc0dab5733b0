import { ARM_EXAMPLES } from './arms';
import type { Examples } from './example';
import { HEAD_EXAMPLES } from './head';
import { LEG_EXAMPLES } from './legs';
import { LIGHT_EXAMPLES } from './light';
import { TRUNK_EXAMPLES } from './trunk';

export { asShown, EXAMPLE_PROFILE, standardOfExample, castIn, type Example } from './example';

/** A pair of scenes for rules of one person, made by hand. */
export const EXAMPLES: Examples = {
  ...LEG_EXAMPLES,
  ...TRUNK_EXAMPLES,
  ...ARM_EXAMPLES,
  ...HEAD_EXAMPLES,
  ...LIGHT_EXAMPLES,
};
