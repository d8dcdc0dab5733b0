import type { Role } from '../../checks';
import type { Mark, Support } from '../../scene';
import {
  neutralPose,
  type BodyPlaceName,
  type Contact,
  type Gaze,
  type Message,
  type Pose,
  type SettingId,
} from '../../pose';
import type { Side } from '../../units';

/** How one person of an arrangement is posed and where; supports and message are the picture's. */
export interface ArrangedPerson {
  role: Role;
  pose: Omit<Pose, 'objects' | 'message'>;
  mark: Mark;
}

/** How several are posed together. It is said by roles, so that it fits any people. */
export interface Arrangement {
  id: string;
  name: string;
  /** How it is introduced to the sitters. */
  words: string;
  people: readonly ArrangedPerson[];
  /** Whom the first role suits, where it does not suit both. */
  first?: 'shorter' | 'taller';
  /** Is for a child and a grown-up: two of one height would bend to nothing. */
  withChild?: true;
  /** Is for grown-ups alone: it is as close as nobody who is not of age is posed. */
  adultsOnly?: true;
  supports: readonly Support[];
  message: Message;
}

type HandOn = Extract<Contact['part'], `${Side}:palm` | `${Side}:fingertips`>;

/** A hand laid on somebody else; of a paired place their own side is said. */
export function handOn(part: HandOn, role: Role, to: BodyPlaceName, side?: Side): Contact {
  return { part, to, kind: 'rest', pressure: 'light', of: { role, ...(side && { side }) } };
}

/** A hand that holds somebody's hand. */
export function holdingHand(part: HandOn, role: Role, side: Side): Contact {
  return { ...handOn(part, role, 'handBack', side), kind: 'hold' };
}

/** A look into somebody's eyes. */
export function atEyesOf(role: Role): Gaze {
  return { kind: 'person', role, at: 'eyes' };
}

/** What two say who sit quietly together. */
export const QUIET: Message = { presence: 0, openness: 0.3, formality: 0, movement: -0.6 };

/** A part of the head laid on somebody else's, or only near it. */
export function headOn(
  part: Contact['part'],
  role: Role,
  to: BodyPlaceName,
  side?: Side,
  kind: 'touch' | 'hover' = 'touch',
): Contact {
  return { part, to, kind, pressure: 'light', of: { role, ...(side && { side }) } };
}

/** A mark from the set's own, to its left and to its front, metres, and turned left, degrees. */
export function mark(leftM: number, aheadM: number, turnLeftDeg: number): Mark {
  return { leftM, aheadM, turnLeftDeg };
}

/** The mark of somebody who comes as near to a role as leaves so much room, metres. */
export function nearTo(role: Role, gapM: number, from: Mark): Mark {
  return { ...from, near: { role, gapM } };
}

/** What is said of one person; the rest is at ease. */
interface SaidOfOne {
  mark: Mark;
  settings?: Partial<Record<SettingId, number>>;
  contacts?: Contact[];
  gaze?: Gaze;
  expression?: Pose['expression'];
  support?: Pose['support'];
  on?: Pose['on'];
  legs?: Pose['legs'];
  crossed?: Pose['crossed'];
}

/** One person of an arrangement. */
export function person(
  role: Role,
  name: string,
  { mark: at, settings = {}, contacts = [], gaze, ...rest }: SaidOfOne,
): ArrangedPerson {
  const { message: _, ...pose } = neutralPose(name);
  const sorted = [...contacts].sort((a, b) => a.part.localeCompare(b.part));
  return {
    role,
    mark: at,
    pose: { ...pose, settings, contacts: sorted, ...(gaze && { gaze }), ...rest },
  };
}
