import { isChild, type BodyProfile } from '../../body';
import { CARRIED, type Carried } from '../../pose';
import { carrierIn, type Posed, type Shot } from '../../shot';
import { facesHeld } from '../../set';
import type { Role } from '../../checks';
import { sideSign, type Vec3 } from '../../units';
import { OWN_MARK } from '../../scene';
import { LEVELS, type LevelId } from '../places/levels';
import { turnedBy } from '../places/setting';

/** One numbered place of a group's sheet. */
export interface NumberedPlace {
  /** From the front row back, in each row from camera left. */
  number: number;
  role: Role;
  row: number;
  /** In the group's frame: to camera right, and towards the lens, metres. */
  xM: number;
  zM: number;
  level: LevelId;
  /** Height of the box underneath, metres; 0 where there is none. */
  boxM: number;
  /** Who carries the person, if anybody does. */
  carriedBy: Role | null;
}

/** What the sheet of a group says; all of it from the picture. */
export interface GroupSheet {
  places: NumberedPlace[];
  /** In which they are called to their places. */
  calling: Role[];
  /** Distance to focus at, metres from the lens, so that first and last row are equally sharp; null with somebody behind it. */
  focusM: number | null;
}

/** Rows are at least so far behind one another, metres. */
const ROWS_APART_M = 0.3;

/** At what height somebody is, by what carries them. */
const LEVEL_ON: Record<(typeof CARRIED)[Carried]['on'], LevelId> = {
  feet: 'standing',
  seat: 'seat',
  knees: 'floor',
  level: 'floor',
};

function levelOf({ pose, mark }: Posed): LevelId {
  const level = LEVEL_ON[CARRIED[pose.support].on];
  return level === 'standing' && mark?.levelM ? 'box' : level;
}

/** Who is carried is drawn so far beside the carrier, metres. */
const BESIDE_CARRIER_M = 0.22;

function placeOf(shot: Shot, person: Posed): Omit<NumberedPlace, 'number' | 'row'> {
  const carrier = carrierIn(shot, person);
  const { leftM, aheadM, levelM = 0 } = (carrier ?? person).mark ?? OWN_MARK;
  const [xM, , zM] = turnedBy([leftM, 0, aheadM], -shot.camera.arcDeg);
  const aside = carrier ? sideSign(person.mark!.carriedBy!.side) * BESIDE_CARRIER_M : 0;
  return {
    role: person.role,
    xM: xM + aside,
    zM,
    level: levelOf(carrier ?? person),
    boxM: carrier ? 0 : levelM,
    carriedBy: carrier?.role ?? null,
  };
}

/** Places row by row: whoever is much further back than the one before begins the next. */
function numbered(places: readonly Omit<NumberedPlace, 'number' | 'row'>[]): NumberedPlace[] {
  const byDepth = [...places].sort((a, b) => b.zM - a.zM);
  let row = 0;
  let rowZ = byDepth[0]!.zM;
  const inRows = byDepth.map((place) => {
    if (rowZ - place.zM > ROWS_APART_M) {
      row++;
      rowZ = place.zM;
    }
    return { ...place, row };
  });
  const sorted = inRows.sort((a, b) => a.row - b.row || a.xM - b.xM);
  return sorted.map((place, i) => ({ ...place, number: i + 1 }));
}

/** From this strain on somebody is called late, so that they wait least. */
const WAITS_LITTLE = 0.5;

/** Who is called late: small children, and those for whom it is a strain to wait at their place. */
function isCalledLate({ level }: NumberedPlace, profile: BodyProfile | undefined): boolean {
  if (!profile) return false;
  const strain = LEVELS[level].strain(profile);
  return isChild(profile) || strain === null || strain >= WAITS_LITTLE;
}

/** From the back row to the front, in each from the middle outwards; those who wait badly come last (common practice). */
function callingOrder(
  places: readonly NumberedPlace[],
  profileOf: (role: Role) => BodyProfile | undefined,
): Role[] {
  // who is carried is lifted when all the others stand
  const late = (p: NumberedPlace) => (p.carriedBy ? 2 : isCalledLate(p, profileOf(p.role)) ? 1 : 0);
  return [...places]
    .sort((a, b) => late(a) - late(b) || b.row - a.row || Math.abs(a.xM) - Math.abs(b.xM) || a.xM - b.xM)
    .map((p) => p.role);
}

/** Where to focus: faces are over their marks, as far from the lens as those are. */
function focusOf(shot: Shot): number | null {
  const { camera, people } = shot;
  const overMarks = people.map((person): Vec3 => {
    const { leftM, aheadM } = (carrierIn(shot, person) ?? person).mark ?? OWN_MARK;
    return [leftM, camera.heightM, aheadM];
  });
  return facesHeld(camera, overMarks)?.focusM ?? null;
}

/** What is needed to build a group's picture, from the picture alone. */
export function groupSheet(shot: Shot, profileOf: (role: Role) => BodyProfile | undefined): GroupSheet {
  const places = numbered(shot.people.map((person) => placeOf(shot, person)));
  return { places, calling: callingOrder(places, profileOf), focusM: focusOf(shot) };
}
