import type { LegMode } from '@/core/pose';

/** What a leg does, as it is chosen and told. */
export const LEG_WORDS: Record<LegMode, string> = {
  stands: 'stands',
  lies: 'lies',
  kneels: 'kneels',
  free: 'in the air',
};
