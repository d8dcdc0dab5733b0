import { isOnFeet, legModes } from '../../pose';
import type { Sight } from '../../picture';
import { apart, midpoint, SIDES, type Vec3 } from '../../units';
import { atEase } from '../../figure';
import { flatAt } from '../../camera';
import { isInPicture } from '../measures/seen';
import { camera, type Rule } from '../rule';

/** A knee bent by more shortens the leg itself, degrees (from memory). */
const STRAIGHT_BELOW_DEG = 45;

/** Legs over trunk and head as the picture draws them, against the same of the sitter at ease. */
function drawnShare({ view, body, figure }: Sight): number {
  const flat = (p: Vec3): Vec3 => [...flatAt(view, p), 0];
  const ratio = ({ points }: Sight['figure'], at: (p: Vec3) => Vec3) => {
    const legs = SIDES.map((side) => apart(at(points.hips[side]), at(points.ankles[side])));
    return Math.max(...legs) / apart(at(points.crown), at(midpoint(points.hips.left, points.hips.right)));
  };
  return ratio(figure, flat) / ratio(atEase(body), (p) => p);
}

export const legsShortened = {
  id: 'legs-shortened',
  name: 'Legs drawn short',
  reads: ['legsDrawnShare'],
  station: 'camera',
  grade: 'fault',
  reason: 'From above the legs are cut short; the lens goes down to the waist.',
  weight: 0.6,
  measure(sight, { legsDrawnShare }) {
    const { shot, figure, picture } = sight;
    const { points, kneeBendDeg } = figure;
    const legs = legModes(shot.pose);
    const straight = SIDES.some((side) => legs[side] === 'stands' && kneeBendDeg[side] < STRAIGHT_BELOW_DEG);
    const isWhole = SIDES.every((side) => isInPicture(picture, points.ankles[side]));
    if (!isOnFeet(shot.pose.support) || !straight || !isWhole) return [];
    return [
      {
        key: '',
        spot: 'knees',
        value: drawnShare(sight),
        ...legsDrawnShare,
        full: 0.25,
        unit: '× the sitter’s own',
        title: 'The legs are drawn short',
        titleAbove: 'The legs are drawn longer than wanted',
        variables: camera('heightM', 'distanceM'),
      },
    ];
  },
} as const satisfies Rule;
