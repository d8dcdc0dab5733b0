import { type Finger, HAND_SHAPE, jointOn } from '../../body';
import { bodyTarget, contactOf, limbContact } from '../../pose';
import { add, otherSide, SIDES, subtract, type Side } from '../../units';
import { supportDistance, type Carriage } from '../carriage';
import { at, type Frames } from '../joints/frames';
import { headDistance } from '../clearances/headDistance';
import { limbDistance } from '../clearances/limbDistance';
import type { Clearance } from '../clearances/clearance';
import { trunkDistance } from '../clearances/trunkDistance';

/** Half a finger against its modelled radius: where it is laid it is pressed a little flat. */
const ON_SUPPORT = 0.8;
const ON_FLESH = 0.55;

/** What the fingers of one hand lie on, and how thick they are on it. */
export interface FingerRest {
  distance: Clearance;
  thickness: number;
}

/** What the fingers of a hand close on: supports and the floor, or the sitter's own body; null where it lies on nothing. */
export function fingerRest(frames: Frames, carriage: Carriage, side: Side): FingerRest | null {
  const { pose, body } = carriage;
  const contact = contactOf(pose, side);
  const laid = contact ?? limbContact(pose, side, 'forearm');
  if (!laid || laid.kind === 'hover') return null;
  if (laid.of) return onSomebody(carriage, laid.of.role);
  if (!bodyTarget(laid.to))
    return {
      distance: (p) => Math.min(p[1] - carriage.levelM, supportDistance(carriage, p)),
      thickness: ON_SUPPORT,
    };
  // a hand in a pocket is inside what is worn
  if (!contact || contact.to.endsWith('Pocket')) return null;
  const parts = [
    trunkDistance(frames, body),
    ...SIDES.map((s) => limbDistance(frames, body, 'leg', s)),
    limbDistance(frames, body, 'arm', otherSide(side)),
    headDistance(frames, body),
  ];
  return { distance: (p) => Math.min(...parts.map((part) => part(p))), thickness: ON_FLESH };
}

/** What the fingers of a hand close on where it lies on somebody else; null where that person is not there. */
function onSomebody({ partners }: Carriage, role: string): FingerRest | null {
  const partner = partners.get(role);
  if (!partner) return null;
  const { frames, body } = partner;
  const parts = [
    trunkDistance(frames, body),
    ...SIDES.flatMap((s) => [limbDistance(frames, body, 'leg', s), limbDistance(frames, body, 'arm', s)]),
    headDistance(frames, body),
  ];
  return { distance: (p) => Math.min(...parts.map((part) => part(p))), thickness: ON_FLESH };
}

/** Furthest that a finger is opened against its shape, as a share of the shape's bend. */
const MOST_OPENED = -1.6;

/** Opens a finger until its joints and its tip stand off what the hand lies on by half a finger's thickness. */
export function closeOn(
  frames: Frames,
  { body: { lengths } }: Carriage,
  side: Side,
  finger: Finger,
  { distance, thickness }: FingerRest,
  bend: (share: number) => void,
): void {
  const radius = finger === 'thumb' ? 0.05 : HAND_SHAPE.fingers[finger].radius;
  const radiusM = radius * lengths.handM * thickness;
  const clears = (): boolean => {
    const end = at(frames, jointOn(side, `${finger}-end`));
    const mid = at(frames, jointOn(side, `${finger}-mid`));
    const tip = add(end, subtract(end, mid), 0.85);
    return [mid, end, tip].every((p) => distance(p) >= radiusM);
  };
  if (clears()) return;
  let low = MOST_OPENED;
  let high = 1;
  bend(low);
  if (!clears()) return;
  for (let i = 0; i < 7; i++) {
    const mid = (low + high) / 2;
    bend(mid);
    if (clears()) low = mid;
    else high = mid;
  }
  bend(low);
}
