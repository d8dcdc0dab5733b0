import type { Contact } from '@/core/pose';

/** How a part lies on something. */
export const TOUCH_WORDS: Readonly<Record<Contact['kind'], string>> = {
  hover: 'just off it',
  touch: 'touches',
  rest: 'rests',
  hold: 'holds',
  grip: 'grips',
  lean: 'bears weight',
};
