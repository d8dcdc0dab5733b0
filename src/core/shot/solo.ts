import isSame from 'fast-deep-equal';
import type { BodyProfile } from '../body';
import type { Camera } from '../camera';
import type { Light } from '../light';
import type { Role } from '../checks';
import type { Pose } from '../pose';
import type { Mark } from '../scene';
import type { Exposure } from '../set';
import { FIRST_ROLE, type Posed, type Shot } from './shot';

/** Somebody else in a picture, with a body. */
export interface Companion {
  role: Role;
  profile: BodyProfile;
  /** With what carries it and what it is to say, which all have in common. */
  pose: Pose;
  mark?: Mark | undefined;
}

/** Among whom somebody is in a picture of several. */
export interface Among {
  /** The role of whoever the picture is seen for. */
  role: Role;
  others: readonly Companion[];
}

/** A picture as it is for one of its people: the pose with what carries it and what it is to say, camera and light. */
export interface SoloShot {
  pose: Pose;
  /** Where the person stands; one who is alone, on the set's own mark. */
  mark?: Mark | undefined;
  /** Where the others are known as well; without it the person is seen alone. */
  among?: Among | undefined;
  camera: Camera;
  light: Light;
  exposure?: Exposure | undefined;
}

/**
 * The person of a role.
 * @throws RangeError when the picture has no such role.
 */
export function personOf({ people }: Shot, role: Role): Posed {
  const found = people.find((p) => p.role === role);
  if (!found) throw new RangeError(`role ${role} must be one of ${people.map((p) => p.role).join(', ')}`);
  return found;
}

/** Whether a picture shows a person. */
export function shows({ people }: Shot, personId: string): boolean {
  return people.some((p) => p.personId === personId);
}

/** The role of the person who comes first. */
export function firstRole({ people: [first] }: Shot): Role {
  return first!.role;
}

/** What is derived from a person of a picture is one object as long as it says the same. */
const poses = new WeakMap<Posed, { supports: Shot['supports']; message: Shot['message']; pose: Pose }>();

function wholePose(person: Posed, { supports, message }: Shot): Pose {
  const known = poses.get(person);
  if (known?.supports === supports && known.message === message) return known.pose;
  const pose: Pose = { ...person.pose, message, ...(supports.length > 0 && { objects: supports }) };
  poses.set(person, { supports, message, pose });
  return pose;
}

const NO_SUPPORTS: Shot['supports'] = [];

const solos = new WeakMap<Shot, Map<Role, SoloShot>>();

/**
 * A picture as it is for one of its people.
 * @throws RangeError when the picture has no such role.
 */
export function soloShot(shot: Shot, role = firstRole(shot)): SoloShot {
  const ofShot = solos.get(shot) ?? new Map<Role, SoloShot>();
  solos.set(shot, ofShot);
  let solo = ofShot.get(role);
  if (!solo) {
    const { camera, light, exposure } = shot;
    const person = personOf(shot, role);
    const { mark } = person;
    const pose = wholePose(person, shot);
    solo = { pose, ...(mark && { mark }), camera, light, ...(exposure && { exposure }) };
    ofShot.set(role, solo);
  }
  return solo;
}

/**
 * A picture as it is for one of its people among the others. Others of whom no body is known are not seen.
 * @param profileOf the body of a person as dressed in the picture.
 * @throws RangeError when the picture has no such role.
 */
export function amongOthers(
  shot: Shot,
  role: Role,
  profileOf: (personId: string) => BodyProfile | undefined,
): SoloShot {
  const solo = soloShot(shot, role);
  const others = shot.people.flatMap((person): Companion[] => {
    const profile = person.role === role ? undefined : profileOf(person.personId);
    if (!profile) return [];
    const { mark } = person;
    return [{ role: person.role, profile, pose: wholePose(person, shot), ...(mark && { mark }) }];
  });
  return others.length > 0 ? { ...solo, among: { role, others } } : solo;
}

/**
 * The picture with one of its people, and what all share, as it is for that person.
 * @throws RangeError when the picture has no such role.
 */
export function withSolo(shot: Shot, solo: SoloShot, role = firstRole(shot)): Shot {
  const { camera, light, exposure, mark } = solo;
  const { exposure: _, ...posed } = withMark(withPose(shot, role, solo.pose), role, mark);
  return { ...posed, camera, light, ...(exposure && { exposure }) };
}

/**
 * The picture with one of its people standing elsewhere; the very same people where nobody moves.
 * @throws RangeError when the picture has no such role.
 */
export function withMark(shot: Shot, role: Role, mark: Mark | undefined): Shot {
  const person = personOf(shot, role);
  if (isSame(person.mark, mark)) return shot;
  const { mark: _, ...rest } = person;
  const moved = { ...rest, ...(mark && { mark }) };
  const known = poses.get(person);
  if (known) poses.set(moved, known);
  return { ...shot, people: shot.people.map((p) => (p === person ? moved : p)) };
}

/** The picture with the pose of one of its people; the very same people where it is the pose that it has. */
function withPose(shot: Shot, role: Role, whole: Pose): Shot {
  const isSame = whole === soloShot(shot, role).pose;
  const posed = isSame ? shot : withOtherPose(shot, role, whole);
  const { supports, message } = posed;
  poses.set(personOf(posed, role), { supports, message, pose: whole });
  return posed;
}

/** A pose apart from what it has in common with the poses of others in the picture. */
function takenApart({ objects: supports = NO_SUPPORTS, message, ...pose }: Pose) {
  return { pose, supports, message };
}

function withOtherPose(shot: Shot, role: Role, whole: Pose): Shot {
  const { pose, ...common } = takenApart(whole);
  const people = shot.people.map((p) => (p.role === role ? { ...p, pose } : p));
  return { ...shot, people, ...common };
}

/**
 * The picture with another person in a role; one who is in it already takes that person's place in exchange.
 * @throws RangeError when the picture has no such role.
 */
export function withPerson(shot: Shot, role: Role, personId: string): Shot {
  const before = personOf(shot, role).personId;
  const people = shot.people.map((p) => {
    if (p.role === role) return { ...p, personId };
    return p.personId === personId ? { ...p, personId: before } : p;
  });
  return { ...shot, people };
}

/** A picture of one person. */
export function shotOfOne(personId: string, { pose: whole, mark, among: _, ...set }: SoloShot): Shot {
  const { pose, ...common } = takenApart(whole);
  return { people: [{ role: FIRST_ROLE, personId, pose, ...(mark && { mark }) }], ...common, ...set };
}

/** What a picture is called. */
export function nameOfShot({ people: [first] }: Shot): string {
  return first!.pose.name;
}
