import { z } from 'zod';
import { SUPPORT_PLACES, type SupportPlace } from '../scene';
import { mirrorName, otherSide, type Side } from '../units';
import {
  BODY_PLACES,
  bodyPlaceWords,
  isSided,
  SIDE_PLACES,
  type BodyPlaceName,
  type SidePlace,
} from './places';

/** Parts of a hand that can lie on something. */
export const HAND_REGIONS = {
  palm: 'palm',
  handBack: 'back of the hand',
  littleEdge: 'little-finger edge',
  thumbEdge: 'thumb edge',
  fingertips: 'fingertips',
  fist: 'fist',
  wrist: 'wrist',
} as const;
export type HandRegion = keyof typeof HAND_REGIONS;
export const HAND_REGION_NAMES = Object.keys(HAND_REGIONS) as HandRegion[];

/** Other parts that can: of one side, and of the mid-line. */
const SIDE_PARTS = ['elbow', 'forearm', 'shoulder', 'foot'] as const;
export type ContactLimb = (typeof SIDE_PARTS)[number];
export type ContactPart = `${Side}:${HandRegion | ContactLimb}` | 'back';
export const CONTACT_PARTS: ContactPart[] = [
  ...(['left', 'right'] as const).flatMap((s) =>
    [...HAND_REGION_NAMES, ...SIDE_PARTS].map((p): ContactPart => `${s}:${p}`),
  ),
  'back',
];

/** Where a contact goes: a place on the own body, `other:` for the half across, on a support, or the floor. */
export type ContactTarget = BodyPlaceName | `other:${SidePlace}` | SupportPlace | 'floor';
export const CONTACT_TARGETS: ContactTarget[] = [
  ...BODY_PLACES,
  ...(Object.keys(SIDE_PLACES) as SidePlace[]).map((p): ContactTarget => `other:${p}`),
  ...SUPPORT_PLACES,
  'floor',
];

/** Whether a target belongs to the sitter's own body, and to which place of it. */
export function bodyTarget(to: ContactTarget): { place: BodyPlaceName; across: boolean } | null {
  if (to.startsWith('other:')) return { place: to.slice(6) as SidePlace, across: true };
  return (BODY_PLACES as string[]).includes(to) ? { place: to as BodyPlaceName, across: false } : null;
}

const SUPPORT_WORDS: Record<SupportPlace | 'floor', string> = {
  seat: 'seat',
  seatFront: 'front edge of the seat',
  seatCorner: 'corner of the seat',
  backFront: 'front of the backrest',
  backTop: 'top of the backrest',
  backSide: 'side of the backrest',
  armrest: 'armrest',
  footRail: 'lower rail',
  wall: 'wall',
  frameSide: 'side of the frame',
  stepTop: 'top of the step',
  tableEdge: 'edge of the table',
  tableTop: 'table',
  rail: 'rail',
  wheel: 'wheel',
  top: 'top',
  floor: 'floor',
};

/** What the target of a contact is called, for a part of one side. */
export function targetWords(to: ContactTarget, side: Side | null): string {
  const own = bodyTarget(to);
  if (!own) return SUPPORT_WORDS[to as SupportPlace];
  const words = bodyPlaceWords(own.place);
  if (!side || !isSided(own.place)) return words;
  return own.across ? `${otherSide(side)} ${words}` : words;
}

export const CONTACT_KINDS = ['hover', 'touch', 'rest', 'hold', 'grip', 'lean'] as const;

/** Parts that are only laid on supports and the floor, never on the own body. */
const ON_SUPPORTS_ONLY: ReadonlySet<string> = new Set(['shoulder', 'foot', 'back']);

const contactShape = z.strictObject({
  part: z.enum(CONTACT_PARTS),
  to: z.enum(CONTACT_TARGETS),
  kind: z.enum(CONTACT_KINDS),
  pressure: z.enum(['light', 'firm']),
  /**
   * Where on a support, in shoulder breadths: to the sitter's left along it, and forwards across it (upwards on what
   * stands upright). On the floor both are counted from the seat, from under the shoulders on hands and knees.
   */
  spot: z.strictObject({ left: z.number().min(-4).max(4), ahead: z.number().min(-4).max(4) }).optional(),
});
export type Contact = z.infer<typeof contactShape>;

/** A contact as it is stored. */
export const contactSchema = contactShape.refine(
  (c) => !ON_SUPPORTS_ONLY.has(contactPart(c)) || bodyTarget(c.to) === null,
  { error: 'shoulders, feet and back are laid on supports or the floor, not on the own body', path: ['to'] },
);

/** Side of the part of a contact; null for the back. */
export function contactSide({ part }: Pick<Contact, 'part'>): Side | null {
  return part === 'back' ? null : (part.slice(0, part.indexOf(':')) as Side);
}

/** The part of a contact without its side. */
export function contactPart({ part }: Pick<Contact, 'part'>): HandRegion | ContactLimb | 'back' {
  return part.slice(part.indexOf(':') + 1) as HandRegion | ContactLimb | 'back';
}

/** Region of the hand that a contact is made with; null where it is made with another part. */
export function handRegion(contact: Pick<Contact, 'part'>): HandRegion | null {
  const part = contactPart(contact);
  return part in HAND_REGIONS ? (part as HandRegion) : null;
}

/** The contact seen in a mirror. */
export function mirrorContact(contact: Contact): Contact {
  const mirrored = { ...contact, part: mirrorName(contact.part) };
  if (contact.spot) mirrored.spot = { ...contact.spot, left: -contact.spot.left || 0 };
  return mirrored;
}
