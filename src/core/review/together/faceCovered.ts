import { project } from '../../camera';
import type { FigurePoints } from '../../figure';
import type { Picture, Sight } from '../../picture';
import { headPart } from '../../pose';
import { add, midpoint, subtract, type Vec3 } from '../../units';
import { camera, mark, pose, type Rule } from '../rule';

/** From the eyes up to the middle of the forehead, of the height from chin to crown (from memory). */
const FOREHEAD_SHARE = 0.2;

/** Places all over a face, set frame, metres. */
function placesOfFace({ eyes, nose, lowerLip, chin, crown }: FigurePoints): Vec3[] {
  const forehead = add(midpoint(eyes.left, eyes.right), subtract(crown, chin), FOREHEAD_SHARE);
  return [eyes.left, eyes.right, nose, lowerLip, chin, forehead];
}

/** Whether somebody else is what the picture shows at a point; null where the point is not in the picture. */
function isBehindOther({ view, width, height, raster, othersFrom }: Picture, point: Vec3): boolean | null {
  const { x, y, depthM } = project(view, point);
  if (depthM <= 0 || Math.abs(x) >= 1 || Math.abs(y) >= 1) return null;
  const [col, row] = [Math.floor(((x + 1) / 2) * width), Math.floor(((1 - y) / 2) * height)];
  return raster.triangle[row * width + col]! >= othersFrom;
}

/** Heads that are laid on each other cover each other, and are meant to. */
function headsTouch({ shot, others }: Sight): boolean {
  const contacts = [shot.pose, ...others.map((o) => o.companion.pose)].flatMap((p) => p.contacts);
  return contacts.some((c) => c.of && headPart(c) !== null);
}

export const faceCovered: Rule = {
  id: 'face-covered',
  station: 'camera',
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
};
