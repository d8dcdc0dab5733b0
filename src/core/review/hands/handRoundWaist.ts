import { bodyTarget, contactOf, sided, type BodyPlaceName } from '../../pose';
import { degrees, SIDES } from '../../units';
import { handMiddle } from '../measures/hand';
import { inFrameOf } from '../measures/inFrame';
import { pose, type Rule } from '../rule';
import { waistPlacesOf } from './places';

/** Where a hand is said to lie on waist or hip. */
const ON_WAIST: ReadonlySet<BodyPlaceName> = new Set(['waistFront', 'waistSide', 'waistBack', 'hipCrest']);

export const handRoundWaist = {
  id: 'hand-round-waist',
  name: 'Hand behind the waist',
  reads: ['handRoundWaistDeg'],
  station: 'hands',
  grade: 'polish',
  reason: 'At the back of the waist a hand is gone; before it, it draws the waist in.',
  weight: 0.4,
  measure({ figure, shot }, { handRoundWaistDeg }) {
    return SIDES.flatMap((side) => {
      const contact = contactOf(shot.pose, side);
      const target = contact && !contact.of && bodyTarget(contact.to);
      if (!target || !ON_WAIST.has(target.place)) return [];
      const [left, , front] = inFrameOf(figure, 'spineLow', handMiddle(figure, side));
      return [
        {
          key: side,
          value: Math.abs(degrees(Math.atan2(left, front))),
          ...handRoundWaistDeg,
          full: 50,
          unit: '° round from the front',
          title: `The ${side} hand lies at the back of the waist`,
          variables: [waistPlacesOf(side), ...pose(sided(side, 'ElbowSwivelDeg'))],
        },
      ];
    });
  },
} as const satisfies Rule;
