import type { Figure, FigurePoints } from '../figure';
import type { Station } from '../pose';
import { meanPoint, midpoint, SIDES, type Side, type Vec3 } from '../units';
import { handMiddle } from './measures/hand';

type OfSide = (figure: Figure, side: Side) => Vec3;
type OfMiddle = (points: FigurePoints) => Vec3;

const point =
  (name: 'eyes' | 'shoulders' | 'elbows' | 'wrists' | 'hips' | 'knees' | 'ankles' | 'toes'): OfSide =>
  ({ points }, side) =>
    points[name][side];

/** Places that there are on either side. */
const PAIRED = {
  eyes: point('eyes'),
  shoulders: point('shoulders'),
  elbows: point('elbows'),
  wrists: point('wrists'),
  hands: handMiddle,
  hips: point('hips'),
  knees: point('knees'),
  ankles: point('ankles'),
  toes: point('toes'),
} as const satisfies Record<string, OfSide>;

/** Places that there are once. */
const MIDLINE = {
  face: ({ crown, chin }) => midpoint(crown, chin),
  chin: ({ chin }) => chin,
  throat: ({ chin, neckBase }) => midpoint(chin, neckBase),
  trunk: ({ shoulders, hips }) => meanPoint([shoulders.left, shoulders.right, hips.left, hips.right]),
} as const satisfies Record<string, OfMiddle>;

/** Where a finding can be pointed at. */
export type Spot = keyof typeof PAIRED | keyof typeof MIDLINE;

/** Where a finding lies of which no other place is said. */
const OF_STATION: Record<Station | 'camera' | 'light', Spot> = {
  feet: 'toes',
  weight: 'ankles',
  hips: 'hips',
  spine: 'trunk',
  shoulders: 'shoulders',
  arms: 'elbows',
  hands: 'hands',
  head: 'face',
  gaze: 'eyes',
  camera: 'face',
  light: 'face',
};

/** The side that a key names, if it is of one. */
function sideOf(key: string): Side | undefined {
  return SIDES.find((side) => key.startsWith(side));
}

/**
 * Where a finding lies on the figure, set frame, metres: a point, or one of each side.
 * @param key of what was measured: it can name a side.
 */
export function pointsOf(
  figure: Figure,
  station: keyof typeof OF_STATION,
  key: string,
  at: Spot = OF_STATION[station],
): Vec3[] {
  if (at in MIDLINE) return [MIDLINE[at as keyof typeof MIDLINE](figure.points)];
  const side = sideOf(key);
  return (side ? [side] : SIDES).map((s) => PAIRED[at as keyof typeof PAIRED](figure, s));
}
