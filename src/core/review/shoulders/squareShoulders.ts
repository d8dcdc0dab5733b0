import { midpoint } from '../../units';
import { turnFromLensDeg } from '../fromLens';
import type { Rule } from '../rule';

export const squareShoulders = {
  id: 'square-shoulders',
  name: 'Square shoulders',
  reads: ['shouldersTurnDeg'],
  station: 'shoulders',
  grade: 'fault',
  reason: 'Shoulders square to the lens widen the trunk and read like a passport picture.',
  weight: 0.75,
  measure({ figure, view }, { shouldersTurnDeg }) {
    const { left, right } = figure.points.shoulders;
    const turn = Math.abs(turnFromLensDeg(view, midpoint(left, right), figure.turnDeg.chest));
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
} as const satisfies Rule;
