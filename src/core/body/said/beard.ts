/** One way of wearing a beard: how long its hairs are, head heights, and how densely they stand, hairs on either side. */
interface BeardRow {
  words: string;
  /** On the upper lip, on cheek and jaw, and on the chin; 0 where nothing grows. */
  lip: number;
  cheek: number;
  chin: number;
  hairs: number;
  /** How far the skin under it takes the tone of the hair, 0 to 1. */
  shade: number;
}

const ROWS = {
  none: { words: 'none', lip: 0, cheek: 0, chin: 0, hairs: 0, shade: 0 },
  stubble: { words: 'stubble', lip: 0.006, cheek: 0.006, chin: 0.007, hairs: 800, shade: 0.3 },
  moustache: { words: 'moustache', lip: 0.05, cheek: 0, chin: 0, hairs: 260, shade: 0.7 },
  short: { words: 'short beard', lip: 0.035, cheek: 0.026, chin: 0.04, hairs: 900, shade: 0.75 },
  full: { words: 'full beard', lip: 0.05, cheek: 0.06, chin: 0.14, hairs: 1300, shade: 0.85 },
} as const satisfies Record<string, BeardRow>;

/** How a beard is worn. */
export type Beard = keyof typeof ROWS;
export const BEARDS: Readonly<Record<Beard, BeardRow>> = ROWS;
export const BEARD_NAMES = Object.keys(ROWS) as Beard[];
