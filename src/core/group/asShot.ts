import { CAMERA_RANGES, type Camera } from '../camera';
import { mirrorPose, withSetting, type Contact, type Pose } from '../pose';
import { supportAt, SUPPORTS, type Mark, type Support } from '../scene';
import { markedApertureF } from '../set';
import { carrierIn, type Posed, type Shot } from '../shot';
import { turnBetweenDeg } from '../units';
import type { GroupOrder } from './arrange';
import type { LaidOut } from './order/laidOut';
import type { GroupTold } from './told/told';
import { LEVELS, poseAt } from './places/levels';
import { seatsFor, type Means } from './asked/means';
import type { Member } from './asked/member';
import { ownSeat } from './cost/outline';
import { type Place } from './places/places';
import { turnedBy } from './places/setting';

const hundredths = (v: number) => Math.round(v * 100) / 100 || 0;

/** Where a place is in the set. */
function markOf(
  { xM, zM, turnLeftDeg, level }: Pick<Place, 'xM' | 'zM' | 'turnLeftDeg' | 'level'>,
  arcDeg: number,
): Mark {
  const [x, , z] = turnedBy([xM, 0, zM], arcDeg);
  const { boxM } = LEVELS[level];
  return {
    leftM: hundredths(x),
    aheadM: hundredths(z),
    turnLeftDeg: Math.round(turnBetweenDeg(-arcDeg, turnLeftDeg)) || 0,
    ...(boxM > 0 && { levelM: boxM }),
  };
}

function standsAt({ leftM, aheadM, turnLeftDeg }: Mark): Partial<Support> {
  return { leftM, aheadM, turnLeftDeg };
}

/** Half the width of a bench for two, metres. */
const BENCH_HALF_M = SUPPORTS.bench.sizes.seatWidthM![2] / 2;

/** A seat, and how far along it who sits at a place sits, of half its width. */
interface Seat {
  support: Support;
  shares: ReadonlyMap<Place, number>;
}

function benchFor(two: readonly [Place, Place], arcDeg: number): Seat {
  const [a, b] = two;
  const middle = {
    level: a.level,
    xM: (a.xM + b.xM) / 2,
    zM: (a.zM + b.zM) / 2,
    turnLeftDeg: (a.turnLeftDeg + b.turnLeftDeg) / 2,
  };
  const share = (b.xM - a.xM) / 2 / BENCH_HALF_M;
  const support = supportAt('bench', standsAt(markOf(middle, arcDeg)));
  return {
    support,
    shares: new Map([
      [a, -share],
      [b, share],
    ]),
  };
}

function chairFor(place: Place, arcDeg: number): Seat {
  return { support: supportAt('chair', standsAt(markOf(place, arcDeg))), shares: new Map([[place, 0]]) };
}

/** Benches and chairs for all who bring no seat, from camera left. */
function seatsUnder(places: readonly Place[], means: Means, arcDeg: number): Seat[] {
  const seated = places.filter((p) => p.level === 'seat' && !p.isOwnSeat);
  const used = seatsFor(seated.length, means) ?? { benches: 0, chairs: seated.length };
  const seats: Seat[] = [];
  for (let i = 0; i < seated.length;) {
    const isBench = seats.length < used.benches;
    seats.push(isBench ? benchFor([seated[i]!, seated[i + 1]!], arcDeg) : chairFor(seated[i]!, arcDeg));
    i += isBench ? 2 : 1;
  }
  return seats;
}

/** All turn to the middle: those to camera right of it as said, the others mirrored. */
function turnedIn(pose: Pose, { xM }: Place): Pose {
  return xM >= 0 ? pose : mirrorPose(pose);
}

function posedAt(place: Place, { role }: Member, personId: string, share: number, arcDeg: number): Posed {
  const whole = turnedIn(poseAt(place.level, place.isOwnSeat), place);
  const { message: _, ...pose } = share === 0 ? whole : withSetting(whole, 'seatLeftShare', share);
  return { role, personId, pose, mark: markOf(place, arcDeg) };
}

/** What of an order a picture is made of. */
export interface PlacedOrder extends Pick<GroupOrder, 'order' | 'light'> {
  laid: Pick<LaidOut, 'places' | 'camera'>;
  told: Pick<GroupTold, 'apertureF'>;
}

/** The camera that holds the group, stopped down until all faces are sharp. */
function cameraOf({ laid, told }: PlacedOrder): Camera {
  return {
    ...laid.camera,
    apertureF: Math.min(
      CAMERA_RANGES.apertureF.max,
      Math.max(laid.camera.apertureF, markedApertureF(told.apertureF)),
    ),
  };
}

/** The contacts by which somebody holds those whom they carry. */
function holding(shot: Shot, carrier: Posed): Contact[] {
  return carrier.pose.contacts.filter(({ of }) => {
    const held = of && shot.people.find((p) => p.role === of.role);
    return held !== undefined && carrierIn(shot, held) === carrier;
  });
}

/** Whether posing a group in rows takes back a contact: all but those between who carries and who is carried. */
export function loosens(shot: Shot): boolean {
  const isKept = (one: Posed, contact: Contact) =>
    carrierIn(shot, one) !== undefined || holding(shot, one).includes(contact);
  return shot.people.some((p) => p.pose.contacts.some((c) => c.of && !isKept(p, c)));
}

/**
 * A picture whose people are at the places of an order, with the seats and boxes they need, and the camera that holds
 * them; the key is moved away where that lights all evenly. The message stays.
 * @param name what the picture is called.
 * @throws RangeError when one of the group is not in the picture.
 */
export function groupShot(
  shot: Shot,
  found: PlacedOrder,
  group: readonly Member[],
  means: Means,
  name: string,
): Shot {
  const { laid, order } = found;
  const { arcDeg } = laid.camera;
  const seats = seatsUnder(laid.places, means, arcDeg);
  const shareAt = (place: Place) => seats.map((s) => s.shares.get(place)).find((s) => s !== undefined) ?? 0;
  const people = laid.places.map((place, at): Posed => {
    const member = group[order[at]!]!;
    const before = shot.people.find((p) => p.role === member.role);
    if (!before) throw new RangeError(`role ${member.role} must be one of the picture's people`);
    const posed = posedAt(place, member, before.personId, shareAt(place), arcDeg);
    return { ...posed, pose: { ...posed.pose, name, contacts: holding(shot, before) } };
  });
  const own = laid.places.flatMap((place, at) =>
    place.isOwnSeat ? [ownSeat(group[order[at]!]!, standsAt(markOf(place, arcDeg)))] : [],
  );
  return {
    ...shot,
    // who is carried rides along as they are
    people: shot.people.map((before) => people.find((p) => p.role === before.role) ?? before),
    supports: [...seats.map((s) => s.support), ...own],
    camera: cameraOf(found),
    light: found.light,
  };
}
