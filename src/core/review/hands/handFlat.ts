import { partIndex } from '../../body';
import { dot, subtract, unit, type Side } from '../../units';
import type { Sight } from '../../picture';
import { ownHands } from '../measures/ownHands';
import { depthOf } from '../measures/seen';
import { faceM } from '../measures/face';
import { handAxes } from '../measures/hand';
import { turnsHand } from './turnsHand';
import type { Rule } from '../rule';

/** A hand whose palm is this square to the line of view is flat to the lens, cosine (a study of made scenes). */
const FLAT_COSINE = 0.7;
/** Area of a face without its hair seen from the front, in squares of its height (measured on three bodies: 0.42 to 0.45). */
const FACE_AREA = 0.435;

/** Whether the lens looks on the palm or the back of a hand. */
function isFlat({ figure, view }: Sight, side: Side): boolean {
  const { wrist, acrossPalm } = handAxes(figure, side);
  return Math.abs(dot(acrossPalm, unit(subtract(view.eye, wrist)))) > FLAT_COSINE;
}

/** What a hand takes of the picture against the whole face seen from the front, where the nose is. */
function ofFace(sight: Sight, side: Side): number {
  const { picture, view, figure } = sight;
  const noseM = depthOf(sight, figure.points.nose);
  const [wide, high] = [2 * view.tanHalfWidth * noseM, 2 * view.tanHalfHeight * noseM];
  const squareM2 = (wide / picture.width) * (high / picture.height);
  return (picture.sums[partIndex(`${side}:hand`)]!.pixels * squareM2) / (FACE_AREA * faceM(figure) ** 2);
}

export const handFlat = {
  id: 'hand-flat',
  name: 'Hand flat to the lens',
  reads: ['handFlatFaces'],
  station: 'hands',
  grade: 'fault',
  reason: 'Flat to the lens a hand is as large as the face; its edge is slender.',
  weight: 0.8,
  measure(sight, { handFlatFaces }) {
    return ownHands(sight).map((side) => ({
      key: side,
      value: isFlat(sight, side) ? ofFace(sight, side) : 0,
      ...handFlatFaces,
      full: 0.37,
      unit: 'of the face',
      title: `The ${side} hand is flat to the lens`,
      variables: turnsHand(sight.shot.pose, side),
    }));
  },
} as const satisfies Rule;
