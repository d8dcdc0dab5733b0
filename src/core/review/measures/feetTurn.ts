import type { Figure } from '../../figure';
import { settingApplies, sided, type Pose } from '../../pose';
import { degrees, SIDES, subtract, turnBetweenDeg, type Side } from '../../units';

/** Where a foot points on the floor, degrees to the sitter's left of the set's front. */
function footTurnDeg({ feet }: Figure, side: Side): number {
  const [x, , z] = subtract(feet[side].toe, feet[side].heel);
  return degrees(Math.atan2(x, z));
}

/** Where both feet point on the floor in the middle, degrees to the sitter's left of the set's front. */
export function feetTurnDeg(figure: Figure): number {
  const left = footTurnDeg(figure, 'left');
  return left + turnBetweenDeg(left, footTurnDeg(figure, 'right')) / 2;
}

/** Whether both feet stand where their own settings put them. */
export function bothFeetStand(said: Pose): boolean {
  return SIDES.every((side) => settingApplies(said, sided(side, 'FootOutDeg')));
}
