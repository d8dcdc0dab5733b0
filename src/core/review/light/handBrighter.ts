import { lightFacingKey } from '../../light';
import { HOT_HAND_STOPS, type Sight } from '../../picture';
import { SIDES, type Side } from '../../units';
import { movesArm } from '../arms/movesArm';
import { handMiddle } from '../measures/hand';
import { isHandJudged } from '../measures/seen';
import { light, type Rule } from '../rule';

/** Light on what of a hand turns to the key, against that on what of the face does, stops. */
function overFaceStops({ figure, lighting: lit }: Sight, side: Side): number {
  const { points } = figure;
  const lighting = lit();
  const places = [points.wrists[side], handMiddle(figure, side), points.fingertips[side]];
  const onHand = Math.max(...places.map((p) => lightFacingKey(lighting, p)));
  return Math.log2(onHand / lightFacingKey(lighting, points.nose));
}

export const handBrighter = {
  id: 'hand-brighter',
  name: 'Hand brighter than the face',
  reads: [],
  station: 'light',
  grade: 'fault',
  reason: 'The eye goes to what is brightest; a hand nearer to the lamp takes it from the face.',
  weight: 0.5,
  measure(sight) {
    return SIDES.filter((side) => isHandJudged(sight, side)).map((side) => ({
      key: side,
      spot: 'hands' as const,
      value: overFaceStops(sight, side),
      low: -14,
      high: HOT_HAND_STOPS,
      deadBand: [0, 0.1] as [number, number],
      full: 0.7,
      unit: 'stops over the face',
      title: `The ${side} hand is brighter than the face`,
      variables: [
        ...light('distanceM', 'heightM', 'arcDeg'),
        ...movesArm(sight.shot.pose, side, 'ArmForwardDeg', 'ElbowBendDeg'),
      ],
    }));
  },
} as const satisfies Rule;
