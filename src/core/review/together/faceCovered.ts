import type { FigurePoints } from '../../figure';
import { add, midpoint, subtract, type Vec3 } from '../../units';
import { camera, mark, pose, type Rule } from '../rule';
import { headsTouch } from './beside';
import { isBehindOther } from './inPicture';

/** From the eyes up to the middle of the forehead, of the height from chin to crown (from memory). */
const FOREHEAD_SHARE = 0.2;

/** Places all over a face, set frame, metres. */
function placesOfFace({ eyes, nose, lowerLip, chin, crown }: FigurePoints): Vec3[] {
  const forehead = add(midpoint(eyes.left, eyes.right), subtract(crown, chin), FOREHEAD_SHARE);
  return [eyes.left, eyes.right, nose, lowerLip, chin, forehead];
}

export const faceCovered = {
  id: 'face-covered',
  name: 'Face covered',
  reads: [],
  station: 'camera',
  grade: 'stop',
  reason: 'Every face is seen whole: what another head or shoulder covers is missed at once.',
  weight: 1,
  measure(sight) {
    if (sight.others.length === 0 || headsTouch(sight)) return [];
    const seen = placesOfFace(sight.figure.points)
      .map((point) => isBehindOther(sight.picture, point))
      .filter((is) => is !== null);
    if (seen.length === 0) return [];
    return [
      {
        key: '',
        value: (seen.filter(Boolean).length / seen.length) * 100,
        of: seen.length,
        low: 0,
        high: 0,
        full: 50,
        unit: '% of the face',
        title: 'The face is partly behind somebody',
        variables: [...mark('leftM', 'aheadM'), ...camera('arcDeg', 'heightM'), ...pose('bendLeftDeg')],
      },
    ];
  },
} as const satisfies Rule;
