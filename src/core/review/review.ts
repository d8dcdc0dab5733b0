import type { Sight } from '../picture';
import type { WantedRanges } from '../brief';
import { STATIONS } from '../pose';
import { enlargedPart } from './arms/enlargedPart';
import { noDaylight } from './arms/noDaylight';
import { frameEdge } from './camera/frameEdge';
import { lensHeight } from './camera/lensHeight';
import { feetTogether } from './feet/feetTogether';
import { toesIn } from './feet/toesIn';
import { gazeFar } from './gaze/gazeFar';
import { beyondRange } from './comfort/beyondRange';
import { chinBack } from './head/chinBack';
import { headTilt } from './head/headTilt';
import { lockedJoints } from './hips/lockedJoints';
import { darkSockets } from './light/darkSockets';
import { keyFromBelow } from './light/keyFromBelow';
import { lampInFrame } from './light/lampInFrame';
import { lensFlare } from './light/lensFlare';
import { noCatchlight } from './light/noCatchlight';
import type { Measurement, Rule } from './rule';
import { squareShoulders } from './shoulders/squareShoulders';
import * as together from './together';
import { evenWeight } from './weight/evenWeight';

/** All rules, from the floor up, then camera and light. */
export const RULES: readonly Rule[] = [
  toesIn,
  feetTogether,
  evenWeight,
  lockedJoints,
  together.wedge,
  together.bentToOther,
  squareShoulders,
  noDaylight,
  enlargedPart,
  together.idleHand,
  together.handWithoutArm,
  together.mirroredHands,
  together.paleHand,
  chinBack,
  headTilt,
  together.headsApart,
  together.levelHeads,
  gazeFar,
  together.gazeUnexplained,
  frameEdge,
  lensHeight,
  together.cutThrough,
  together.faceCovered,
  together.littleSeen,
  together.nearEnlarged,
  keyFromBelow,
  darkSockets,
  noCatchlight,
  lampInFrame,
  lensFlare,
  beyondRange,
];

/** What the review sees. */
export interface Finding {
  /** Rule and key: the same fault keeps its id from picture to picture. */
  id: string;
  ruleId: string;
  station: Rule['station'];
  title: string;
  reason: string;
  measurement: Measurement;
  /** 0 just outside the wanted range, 1 fully wrong, times the rule's weight. */
  severity: number;
}

/** How far a value lies outside its wanted range, in its unit. */
export function outside(m: Measurement): number {
  return Math.max(0, m.low - m.value, m.value - m.high);
}

/** A value may lie outside at the end of which the title does not speak. */
function titleOf({ value, high, title, titleAbove = title, titleBelow = title }: Measurement): string {
  return value > high ? titleAbove : titleBelow;
}

/** Examines a sight with every rule; worst first, then floor up. `wanted` comes from the brief or the pose. */
export function review(sight: Sight, wanted: WantedRanges): Finding[] {
  const findings: Finding[] = [];
  for (const rule of RULES)
    for (const measurement of rule.measure(sight, wanted)) {
      const off = outside(measurement);
      if (off <= 0) continue;
      findings.push({
        id: measurement.key ? `${rule.id}:${measurement.key}` : rule.id,
        ruleId: rule.id,
        station: measurement.station ?? rule.station,
        title: titleOf(measurement),
        reason: rule.reason,
        measurement,
        severity: Math.min(1, 0.25 + (0.75 * off) / measurement.full) * rule.weight,
      });
    }
  const order = ({ station }: Finding) =>
    station === 'camera' || station === 'light' ? STATIONS.length : STATIONS.indexOf(station);
  return findings.sort((a, b) => b.severity - a.severity || order(a) - order(b));
}
