import { bodyTarget, contactOf, limbContact, type Pose } from '../pose';
import { SIDES, type Side } from '../units';
import type { ArmAngles } from './armBones';
import type { Carriage } from './carriage';
import { placeContactArm } from './contactArm';
import type { Frames } from './frames';
import { placeFreeArm } from './freeArm';
import { placeHeldArm } from './heldArm';
import { obstacles, type Clearance } from './obstacles';
import { ARM_PLACES, targetOf } from './reach';
import type { TrunkState } from './trunk';
import { trunkDistance } from './trunkDistance';

/**
 * Both arms: those with a contact last, since they may rest on the other one. With an `earlier` placement of the
 * same pose only its neighbourhood is searched.
 */
export function placeArms(
  frames: Frames,
  carriage: Carriage,
  state: TrunkState,
  earlier?: Record<Side, ArmAngles>,
): Record<Side, ArmAngles> {
  const { pose } = carriage;
  const trunk = trunkDistance(frames, carriage.body);
  const others = obstacles(frames, carriage);
  const distance: Clearance = others ? (p) => Math.min(trunk(p), others(p)) : trunk;
  const angles = {} as Record<Side, ArmAngles>;
  const order = [...SIDES].sort((a, b) => rank(pose, a) - rank(pose, b));
  for (const side of order) {
    const contact = contactOf(pose, side);
    const elbow = limbContact(pose, side, 'elbow') ?? limbContact(pose, side, 'forearm');
    const hand = contact && targetOf(frames, carriage, contact);
    const held = elbow && targetOf(frames, carriage, elbow);
    if (elbow && held)
      angles[side] = placeHeldArm(
        frames,
        carriage,
        side,
        elbow,
        held,
        contact && hand ? { contact, target: hand } : null,
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
      );
    else angles[side] = placeFreeArm(frames, carriage, side, distance, state);
  }
  return angles;
}

function rank(pose: Pose, side: Side): number {
  const contact = contactOf(pose, side);
  if (!contact) return limbContact(pose, side, 'elbow') || limbContact(pose, side, 'forearm') ? 1 : 0;
  const on = bodyTarget(contact.to);
  return on?.across && ARM_PLACES.has(on.place) ? 3 : 2;
}
