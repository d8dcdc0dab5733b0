import { isOnSeat } from '../../pose';
import type { Sight } from '../../picture';
import { patchOf, placeSupport, type Patch } from '../../scene';
import { add, cross, dot, SIDES, subtract, type Side, type Vec3 } from '../../units';
import { isPlanted } from '../measures/isPlanted';
import { pose, type Rule } from '../rule';

/** Places along a thigh that are looked at. */
const PLACES = 24;

function isOver({ point, along, normal, halfAlongM, halfAcrossM }: Patch, p: Vec3): boolean {
  const from = subtract(p, point);
  return Math.abs(dot(from, along)) <= halfAlongM && Math.abs(dot(from, cross(normal, along))) <= halfAcrossM;
}

/** Per cent of a thigh that lies over the seat. */
function onSeatPercent({ figure: { points } }: Sight, seat: Patch, side: Side): number {
  const [hip, knee] = [points.hips[side], points.knees[side]];
  const way = subtract(knee, hip);
  const places = Array.from({ length: PLACES }, (_, i) => add(hip, way, (i + 0.5) / PLACES));
  return (100 * places.filter((p) => isOver(seat, p)).length) / PLACES;
}

export const seatDeep = {
  id: 'seat-deep',
  name: 'Deep on the seat',
  reads: ['thighOnSeatPercent'],
  station: 'hips',
  grade: 'polish',
  reason: 'Deep on a seat the thighs are pressed wide and the back sinks; sit at its front.',
  weight: 0.5,
  measure(sight, { thighOnSeatPercent }) {
    const { shot } = sight;
    const [first] = shot.pose.objects ?? [];
    const seat = first && isOnSeat(shot.pose.support) ? patchOf(placeSupport(first), 'seat') : undefined;
    const planted = SIDES.filter((side) => isPlanted(shot.pose, side));
    // somebody astride, or who draws the feet up, sits on it as it is meant
    if (!seat || planted.length < 2 || shot.pose.support === 'astride') return [];
    const shares = planted.map((side) => onSeatPercent(sight, seat, side));
    return [
      {
        key: '',
        spot: 'knees',
        value: shares.reduce((sum, share) => sum + share, 0) / shares.length,
        ...thighOnSeatPercent,
        full: 20,
        unit: '% of the thighs on the seat',
        title: 'The sitter sits deep on the seat',
        titleBelow: 'The sitter sits further forward than wanted',
        variables: pose('seatDepthShare'),
      },
    ];
  },
} as const satisfies Rule;
