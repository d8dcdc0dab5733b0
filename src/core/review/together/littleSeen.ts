import { camera, mark, pose, type Rule } from '../rule';

/** A tenth against the whole is a fault: so much of what is seen of one and of an average other, per cent. */
const LEAST_SHARE_PERCENT = 12;

export const littleSeen = {
  id: 'little-seen',
  name: 'Little seen of one',
  reads: [],
  station: 'camera',
  grade: 'fault',
  reason: 'Of each a like share is seen; whoever shows a tenth of the other is an attachment.',
  weight: 0.8,
  measure({ picture: { sums, raster, othersFrom }, others }) {
    if (others.length === 0) return [];
    const ownPixels = sums.reduce((n, part, label) => (label === 0 ? n : n + part.pixels), 0);
    const theirPixels = raster.triangle.reduce((n, t) => (t >= othersFrom ? n + 1 : n), 0);
    if (ownPixels + theirPixels === 0) return [];
    return [
      {
        key: '',
        value: (100 * ownPixels) / (ownPixels + theirPixels / others.length),
        low: LEAST_SHARE_PERCENT,
        high: 100,
        full: 10,
        unit: '% of both',
        title: 'Little is seen of this one against the other',
        variables: [...mark('leftM', 'aheadM'), ...camera('arcDeg'), ...pose('hipsTurnLeftDeg')],
      },
    ];
  },
} as const satisfies Rule;
