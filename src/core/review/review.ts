import type { Sight } from '../picture';
import type { Standard } from '../brief';
import type { Figure } from '../figure';
import type { Vec3 } from '../units';
import { pointsOf } from './spots';
import { STATIONS } from '../pose';
import { GRADES, type Grade, type Measurement, type Rule } from './rule';
import { RULES, type KnownRule, type RuleId } from './rules';

/** What the review sees. */
export interface Finding {
  /** Rule and key: the same fault keeps its id from picture to picture. */
  id: string;
  ruleId: RuleId;
  station: Rule['station'];
  grade: Grade;
  /** Whether it is told for the sitter's sake, before all that is told for the picture's. */
  isForCare: boolean;
  title: string;
  reason: string;
  measurement: Measurement;
  /** Where it lies on the figure, set frame, metres. */
  at: Vec3[];
  /** 0 just outside the wanted range, 1 fully wrong, times the rule's weight. */
  severity: number;
}

/** How far a value lies outside its wanted range, in its unit. */
export function outside({ value, low, high }: Measurement): number {
  return Math.max(0, low - value, value - high);
}

/** How far a value lies short of being clear of both ends by their dead bands: only there a finding that stands goes. */
export function shortOfClear(measurement: Measurement): number {
  const [atLow, atHigh] = measurement.deadBand ?? [0, 0];
  const { low, high } = measurement;
  // a range that is narrower than its bands is cleared in its middle
  const share = Math.min(1, (high - low) / Math.max(1e-9, atLow + atHigh));
  return outside({ ...measurement, low: low + share * atLow, high: high - share * atHigh });
}

/** A value may lie outside at the end of which the title does not speak. */
function titleOf({ value, low, high, title, titleAbove = title, titleBelow = title }: Measurement): string {
  return high - value < value - low ? titleAbove : titleBelow;
}

function findingOf(rule: KnownRule, measurement: Measurement, id: string, figure: Figure): Finding {
  const off = outside(measurement);
  const station = measurement.station ?? rule.station;
  return {
    id,
    ruleId: rule.id,
    station,
    grade: rule.grade,
    isForCare: rule.isForCare ?? false,
    title: titleOf(measurement),
    reason: rule.reason,
    measurement,
    at: pointsOf(figure, station, measurement.key, measurement.spot),
    severity: Math.min(1, 0.25 + (0.75 * off) / measurement.full) * rule.weight,
  };
}

/**
 * Place of a finding in the order of the work: care for the sitter, what must be mended first, then from the floor up,
 * then by effect.
 */
function inOrder(a: Finding, b: Finding): number {
  const floorUp = ({ station }: Finding) =>
    station === 'camera' || station === 'light' ? STATIONS.length : STATIONS.indexOf(station);
  return (
    Number(b.isForCare) - Number(a.isForCare) ||
    GRADES.indexOf(a.grade) - GRADES.indexOf(b.grade) ||
    floorUp(a) - floorUp(b) ||
    b.severity - a.severity
  );
}

/** Whether a rule is asked of a sight. What is asked for the sitter's sake no school silences. */
function isAsked({ id, isOfOneAlone, isForCare }: Rule, sight: Sight, { silenced }: Standard): boolean {
  return (!isOfOneAlone || sight.others.length === 0) && (isForCare || !silenced.includes(id));
}

/**
 * Examines a sight with every rule that is asked, in the order of the work.
 * @param standard comes from the brief or the pose.
 * @param standing ids of what was found in the picture before: it stands until it is clearly mended, so that a number
 * that is moved by a little does not make it come and go.
 */
export function review(sight: Sight, standard: Standard, standing?: ReadonlySet<string>): Finding[] {
  const findings: Finding[] = [];
  for (const rule of RULES.filter((r) => isAsked(r, sight, standard)))
    for (const measurement of rule.measure(sight, standard.ranges, standard.cuts)) {
      const id = measurement.key ? `${rule.id}:${measurement.key}` : rule.id;
      const off = standing?.has(id) ? shortOfClear(measurement) : outside(measurement);
      if (off > 0) findings.push(findingOf(rule, measurement, id, sight.figure));
    }
  return findings.sort(inOrder);
}
