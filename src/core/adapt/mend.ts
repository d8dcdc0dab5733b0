import { CAMERA_RANGES, type CameraNumber } from '../camera';
import { seeShot, type Shot, type Sight, type Studio } from '../picture';
import { settingOf, SETTINGS, withSetting } from '../pose';
import { outside, review, RULES, type Finding, type Measurement, type MendVariable } from '../review';

/** One number a mend changed. */
export interface MendChange {
  variable: MendVariable;
  from: number;
  to: number;
}

export type MendResult =
  | { kind: 'mended'; shot: Shot; changes: MendChange[]; evaluations: number }
  | { kind: 'stuck'; why: string; evaluations: number };

/** Seconds that one step of the camera costs, against the settings' own figures. */
const CAMERA_SECONDS = 1.2;
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

function moved(shot: Shot, axis: Axis, steps: number): Shot {
  const value = valueAt(axis, steps);
  if (axis.variable.on === 'pose') {
    const pose = withSetting(shot.pose, axis.variable.id, value);
    const { holds } = axis.variable;
    if (!holds) return { ...shot, pose };
    const against = settingOf(pose, holds) - (value - axis.from);
    const { min, max } = SETTINGS[holds];
    return { ...shot, pose: withSetting(pose, holds, Math.min(max, Math.max(min, against))) };
  }
  return { ...shot, camera: { ...shot.camera, [axis.variable.name as CameraNumber]: value } };
}

function inRange(axis: Axis, steps: number): boolean {
  const v = valueAt(axis, steps);
  return v >= axis.min && v <= axis.max;
}

interface Trial {
  axis: Axis;
  steps: number;
  sight: Sight;
  measurement: Measurement | undefined;
  cost: number;
}

/**
 * Looks for the smallest change, in comfortable steps, that clears a finding without raising another.
 * Each of the finding's settings is tried alone, first where its own slope points, then outwards step by step; the
 * cheapest change wins. Deterministic.
 */
export function mend(studio: Studio, shot: Shot, finding: Finding): MendResult {
  const rule = RULES.find((r) => r.id === finding.ruleId);
  if (!rule) return { kind: 'stuck', why: `no rule ${finding.ruleId}`, evaluations: 0 };
  const message = shot.pose.message;
  const before = new Map(review(seeShot(studio, shot), message).map((f) => [f.id, f.severity]));
  let evaluations = 1;

  const tryAt = (axis: Axis, steps: number): Trial | null => {
    if (!inRange(axis, steps)) return null;
    evaluations++;
    let sight: Sight;
    try {
      sight = seeShot(studio, moved(shot, axis, steps));
    } catch (error) {
      if (error instanceof RangeError) return null;
      throw error;
    }
    const measurement = rule.measure(sight, message).find((m) => m.key === finding.measurement.key);
    return { axis, steps, sight, measurement, cost: Math.abs(steps) * axis.seconds };
  };
  const cleared = (t: Trial) => !t.measurement || outside(t.measurement) <= 0;
  const clean = (t: Trial) =>
    review(t.sight, message).every((f) => {
      const was = before.get(f.id);
      return was !== undefined && f.severity <= was + RAISED;
    });

  let best: Trial | null = null;
  for (const variable of finding.measurement.variables) {
    const axis = axisOf(shot, variable);
    const limit = () => (best ? Math.ceil(best.cost / axis.seconds) - 1 : MOST_STEPS);
    for (const steps of orderOfTrial(axis, finding, tryAt)) {
      if (Math.abs(steps) > limit()) continue;
      const trial = tryAt(axis, steps);
      if (trial && cleared(trial) && clean(trial)) {
        best = trial;
        break;
      }
    }
  }
  if (!best)
    return {
      kind: 'stuck',
      why: 'no single comfortable change clears it without raising another',
      evaluations,
    };
  return {
    kind: 'mended',
    shot: best.sight.shot,
    changes: [{ variable: best.axis.variable, from: best.axis.from, to: valueAt(best.axis, best.steps) }],
    evaluations,
  };
}

/**
 * Steps in the order in which they are worth trying: where one step each way shows a slope, from the estimated
 * crossing outwards on that side; else alternately outwards on both sides.
 */
function orderOfTrial(
  axis: Axis,
  finding: Finding,
  tryAt: (axis: Axis, steps: number) => Trial | null,
): number[] {
  const start = outside(finding.measurement);
  const offAt = (steps: number) => {
    const t = tryAt(axis, steps);
    return t === null ? Infinity : t.measurement ? outside(t.measurement) : 0;
  };
  const plus = offAt(1);
  const minus = offAt(-1);
  const upwards = plus <= minus;
  const sign = upwards ? 1 : -1;
  const gain = start - Math.min(plus, minus);
  const outwards = Array.from({ length: MOST_STEPS }, (_, i) => i + 1);
  if (gain > start * 0.02 && Number.isFinite(gain)) {
    const guess = Math.min(MOST_STEPS, Math.max(1, Math.ceil(start / gain)));
    const near = outwards.filter((k) => k >= Math.max(1, guess - 1)).map((k) => k * sign);
    return [
      ...near,
      ...outwards.filter((k) => k < guess - 1).map((k) => k * sign),
      ...outwards.slice(0, 4).map((k) => -k * sign),
    ];
  }
  return outwards.slice(0, 6).flatMap((k) => [k, -k]);
}
