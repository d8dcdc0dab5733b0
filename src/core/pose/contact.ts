import { z } from 'zod';
import { roleSchema } from '../checks';
import { SUPPORT_PLACES, type SupportPlace } from '../scene';
import { mirrorName, otherSide, SIDES, type Side } from '../units';
import {
  BODY_PLACES,
  bodyPlaceWords,
  isOnFace,
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
/** Parts of the head that are laid on somebody else: of one side, and of the mid-line. */
const HEAD_SIDE_PARTS = ['temple', 'cheek'] as const;
const HEAD_PARTS = ['forehead', 'lips'] as const;
export type HeadPart = (typeof HEAD_SIDE_PARTS)[number] | (typeof HEAD_PARTS)[number];
/** A part without its side. */
export type ContactPartName = HandRegion | ContactLimb | HeadPart | 'back';
export type ContactPart =
  | `${Side}:${HandRegion | ContactLimb | (typeof HEAD_SIDE_PARTS)[number]}`
  | (typeof HEAD_PARTS)[number]
  | 'back';
export const CONTACT_PARTS: ContactPart[] = [
  ...SIDES.flatMap((s) =>
    [...HAND_REGION_NAMES, ...SIDE_PARTS, ...HEAD_SIDE_PARTS].map((p): ContactPart => `${s}:${p}`),
  ),
  ...HEAD_PARTS,
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

const ON_OTHERS_ONLY: ReadonlySet<string> = new Set([...HEAD_SIDE_PARTS, ...HEAD_PARTS]);

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
  /** Whose place it is, where it is somebody else's; of a paired place the one on that person's own side. */
  of: z.strictObject({ role: roleSchema, side: z.enum(['left', 'right']).optional() }).optional(),
});
export type Contact = z.infer<typeof contactShape>;

/** A part laid on a place. */
export function on(
  part: Contact['part'],
  to: ContactTarget,
  kind: Contact['kind'] = 'rest',
  spot?: Contact['spot'],
): Contact {
  return { part, to, kind, pressure: 'light', ...(spot && { spot }) };
}

/** Whether the place of a contact with somebody is one of a body, and of a pair with its side. */
function isOnSomebody({ to, of }: Contact): boolean {
  const place = (BODY_PLACES as string[]).includes(to) ? (to as BodyPlaceName) : null;
  return place !== null && (of?.side !== undefined) === isSided(place);
}

/** A contact as it is stored. */
export const contactSchema = contactShape
  .refine((c) => !ON_SUPPORTS_ONLY.has(contactPart(c)) || (bodyTarget(c.to) === null && !c.of), {
    error: 'shoulders, feet and back are laid on supports or the floor, not on a body',
    path: ['to'],
  })
  .refine((c) => !ON_OTHERS_ONLY.has(contactPart(c)) || c.of !== undefined, {
    error: 'parts of the head are laid on somebody else',
    path: ['of'],
  })
  .refine((c) => !c.of || isOnSomebody(c), {
    error: 'what is somebody else’s is a place of the body, one of a pair with its side',
    path: ['of'],
  });

/** How a hand is laid where nothing is said: it only touches a face, and rests elsewhere. */
export function usualKind(to: ContactTarget): Contact['kind'] {
  return isOnFace(to) ? 'touch' : 'rest';
}

/** Side of the part of a contact; null for what lies on the mid-line. */
export function contactSide({ part }: Pick<Contact, 'part'>): Side | null {
  return part.includes(':') ? (part.slice(0, part.indexOf(':')) as Side) : null;
}

/** The part of a contact without its side. */
export function contactPart({ part }: Pick<Contact, 'part'>): ContactPartName {
  return part.slice(part.indexOf(':') + 1) as ContactPartName;
}

/** The part of the head that a contact is made with; null where it is made with another part. */
export function headPart(contact: Pick<Contact, 'part'>): HeadPart | null {
  const part = contactPart(contact);
  return ON_OTHERS_ONLY.has(part) ? (part as HeadPart) : null;
}

/** The place of the own body that a contact goes to; null where it goes to somebody else, a support or the floor. */
export function ownTarget({ to, of }: Contact): ReturnType<typeof bodyTarget> {
  return of ? null : bodyTarget(to);
}

/** Region of the hand that a contact is made with; null where it is made with another part. */
export function handRegion(contact: Pick<Contact, 'part'>): HandRegion | null {
  const part = contactPart(contact);
  return part in HAND_REGIONS ? (part as HandRegion) : null;
}

/** The contact seen in a mirror. */
export function mirrorContact(contact: Contact): Contact {
  const mirrored = { ...contact, part: mirrorName(contact.part) };
  if (contact.of?.side) mirrored.of = { ...contact.of, side: otherSide(contact.of.side) };
  if (contact.spot) mirrored.spot = { ...contact.spot, left: -contact.spot.left || 0 };
  return mirrored;
}
