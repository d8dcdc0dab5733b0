import { measurableLengths, type Body } from '../../body';
import { figureOf } from '../../figure';
import { ownSupport } from '../../library';
import { supportAt, type Mark, type Support } from '../../scene';
import { midpoint, type Vec3 } from '../../units';
import { LEVELS, poseAt, type LevelId } from '../places/levels';
import { bringsSeat, type Member } from '../asked/member';

/** What of somebody covers others, and the face that is to be seen: from the own mark, facing the lens, metres. */
export interface Outline {
  /** Middle of the face: to the left, up, to the front. */
  face: Vec3;
  crownM: number;
  chinM: number;
  headHalfM: number;
  neckHalfM: number;
  /** Height of the shoulder joints, and from the middle to the outside of the upper arm. */
  shoulderM: number;
  shoulderHalfM: number;
}

/** Seen from so far ahead, eyes look straight. */
const FAR: Vec3 = [0, 1.5, 50];
/** Hair beside the head, and the shoulder's muscle outside its joint, metres (from memory). */
const HAIR_M = 0.015;
const DELTOID_M = 0.05;
/** Half the neck's width against half the head's. */
const NECK_SHARE = 0.75;

/** What somebody sits on at a place: the own seat, or a chair of the house. */
function seatOf(member: Member): Support {
  return bringsSeat(member) ? ownSeat(member, {}) : supportAt('chair');
}

/** The seat that somebody brings, where it is said to stand. */
export function ownSeat({ profile }: Member, at: Partial<Support>): Support {
  return ownSupport(supportAt('wheelchair', at), profile.wheelchairSeatM);
}

/** How a member looks from the lens at a level, by the solved figure. */
export function outlineOf(member: Member, body: Body, level: LevelId): Outline {
  const pose = poseAt(level, level === 'seat' && bringsSeat(member));
  const seated = { ...pose, objects: [seatOf(member)] };
  const { boxM } = LEVELS[level];
  const mark: Mark = { leftM: 0, aheadM: 0, turnLeftDeg: 0, ...(boxM > 0 && { levelM: boxM }) };
  const { points } = figureOf(body, level === 'seat' ? seated : pose, { lens: FAR, mark });
  const { eyes, chin, crown, shoulders } = points;
  const middle = midpoint(eyes.left, eyes.right);
  const headHalfM = measurableLengths(body.lengths).headBreadth / 2 + HAIR_M;
  return {
    face: [middle[0], middle[1] * 0.6 + chin[1] * 0.4, middle[2]],
    crownM: crown[1],
    chinM: chin[1],
    headHalfM,
    neckHalfM: headHalfM * NECK_SHARE,
    shoulderM: (shoulders.left[1] + shoulders.right[1]) / 2,
    shoulderHalfM: Math.abs(shoulders.left[0] - shoulders.right[0]) / 2 + DELTOID_M,
  };
}
