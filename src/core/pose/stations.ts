import { otherSide, type Side } from '../units';
import { contactPart, contactSide, type Contact } from './contact';
import { mirrorPose, type Pose } from './pose';
import { settingChange, SETTING_IDS, SETTINGS, type SettingId, type Station } from './settings';

/** The station at which the part of a contact is set. */
export function contactStation({ part }: Pick<Contact, 'part'>): Station {
  switch (contactPart({ part })) {
    case 'foot':
      return 'feet';
    case 'back':
      return 'spine';
    case 'shoulder':
      return 'shoulders';
    case 'temple':
    case 'cheek':
    case 'forehead':
    case 'lips':
      return 'head';
    default:
      return 'arms';
  }
}

/**
 * The pose with one station as another pose has it: its settings and contacts, with the feet how the body is carried
 * and on what, with the hips what the legs do, with the hands their shapes, with the gaze its target.
 */
export function withStation(pose: Pose, station: Station, from: Pose): Pose {
  const settings: Pose['settings'] = {};
  for (const id of SETTING_IDS) {
    const value = (SETTINGS[id].station === station ? from : pose).settings[id];
    if (value !== undefined) settings[id] = value;
  }
  const contacts = [
    ...pose.contacts.filter((c) => contactStation(c) !== station),
    ...from.contacts.filter((c) => contactStation(c) === station),
  ].sort((a, b) => a.part.localeCompare(b.part));
  const next: Pose = { ...pose, settings, contacts };
  const take = <Key extends 'objects' | 'on' | 'legs' | 'crossed' | 'expression'>(...keys: Key[]) => {
    for (const key of keys) {
      delete next[key];
      if (from[key] !== undefined) next[key] = from[key];
    }
  };
  if (station === 'feet') {
    next.support = from.support;
    take('objects', 'on', 'legs', 'crossed');
  }
  if (station === 'hips') take('legs', 'crossed');
  if (station === 'hands') next.hands = from.hands;
  if (station === 'gaze') {
    next.gaze = from.gaze;
    take('expression');
  }
  return next;
}

/** The pose with one side as the mirror image of the other; what lies on the mid-line stays. */
export function withSideMirrored(pose: Pose, from: Side): Pose {
  const to = otherSide(from);
  const mirrored = mirrorPose(pose);
  const settings: Pose['settings'] = {};
  for (const id of SETTING_IDS) {
    const value = (SETTINGS[id].side === to ? mirrored : pose).settings[id];
    if (value !== undefined) settings[id] = value;
  }
  const next: Pose = {
    ...pose,
    settings,
    contacts: [
      ...pose.contacts.filter((c) => contactSide(c) !== to),
      ...mirrored.contacts.filter((c) => contactSide(c) === to),
    ].sort((a, b) => a.part.localeCompare(b.part)),
    hands: { ...pose.hands, [to]: mirrored.hands[to] },
  };
  if (pose.legs && mirrored.legs) next.legs = { ...pose.legs, [to]: mirrored.legs[to] };
  return next;
}

/** Turns of the body that carry the head with them. */
const CARRIES_HEAD: readonly SettingId[] = ['hipsTurnLeftDeg', 'twistLeftDeg'];

/**
 * A changed pose in which held stations stay as they were. A held head keeps its direction in the set: what the body
 * turns, the neck takes back as far as it goes.
 */
export function withHeld(before: Pose, after: Pose, held: readonly Station[]): Pose {
  let next = held.reduce((pose, station) => withStation(pose, station, before), after);
  if (held.includes('head')) {
    const turned = CARRIES_HEAD.reduce(
      (sum, id) => sum + settingChange(id, before.settings[id] ?? 0, next.settings[id] ?? 0),
      0,
    );
    const { min, max } = SETTINGS.headTurnLeftDeg;
    const deg = Math.min(max, Math.max(min, (before.settings.headTurnLeftDeg ?? 0) - turned));
    const settings = { ...next.settings };
    if (deg === 0) delete settings.headTurnLeftDeg;
    else settings.headTurnLeftDeg = deg;
    next = { ...next, settings };
  }
  return next;
}
