import { aboutZeroDeg, degrees } from '../../units';
import type { Rule } from '../rule';

export const squareShoulders: Rule = {
  id: 'square-shoulders',
  station: 'shoulders',
  reason: 'Shoulders square to the lens widen the trunk and read like a passport picture.',
  weight: 0.75,
  measure({ figure, view }, { shouldersTurnDeg }) {
    const toLens = degrees(Math.atan2(view.eye[0], view.eye[2]));
    const turn = Math.abs(aboutZeroDeg(figure.turnDeg.chest - toLens));
    return [
      {
        key: '',
        value: turn,
        ...shouldersTurnDeg,
        full: 15,
        unit: '° from square',
        title: 'The shoulders face the lens',
        titleAbove: 'The shoulders turn away more than wanted',
        variables: [
          { on: 'pose', id: 'twistLeftDeg', holds: 'headTurnLeftDeg' },
          { on: 'pose', id: 'hipsTurnLeftDeg', holds: 'headTurnLeftDeg' },
        ],
      },
    ];
  },
};
