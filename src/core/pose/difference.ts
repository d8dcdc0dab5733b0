import isSame from 'fast-deep-equal';
import { SIDES, type Side } from '../units';
import { settingApplies } from './applies';
import { contactStation } from './stations';
import { handRegion, type Contact } from './contact';
import { contactOf, faceShares, legModes, settingOf, type Gaze, type HandShape, type Pose } from './pose';
import { settingChange, SETTING_IDS, SETTINGS, STATIONS, type SettingId, type Station } from './settings';

/** One thing that differs between two poses. */
export type Change =
  | { kind: 'setting'; station: Station; id: SettingId; from: number; to: number }
  | { kind: 'contact'; station: Station; part: Contact['part']; from: Contact | null; to: Contact | null }
  | { kind: 'carried'; station: 'feet'; from: Pose; to: Pose }
  | { kind: 'hand'; station: 'hands'; side: Side; from: HandShape; to: HandShape }
  | { kind: 'expression'; station: 'gaze'; to: NonNullable<Pose['expression']> }
  | { kind: 'gaze'; station: 'gaze'; from: Gaze; to: Gaze };

/**
 * What must change to go from one pose to another: settings that differ by at least half a step, contacts, hand
 * shapes and gaze, in the order of the stations, floor up.
 */
export function differenceOf(from: Pose, to: Pose): Change[] {
  const changes: Change[] = [];
  // first of all: on what the body is carried
  if (!isSame(carriedAs(from), carriedAs(to))) changes.push({ kind: 'carried', station: 'feet', from, to });
  for (const id of SETTING_IDS) {
    if (!settingApplies(to, id)) continue;
    const a = settingOf(from, id);
    const b = settingOf(to, id);
    // the allowance keeps a pose and its mirror alike where decimal fractions are not exact
    if (Math.abs(settingChange(id, a, b)) >= SETTINGS[id].step * (0.5 - 1e-9))
      changes.push({ kind: 'setting', station: SETTINGS[id].station, id, from: a, to: b });
  }
  const parts = [...new Set([...from.contacts, ...to.contacts].map((c) => c.part))].sort();
  for (const part of parts) {
    const a = from.contacts.find((c) => c.part === part) ?? null;
    const b = to.contacts.find((c) => c.part === part) ?? null;
    if (isSame(a, b)) continue;
    // a hand that goes to another place with another region is one change
    if (!b && isHand(part) && contactOf(to, sideOf(part))) continue;
    changes.push({ kind: 'contact', station: contactStation({ part }), part, from: a, to: b });
  }
  for (const side of SIDES)
    if (from.hands[side] !== to.hands[side])
      changes.push({ kind: 'hand', station: 'hands', side, from: from.hands[side], to: to.hands[side] });
  if (!isSame(from.gaze, to.gaze))
    changes.push({ kind: 'gaze', station: 'gaze', from: from.gaze, to: to.gaze });
  if (!isSame(faceShares(from), faceShares(to)))
    changes.push({ kind: 'expression', station: 'gaze', to: to.expression ?? {} });
  return changes
    .map((change, i) => ({ change, i }))
    .sort((a, b) => STATIONS.indexOf(a.change.station) - STATIONS.indexOf(b.change.station) || a.i - b.i)
    .map(({ change }) => change);
}

/** Everything that says on what the body is carried and what its legs do. */
export function carriedAs(pose: Pose): unknown {
  const { support, objects = [], on = 'floor', crossed = null } = pose;
  return [support, objects, on, legModes(pose), crossed];
}

function sideOf(part: Contact['part']): Side {
  return part.startsWith('right') ? 'right' : 'left';
}

function isHand(part: Contact['part']): boolean {
  return handRegion({ part }) !== null;
}
