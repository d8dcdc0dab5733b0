import { standardOf } from '../../brief';
import type { StandIn } from '../../picture';
import type { SoloShot } from '../../shot';
import type { MendWishes } from '../mend';
import { harmOf, lookAt } from '../proposal';
import { appearanceOf, unlikeShare, type Appearance } from './appearance';
import { VARIANTS, VARIATION_KINDS, type Variant } from './kinds';
import { ofTwo } from './together';

/** A variation with the share of the figure's pixels that look otherwise, 0 to 1. */
export interface Variation extends Variant {
  otherShare: number;
}

/** So many are proposed, and so many of them of one thing alone while there are some of two. */
const MOST_PROPOSED = 12;
const MOST_ALONE = 9;
/** Share of the search that looks at one thing alone (from memory). */
const ALONE_SHARE = 0.85;
/** Two pictures that differ by less than this share of the figure are one picture (from memory). */
const LEAST_APART = 0.02;
/** A look elsewhere changes few pixels and much of what is said: it counts as so much (from memory). */
const LOOK_COUNTS = 0.08;

/** So many of one kind at most: twelve ways to put the feet are no spread. */
const MOST_OF_A_KIND = 3;

/** A clean variation with what it looks like. */
interface Candidate extends Variation {
  look: Appearance;
}

/** How far a candidate is from another picture. */
function apart(candidate: Pick<Candidate, 'of' | 'look'>, look: Appearance): number {
  const share = unlikeShare(candidate.look, look);
  return candidate.of === 'gaze' ? Math.max(share, LOOK_COUNTS) : share;
}

/** How much a candidate is worth beside those that are chosen: how unlike all of them it looks, for the time it takes. */
function worth(candidate: Candidate, chosen: readonly Candidate[]): number {
  const nearest = Math.min(candidate.otherShare, ...chosen.map((c) => apart(candidate, c.look)));
  return nearest < LEAST_APART ? 0 : nearest / (10 + candidate.seconds);
}

/** Whether one more of it would be too much of the same. */
function isTooMuch({ of, beside, what }: Candidate, chosen: readonly Candidate[]): boolean {
  const alike = chosen.filter((c) => c.of === of && c.beside === beside);
  return chosen.some((c) => c.what === what) || alike.length >= MOST_OF_A_KIND;
}

/** The most worthwhile of some candidates; null where none looks otherwise. */
function bestOf(candidates: readonly Candidate[], chosen: readonly Candidate[]): Candidate | null {
  let best: { candidate: Candidate; worth: number } | null = null;
  for (const candidate of candidates.filter((c) => !isTooMuch(c, chosen))) {
    const its = worth(candidate, chosen);
    if (its > (best?.worth ?? 0)) best = { candidate, worth: its };
  }
  return best?.candidate ?? null;
}

/** What is chosen already, and of some candidates what is most unlike all that is chosen, up to a number of all. */
function withBest(chosen: readonly Candidate[], candidates: readonly Candidate[], most: number): Candidate[] {
  const next = chosen.length < most ? bestOf(candidates, chosen) : null;
  return next ? withBest([...chosen, next], candidates, most) : [...chosen];
}

/** First one of each kind, then what is most unlike all of them. */
function chosenAlone(candidates: readonly Candidate[], most: number): Candidate[] {
  const ofEach = VARIATION_KINDS.reduce<Candidate[]>((chosen, kind) => {
    const ofKind = candidates.filter((c) => c.of === kind);
    return withBest(chosen, ofKind, chosen.length + 1);
  }, []);
  return withBest(ofEach, candidates, most);
}

/**
 * Up to twelve neighbours of a shot that are clean: none raises a finding or makes one worse. They are spread over hands,
 * head, gaze, legs, lens height, arc and crop, most of them one thing away, some of them two, and come by how different
 * the picture looks. Deterministic.
 * @returns the share that is done, 0 to 1, step by step, and at the end the variations.
 */
export function* vary(
  standIn: StandIn,
  shot: SoloShot,
  { standard = standardOf(shot.pose.message), ground, held = [] }: MendWishes = {},
): Generator<number, Variation[]> {
  const harms = harmOf(standIn, shot, standard, ground);
  const first = lookAt(standIn, shot, ground);
  if (!first) return [];
  const before = appearanceOf(first);
  const variants = VARIATION_KINDS.flatMap((of) =>
    VARIANTS[of]({ standIn, shot, held }).map((v): Variant => ({ ...v, of })),
  );
  function* cleanOf(some: readonly Variant[], from: number, to: number): Generator<number, Candidate[]> {
    const clean: Candidate[] = [];
    for (const [i, variant] of some.entries()) {
      yield from + ((to - from) * i) / some.length;
      const sight = lookAt(standIn, variant.shot, ground);
      if (!sight) continue;
      const look = appearanceOf(sight);
      const otherShare = apart({ of: variant.of, look }, before);
      if (otherShare >= LEAST_APART && !harms(sight)) clean.push({ ...variant, look, otherShare });
    }
    return clean;
  }
  const alone = yield* cleanOf(variants, 0, ALONE_SHARE);
  const few = chosenAlone(alone, MOST_ALONE);
  const two = yield* cleanOf(ofTwo(shot, few), ALONE_SHARE, 1);
  return withBest(withBest(few, two, MOST_PROPOSED), alone, MOST_PROPOSED)
    .map(({ look: _, ...variation }) => variation)
    .sort((a, b) => b.otherShare - a.otherShare);
}
