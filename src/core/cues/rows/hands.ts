import isSame from 'fast-deep-equal';
import {
  contactPart,
  contactSide,
  contactStation,
  mirrorContact,
  type Contact,
  type HandShape,
  type Pose,
} from '../../pose';
import { SIDES, type Side } from '../../units';
import { isOfArm } from '../arms';
import type { Sentence } from '../sentence';
import type { Between } from './between';
import type { OffPart, PairId } from './ids';
import { isCarriedAnew } from './stance';

/** Parts besides the arms that lie on something, and are taken off it again. */
const OFF_PARTS: readonly OffPart[] = ['shoulder', 'foot', 'back', 'temple', 'cheek', 'forehead', 'lips'];

/** What a contact decides. */
function keyOf(contact: Pick<Contact, 'part'>): string {
  const part = contactPart(contact);
  const limb = part === 'elbow' || part === 'forearm' ? 'elbow' : 'hand';
  return `${contactSide(contact) ?? ''}:${isOfArm(contact) ? limb : part}`;
}

/** Whether a contact is there in a pose already. */
function isThere(pose: Pose, contact: Contact): boolean {
  return pose.contacts.some((c) => isSame(c, contact));
}

/** A part laid on a place; what is somebody else’s is due: it is what the picture is about. */
export function laid(contact: Contact): Sentence {
  return {
    id: 'laid',
    station: contactStation(contact),
    side: contactSide(contact),
    keys: [keyOf(contact)],
    tells: { contacts: [contact] },
    isDue: contact.of !== undefined,
    contact,
  };
}

/** Arms that nothing holds in a pose. */
function isHanging(pose: Pose, side: Side): boolean {
  return !pose.contacts.some((c) => isOfArm(c) && contactSide(c) === side);
}

function pair(
  id: PairId,
  contacts: readonly Contact[],
  keys: readonly string[],
  hangs: readonly Side[] = [],
): Sentence {
  return {
    id,
    station: 'arms',
    side: null,
    keys,
    tells: { contacts, ...(hangs.length > 0 && { hangs }) },
    isDue: false,
    ...(id === 'bothLaid' && contacts[0] && { contact: contacts[0] }),
  };
}

/** Whether an arm lies across on the other. */
const ACROSS = new Set(['other:ribs', 'other:upperArm', 'other:elbowCrook']);

/** What both arms do together, where it has a name. */
function together({ to }: Between): Sentence[] {
  const arms = to.contacts.filter(isOfArm);
  const keys = arms.map(keyOf);
  const found: Sentence[] = [];
  const palms = SIDES.map((side) => arms.find((c) => contactSide(c) === side && keyOf(c).endsWith('hand')));
  const [left, right] = palms;
  if (left && right && arms.length === 2) {
    if (ACROSS.has(left.to) && ACROSS.has(right.to)) found.push(pair('foldArms', arms, keys));
    const isBehind = (c: Contact) => c.to === 'smallOfBack';
    if (isBehind(left) || isBehind(right)) found.push(pair('handsBehind', arms, keys));
    if (left.to === 'other:handBack' || right.to === 'other:handBack')
      found.push(pair('handsTogether', arms, keys));
  }
  for (const one of arms.filter((c) => contactSide(c) === 'left')) {
    const other = arms.find((c) => c.part === mirrorContact(one).part && c.to === one.to);
    if (other && !one.of) found.push(pair('bothLaid', [one, other], [keyOf(one), keyOf(other)]));
  }
  return found;
}

/** An arm that is let go. */
export function armHangs(side: Side): Sentence {
  return {
    id: 'armHangs',
    station: 'arms',
    side,
    keys: [`${side}:hand`, `${side}:elbow`],
    tells: { hangs: [side] },
    isDue: false,
  };
}

/** A part that is taken from where it lies: an arm hangs then. */
export function lifted(contact: Pick<Contact, 'part'>): Sentence | null {
  const side = contactSide(contact);
  if (isOfArm(contact)) return side && armHangs(side);
  const part = OFF_PARTS.find((p) => p === contactPart(contact));
  if (!part) return null;
  return {
    id: `off:${part}`,
    station: contactStation(contact),
    side,
    keys: [keyOf(contact)],
    tells: { lifts: contact.part },
    isDue: false,
  };
}

/** Arms that are let go, one at a time and both at once. */
function hanging({ from, to }: Between): Sentence[] {
  const free = SIDES.filter((side) => isHanging(to, side) && !isHanging(from, side));
  const each = free.map(armHangs);
  if (free.length < 2) return each;
  const keys = each.flatMap((s) => s.keys);
  return [...each, pair('bothHang', [], keys, free)];
}

/** One hand in another shape, or both in the same. */
export function shaped(shape: HandShape, side: Side | null): Sentence {
  const sides = side ? [side] : SIDES;
  return {
    id: `shape:${shape}`,
    station: 'hands',
    side,
    keys: sides.map((s) => `${s}:shape`),
    tells: { hands: Object.fromEntries(sides.map((s) => [s, shape])) },
    isDue: false,
  };
}

/** Shapes of the hands. */
function shapes({ from, to }: Between): Sentence[] {
  const other = SIDES.filter((side) => from.hands[side] !== to.hands[side]);
  if (other.length === 2 && to.hands.left === to.hands.right) return [shaped(to.hands.left, null)];
  return other.map((side) => shaped(to.hands[side], side));
}

/** Everything that can be said of what lies where: hands, elbows, shoulders, feet, and arms that hang. */
export function contactSentences(between: Between): Sentence[] {
  const { from, to } = between;
  const moved = isCarriedAnew(between);
  const fresh = to.contacts.filter((c) => moved || !isThere(from, c));
  const gone = moved
    ? []
    : from.contacts.filter((c) => !isOfArm(c) && !to.contacts.some((t) => t.part === c.part));
  const pairs = together(between).filter((s) => s.tells.contacts?.some((c) => moved || !isThere(from, c)));
  return [
    ...fresh.map(laid),
    ...gone.flatMap((c) => lifted(c) ?? []),
    ...pairs,
    ...hanging(between),
    ...shapes(between),
  ];
}
