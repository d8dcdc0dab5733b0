import type { Frames } from '../joints/frames';
import { standsFree, supportDistance, type Carriage } from '../carriage';
import { limbDistance } from './limbDistance';
import { SIDES } from '../../units';
import type { Clearance } from './clearance';

/** Everything beside the trunk that arms keep clear of: legs, supports and the level on which the body lies. */
export function obstacles(frames: Frames, carriage: Carriage): Clearance {
  const { body, solids, mark } = carriage;
  const legs = SIDES.map((side) => limbDistance(frames, body, 'leg', side));
  const levelM = standsFree(carriage) ? (mark.levelM ?? 0) : carriage.levelM;
  return (p) => {
    const least = Math.min(p[1] - levelM, legs[0]!(p), legs[1]!(p));
    return solids.length > 0 ? Math.min(least, supportDistance(carriage, p)) : least;
  };
}
