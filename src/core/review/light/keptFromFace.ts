import { light, pose, type Rule } from '../rule';

/** From here on a shadow that is not the face's own is seen as one, per cent of the key on the face (poses of the house up to 2, arms before the lamp from 18). */
const MOST_KEPT_PERCENT = 10;

export const keptFromFace = {
  id: 'kept-from-face',
  name: 'A shadow over the face',
  reads: [],
  station: 'light',
  grade: 'fault',
  // heads that are close shade each other, and are meant to
  isOfOneAlone: true,
  reason: 'A hand or an arm between lamp and face throws a shadow that is not the face’s own.',
  weight: 0.7,
  measure(sight) {
    return [
      {
        key: '',
        value: sight.face().keptOffShare * 100,
        low: 0,
        high: MOST_KEPT_PERCENT,
        deadBand: [0, 2],
        full: 40,
        unit: '% of the key kept from the face',
        title: 'Something throws a shadow over the face',
        variables: [
          ...light('arcDeg', 'heightM'),
          ...pose('leftElbowSwivelDeg', 'rightElbowSwivelDeg', 'leftArmOutDeg', 'rightArmOutDeg'),
        ],
      },
    ];
  },
} as const satisfies Rule;
