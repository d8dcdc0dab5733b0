import { contactOf, sided, type Pose } from '../../pose';
import type { Side } from '../../units';
import { pose, type MendVariable } from '../rule';
import { lowPlacesOf } from './places';

/** What turns a hand where it is: one that is laid somewhere turns by its elbow alone, or goes elsewhere. */
export function turnsHand(said: Pose, side: Side): MendVariable[] {
  const elbow = sided(side, 'ElbowSwivelDeg');
  if (contactOf(said, side)) return [...pose(elbow), lowPlacesOf(side)];
  return pose(sided(side, 'ForearmTurnDeg'), sided(side, 'WristBendDeg'), elbow, sided(side, 'ElbowBendDeg'));
}
