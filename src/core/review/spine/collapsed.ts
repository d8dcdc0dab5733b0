import { contactOf, isLying, limbContact, sided, sideLainOn } from '../../pose';
import type { Sight } from '../../picture';
import { SIDES, type Side } from '../../units';
import { faceM } from '../measures/face';
import { inFrameOf } from '../measures/inFrame';
import { pose, type Rule } from '../rule';

/** The side on whose arm somebody who lies is propped; null where nothing props. */
function proppedOn({ shot: { pose: said } }: Sight): Side | null {
  const props = (side: Side) =>
    limbContact(said, side, 'elbow') !== undefined ||
    limbContact(said, side, 'forearm') !== undefined ||
    contactOf(said, side)?.kind === 'lean';
  return SIDES.find(props) ?? null;
}

export const collapsed = {
  id: 'collapsed',
  name: 'Sunk into the shoulder',
  reads: ['chinOverShoulderFaces'],
  station: 'spine',
  grade: 'fault',
  reason: 'Sunk into the shoulder the neck is gone; push up from the arm.',
  weight: 0.6,
  measure(sight, { chinOverShoulderFaces }) {
    const { shot, figure } = sight;
    const side = isLying(shot.pose.support) && sideLainOn(shot.pose.support) ? proppedOn(sight) : null;
    if (!side) return [];
    const up = (point: Parameters<typeof inFrameOf>[2]) => inFrameOf(figure, 'spineHigh', point)[1];
    return [
      {
        key: '',
        value: (up(figure.points.chin) - up(figure.points.shoulders[side])) / faceM(figure),
        ...chinOverShoulderFaces,
        full: 0.15,
        unit: 'face heights over the shoulder',
        title: 'The sitter is sunk into the shoulder',
        titleAbove: 'The chin is further over the shoulder than wanted',
        variables: pose(
          sided(side, 'ShoulderRaisedShare'),
          'drawnUpShare',
          'headTiltLeftDeg',
          'shouldersLeftUpDeg',
        ),
      },
    ];
  },
} as const satisfies Rule;
