import { jointIndex, jointOn, type Body } from '../../body';
import {
  contactPart,
  contactSide,
  handRegion,
  headPart,
  isSided,
  ownTarget,
  type BodyPlaceName,
  type Contact,
} from '../../pose';
import { add, dot, lengthOf, otherSide, SIDES, subtract, type Side, type Vec3 } from '../../units';
import { supportTarget, type Carriage } from '../carriage';
import { at, bonesM, type Frames } from '../joints/frames';
import { landmarkOf, placed } from '../landmarks';

/** Where a contact goes, on the posed figure. */
export interface Target {
  point: Vec3;
  /** Away from what is touched. */
  normal: Vec3;
  /** Along it: down the part of the body, away from the sitter on a support. */
  down: Vec3;
}

/** Point on the floor that contacts with the floor are counted from. */
function floorFrom(frames: Frames, carriage: Carriage): Vec3 {
  const pelvis = at(frames, 'pelvis');
  if (carriage.pose.support !== 'allFours') return [pelvis[0], carriage.levelM, pelvis[2]];
  const left = at(frames, 'left:clavicle');
  const right = at(frames, 'right:clavicle');
  return [(left[0] + right[0]) / 2, carriage.levelM, (left[2] + right[2]) / 2];
}

/** The place of somebody else that a contact goes to; undefined where that person is not there. */
function partnerTarget({ partners }: Carriage, { to, of }: Contact): Target | undefined {
  const partner = of && partners.get(of.role);
  if (!partner) return undefined;
  return placed(
    partner.frames,
    partner.body,
    landmarkOf(partner.body, to as BodyPlaceName, of.side ?? 'left'),
  );
}

/** Finds the place of a contact; undefined where it is on a support, or on a person, that is not there. */
export function targetOf(frames: Frames, carriage: Carriage, contact: Contact): Target | undefined {
  if (contact.of) return partnerTarget(carriage, contact);
  const own = ownTarget(contact);
  const side = contactSide(contact) ?? 'left';
  if (!own)
    return supportTarget(
      carriage,
      contact.to,
      contactSide(contact),
      contact.spot,
      floorFrom(frames, carriage),
    );
  const of: Side = own.across && isSided(own.place) ? otherSide(side) : side;
  return placed(frames, carriage.body, landmarkOf(carriage.body, own.place, of));
}

/** Half the thickness of the arm where it lies on something, metres. */
export function armRadiusM({ body }: Carriage, place: 'elbow' | 'wrist' | 'shoulder'): number {
  const { upperArmM, forearmM } = body.lengths;
  const along = { elbow: upperArmM, wrist: upperArmM + forearmM * 0.97, shoulder: upperArmM * 0.1 };
  const ring = body.fields.armLoft.ring(along[place]);
  return (ring.front + ring.back + ring.outer + ring.inner) / 4 + 0.006;
}

/** Something that the trunk may have to move for. */
export interface ReachGoal {
  contact: Contact;
  side: Side | null;
  /** `forearm`: a hand whose elbow is held reaches by its forearm alone. */
  kind: 'elbow' | 'hand' | 'forearm' | 'shoulder' | 'back' | 'head';
  /** From the place of a hand to its wrist, as the hand was laid last, in the set, metres. */
  wristFromPlace?: Vec3;
}

/** The goals of hands with their wrists where the hands were laid, so that the hand's own length counts. */
export function asLaid(
  goals: readonly ReachGoal[],
  arms: Record<Side, { wristFromPlace: Vec3 | null }>,
): ReachGoal[] {
  return goals.map((goal) => {
    const wristFromPlace = goal.kind === 'hand' && goal.side && arms[goal.side].wristFromPlace;
    return wristFromPlace ? { ...goal, wristFromPlace } : goal;
  });
}

/** Contacts that can ask the trunk to move. Those of knees and feet are the legs' own. */
export function reachGoals(carriage: Carriage): ReachGoal[] {
  const goals: ReachGoal[] = [];
  for (const contact of carriage.pose.contacts) {
    const side = contactSide(contact);
    const part = contactPart(contact);
    if (part === 'back') goals.push({ contact, side, kind: 'back' });
    else if (part === 'elbow' || part === 'forearm') goals.push({ contact, side, kind: 'elbow' });
    else if (part === 'shoulder') goals.push({ contact, side, kind: 'shoulder' });
    else if (headPart(contact)) goals.push({ contact, side, kind: 'head' });
    else if (handRegion(contact) && !isOnArm(contact)) goals.push({ contact, side, kind: 'hand' });
  }
  return goals.map((g) =>
    g.kind === 'hand' && heldElbow(goals, g.side) ? { ...g, kind: 'forearm' as const } : g,
  );
}

function heldElbow(goals: readonly ReachGoal[], side: Side | null): Contact | undefined {
  return goals.find((o) => o.kind === 'elbow' && o.side === side)?.contact;
}

/** The trunk does not move for a hand that goes to the other arm: that one is placed after it. */
function isOnArm(contact: Contact): boolean {
  const own = ownTarget(contact);
  return own !== null && own.across && ARM_PLACES.has(own.place);
}

const LEG_JOINTS: ReadonlySet<number> = new Set(
  SIDES.flatMap((s) => [`${s}:thigh`, `${s}:knee`, `${s}:shank`, `${s}:foot`, `${s}:toes`] as const).map(
    jointIndex,
  ),
);

/** Whether the place that a goal reaches for moves with the legs. */
export function isOnLegs(body: Body, { contact }: ReachGoal): boolean {
  const own = ownTarget(contact);
  if (!own) return false;
  return SIDES.some((of) => landmarkOf(body, own.place, of).weights.some(([joint]) => LEG_JOINTS.has(joint)));
}

/** Places that move with an arm. */
export const ARM_PLACES: ReadonlySet<BodyPlaceName> = new Set([
  'upperArm',
  'upperArmBack',
  'elbow',
  'elbowCrook',
  'forearm',
  'wrist',
  'cuff',
  'handBack',
]);

/** From the wrist to the middle of a hand that touches, hand lengths. */
const HAND_REACH = 0.42;

/** A hand at the end of a held forearm may lie in many ways: its distance counts less than a contact's. */
const FOREARM_WEIGHT = 0.8;

/** The arm is never drawn longer than this share of it by a contact. */
const LONGEST_ARM_SHARE = 0.975;

/** The middle of the elbow joint when it lies on a target. */
export function elbowAt(carriage: Carriage, { point, normal }: Target): Vec3 {
  return add(point, normal, armRadiusM(carriage, 'elbow'));
}

/** So far apart lips stay that only come near, metres (a study of pairs: 5 to 12 mm read as about to touch). */
const NEAR_LIPS_M = 0.008;

/**
 * How far a part of the head is from its place on somebody else: along that place's normal, and across it as a
 * vector in the set, metres. Null where that person is not there.
 */
export function headGap(
  frames: Frames,
  carriage: Carriage,
  contact: Contact,
): { alongM: number; across: Vec3 } | null {
  const target = targetOf(frames, carriage, contact);
  const part = headPart(contact);
  if (!target || !part) return null;
  const own = placed(frames, carriage.body, landmarkOf(carriage.body, part, contactSide(contact) ?? 'left'));
  const off = subtract(own.point, target.point);
  const along = dot(off, target.normal);
  return {
    alongM: along - (contact.kind === 'hover' ? NEAR_LIPS_M : 0),
    across: add(off, target.normal, -along),
  };
}

/** How far each goal is from being reached, metres; negative where something would have to give. */
export function reachGaps(frames: Frames, carriage: Carriage, goals: readonly ReachGoal[]): number[] {
  return goals.map(({ contact, side, kind, wristFromPlace = [0, 0, 0] }) => {
    if (kind === 'head') return headGap(frames, carriage, contact)?.alongM ?? 0;
    const target = targetOf(frames, carriage, contact);
    if (!target) return 0;
    if (kind === 'back' || side === null) {
      const both = (['left', 'right'] as const).map(
        (s) => placed(frames, carriage.body, landmarkOf(carriage.body, 'shoulderBack', s)).point,
      );
      const middle = add(both[0]!, subtract(both[1]!, both[0]!), 0.5);
      return dot(subtract(middle, target.point), target.normal);
    }
    const shoulder = shoulderAt(frames, side);
    const [upperM, lowerM] = bonesM(carriage.body, 'arm', side);
    if (kind === 'shoulder')
      return dot(subtract(shoulder, target.point), target.normal) - armRadiusM(carriage, 'shoulder');
    if (kind === 'elbow') return lengthOf(subtract(shoulder, elbowAt(carriage, target))) - upperM;
    if (kind === 'forearm') {
      const on = heldElbow(goals, side);
      const elbow = on && targetOf(frames, carriage, on);
      if (!elbow) return 0;
      const wanted = lowerM + HAND_REACH * carriage.body.lengths.handM;
      return (lengthOf(subtract(target.point, elbowAt(carriage, elbow))) - wanted) * FOREARM_WEIGHT;
    }
    const far = lengthOf(subtract(shoulder, add(target.point, wristFromPlace)));
    return Math.max(0, far - (upperM + lowerM) * LONGEST_ARM_SHARE);
  });
}

/** The shoulder joint, which hangs on the collarbone. */
function shoulderAt(frames: Frames, side: Side): Vec3 {
  return frames.position[jointIndex(jointOn(side, 'upperArm'))]!;
}
