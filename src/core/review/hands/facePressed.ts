import { contactOf, isOnFace, type Contact } from '../../pose';
import { SIDES } from '../../units';
import type { Rule } from '../rule';

/** How much of a hand's weight a touch carries, from hovering to leaning, in steps. */
const WEIGHT_OF: Readonly<Record<Contact['kind'], number>> = {
  hover: 0,
  touch: 1,
  rest: 2,
  hold: 3,
  grip: 3,
  lean: 4,
};
const FIRM = 1;
/** A touch is light enough not to move cheek or chin (common practice: hands near the face, never holding it up). */
const LIGHT_TOUCH = 1;

function weightOf({ kind, pressure }: Contact): number {
  return WEIGHT_OF[kind] + (pressure === 'firm' ? FIRM : 0);
}

export const facePressed = {
  id: 'face-pressed',
  name: 'Face pressed by a hand',
  reads: [],
  station: 'hands',
  grade: 'fault',
  reason:
    'A hand that rests on the face pushes cheek and chin out of shape; let it only touch, or stay just off.',
  weight: 0.6,
  measure({ shot: { pose } }) {
    return SIDES.flatMap((side) => {
      const contact = contactOf(pose, side);
      if (!contact || contact.of || !isOnFace(contact.to)) return [];
      return {
        key: side,
        value: weightOf(contact),
        low: 0,
        high: LIGHT_TOUCH,
        full: 2,
        unit: 'steps of weight, 1 touches and 4 leans',
        title: `The ${side} hand presses the face`,
        variables: [{ on: 'handTouch' as const, side, among: ['touch' as const, 'hover' as const] }],
      };
    });
  },
} as const satisfies Rule;
