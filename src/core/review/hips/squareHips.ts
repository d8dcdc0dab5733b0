import { midpoint } from '../../units';
import { turnFromLensDeg } from '../fromLens';
import { isInPicture } from '../measures/seen';
import { type Rule } from '../rule';

export const squareHips = {
  id: 'square-hips',
  name: 'Square hips',
  reads: ['hipsTurnDeg'],
  station: 'hips',
  grade: 'polish',
  isOfOneAlone: true,
  reason: 'Hips square to the lens are at their widest; a turn slims them and shows their form.',
  weight: 0.45,
  measure({ figure, view, shot, picture }, { hipsTurnDeg }) {
    const { left, right } = figure.points.hips;
    const middle = midpoint(left, right);
    if (shot.pose.support !== 'stand' || !isInPicture(picture, middle)) return [];
    const turnDeg = Math.abs(turnFromLensDeg(view, middle, figure.turnDeg.hips));
    return [
      {
        key: '',
        // seen from behind they are as wide
        value: Math.min(turnDeg, 180 - turnDeg),
        ...hipsTurnDeg,
        full: 20,
        unit: '° from square',
        title: 'The hips face the lens',
        titleAbove: 'The hips turn away more than wanted',
        variables: [
          { on: 'pose', id: 'hipsTurnLeftDeg', holds: 'headTurnLeftDeg' },
          { on: 'pose', id: 'hipsTurnLeftDeg', holds: 'twistLeftDeg' },
        ],
      },
    ];
  },
} as const satisfies Rule;
