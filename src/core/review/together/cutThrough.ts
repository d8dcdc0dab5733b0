import { project } from '../../camera';
import { SIDES, sideSign, type Vec3 } from '../../units';
import type { Sight } from '../../picture';
import { camera, mark, type Rule } from '../rule';

/** A body is so much wider than its shoulder joints, share of the way between them (from memory). */
const WIDER_SHARE = 0.2;

/** Places of head and trunk that a side of the frame must not run through, set frame, metres. */
function placesOf({ points }: Sight['figure']): Vec3[] {
  const { shoulders, hips, chin, nose } = points;
  const outwards = SIDES.map((side) =>
    shoulders[side].map((v, c) => {
      const across = shoulders.left[c]! - shoulders.right[c]!;
      return v + sideSign(side) * across * WIDER_SHARE;
    }),
  ) as Vec3[];
  return [chin, nose, hips.left, hips.right, ...outwards];
}

export const cutThrough = {
  id: 'cut-through',
  name: 'Frame through a person',
  reads: [],
  station: 'camera',
  grade: 'fault',
  reason: 'A frame ends between people, never through one of them.',
  weight: 0.9,
  measure({ view, figure, others }) {
    if (others.length === 0) return [];
    const places = placesOf(figure).map((p) => project(view, p));
    const beside = places.filter(({ x, depthM }) => depthM <= 0 || Math.abs(x) > 1).length;
    return [
      {
        key: '',
        value: (beside / places.length) * 100,
        low: 0,
        high: 0,
        full: 50,
        unit: '% beside the frame',
        title: 'A side of the frame cuts through this one',
        variables: [...mark('leftM'), ...camera('distanceM', 'focalLengthMm')],
      },
    ];
  },
} as const satisfies Rule;
