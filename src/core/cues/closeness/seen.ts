import { project, type View } from '../../camera';
import type { Sight } from '../../picture';
import { dot, subtract, type Side, type Vec3 } from '../../units';
import { marksOf } from './landmarks';

/** What a shift counts where it is seen, where something hides it, and where the frame does not take it in. */
const SEEN = 1;
const HIDDEN = 0.35;
const OUTSIDE = 0;

/** A landmark lies this deep in the body at most, metres: what is nearer to the lens than that hides it. */
const WITHIN_BODY_M = 0.13;

/** How much each landmark of a picture counts. */
function weightOf({ picture, view }: Sight, point: Vec3): number {
  const { x, y } = project(view, point);
  if (Math.abs(x) > 1 || Math.abs(y) > 1) return OUTSIDE;
  const { width, height, depthM, label } = picture;
  const col = Math.min(width - 1, Math.floor(((x + 1) / 2) * width));
  const row = Math.min(height - 1, Math.floor(((1 - y) / 2) * height));
  const pixel = row * width + col;
  const ownM = dot(subtract(point, view.eye), view.forward);
  const isHidden = depthM[pixel]! > 0 && depthM[pixel]! < ownM - WITHIN_BODY_M;
  return isHidden || (label[pixel] === 0 && depthM[pixel]! > 0 && depthM[pixel]! < ownM) ? HIDDEN : SEEN;
}

/** How a picture looks at shifts of its figure: along which axes, and how much each landmark counts. */
export interface Sharpness {
  view: Pick<View, 'right' | 'up' | 'forward'>;
  points: readonly number[];
  /** Of face, chest and hips. */
  turns: readonly number[];
  hands: Readonly<Record<Side, number>>;
}

/** What is noticed in a picture. A turn is seen where what turns is seen: the nose, a shoulder, a hip. */
export function sharpnessOf(sight: Sight): Sharpness {
  const { nose, shoulders, hips, fingertips } = sight.figure.points;
  const of = (point: Vec3) => weightOf(sight, point);
  const either = (pair: Record<Side, Vec3>) => Math.max(of(pair.left), of(pair.right));
  return {
    view: sight.view,
    points: marksOf(sight.figure).points.map(of),
    turns: [of(nose), either(shoulders), either(hips)],
    hands: { left: of(fingertips.left), right: of(fingertips.right) },
  };
}
