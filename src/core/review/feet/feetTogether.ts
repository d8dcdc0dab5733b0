import { settingApplies } from '../../pose';
import { aboutZeroDeg, degrees } from '../../units';
import { pose, type Rule } from '../rule';

/** Beyond this turn of the hips from the lens, feet that stand close read as a line, not as a post. */
const SQUARE_DEG = 20;

export const feetTogether = {
  id: 'feet-together',
  name: 'Feet together',
  reads: ['feetApartShoulders'],
  station: 'feet',
  grade: 'fault',
  reason: 'Feet together and straight at the lens make a stiff post of the body.',
  weight: 0.6,
  measure({ figure, body, view, shot }, { feetApartShoulders }) {
    // crossed, seated or lying they are together on purpose
    if (shot.pose.crossed || !settingApplies(shot.pose, 'leftWeightShare')) return [];
    const toLens = degrees(Math.atan2(view.eye[0], view.eye[2]));
    const turn = Math.abs(aboutZeroDeg(figure.turnDeg.hips - toLens));
    if (turn > SQUARE_DEG) return [];
    const { left, right } = figure.feet;
    const apart =
      Math.hypot(left.heel[0] - right.heel[0], left.heel[2] - right.heel[2]) / body.lengths.shoulderBreadthM;
    return [
      {
        key: '',
        value: apart,
        ...feetApartShoulders,
        full: 0.3,
        unit: '× shoulders',
        title: 'The feet stand together',
        titleAbove: 'The feet stand wider than the message bears',
        variables: pose('heelSpacingShoulders', 'leftAheadFeet'),
      },
    ];
  },
} as const satisfies Rule;
