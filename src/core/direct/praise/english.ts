import type { Praise } from './good';

/** What names what is good, in English. Our own. */
export const ENGLISH_PRAISE: Praise = {
  jaw: 'Your chin is just where it should be. Stay there.',
  waist: 'Good, there is air beside your arms. Leave it.',
  shouldersLow: 'Your shoulders are low and easy. That is it.',
  back: 'You are long in the back. Hold that.',
  weight: 'Good, your weight is on one leg.',
  turn: 'That turn of the shoulders is right.',
  hands: 'Your hands are soft. Leave them so.',
  eyes: 'Your eyes are just right.',
};
