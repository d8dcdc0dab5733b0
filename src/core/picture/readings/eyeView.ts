import { EYEBALL, eyeCentre, headToBind, jointIndex, lidEdges, type Body } from '../../body';
import type { Figure } from '../../figure';
import { turned } from '../../figure';
import { radians, SIDES, type Side, type Vec3 } from '../../units';

/** What is seen of one eye between its lids, shares of the opening. */
export interface EyeView {
  iris: number;
  /** White on either side of the iris, sitter's own left and right. */
  whiteLeft: number;
  whiteRight: number;
}

/** Angle of the iris's rim from the line of sight, degrees. */
const IRIS_DEG = 31;
/** Turn of the head from the lens beyond which an eye is not judged, degrees. */
const MOST_TURN_DEG = 80;
const ACROSS = 40;
const UP = 20;

/**
 * Looks at each eye from the lens: rays through the opening of the lids on to the eyeball, each counted as iris or
 * as white left or right of it. Eyes whose opening is turned away are left out.
 */
export function eyeViews(body: Body, figure: Figure, lens: Vec3): Partial<Record<Side, EyeView>> {
  const out: Partial<Record<Side, EyeView>> = {};
  const head = jointIndex('head');
  const q = figure.frames.rotation[head]!;
  const p = figure.frames.position[head]!;
  const b = body.skeleton.bind[head]!;
  const local = turned([lens[0] - p[0], lens[1] - p[1], lens[2] - p[2]], [-q[0], -q[1], -q[2], q[3]]);
  const eyeFromHead: Vec3 = [local[0] + b[0], local[1] + b[1], local[2] + b[2]];
  const H = body.lengths.headHeightM;
  const origin = headToBind(body.lengths, [0, 0, 0]);
  // lens in head coordinates
  const L: Vec3 = [
    (eyeFromHead[0] - origin[0]) / H,
    (eyeFromHead[1] - origin[1]) / H,
    (eyeFromHead[2] - origin[2]) / H,
  ];
  for (const side of SIDES) {
    const sign = side === 'left' ? 1 : -1;
    const c = eyeCentre(body.lengths, side);
    // from the side and from behind, the head hides what lies between the lids
    if (Math.atan2(Math.abs(L[0] - c[0]), L[2] - c[2]) > radians(MOST_TURN_DEG)) continue;
    const eye = figure.frames.rotation[jointIndex(`${side}:eye`)]!;
    const gaze = turned(turned([0, 0, 1], eye), [-q[0], -q[1], -q[2], q[3]]);
    let iris = 0;
    let left = 0;
    let right = 0;
    for (let i = 0; i < ACROSS; i++) {
      const u = -0.064 + (0.125 * (i + 0.5)) / ACROSS;
      const edges = lidEdges(u);
      for (let j = 0; j < UP; j++) {
        const v = -0.028 + (0.052 * (j + 0.5)) / UP;
        if (v > edges.upper || v < edges.lower) continue;
        const bulge = 0.0605 ** 2 - u * u - v * v;
        const point: Vec3 = [c[0] + sign * u, c[1] + v, c[2] + Math.sqrt(Math.max(0, bulge))];
        const hit = onSphere(L, point, c, EYEBALL.radius);
        if (!hit) continue;
        const cos = hit[0] * gaze[0] + hit[1] * gaze[1] + hit[2] * gaze[2];
        if (cos > Math.cos(radians(IRIS_DEG))) iris++;
        else if (hit[0] > gaze[0]) left++;
        else right++;
      }
    }
    const all = iris + left + right;
    if (all > 40) out[side] = { iris: iris / all, whiteLeft: left / all, whiteRight: right / all };
  }
  return out;
}

/** Unit direction from the centre to the near hit of a ray, or null when it misses. */
function onSphere(from: Vec3, through: Vec3, centre: Vec3, radius: number): Vec3 | null {
  const d: Vec3 = [through[0] - from[0], through[1] - from[1], through[2] - from[2]];
  const l = Math.hypot(...d);
  const o: Vec3 = [from[0] - centre[0], from[1] - centre[1], from[2] - centre[2]];
  const b = (o[0] * d[0] + o[1] * d[1] + o[2] * d[2]) / l;
  const c = o[0] ** 2 + o[1] ** 2 + o[2] ** 2 - radius ** 2;
  const root = b * b - c;
  if (root < 0) return null;
  const t = -b - Math.sqrt(root);
  return [
    (o[0] + (d[0] / l) * t) / radius,
    (o[1] + (d[1] / l) * t) / radius,
    (o[2] + (d[2] / l) * t) / radius,
  ];
}
