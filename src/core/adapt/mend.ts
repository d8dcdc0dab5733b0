import { wantedRanges, type WantedRanges } from '../brief';
import { CAMERA_RANGES } from '../camera';
import { canBeMoved, KEY_RANGES } from '../light';
import { seeShot, type Shot, type Sight, type StandIn } from '../picture';
import type { Ground } from '../scene';
import { settingOf, SETTINGS, withHeld, withSetting, type Pose, type Station } from '../pose';
import { outside, review, RULES, type Finding, type Measurement, type MendVariable } from '../review';
import { clamp } from '../units';

/** One number a mend changed. */
export interface MendChange {
  variable: MendVariable;
  from: number;
  to: number;
}

/** Why a finding is not mended: every change would raise another, its stations are held, or nobody knows its rule. */
export type StuckWhy = 'raisesAnother' | 'held' | 'unknownRule';

export type MendResult =
  | { kind: 'mended'; shot: Shot; changes: MendChange[]; evaluations: number }
  | { kind: 'stuck'; why: StuckWhy; evaluations: number };

/** What a mend is asked under. */
export interface MendWishes {
  /** What the brief wants; without one, what the pose's own message wants. */
  wanted?: WantedRanges;
  /** The room, whose furniture is in the picture. */
  ground?: Ground | undefined;
  /** Stations that stay as they are. */
  held?: readonly Station[];
}

/** Seconds that one step of the camera or of the key costs, against the settings' own figures. */
const CAMERA_SECONDS = 1.2;
const KEY_SECONDS = 1.5;
const MOST_STEPS = 8;
/** A fault that grows by more than this counts as raised. */
const RAISED = 0.05;

interface Axis {
  variable: MendVariable;
  from: number;
  step: number;
  min: number;
  max: number;
  seconds: number;
}

function axisOf(shot: Shot, variable: MendVariable): Axis {
  if (variable.on === 'pose') {
    const s = SETTINGS[variable.id];
    return {
      variable,
      from: settingOf(shot.pose, variable.id),
      step: s.step,
      min: s.min,
      max: s.max,
      seconds: s.secondsPerStep,
    };
  }
  if (variable.on === 'light') {
    const { min, max, step } = KEY_RANGES[variable.name];
    const coarse = variable.name === 'heightM' ? 3 * step : step;
    return { variable, from: shot.light[variable.name], step: coarse, min, max, seconds: KEY_SECONDS };
  }
  const r = CAMERA_RANGES[variable.name];
  const step =
    variable.name === 'focalLengthMm'
      ? 5
      : variable.name === 'heightM'
        ? 0.04
        : variable.name === 'distanceM'
          ? 0.2
          : r.step;
  return {
    variable,
    from: shot.camera[variable.name],
    step,
    min: r.min,
    max: r.max,
    seconds: CAMERA_SECONDS,
  };
}

/** Round numbers are easier to say: values are kept to a thousandth. */
function valueAt(axis: Axis, steps: number): number {
  return Math.round((axis.from + axis.step * steps) * 1000) / 1000;
}

function moved({ from, held }: Search, shot: Shot, axis: Axis, steps: number): Shot {
  const value = valueAt(axis, steps);
  if (axis.variable.on === 'pose') {
    const pose = withSetting(shot.pose, axis.variable.id, value);
    return { ...shot, pose: withHeld(from.pose, heldAgainst(pose, axis, value), held) };
  }
  if (axis.variable.on === 'light') return { ...shot, light: { ...shot.light, [axis.variable.name]: value } };
  return { ...shot, camera: { ...shot.camera, [axis.variable.name]: value } };
}

/** What moves against a change, so that what it carries stays where it was. */
function heldAgainst(pose: Pose, { variable, from }: Axis, value: number): Pose {
  if (variable.on !== 'pose' || !variable.holds) return pose;
  const { min, max } = SETTINGS[variable.holds];
  return withSetting(pose, variable.holds, clamp(settingOf(pose, variable.holds) - (value - from), min, max));
}

function isHeld(variable: MendVariable, held: readonly Station[]): boolean {
  return variable.on === 'pose' && held.includes(SETTINGS[variable.id].station);
}

function inRange(axis: Axis, steps: number): boolean {
  const v = valueAt(axis, steps);
  return v >= axis.min && v <= axis.max;
}

interface Trial {
  axis: Axis;
  steps: number;
  sight: Sight;
  /** How far the figure still lies outside its wanted range, in its unit. */
  off: number;
  /** Findings that a change which clears its own raises or makes worse. */
  raised: Finding[];
  cost: number;
}

/** Most changes in one mend, and most first changes for which a second is looked for. */
const MOST_CHANGES = 3;
const FIRST_CHANGES = 3;

/** One search for a mend: what was found before, and how often a picture was taken. */
interface Search {
  standIn: StandIn;
  /** The shot as it was before anything was changed. */
  from: Shot;
  held: readonly Station[];
  wanted: WantedRanges;
  ground: Ground | undefined;
  /** Severity of every finding that may stay. */
  before: ReadonlyMap<string, number>;
  evaluations: number;
}

/**
 * Looks for the smallest change, in comfortable steps, that clears a finding without raising another.
 * Each of the finding's settings is tried alone, first where its own slope points, then outwards step by step; the
 * cheapest change wins. Where every change that clears it raises something else, the cheapest ones are followed by
 * a change that clears that. A change that hides what is measured clears nothing. Deterministic.
 */
export function mend(
  standIn: StandIn,
  shot: Shot,
  finding: Finding,
  { wanted = wantedRanges(shot.pose.message), ground, held = [] }: MendWishes = {},
): MendResult {
  const findings = review(seeShot(standIn, shot, { ground }), wanted);
  const before = new Map(findings.filter((f) => f.id !== finding.id).map((f) => [f.id, f.severity]));
  const search: Search = { standIn, from: shot, held, wanted, ground, before, evaluations: 1 };
  const found = clear(search, shot, finding, MOST_CHANGES);
  const { evaluations } = search;
  if (found) return { kind: 'mended', shot: found.shot, changes: found.changes, evaluations };
  return { kind: 'stuck', why: whyStuck(finding, held), evaluations };
}

function whyStuck({ ruleId, measurement }: Finding, held: readonly Station[]): StuckWhy {
  if (!RULES.some((r) => r.id === ruleId)) return 'unknownRule';
  const { variables } = measurement;
  return variables.length > 0 && variables.every((v) => isHeld(v, held)) ? 'held' : 'raisesAnother';
}

interface Way {
  shot: Shot;
  changes: MendChange[];
  cost: number;
}

/** The cheapest way found to clear one finding with at most `most` changes; null when there is none. */
function clear(search: Search, shot: Shot, finding: Finding, most: number): Way | null {
  const { best, others } = singleChange(search, shot, finding);
  if (best) return { shot: best.sight.shot, changes: changesOf(shot, best), cost: best.cost };
  if (most <= 1) return null;
  others.sort((a, b) => a.cost - b.cost);
  let way: Way | null = null;
  for (const first of others.filter((t) => t.raised.length < most).slice(0, FIRST_CHANGES)) {
    if (way && first.cost >= way.cost) break;
    const rest = clear(search, first.sight.shot, first.raised[0]!, most - 1);
    const cost = first.cost + (rest?.cost ?? Infinity);
    if (rest && (!way || cost < way.cost))
      way = { shot: rest.shot, changes: [...changesOf(shot, first), ...rest.changes], cost };
  }
  return way;
}

/** The change of a trial, and with it what moved against it. */
function changesOf(before: Shot, { axis, steps, sight }: Trial): MendChange[] {
  const { variable } = axis;
  const main: MendChange = { variable, from: axis.from, to: valueAt(axis, steps) };
  if (variable.on !== 'pose' || !variable.holds) return [main];
  const id = variable.holds;
  const [from, to] = [settingOf(before.pose, id), settingOf(sight.shot.pose, id)];
  return from === to ? [main] : [main, { variable: { on: 'pose', id }, from, to }];
}

/** How far a measurement still lies outside; what is no longer seen is not mended. */
function stillOff(measurement: Measurement | undefined, before: Measurement): number {
  if (!measurement || (measurement.of ?? 0) < (before.of ?? 0)) return Infinity;
  return outside(measurement);
}

/** Findings that a changed shot has, or has worse, besides the one that is mended. */
function raisedBy({ wanted, before }: Search, sight: Sight, finding: Finding): Finding[] {
  return review(sight, wanted).filter(
    (f) => f.id !== finding.id && f.severity > (before.get(f.id) ?? -1) + RAISED,
  );
}

/** The cheapest single change that clears a finding cleanly, and those that clear it but raise others. */
function singleChange(search: Search, shot: Shot, finding: Finding): { best: Trial | null; others: Trial[] } {
  const rule = RULES.find((r) => r.id === finding.ruleId);
  if (!rule) return { best: null, others: [] };
  const takeAt = (axis: Axis, steps: number): Trial | null => {
    if (!inRange(axis, steps)) return null;
    search.evaluations++;
    let sight: Sight;
    try {
      sight = seeShot(search.standIn, moved(search, shot, axis, steps), { ground: search.ground });
    } catch (error) {
      if (error instanceof RangeError) return null;
      throw error;
    }
    const measurement = rule.measure(sight, search.wanted).find((m) => m.key === finding.measurement.key);
    const off = stillOff(measurement, finding.measurement);
    // most trials clear nothing: what else they raise is only asked of those that do
    const raised = off <= 0 ? raisedBy(search, sight, finding) : [];
    return { axis, steps, sight, off, raised, cost: Math.abs(steps) * axis.seconds };
  };
  let best: Trial | null = null;
  const others: Trial[] = [];
  for (const variable of finding.measurement.variables) {
    if (isHeld(variable, search.held) || (variable.on === 'light' && !canBeMoved(shot.light))) continue;
    const axis = axisOf(shot, variable);
    const taken = new Map<number, Trial | null>();
    const tryAt = (steps: number): Trial | null => {
      if (!taken.has(steps)) taken.set(steps, takeAt(axis, steps));
      return taken.get(steps)!;
    };
    const clean = (steps: number): boolean => {
      const trial = tryAt(steps);
      return trial !== null && trial.off <= 0 && trial.raised.length === 0;
    };
    const limit = best ? Math.ceil(best.cost / axis.seconds) - 1 : MOST_STEPS;
    let found = orderOfTrial(finding, tryAt).find((steps) => Math.abs(steps) <= limit && clean(steps));
    while (found !== undefined && Math.abs(found) > 1 && clean(found - Math.sign(found)))
      found -= Math.sign(found);
    if (found !== undefined) best = tryAt(found);
    else for (const trial of taken.values()) if (trial && trial.off <= 0) others.push(trial);
  }
  return { best, others };
}

/**
 * Steps in the order in which they are worth trying: where one step each way shows a slope, from the estimated
 * crossing outwards on that side; else alternately outwards on both sides.
 */
function orderOfTrial(finding: Finding, tryAt: (steps: number) => Trial | null): number[] {
  const start = outside(finding.measurement);
  const plus = tryAt(1)?.off ?? Infinity;
  const minus = tryAt(-1)?.off ?? Infinity;
  const sign = plus <= minus ? 1 : -1;
  const gain = start - Math.min(plus, minus);
  const outwards = Array.from({ length: MOST_STEPS }, (_, i) => i + 1);
  if (gain > start * 0.02 && Number.isFinite(gain)) {
    const guess = Math.min(MOST_STEPS, Math.max(1, Math.ceil(start / gain)));
    const near = outwards.filter((k) => k >= guess - 1).map((k) => k * sign);
    return [
      ...near,
      ...outwards.filter((k) => k < guess - 1).map((k) => k * sign),
      ...outwards.slice(0, 4).map((k) => -k * sign),
    ];
  }
  return outwards.slice(0, 6).flatMap((k) => [k, -k]);
}
