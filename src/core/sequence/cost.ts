import isSame from 'fast-deep-equal';
import type { Camera, CameraTurn } from '../camera';
import type { Light } from '../light';
import { shows, soloShot, type Shot } from '../shot';
import { turnBetweenDeg } from '../units';
import { differenceOf, neutralPose, settingChange, SETTINGS, type Change, type Pose } from '../pose';

/** Seconds of each kind of change beside the settings' own figures (common practice; estimates, not yet measured on sets). */
export const CHANGE_SECONDS = {
  /** Saying goodbye to the old pose and settling the new one. */
  settle: 6,
  /** Somebody else comes into the picture: calling, walking in, finding the mark. */
  arrival: 15,
  contact: 4,
  /** Another support, or another order of the legs: sitting down, getting up, finding the place. */
  carried: 14,
  hand: 2,
  gaze: 1.5,
  lens: 35,
  moveCamera: 6,
  perMetre: 3,
  height: 5,
  orientation: 2,
  /** Aiming up or down, panning, rolling. */
  turnCamera: 3,
  aperture: 2,
  light: 25,
} as const;

/** Most seconds that one setting can cost: a big turn is one instruction, not eighteen. */
const MOST_PER_SETTING = 9;

function changeSeconds(change: Change): number {
  switch (change.kind) {
    case 'setting': {
      const s = SETTINGS[change.id];
      return Math.min(
        MOST_PER_SETTING,
        (Math.abs(settingChange(change.id, change.from, change.to)) / s.step) * s.secondsPerStep,
      );
    }
    case 'contact':
      return CHANGE_SECONDS.contact;
    case 'carried':
      return CHANGE_SECONDS.carried;
    case 'hand':
      return CHANGE_SECONDS.hand;
    case 'expression':
    case 'gaze':
      return CHANGE_SECONDS.gaze;
  }
}

/** What a change from one shot to the next costs, and of what it is made. */
export interface ChangeCost {
  totalS: number;
  poseS: number;
  cameraS: number;
  lightS: number;
  /** Gear that changes, in words. */
  gear: string[];
  /** People who were not in the picture before. */
  arrivals: number;
}

/** The pose from which somebody comes into a picture: that of the picture before, or an easy stance. */
export function poseBefore(before: Shot | undefined, personId: string): Pose {
  const role = before?.people.find((p) => p.personId === personId)?.role;
  return before && role ? soloShot(before, role).pose : neutralPose('arrives');
}

/** Seconds to go from one picture to another: everybody in it is directed, and who was not in it comes first. */
export function changeCost(from: Shot, to: Shot): ChangeCost {
  const changes = to.people.map(({ role, personId }) =>
    differenceOf(poseBefore(from, personId), soloShot(to, role).pose),
  );
  const arrivals = to.people.filter((p) => !shows(from, p.personId)).length;
  const settling = CHANGE_SECONDS.settle * to.people.length + CHANGE_SECONDS.arrival * arrivals;
  const poseS = changes.flat().reduce<number>((s, c) => s + changeSeconds(c), settling);
  const gear: string[] = [];
  const cameraS = cameraSeconds(from.camera, to.camera, gear);
  const lightS = CHANGE_SECONDS.light * standsChanged(from.light, to.light);
  if (lightS > 0) gear.push('light');
  const totalS = poseS + cameraS + lightS;
  return { totalS, poseS, cameraS, lightS, gear, arrivals };
}

function cameraSeconds(a: Camera, b: Camera, gear: string[]): number {
  let s = 0;
  if (a.focalLengthMm !== b.focalLengthMm || a.sensor !== b.sensor) {
    s += CHANGE_SECONDS.lens;
    gear.push(`lens ${b.focalLengthMm} mm`);
  }
  const arcM = (Math.abs(turnBetweenDeg(a.arcDeg, b.arcDeg)) * Math.PI * b.distanceM) / 180;
  const walked = Math.abs(a.distanceM - b.distanceM) + arcM;
  if (walked > 0.05) s += CHANGE_SECONDS.moveCamera + CHANGE_SECONDS.perMetre * walked;
  if (Math.abs(a.heightM - b.heightM) > 0.01) s += CHANGE_SECONDS.height;
  if (a.orientation !== b.orientation) s += CHANGE_SECONDS.orientation;
  if (isTurnedOtherwise(a, b)) s += CHANGE_SECONDS.turnCamera;
  if (a.apertureF !== b.apertureF) s += CHANGE_SECONDS.aperture;
  return s;
}

/** Whether the head of the tripod is moved: tilted to another aim, panned or rolled. */
function isTurnedOtherwise(a: Camera, b: Camera): boolean {
  const turned = (name: CameraTurn) => turnBetweenDeg(a[name] ?? 0, b[name] ?? 0) !== 0;
  return !isSame(a.aim, b.aim) || turned('panDeg') || turned('rollDeg');
}

/** How many lights and panels have to be touched. */
function standsChanged(
  { others: before = [], ...key }: Light,
  { others: after = [], ...nextKey }: Light,
): number {
  const isMoved = before.filter((a) => {
    const b = after.find((s) => s.id === a.id);
    return !b || !isSame(a, b);
  });
  const isNew = after.filter((b) => !before.some((a) => a.id === b.id));
  return (isSame(key, nextKey) ? 0 : 1) + isMoved.length + isNew.length;
}
