import isSame from 'fast-deep-equal';
import { lookAt, mendAll, type Left, type MendWishes } from '../../adapt';
import { standardOf } from '../../brief';
import { viewOf } from '../../camera';
import { figureFor, type StandIn } from '../../picture';
import { ruledOutBy, type Pose } from '../../pose';
import { isAtLeast, review, type Grade } from '../../review';
import { framed, FRAMINGS, framingOf } from '../../set';
import type { SoloShot } from '../../shot';
import type { Adaptation, InsteadWhy } from './adaptation';
import { relit } from './relit';
import { seatedFor } from './seat';
import { posesNear } from './near';

/** A pose as it suits a sitter. */
export interface Fitted {
  shot: SoloShot;
  adaptations: Adaptation[];
  /** Stops and faults that are left, and why. */
  left: Left[];
}

/** What a fit is asked under. */
export interface FitWishes extends MendWishes {
  /** Poses that may take its place. */
  alternatives?: readonly Pose[];
}

/** So many other poses are looked at: further than this from what was chosen is not what was chosen. */
const MOST_INSTEAD = 20;
/** So many of them are mended where none suits as it is. */
const MOST_MENDED = 4;
/** Pictures that are taken to mend one pose (from memory: a second or two). */
const MOST_EVALUATIONS = 240;
/** What is mended: a polish is a matter of taste, and the photographer's. */
const LEAST: Grade = 'fault';

/** As much of the new figure as the camera took in of the last one; as it is where that cannot be, or others are in it. */
function reframed(
  standIn: StandIn,
  before: SoloShot,
  shot: SoloShot,
): { shot: SoloShot; adaptations: Adaptation[] } {
  if (shot.among) return { shot, adaptations: [] };
  const pointsOf = (s: SoloShot) => figureFor(standIn, s, viewOf(s.camera).eye).points;
  const framing = framingOf(before.camera, pointsOf(before), FRAMINGS);
  const camera = framed(shot.camera, pointsOf(shot), framing);
  if (!camera || isSame(camera, shot.camera)) return { shot, adaptations: [] };
  return { shot: { ...shot, camera }, adaptations: [{ kind: 'framed', framing }] };
}

/** A pose on one sitter, seated, framed and lit. */
function placed(
  standIn: StandIn,
  before: SoloShot,
  pose: Pose,
  { ground }: FitWishes,
): { shot: SoloShot; adaptations: Adaptation[] } {
  const seated = seatedFor(standIn.body, pose);
  const posed = reframed(standIn, before, { ...before, pose: seated.pose });
  const { shot, adaptations } = relit(standIn, before, posed.shot, ground);
  return { shot, adaptations: [...seated.adaptations, ...posed.adaptations, ...adaptations] };
}

/** The same, with what the review asks for. */
function* tried(
  standIn: StandIn,
  before: SoloShot,
  pose: Pose,
  wishes: FitWishes,
): Generator<number, Fitted> {
  const { shot, adaptations } = placed(standIn, before, pose, wishes);
  const all = yield* mendAll(standIn, shot, { ...wishes, least: LEAST, mostEvaluations: MOST_EVALUATIONS });
  const mended: Adaptation[] =
    all.mended.length > 0 ? [{ kind: 'mended', mended: all.mended, changes: all.changes }] : [];
  return { shot: all.shot, adaptations: [...adaptations, ...mended], left: all.left };
}

/** The same without mending; null where a stop or a fault is seen. */
function asItIs(standIn: StandIn, before: SoloShot, pose: Pose, wishes: FitWishes): Fitted | null {
  const { shot, adaptations } = placed(standIn, before, pose, wishes);
  const { ground, standard = standardOf(pose.message) } = wishes;
  const sight = lookAt(standIn, shot, ground);
  const isClean = sight && review(sight, standard).every((f) => !isAtLeast(f.grade, LEAST));
  return isClean ? { shot, adaptations, left: [] } : null;
}

/** The poses nearest to one; they are to say what it says. */
function othersNear({ body }: StandIn, pose: Pose, alternatives: readonly Pose[]): Pose[] {
  return posesNear(body.profile, pose, alternatives)
    .slice(0, MOST_INSTEAD)
    .map((p) => ({ ...p, message: pose.message }));
}

/**
 * The nearest other pose that suits a sitter without stop or fault, fitted; null where none of the nearest does.
 * Deterministic.
 * @param because why another one is looked for.
 */
export function* fitInstead(
  standIn: StandIn,
  shot: SoloShot,
  pose: Pose,
  because: InsteadWhy,
  { alternatives = [], ...wishes }: FitWishes = {},
): Generator<number, Fitted | null> {
  const others = othersNear(standIn, pose, alternatives);
  const named = (other: Pose, found: Fitted): Fitted => ({
    ...found,
    adaptations: [{ kind: 'instead', name: other.name, because }, ...found.adaptations],
  });
  for (const [i, other] of others.entries()) {
    yield i / others.length;
    const found = asItIs(standIn, shot, other, wishes);
    if (found) return named(other, found);
  }
  for (const other of others.slice(0, MOST_MENDED)) {
    const found = yield* tried(standIn, shot, other, wishes);
    if (found.left.length === 0) return named(other, found);
  }
  return null;
}

/**
 * Fits a pose to a sitter in a picture: keeps what it says, seats the sitter on what suits, frames and lights the new
 * figure as the last one was, and mends stops and faults. Where the sitter's record rules the pose out, at once or by what it
 * asks of a joint, the nearest other pose that suits takes its place. Deterministic.
 * @param shot the picture as it is, with the pose that the sitter has in it now.
 * @returns the share of one attempt that is done, 0 to 1, step by step, and at the end the fitted shot with every
 * adaptation and its reason, and what is left of faults.
 */
export function* fit(
  standIn: StandIn,
  shot: SoloShot,
  pose: Pose,
  wishes: FitWishes = {},
): Generator<number, Fitted> {
  const ruledOut = ruledOutBy(standIn.body.profile, pose);
  const own = ruledOut ? null : yield* tried(standIn, shot, pose, wishes);
  const isStrain = own?.left.some(({ finding }) => finding.isForCare) ?? false;
  if (own && !isStrain) return own;
  const instead = yield* fitInstead(standIn, shot, pose, ruledOut ?? 'strain', wishes);
  // nothing else suits: the pose itself, with all that is left
  return instead ?? own ?? (yield* tried(standIn, shot, pose, wishes));
}
