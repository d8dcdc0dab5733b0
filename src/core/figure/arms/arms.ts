import { contactOf, limbContact, ownTarget, type BodyPlaceName, type Contact, type Pose } from '../../pose';
import { add, SIDES, subtract, type Side } from '../../units';
import type { ArmAngles } from './armBones';
import type { Carriage } from '../carriage';
import { placeContactArm } from './contactArm';
import type { Frames } from '../joints/frames';
import { placeFreeArm } from './freeArm';
import { placeHeldArm } from './heldArm';
import { limbDistance } from '../clearances/limbDistance';
import type { Clearance } from '../clearances/clearance';
import { obstacles } from '../clearances/obstacles';
import { ARM_PLACES, targetOf, type Target } from '../trunk/reach';
import type { TrunkState } from '../trunk/trunk';
import { trunkDistance } from '../clearances/trunkDistance';

/**
 * Both arms: those with a contact last, since they may rest on the other one. With an `earlier` placement of the
 * same pose only its neighbourhood is searched.
 * @param besides what else they keep clear of: other people.
 */
export function placeArms(
  frames: Frames,
  carriage: Carriage,
  state: TrunkState,
  earlier?: Record<Side, ArmAngles>,
  besides?: Clearance,
): Record<Side, ArmAngles> {
  const { pose } = carriage;
  const trunk = trunkDistance(frames, carriage.body);
  const others = obstacles(frames, carriage);
  const own: Clearance = (p) => Math.min(trunk(p), others(p));
  const still: Clearance = besides ? (p) => Math.min(own(p), besides(p)) : own;
  let distance = still;
  // an arm that only hangs does not shy from others: it is they who leave it room
  let hanging = own;
  let otherArm: Clearance | null = null;
  const angles = {} as Record<Side, ArmAngles>;
  const order = [...SIDES].sort((a, b) => rank(pose, a) - rank(pose, b));
  for (const side of order) {
    const contact = contactOf(pose, side);
    const elbow = limbContact(pose, side, 'elbow') ?? limbContact(pose, side, 'forearm');
    const place = contact && targetOf(frames, carriage, contact);
    const hand = place && (isUnderBelly(contact) ? uncovered(place, trunk) : place);
    const held = elbow && targetOf(frames, carriage, elbow);
    if (elbow && held)
      angles[side] = placeHeldArm(
        frames,
        carriage,
        side,
        elbow,
        held,
        contact && hand ? { contact, target: hand } : null,
        otherArm,
      );
    else if (contact && hand)
      angles[side] = placeContactArm(
        frames,
        carriage,
        side,
        contact,
        hand,
        distance,
        earlier?.[side].choice ?? null,
        contact.of ? besides : undefined,
      );
    else angles[side] = placeFreeArm(frames, carriage, side, hanging, state);
    if (place && hand) countFromPlace(angles[side], place, hand);
    // the other arm keeps clear of this one
    const arm = limbDistance(frames, carriage.body, 'arm', side);
    otherArm = arm;
    distance = (p) => Math.min(still(p), arm(p));
    hanging = (p) => Math.min(own(p), arm(p));
  }
  return angles;
}

/** A hand that slid along its place is still counted from the place itself. */
function countFromPlace(arm: ArmAngles, place: Target, hand: Target): void {
  if (arm.wristFromPlace) arm.wristFromPlace = add(arm.wristFromPlace, subtract(hand.point, place.point));
}

/** Places of the thigh that a belly may lie over. */
const UNDER_BELLY: ReadonlySet<BodyPlaceName> = new Set(['thighTop', 'thighInner']);

function isUnderBelly(contact: Contact): boolean {
  const own = ownTarget(contact);
  return own !== null && UNDER_BELLY.has(own.place);
}

/** A hand on a thigh goes no further towards the knee than this to come out from under a belly, metres. */
const MOST_SLIDE_M = 0.2;
const WRIST_BEHIND_M = 0.075;
const HAND_OVER_M = 0.03;

/** The place nearest to a target, further down the thigh, that is not under the belly. */
function uncovered(target: Target, trunk: Clearance): Target {
  const at = (m: number) => add(target.point, target.down, m);
  const isCovered = (m: number) =>
    trunk(add(at(m - WRIST_BEHIND_M), target.normal, HAND_OVER_M)) < HAND_OVER_M;
  if (!isCovered(0) || isCovered(MOST_SLIDE_M)) return target;
  let low = 0;
  let high = MOST_SLIDE_M;
  for (let i = 0; i < 9; i++) {
    const mid = (low + high) / 2;
    if (isCovered(mid)) low = mid;
    else high = mid;
  }
  return { ...target, point: at(high) };
}

function rank(pose: Pose, side: Side): number {
  const contact = contactOf(pose, side);
  if (!contact) return limbContact(pose, side, 'elbow') || limbContact(pose, side, 'forearm') ? 1 : 0;
  if (contact.of) return 4;
  const on = ownTarget(contact);
  return on?.across && ARM_PLACES.has(on.place) ? 3 : 2;
}
