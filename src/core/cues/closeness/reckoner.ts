import isSame from 'fast-deep-equal';
import {
  SETTING_IDS,
  settingApplies,
  settingChange,
  settingOf,
  SETTINGS,
  type Pose,
  type SettingId,
} from '../../pose';
import { SIDES, type Side } from '../../units';
import { ARM_SETTINGS, armContacts, isOfArm } from '../arms';
import { shiftBetween, type Marks } from './landmarks';

/** Where the landmarks of a pose are. */
export type MarksOfPose = (pose: Pose) => Marks;

const OTHERS = SETTING_IDS.filter(
  (id) => !ARM_SETTINGS.left.includes(id) && !ARM_SETTINGS.right.includes(id),
);

/** Differences below this are none. */
const NO_STEP = 1e-6;

/** Place of an amount on a scale on which each step is four times the one before. */
function scaleOf(steps: number): number {
  return Math.round(Math.log2(Math.abs(steps)) / 2) * 2;
}

/**
 * Reckons where the landmarks of poses near a target are, without solving each of them: what every setting, every arm
 * and what else is laid moves is found once, and summed.
 * @param marksAt solves a pose; asked as seldom as can be.
 * @returns shifts from the target, in the form of `shiftBetween`.
 */
export function reckoner(to: Pose, marksAt: MarksOfPose): (pose: Pose) => Float64Array {
  const target = marksAt(to);
  const found = new Map<string, Float64Array>();
  const shiftOf = (key: string, pose: () => Pose): Float64Array => {
    const known = found.get(key);
    if (known) return known;
    const shift = shiftBetween(target, marksAt(pose()));
    found.set(key, shift);
    return shift;
  };
  const applying = OTHERS.filter((id) => settingApplies(to, id)).map((id) => ({
    id,
    wanted: settingOf(to, id),
  }));
  const firm = to.contacts.filter((c) => !isOfArm(c));

  const addSettings = (pose: Pose, sum: Float64Array) => {
    for (const { id, wanted } of applying) {
      const by = settingChange(id, wanted, settingOf(pose, id));
      if (Math.abs(by) < NO_STEP) continue;
      const scale = scaleOf(by / SETTINGS[id].step);
      const probe = clampedProbe(id, wanted, Math.sign(by) * SETTINGS[id].step * 2 ** scale);
      if (probe === 0) continue;
      const key = `${id} ${Math.sign(by)} ${scale}`;
      const shift = shiftOf(key, () => withValue(to, id, wanted + probe));
      add(sum, shift, by / probe);
    }
  };
  const addArm = (pose: Pose, side: Side, sum: Float64Array) => {
    const asked = armContacts(pose, side);
    const ids = ARM_SETTINGS[side].filter((id) => settingApplies(pose, id));
    const values = ids.map((id) => settingOf(pose, id));
    const isAlike =
      isSame(asked, armContacts(to, side)) &&
      ids.every((id, i) => Math.abs(settingOf(to, id) - values[i]!) < NO_STEP);
    if (isAlike) return;
    const key = JSON.stringify([side, asked, values]);
    add(
      sum,
      shiftOf(key, () => withArm(to, pose, side)),
      1,
    );
  };
  const addFirm = (pose: Pose, sum: Float64Array) => {
    const laid = pose.contacts.filter((c) => !isOfArm(c));
    if (isSame(laid, firm)) return;
    const arms = to.contacts.filter(isOfArm);
    add(
      sum,
      shiftOf(JSON.stringify(laid), () => ({ ...to, contacts: [...laid, ...arms] })),
      1,
    );
  };
  return (pose) => {
    const sum = new Float64Array(target.points.length * 3 + target.turnsDeg.length);
    addSettings(pose, sum);
    for (const side of SIDES) addArm(pose, side, sum);
    addFirm(pose, sum);
    return sum;
  };
}

/** A step that stays in the range of its setting. */
function clampedProbe(id: SettingId, from: number, by: number): number {
  const { min, max } = SETTINGS[id];
  return Math.min(max, Math.max(min, from + by)) - from;
}

function withValue(pose: Pose, id: SettingId, value: number): Pose {
  return { ...pose, settings: { ...pose.settings, [id]: value } };
}

/** A pose with one arm as another has it. */
function withArm(pose: Pose, from: Pose, side: Side): Pose {
  const settings = { ...pose.settings };
  for (const id of ARM_SETTINGS[side]) {
    delete settings[id];
    const value = from.settings[id];
    if (value !== undefined) settings[id] = value;
  }
  const own = armContacts(pose, side);
  const others = pose.contacts.filter((c) => !own.includes(c));
  return { ...pose, settings, contacts: [...others, ...armContacts(from, side)] };
}

function add(sum: Float64Array, shift: Float64Array, by: number): void {
  for (let i = 0; i < sum.length; i++) sum[i]! += by * shift[i]!;
}
