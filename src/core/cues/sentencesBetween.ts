import { lookAt } from '../adapt';
import { standardOf } from '../brief';
import { viewOf } from '../camera';
import { posedBody } from '../figure';
import type { Sight, StandIn } from '../picture';
import { differenceOf, type Change, type Pose } from '../pose';
import { isAtLeast, review, type Finding } from '../review';
import { OWN_MARK } from '../scene';
import type { SoloShot } from '../shot';
import { degrees, turnBetweenDeg } from '../units';
import { closenessOf, type Closeness } from './closeness/closeness';
import { marksOf, shiftBetween, type Marks } from './closeness/landmarks';
import { reckoner } from './closeness/reckoner';
import { sharpnessOf } from './closeness/seen';
import { followed } from './follow';
import { candidates } from './rows';
import { otherHands, plansBetween, type Plan } from './search';
import type { Sentence } from './sentence';

/** What is said on the way from one pose to another. */
export interface Said {
  sentences: readonly Sentence[];
  /** How close the picture comes to the one that is meant. */
  close: Closeness;
  isClose: boolean;
  /** Ids of what the review finds in it and not in the one that is meant. */
  newFindings: readonly string[];
  /** What is other still, and will not be said. */
  left: readonly Change[];
}

/** A picture is close enough where nothing in it is much more than just noticed (own estimates). */
export const CLOSE = { error: 0.8, worst: 2 } as const;
/** More is not said at once: nobody keeps it in mind. */
export const MOST_SENTENCES = 9;
/** Of each count so many are solved before it is known whether any is close. */
const MOST_SOLVED = 3;
/** So many sentences more are said where without them the review finds what is not meant. */
const MOST_MORE = 2;

function isClose({ error, worst }: Closeness): boolean {
  return error <= CLOSE.error && worst <= CLOSE.worst;
}

/** What lies clearly outside: a number that has barely passed its bound is not seen. */
function isClear({ measurement: { value, low, high, deadBand = [0, 0] }, grade }: Finding): boolean {
  const [atLow, atHigh] = deadBand;
  return isAtLeast(grade, 'fault') && Math.max(low - value - atLow, value - high - atHigh) > 0;
}

/** What the review finds in a picture. */
function findingsOf(sight: Sight): Finding[] {
  return review(sight, standardOf(sight.shot.pose.message));
}

/** A plan that was solved. */
interface Solved {
  plan: Plan;
  close: Closeness;
}

/** A pose as somebody takes it alone: nobody else is there to touch. */
function alone(pose: Pose): Pose {
  return { ...pose, contacts: pose.contacts.filter((c) => !c.of) };
}

/** Looks at poses through the lens of the picture that is meant. */
function onlooker(standIn: StandIn, shot: SoloShot) {
  const sight = lookAt(standIn, shot, undefined);
  if (!sight)
    throw new RangeError('the camera stands inside the sitter: nothing can be said of that picture');
  const marksAt = (pose: Pose): Marks => marksOf(posedBody(standIn.body, alone(pose), shot.mark).figure);
  const sharpness = sharpnessOf(sight);
  const known = new Set(findingsOf(sight).map((f) => f.id));
  const target = marksAt(shot.pose);
  return {
    marksAt,
    sharpness,
    closenessOf: (pose: Pose) =>
      closenessOf(shiftBetween(target, marksAt(pose)), sharpness, otherHands(pose, shot.pose)),
    newFindings: (pose: Pose): string[] => {
      const seen = lookAt(standIn, { ...shot, pose: { ...pose, message: shot.pose.message } }, undefined);
      if (!seen) return [];
      return findingsOf(seen)
        .filter((f) => isClear(f) && !known.has(f.id))
        .map((f) => f.id);
    },
  };
}

type Onlooker = ReturnType<typeof onlooker>;

/** How far from close enough a picture is: 1 where it just is. */
function farness({ error, worst }: Closeness): number {
  return Math.max(error / CLOSE.error, worst / CLOSE.worst);
}

/** Plans that are close enough, the fewest sentences first; the closest of all where none is. */
function* closeEnough(plans: Iterable<Plan[]>, { closenessOf: look }: Onlooker): Generator<Solved[]> {
  let closest: Solved | undefined;
  let isFound = false;
  for (const ofCount of plans) {
    const solvedOf = (some: readonly Plan[]) => some.map((plan) => ({ plan, close: look(plan.pose) }));
    const first = solvedOf(ofCount.slice(0, MOST_SOLVED));
    for (const solved of first)
      if (!closest || farness(solved.close) < farness(closest.close)) closest = solved;
    const isAny = first.some(({ close }) => isClose(close));
    const all = isAny ? [...first, ...solvedOf(ofCount.slice(MOST_SOLVED))] : [];
    isFound ||= isAny;
    if (isAny) yield all.filter(({ close }) => isClose(close));
  }
  if (!isFound && closest) yield [closest];
}

/** Of plans that are close enough, the one after which the review finds least that is new; of the fewest sentences. */
function leastNew(
  plans: Iterable<Solved[]>,
  { newFindings: look }: Onlooker,
): Solved & { newFindings: string[] } {
  let chosen: (Solved & { newFindings: string[] }) | undefined;
  let counts = 0;
  for (const ofCount of plans) {
    for (const solved of ofCount) {
      const newFindings = look(solved.plan.pose);
      if (!chosen || newFindings.length < chosen.newFindings.length) chosen = { ...solved, newFindings };
      if (newFindings.length === 0) return chosen;
    }
    if (++counts > MOST_MORE) break;
  }
  return chosen!;
}

/** Where the lens stands from the mark of whoever is spoken to, degrees to their left of the front of the mark. */
function lensDegOf({ camera, mark = OWN_MARK }: SoloShot): number {
  const { eye } = viewOf(camera);
  return turnBetweenDeg(mark.turnLeftDeg, degrees(Math.atan2(eye[0] - mark.leftM, eye[2] - mark.aheadM)));
}

/**
 * The fewest sentences that lead a sitter from one pose to that of a picture, as close as one would notice, floor up;
 * of those alike in number the ones after which the review finds the least that is new. Who is carried is not told to
 * sit down. Deterministic.
 * @param from how the sitter stands.
 * @param shot the picture that is meant, with its pose.
 * @throws RangeError where the camera stands inside the sitter.
 */
export function sentencesBetween(standIn: StandIn, from: Pose, shot: SoloShot): Said {
  const look = onlooker(standIn, shot);
  const between = { from, to: shot.pose, lensDeg: lensDegOf(shot) };
  const isCarried = shot.mark?.carriedBy !== undefined;
  const plans = plansBetween({
    between,
    candidates: candidates(between).filter((s) => !isCarried || !s.keys.includes('stance')),
    sharpness: look.sharpness,
    reckon: reckoner(shot.pose, look.marksAt),
    most: MOST_SENTENCES,
  });
  const { plan, close, newFindings } = leastNew(closeEnough(plans, look), look);
  return {
    sentences: plan.sentences,
    close,
    isClose: isClose(close),
    newFindings,
    left: differenceOf(plan.pose, shot.pose),
  };
}

/**
 * The same where some of it did not come by itself: after each count of sentences that is named the sitter has done what
 * was said and no more, and from there the rest is looked for anew.
 * @param notByItself counts of sentences, rising.
 */
export function sentencesAfter(
  standIn: StandIn,
  from: Pose,
  shot: SoloShot,
  notByItself: readonly number[],
): Said {
  const lensDeg = lensDegOf(shot);
  let said = sentencesBetween(standIn, from, shot);
  let stands = from;
  let done = 0;
  for (const count of notByItself) {
    stands = followed(stands, said.sentences.slice(done, count), lensDeg, 'onlyWhatIsSaid');
    done = Math.min(count, said.sentences.length);
    const rest = sentencesBetween(standIn, stands, shot);
    said = { ...rest, sentences: [...said.sentences.slice(0, done), ...rest.sentences] };
  }
  return said;
}
