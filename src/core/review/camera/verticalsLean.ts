import type { Sight } from '../../picture';
import type { Support } from '../../scene';
import { degrees } from '../../units';
import { camera, type Rule } from '../rule';

/** Supports whose edges are plumb and long: the eye holds the frame against them. */
const PLUMB: ReadonlySet<Support['kind']> = new Set(['wall', 'doorFrame']);

/** How far something plumb at the edge of the frame leans in the picture, degrees: a lens that looks down or up does it. */
function leanAtEdgeDeg({ view }: Sight): number {
  const [, down] = view.forward;
  return degrees(Math.atan((view.tanHalfWidth * Math.abs(down)) / Math.sqrt(Math.max(1e-9, 1 - down ** 2))));
}

export const verticalsLean = {
  id: 'verticals-lean',
  name: 'Verticals lean',
  reads: ['verticalsLeanDeg'],
  station: 'camera',
  grade: 'polish',
  reason: 'A wall that leans says that the lens was tilted; held level at another height it stays upright.',
  weight: 0.35,
  measure(sight, { verticalsLeanDeg }) {
    const { pose } = sight.shot;
    if (!pose.objects?.some(({ kind }) => PLUMB.has(kind))) return [];
    return [
      {
        key: '',
        spot: 'trunk',
        value: leanAtEdgeDeg(sight),
        ...verticalsLeanDeg,
        full: 6,
        unit: '° at the edge of the frame',
        title: 'What is upright leans',
        titleBelow: 'What is upright leans less than wanted',
        variables: camera('heightM', 'focalLengthMm', 'distanceM'),
      },
    ];
  },
} as const satisfies Rule;
