import type { Standard } from '../brief';
import { forEachOther, seeShot, type SeenForOther, type StandIn } from '../picture';
import { review } from '../review';
import { OWN_MARK, type Ground } from '../scene';
import type { SoloShot } from '../shot';

/** A fault that grows by more than this counts as raised. */
export const RAISED = 0.05;

/** Of a large group so many are looked at again after a change: those who stand nearest. */
const MOST_OTHERS = 6;

/** The nearest of the others, by their marks. */
function nearestOthers(standIn: StandIn, shot: SoloShot): SeenForOther[] {
  const { leftM, aheadM } = shot.mark ?? OWN_MARK;
  const farM = ({ shot: { mark = OWN_MARK } }: SeenForOther) =>
    Math.hypot(mark.leftM - leftM, mark.aheadM - aheadM);
  return forEachOther(standIn, shot)
    .sort((a, b) => farM(a) - farM(b))
    .slice(0, MOST_OTHERS);
}

/**
 * Tells whether a change of a shot raises a finding of one of the others in the picture, or makes it worse: what mends
 * one at the cost of another mends nothing. The others as they were are looked at at once.
 */
export function harmToOthers(
  standIn: StandIn,
  shot: SoloShot,
  standard: Standard,
  ground: Ground | undefined,
): (changed: SoloShot) => boolean {
  if (!shot.among) return () => false;
  const severitiesFor = (other: SeenForOther) => {
    const findings = review(seeShot(other.standIn, other.shot, { ground }), standard);
    return new Map(findings.map((f) => [f.id, f.severity]));
  };
  const before = new Map(nearestOthers(standIn, shot).map((o) => [o.role, severitiesFor(o)]));
  const isWorse = (other: SeenForOther) => {
    const was = before.get(other.role);
    if (!was) return false;
    return [...severitiesFor(other)].some(([id, severity]) => severity > (was.get(id) ?? -1) + RAISED);
  };
  return (changed) => forEachOther(standIn, changed).some(isWorse);
}
