import { SIDES, type Side } from '../units';
import { contactOf, settingOf, type Gaze, type HandShape, type Landmark, type Pose } from './pose';
import { SETTING_IDS, SETTINGS, STATIONS, type SettingId, type Station } from './settings';

/** One thing that differs between two poses. */
export type Change =
  | { kind: 'setting'; station: Station; id: SettingId; from: number; to: number }
  | { kind: 'contact'; station: 'arms'; side: Side; from: Landmark | null; to: Landmark | null }
  | { kind: 'hand'; station: 'hands'; side: Side; from: HandShape; to: HandShape }
  | { kind: 'gaze'; station: 'gaze'; from: Gaze; to: Gaze };

/** Settings of a limb that a contact on the same side decides. */
const DECIDED_BY_CONTACT = [
  'ArmForwardDeg',
  'ArmOutDeg',
  'ElbowBendDeg',
  'ForearmTurnDeg',
  'WristBendDeg',
  'WristSideDeg',
];

function decidedByContact(pose: Pose, id: SettingId): boolean {
  const { side } = SETTINGS[id];
  return (
    side !== null &&
    contactOf(pose, side) !== undefined &&
    DECIDED_BY_CONTACT.some((n) => id === `${side}${n}`)
  );
}

/**
 * What must change to go from one pose to another: settings that differ by at least half a step, contacts, hand
 * shapes and gaze, in the order of the stations, floor up.
 */
export function differenceOf(from: Pose, to: Pose): Change[] {
  const changes: Change[] = [];
  for (const id of SETTING_IDS) {
    if (decidedByContact(to, id)) continue;
    const a = settingOf(from, id);
    const b = settingOf(to, id);
    // the allowance keeps a pose and its mirror alike where decimal fractions are not exact
    if (Math.abs(a - b) >= SETTINGS[id].step * (0.5 - 1e-9))
      changes.push({ kind: 'setting', station: SETTINGS[id].station, id, from: a, to: b });
  }
  for (const side of SIDES) {
    const a = contactOf(from, side)?.to ?? null;
    const b = contactOf(to, side)?.to ?? null;
    if (a !== b) changes.push({ kind: 'contact', station: 'arms', side, from: a, to: b });
    if (from.hands[side] !== to.hands[side])
      changes.push({ kind: 'hand', station: 'hands', side, from: from.hands[side], to: to.hands[side] });
  }
  if (JSON.stringify(from.gaze) !== JSON.stringify(to.gaze))
    changes.push({ kind: 'gaze', station: 'gaze', from: from.gaze, to: to.gaze });
  return changes
    .map((change, i) => ({ change, i }))
    .sort((a, b) => STATIONS.indexOf(a.change.station) - STATIONS.indexOf(b.change.station) || a.i - b.i)
    .map(({ change }) => change);
}
