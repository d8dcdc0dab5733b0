import isSame from 'fast-deep-equal';
import type { Camera, CameraTurn } from '../camera';
import type { Light } from '../light';
import { differenceOf, heightOf, neutralPose, type Pose } from '../pose';
import { shows, soloShot, type Shot } from '../shot';
import { turnBetweenDeg } from '../units';
import type { Pace } from './pace';

/** Something that is taken in hand between two pictures. */
export type Gear =
  | { kind: 'lens'; focalLengthMm: number }
  | { kind: 'light'; stands: number }
  | { kind: 'furniture'; pieces: number };

/** What a change from one shot to the next costs, and of what it is made. */
export interface ChangeCost {
  totalS: number;
  poseS: number;
  cameraS: number;
  lightS: number;
  furnitureS: number;
  gear: Gear[];
  /** People who were not in the picture before. */
  arrivals: number;
  /** How many sentences are said: those that were found, or an estimate. */
  sentences: number;
}

/** The pose from which somebody comes into a picture: that of the picture before, or an easy stance. */
export function poseBefore(before: Shot | undefined, personId: string): Pose {
  const role = before?.people.find((p) => p.personId === personId)?.role;
  return before && role ? soloShot(before, role).pose : neutralPose('arrives');
}

/**
 * Sentences for a change, where they were not looked for: by how much differs (least squares over 261 ways between poses
 * of the house, of which it explains a seventh; 1.6 sentences off in root mean square). None is more than nine.
 */
const SENTENCES = { first: 1.2, each: 0.21, most: 9 } as const;

function estimatedSentences(differing: number): number {
  if (differing === 0) return 0;
  return Math.min(SENTENCES.most, SENTENCES.first + SENTENCES.each * differing);
}

/** How one of the people comes from one picture into another. */
interface BodyChange {
  sentences: number;
  /** Carried by something else, or with other legs. */
  isCarried: boolean;
  isRising: boolean;
}

function bodyChange(from: Pose, to: Pose): BodyChange {
  const changes = differenceOf(from, to);
  return {
    sentences: estimatedSentences(changes.length),
    isCarried: changes.some((c) => c.kind === 'carried'),
    isRising: heightOf(from) !== heightOf(to),
  };
}

/**
 * What it costs to go from one picture to another: everybody in it is directed, and who was not in it comes first.
 * @param found how many sentences are said, where they were looked for
 */
export function changeCost(from: Shot, to: Shot, pace: Pace, found?: number): ChangeCost {
  const bodies = to.people.map(({ role, personId }) =>
    bodyChange(poseBefore(from, personId), soloShot(to, role).pose),
  );
  const arrivals = to.people.filter((p) => !shows(from, p.personId)).length;
  const sentences = found ?? bodies.reduce((sum, b) => sum + b.sentences, 0);
  const poseS =
    pace.settle * bodies.length +
    pace.arrival * arrivals +
    pace.sentence * sentences +
    pace.carried * bodies.filter((b) => b.isCarried).length +
    pace.rising * bodies.filter((b) => b.isRising).length;
  const stands = standsChanged(from.light, to.light);
  const pieces = piecesChanged(from, to);
  const cameraS = cameraSeconds(from.camera, to.camera, pace);
  const gear: Gear[] = [
    ...(isOtherLens(from.camera, to.camera)
      ? [{ kind: 'lens' as const, focalLengthMm: to.camera.focalLengthMm }]
      : []),
    ...(stands > 0 ? [{ kind: 'light' as const, stands }] : []),
    ...(pieces > 0 ? [{ kind: 'furniture' as const, pieces }] : []),
  ];
  const [lightS, furnitureS] = [pace.light * stands, pace.furniture * pieces];
  const totalS = poseS + cameraS + lightS + furnitureS;
  return { totalS, poseS, cameraS, lightS, furnitureS, gear, arrivals, sentences };
}

function isOtherLens(a: Camera, b: Camera): boolean {
  return a.focalLengthMm !== b.focalLengthMm || a.sensor !== b.sensor;
}

function cameraSeconds(a: Camera, b: Camera, pace: Pace): number {
  let s = isOtherLens(a, b) ? pace.lens : 0;
  const arcM = (Math.abs(turnBetweenDeg(a.arcDeg, b.arcDeg)) * Math.PI * b.distanceM) / 180;
  const walked = Math.abs(a.distanceM - b.distanceM) + arcM;
  if (walked > 0.05) s += pace.moveCamera + pace.perMetre * walked;
  if (Math.abs(a.heightM - b.heightM) > 0.01) s += pace.height;
  if (a.orientation !== b.orientation) s += pace.orientation;
  if (isTurnedOtherwise(a, b)) s += pace.turnCamera;
  if (a.apertureF !== b.apertureF) s += pace.aperture;
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

/** How many supports are brought, taken away or put elsewhere. */
function piecesChanged({ supports: before }: Shot, { supports: after }: Shot): number {
  const missing = before.filter((a) => !after.some((b) => isSame(a, b)));
  const fresh = after.filter((b) => !before.some((a) => isSame(a, b)));
  // one of the same kind in another place is moved once
  const moved = missing.filter((a) => fresh.some((b) => a.kind === b.kind)).length;
  return missing.length + fresh.length - moved;
}
