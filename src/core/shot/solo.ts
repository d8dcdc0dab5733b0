import type { Camera } from '../camera';
import type { Light } from '../light';
import type { Pose } from '../pose';
import type { Exposure } from '../set';
import { FIRST_ROLE, type Posed, type Role, type Shot } from './shot';

/** A picture as it is for one of its people: the pose with what carries it and what it is to say, camera and light. */
export interface SoloShot {
  pose: Pose;
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
    solo = { pose: wholePose(personOf(shot, role), shot), camera, light, ...(exposure && { exposure }) };
    ofShot.set(role, solo);
  }
  return solo;
}

/**
 * The picture with one of its people, and what all share, as it is for that person.
 * @throws RangeError when the picture has no such role.
 */
export function withSolo(shot: Shot, solo: SoloShot, role = firstRole(shot)): Shot {
  const { camera, light, exposure } = solo;
  const { exposure: _, ...posed } = withPose(shot, role, solo.pose);
  return { ...posed, camera, light, ...(exposure && { exposure }) };
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
export function shotOfOne(personId: string, { pose: whole, ...set }: SoloShot): Shot {
  const { pose, ...common } = takenApart(whole);
  return { people: [{ role: FIRST_ROLE, personId, pose }], ...common, ...set };
}

/** What a picture is called. */
export function nameOfShot({ people: [first] }: Shot): string {
  return first!.pose.name;
}
