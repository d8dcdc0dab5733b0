import { placed, placeOnTrunk } from '../../figure';
import type { Sight } from '../../picture';
import { isOnFeet } from '../../pose';
import { placedDistance, placeSupport, solidsOf, type PlacedSolid } from '../../scene';
import { pose, type Rule } from '../rule';

/** Heights of the back from the hips to the neck that are looked at, shares of the frame. */
const HEIGHTS = Array.from({ length: 12 }, (_, i) => 0.52 + i * 0.024);
/** Cloth and flesh lie on a wall that is nearer than this, metres. */
const ON_WALL_M = 0.015;
/** From this share of the back on the wall it lies flat (a study of made scenes: flat 100 %, hollow up to 58). */
const MOST_ON_WALL_PERCENT = 80;

/** Per cent of the back, hips to neck, that lies on some walls. */
function onWallPercent({ body, figure }: Sight, walls: readonly PlacedSolid[]): number {
  const lying = HEIGHTS.filter((height) => {
    const { point } = placed(figure.frames, body, placeOnTrunk(body, height, 180));
    return walls.some((wall) => placedDistance(wall, point) < ON_WALL_M);
  });
  return (100 * lying.length) / HEIGHTS.length;
}

export const flatOnWall = {
  id: 'flat-on-wall',
  name: 'Back flat on the wall',
  reads: [],
  station: 'spine',
  grade: 'fault',
  reason: 'A back that lies flat on a wall has no line; leave the small of it free.',
  weight: 0.5,
  measure(sight) {
    const { shot } = sight;
    const walls = (shot.pose.objects ?? []).filter(({ kind }) => kind === 'wall');
    if (walls.length === 0 || !isOnFeet(shot.pose.support)) return [];
    return [
      {
        key: '',
        value: onWallPercent(sight, solidsOf(walls.map(placeSupport))),
        low: 0,
        high: MOST_ON_WALL_PERCENT,
        deadBand: [0, 10],
        full: 20,
        unit: '% of the back on the wall',
        title: 'The back lies flat on the wall',
        variables: pose('lowerHollowDeg', 'leanForwardDeg', 'hipsTurnLeftDeg'),
      },
    ];
  },
} as const satisfies Rule;
