import {
  contactSide,
  handRegion,
  isOnSeat,
  on,
  type BodyPlaceName,
  type Contact,
  type ContactPart,
  type Pose,
  type SettingId,
} from '../pose';
import { SIDES, type Side } from '../units';
import { ARM_SETTINGS, isOfArm } from './arms';
import { CONSEQUENCES, type Step } from './consequences';
import { guidedTurnDeg } from './rows/stance';
import type { Sentence } from './sentence';
import { HABITS, UPPER_SETTINGS } from './stations';

/** A sitter part of the way: how they stand, and what of it they were told. */
export interface Standing {
  pose: Pose;
  told: ReadonlySet<SettingId>;
  toldParts: ReadonlySet<ContactPart>;
}

/** What a sitter does with what is said: all that follows by itself too, or no more than was said. */
export type Does = 'whatFollows' | 'onlyWhatIsSaid';

/** How one stands before anything is said. */
export function standingIn(pose: Pose): Standing {
  return { pose, told: new Set(), toldParts: new Set() };
}

/** Places that a hand reaches while its elbow stays where it leans: those of the head, and the other hand and arm. */
const OVER_ELBOW: ReadonlySet<string> = new Set<BodyPlaceName>([
  'jaw',
  'cheek',
  'temple',
  'ear',
  'hairSide',
  'chin',
  'underChin',
  'lips',
  'forehead',
  'crown',
  'hairBack',
  'nape',
  'neckSide',
  'wrist',
  'handBack',
  'forearm',
]);

/** Settings without some, but for those that were told. */
function without(
  settings: Pose['settings'],
  ids: readonly SettingId[],
  told: ReadonlySet<SettingId>,
): Pose['settings'] {
  const left = { ...settings };
  for (const id of ids) if (!told.has(id)) delete left[id];
  return left;
}

/** Carried elsewhere: all but a habit is new, the hands come to rest where they do by themselves. */
function carriedElsewhere(pose: Pose, sentence: Sentence, lensDeg: number): Pose {
  const { whole = {} } = sentence.tells;
  const next = { ...pose, ...whole } as Pose;
  for (const key of ['objects', 'on', 'legs', 'crossed'] as const)
    if (next[key] === undefined) delete next[key];
  const kept = Object.fromEntries(
    HABITS.flatMap((id) => (id in pose.settings ? [[id, pose.settings[id]]] : [])),
  );
  next.settings = { ...kept, hipsTurnLeftDeg: guidedTurnDeg(next, lensDeg) };
  const rests = isOnSeat(next.support) || next.support === 'kneelLow';
  next.contacts = rests ? SIDES.map((s) => on(`${s}:palm`, 'thighTop')) : [];
  next.hands = { left: 'relaxed', right: 'relaxed' };
  return next;
}

/** Whether a contact of the same arm goes when another is laid. */
function goesFor(old: Contact, laid: Contact, toldParts: ReadonlySet<ContactPart>): boolean {
  if (old.part === laid.part) return true;
  if (!isOfArm(old) || !isOfArm(laid) || contactSide(old) !== contactSide(laid)) return false;
  if (handRegion(old) && handRegion(laid)) return true;
  if (toldParts.has(old.part)) return false;
  return handRegion(laid) ? !OVER_ELBOW.has(laid.to.replace('other:', '')) : true;
}

function laidOn({ pose, told, toldParts }: Standing, contact: Contact): Standing {
  const side = contactSide(contact);
  const contacts = [...pose.contacts.filter((c) => !goesFor(c, contact, toldParts)), contact];
  const settings =
    isOfArm(contact) && side ? without(pose.settings, ARM_SETTINGS[side], told) : pose.settings;
  return {
    pose: { ...pose, contacts, settings },
    told,
    toldParts: new Set([...toldParts, contact.part]),
  };
}

function hanging({ pose, told, toldParts }: Standing, side: Side): Standing {
  const contacts = pose.contacts.filter((c) => !(isOfArm(c) && contactSide(c) === side));
  return {
    pose: { ...pose, contacts, settings: without(pose.settings, ARM_SETTINGS[side], told) },
    told,
    toldParts,
  };
}

function shakenOut({ pose, told, toldParts }: Standing): Standing {
  return {
    pose: {
      ...pose,
      settings: without(pose.settings, UPPER_SETTINGS, told),
      contacts: pose.contacts.filter((c) => !isOfArm(c)),
      hands: { left: 'relaxed', right: 'relaxed' },
    },
    told,
    toldParts,
  };
}

/** What is said, done to the letter. */
function done(standing: Standing, sentence: Sentence, lensDeg: number): Standing {
  const { whole, hangs = [], lifts, contacts = [], settings, hands, gaze, expression } = sentence.tells;
  let next = standing;
  if (sentence.keys.includes('stance'))
    next = { ...next, pose: carriedElsewhere(next.pose, sentence, lensDeg) };
  else if (whole) {
    const pose = { ...next.pose, ...whole } as Pose;
    if (!pose.crossed) delete pose.crossed;
    next = { ...next, pose };
  }
  if (sentence.id === 'shakeOut') next = shakenOut(next);
  for (const side of hangs) next = hanging(next, side);
  if (lifts)
    next = { ...next, pose: { ...next.pose, contacts: next.pose.contacts.filter((c) => c.part !== lifts) } };
  for (const contact of contacts) next = laidOn(next, contact);
  const pose = { ...next.pose };
  if (settings) pose.settings = { ...pose.settings, ...settings };
  if (hands) pose.hands = { ...pose.hands, ...hands };
  if (gaze) pose.gaze = gaze;
  if (expression) pose.expression = expression;
  const told = settings ? new Set([...next.told, ...(Object.keys(settings) as SettingId[])]) : next.told;
  return { ...next, pose, told };
}

const FOLLOWS = Object.values(CONSEQUENCES) as ((step: Step) => Pose['settings'] | null)[];

/** What comes by itself after it: never against what was told. */
function withConsequences(step: Step, told: ReadonlySet<SettingId>): Pose {
  let { now } = step;
  for (const follows of FOLLOWS) {
    const brought = follows({ ...step, now });
    if (!brought) continue;
    const free = Object.entries(brought).filter(([id]) => !told.has(id as SettingId));
    if (free.length > 0) now = { ...now, settings: { ...now.settings, ...Object.fromEntries(free) } };
  }
  return now;
}

/** The sitter after one more sentence. */
export function follow(
  standing: Standing,
  sentence: Sentence,
  lensDeg: number,
  does: Does = 'whatFollows',
): Standing {
  const next = done(standing, sentence, lensDeg);
  if (does === 'onlyWhatIsSaid') return next;
  const pose = withConsequences({ before: standing.pose, now: next.pose, sentence, lensDeg }, next.told);
  return { ...next, pose };
}

/** The pose that some sentences lead to, one after the other. */
export function followed(from: Pose, sentences: readonly Sentence[], lensDeg: number, does?: Does): Pose {
  return sentences.reduce((standing, s) => follow(standing, s, lensDeg, does), standingIn(from)).pose;
}
