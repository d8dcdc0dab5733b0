import type { Standard } from '../brief';
import type { Sight, StandIn } from '../picture';
import type { Station } from '../pose';
import { isAtLeast, review, shortOfClear, type Finding, type Measurement, type Rule } from '../review';
import type { Ground } from '../scene';
import type { SoloShot } from '../shot';
import { RAISED } from './harmToOthers';
import { inRange, moved, type Axis } from './mendAxis';
import { lookAt } from './proposal';

/** One thing moved by some steps, and what came of it. */
export interface Trial {
  axis: Axis;
  steps: number;
  sight: Sight;
  /** How far the figure still lies outside its wanted range, in its unit. */
  off: number;
  /** Findings that a change which clears its own raises or makes worse. */
  raised: Finding[];
  cost: number;
}

/** One search for a mend: what was found before, and how often a picture was taken. */
export interface Search {
  standIn: StandIn;
  /** The shot as it was before anything was changed. */
  from: SoloShot;
  held: readonly Station[];
  standard: Standard;
  ground: Ground | undefined;
  /** Severity of every finding that may stay. */
  before: ReadonlyMap<string, number>;
  /** Whether a changed shot is worse for one of the others in the picture. */
  harmsOthers(shot: SoloShot): boolean;
  evaluations: number;
}

/** How far a measurement still is from being clearly mended; what is no longer seen is not mended. */
function stillOff(measurement: Measurement | undefined, before: Measurement): number {
  if (!measurement || (measurement.of ?? 0) < (before.of ?? 0)) return Infinity;
  return shortOfClear(measurement);
}

/** Findings that a changed shot has, or has worse, besides the one that is mended, and that matter as much. */
export function raisedBy({ standard, before }: Search, sight: Sight, finding: Finding): Finding[] {
  return review(sight, standard).filter(
    (f) =>
      f.id !== finding.id &&
      isAtLeast(f.grade, finding.grade) &&
      f.severity > (before.get(f.id) ?? -1) + RAISED,
  );
}

/** Most pictures that are taken for one mend: what is not found by then is not worth the wait (from memory). */
const MOST_EVALUATIONS = 150;

/** One number moved by some steps, looked at; null where it cannot be so, or enough was looked at. */
export function tryStep(
  search: Search,
  shot: SoloShot,
  rule: Rule,
  finding: Finding,
  axis: Axis,
  steps: number,
): Trial | null {
  if (!inRange(axis, steps) || search.evaluations >= MOST_EVALUATIONS) return null;
  search.evaluations++;
  const next = moved(shot, axis, steps, search.from.pose, search.held);
  const sight = seen(search, next);
  if (!sight) return null;
  const measurement = rule
    .measure(sight, search.standard.ranges, search.standard.cuts)
    .find((m) => m.key === finding.measurement.key);
  let off = stillOff(measurement, finding.measurement);
  // most trials clear nothing: what else they raise is only asked of those that do
  const raised = off <= 0 ? raisedBy(search, sight, finding) : [];
  // what mends one at the cost of another mends nothing
  if (off <= 0 && raised.length === 0 && search.harmsOthers(next)) off = Infinity;
  return { axis, steps, sight, off, raised, cost: Math.abs(steps) * axis.seconds };
}

/** A shot as it is seen; null where the camera would stand inside the sitter. */
export function seen({ standIn, ground }: Search, shot: SoloShot): Sight | null {
  return lookAt(standIn, shot, ground);
}

/** The trial that leaves least of a fault; of two alike the cheaper one. */
export function nearestOf(trials: readonly Trial[]): Trial | null {
  return trials.reduce<Trial | null>(
    (a, b) => (a && (a.off < b.off || (a.off === b.off && a.cost <= b.cost)) ? a : b),
    null,
  );
}
