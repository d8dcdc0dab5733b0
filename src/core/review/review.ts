import type { Sight } from '../picture';
import type { WantedRanges } from '../brief';
import { STATIONS } from '../pose';
import { GRADES, type Grade, type Measurement, type Rule } from './rule';
import { RULES } from './rules';

/** What the review sees. */
export interface Finding {
  /** Rule and key: the same fault keeps its id from picture to picture. */
  id: string;
  ruleId: string;
  station: Rule['station'];
  grade: Grade;
  title: string;
  reason: string;
  measurement: Measurement;
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

function findingOf(rule: Rule, measurement: Measurement, id: string): Finding {
  const off = outside(measurement);
  return {
    id,
    ruleId: rule.id,
    station: measurement.station ?? rule.station,
    grade: rule.grade,
    title: titleOf(measurement),
    reason: rule.reason,
    measurement,
    severity: Math.min(1, 0.25 + (0.75 * off) / measurement.full) * rule.weight,
  };
}

/** Place of a finding in the order of the work: what must be mended first, then from the floor up, then by effect. */
function inOrder(a: Finding, b: Finding): number {
  const floorUp = ({ station }: Finding) =>
    station === 'camera' || station === 'light' ? STATIONS.length : STATIONS.indexOf(station);
  return (
    GRADES.indexOf(a.grade) - GRADES.indexOf(b.grade) || floorUp(a) - floorUp(b) || b.severity - a.severity
  );
}

/**
 * Examines a sight with every rule, in the order of the work.
 * @param wanted comes from the brief or the pose.
 * @param standing ids of what was found in the picture before: it stands until it is clearly mended, so that a number
 * that is moved by a little does not make it come and go.
 */
export function review(sight: Sight, wanted: WantedRanges, standing?: ReadonlySet<string>): Finding[] {
  const findings: Finding[] = [];
  for (const rule of RULES.filter((r) => !r.isOfOneAlone || sight.others.length === 0))
    for (const measurement of rule.measure(sight, wanted)) {
      const id = measurement.key ? `${rule.id}:${measurement.key}` : rule.id;
      const off = standing?.has(id) ? shortOfClear(measurement) : outside(measurement);
      if (off > 0) findings.push(findingOf(rule, measurement, id));
    }
  return findings.sort(inOrder);
}
