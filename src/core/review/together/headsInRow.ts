import { project } from '../../camera';
import type { Figure } from '../../figure';
import type { Sight } from '../../picture';
import { mark, pose, type Rule } from '../rule';
import { ONE_LINE_HEADS } from './beside';

/** Where a face is in the picture, half widths and half heights, and how high it is drawn. */
function faceOf({ view }: Sight, { points }: Figure) {
  const [chin, crown] = [project(view, points.chin), project(view, points.crown)];
  return { x: chin.x, y: chin.y, high: Math.abs(crown.y - chin.y) };
}

/** How far a head is above or below the line of the next on either side, head heights; null at the end of a row. */
function offLine(sight: Sight): number | null {
  const own = faceOf(sight, sight.figure);
  const others = sight.others.map((o) => faceOf(sight, o.figure));
  const left = others.filter(({ x }) => x < own.x).sort((a, b) => b.x - a.x)[0];
  const right = others.filter(({ x }) => x > own.x).sort((a, b) => a.x - b.x)[0];
  if (!left || !right) return null;
  const off = Math.max(Math.abs(own.y - left.y), Math.abs(own.y - right.y));
  return off / Math.max(1e-6, own.high);
}

export const headsInRow = {
  id: 'heads-in-row',
  name: 'Three heads in a line',
  reads: [],
  station: 'head',
  grade: 'polish',
  reason: 'Three heads in a line are a shelf; one higher or lower makes a triangle.',
  weight: 0.3,
  measure(sight) {
    const off = offLine(sight);
    if (off === null) return [];
    return [
      {
        key: '',
        value: off,
        low: ONE_LINE_HEADS,
        high: 20,
        deadBand: [0.04, 0],
        full: 0.14,
        unit: 'heads off the line of both neighbours',
        title: 'Three heads are in one line',
        variables: [...mark('levelM'), ...pose('heelSpacingShoulders', 'leftWeightShare')],
      },
    ];
  },
} as const satisfies Rule;
