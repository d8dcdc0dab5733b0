import type { Standard } from '../brief';
import { seeShot, type Sight, type StandIn } from '../picture';
import { settingApplies, type Station } from '../pose';
import { review, type MendVariable } from '../review';
import type { Ground } from '../scene';
import type { SoloShot } from '../shot';
import { harmToOthers, RAISED } from './harmToOthers';
import { axisOf, canChange, changesOf, inRange, moved, type MendChange } from './mendAxis';

/** A shot in place of another, what is other in it, and the seconds that it costs to get there. */
export interface Proposal {
  shot: SoloShot;
  changes: MendChange[];
  seconds: number;
}

/** Whether something can be changed in a shot, and means anything in it. */
function hasEffect(shot: SoloShot, variable: MendVariable, held: readonly Station[]): boolean {
  if (!canChange(shot, variable, held)) return false;
  return variable.on !== 'pose' || settingApplies(shot.pose, variable.id);
}

/** One thing changed by each of some numbers of comfortable steps, as far as it can be. */
export function steppedBy(
  shot: SoloShot,
  variable: MendVariable,
  steps: readonly number[],
  held: readonly Station[],
): Proposal[] {
  if (!hasEffect(shot, variable, held)) return [];
  const axis = axisOf(shot, variable);
  return steps
    .filter((by) => inRange(axis, by))
    .map((by) => {
      const next = moved(shot, axis, by, shot.pose, held);
      const seconds = Math.abs(by) * axis.seconds;
      return { shot: next, changes: changesOf(shot, axis, by, next), seconds };
    });
}

/** A shot as it is seen; null where the camera would stand inside somebody. */
export function lookAt(standIn: StandIn, shot: SoloShot, ground: Ground | undefined): Sight | null {
  try {
    return seeShot(standIn, shot, { ground });
  } catch (error) {
    if (error instanceof RangeError) return null;
    throw error;
  }
}

/** Tells whether a changed shot has a finding that the first one has not, or has it worse, for anybody in the picture. */
export function harmOf(
  standIn: StandIn,
  shot: SoloShot,
  standard: Standard,
  ground: Ground | undefined,
): (sight: Sight) => boolean {
  const findings = review(seeShot(standIn, shot, { ground }), standard);
  const before = new Map(findings.map((f) => [f.id, f.severity]));
  const harmsOthers = harmToOthers(standIn, shot, standard, ground);
  return (sight) =>
    review(sight, standard).some((f) => f.severity > (before.get(f.id) ?? -1) + RAISED) ||
    harmsOthers(sight.shot);
}
