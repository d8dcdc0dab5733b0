import { isOnSeat } from '../../pose';
import type { Sight } from '../../picture';
import { clamp, dot, SIDES, subtract, unit, type Side } from '../../units';
import { isInPicture } from '../measures/seen';
import { camera, pose, type Rule } from '../rule';

/** Sine between a thigh and the line of view; null where the thigh does not come towards the lens. */
function offView({ figure: { points }, view }: Sight, side: Side): number | null {
  const [hip, knee] = [points.hips[side], points.knees[side]];
  const cosine = dot(unit(subtract(knee, hip)), unit(subtract(view.eye, hip)));
  return cosine > 0 ? Math.sqrt(1 - clamp(cosine, 0, 1) ** 2) : null;
}

export const legsAtLens = {
  id: 'legs-at-lens',
  name: 'Thighs at the lens',
  reads: ['thighOffLensSine'],
  station: 'hips',
  grade: 'fault',
  isOfOneAlone: true,
  reason: 'Thighs that point at the lens are cut short and lie before the body; turn the seat.',
  weight: 0.6,
  measure(sight, { thighOffLensSine }) {
    const { shot, picture, figure } = sight;
    const { support } = shot.pose;
    const isSeen = SIDES.every((side) => isInPicture(picture, figure.points.knees[side]));
    if (!(isOnSeat(support) || support === 'floor') || !isSeen) return [];
    const forward = SIDES.map((side) => offView(sight, side)).filter((v) => v !== null);
    if (forward.length < 2) return [];
    return [
      {
        key: '',
        spot: 'knees',
        value: Math.max(...forward),
        of: forward.length,
        ...thighOffLensSine,
        full: 0.3,
        unit: 'of their length seen',
        title: 'Both thighs point at the lens',
        titleAbove: 'More of the thighs is seen than wanted',
        variables: [{ on: 'seat', name: 'turnLeftDeg' }, ...pose('hipsTurnLeftDeg'), ...camera('arcDeg')],
      },
    ];
  },
} as const satisfies Rule;
