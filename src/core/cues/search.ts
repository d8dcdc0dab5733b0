import type { Pose } from '../pose';
import { SIDES, type Side } from '../units';
import { closenessOf, type Closeness } from './closeness/closeness';
import type { Sharpness } from './closeness/seen';
import { follow, standingIn, type Standing } from './follow';
import type { Between } from './rows';
import type { Sentence } from './sentence';
import { wordsIn } from './words/say';

/** Sentences in spoken order with the pose that they lead to, and how close it is reckoned to be. */
export interface Plan {
  sentences: readonly Sentence[];
  pose: Pose;
  reckoned: Closeness;
  /** Lower is better: closeness, and a little for every word. */
  score: number;
}

/** So many plans go on from each count of sentences. */
const BEAM = 6;
/** A word costs this much closeness: of two sentences that do as much the shorter is said. */
const A_WORD = 0.004;
/** Of the farthest landmark, so much is felt besides the mean: one hand that is wrong is a wrong picture. */
const OF_WORST = 0.12;

/** What the search needs to know. */
export interface SearchGround {
  between: Between;
  /** Everything that could be said, in spoken order. */
  candidates: readonly Sentence[];
  sharpness: Sharpness;
  /** Shift of the landmarks from the target's. */
  reckon(pose: Pose): Float64Array;
  /** Most sentences. */
  most: number;
}

/** Hands that are in another shape. */
export function otherHands(pose: Pose, to: Pose): Side[] {
  return SIDES.filter((side) => pose.hands[side] !== to.hands[side]);
}

/** A sitter after some sentences; what can be said next, by its place among the candidates. */
interface Told {
  standing: Standing;
  next: Map<number, Told>;
  plan: Plan | undefined;
}

/** Weighs plans, given by the places of their sentences: what was followed once is not followed again. */
function weigher({ between, sharpness, reckon, candidates }: SearchGround) {
  const { from, to, lensDeg } = between;
  const words = candidates.map(wordsIn);
  const nothing: Told = { standing: standingIn(from), next: new Map(), plan: undefined };
  const toldAfter = (before: Told, place: number): Told => {
    const known = before.next.get(place);
    if (known) return known;
    const standing = follow(before.standing, candidates[place]!, lensDeg);
    const told: Told = { standing, next: new Map(), plan: undefined };
    before.next.set(place, told);
    return told;
  };
  return (chosen: readonly number[]): Plan => {
    const places = [...chosen].sort((a, b) => a - b);
    const told = places.reduce(toldAfter, nothing);
    if (told.plan) return told.plan;
    const { pose } = told.standing;
    const reckoned = closenessOf(reckon(pose), sharpness, otherHands(pose, to));
    const said = places.reduce((sum, i) => sum + words[i]!, 0);
    const score = reckoned.error + OF_WORST * reckoned.worst + A_WORD * said;
    return (told.plan = { sentences: places.map((i) => candidates[i]!), pose, reckoned, score });
  };
}

/** The best of some plans, each once. */
function best(plans: readonly Plan[], count: number): Plan[] {
  return [...new Set(plans)].sort((a, b) => a.score - b.score).slice(0, count);
}

/** The space of plans: which sentences exclude each other, and what a plan leads to. */
function spaceOf(ground: SearchGround) {
  const { candidates } = ground;
  const place = new Map(candidates.map((s, i) => [s, i]));
  const excludes = candidates.map((a) =>
    candidates.map((b) => a === b || a.keys.some((key) => b.keys.includes(key))),
  );
  const all = candidates.map((_, i) => i);
  return {
    due: all.filter((i) => candidates[i]!.isDue),
    isDue: (i: number) => candidates[i]!.isDue,
    placesOf: ({ sentences }: Plan) => sentences.map((s) => place.get(s)!),
    /** What can be said besides. */
    freeBeside: (chosen: readonly number[]) => all.filter((i) => !chosen.some((c) => excludes[c]![i])),
    weigh: weigher(ground),
  };
}

type Space = ReturnType<typeof spaceOf>;

/** A plan with one of its sentences in place of another. */
function swaps(plan: Plan, { placesOf, isDue, freeBeside, weigh }: Space): Plan[] {
  const chosen = placesOf(plan);
  return chosen
    .filter((out) => !isDue(out))
    .flatMap((out) => {
      const rest = chosen.filter((i) => i !== out);
      return freeBeside(rest).map((i) => weigh([...rest, i]));
    });
}

/** Everything at once that does not exclude each other: what shows most exactly first. */
function everything({ candidates }: SearchGround, { due, freeBeside }: Space): number[] {
  const isExact = (i: number) => candidates[i]!.id.endsWith('ToHand') || candidates[i]!.id.endsWith('ToMe');
  const chosen = [...due];
  for (;;) {
    const free = freeBeside(chosen);
    const next = free.find(isExact) ?? free[0];
    if (next === undefined) return chosen;
    chosen.push(next);
  }
}

/** From everything on, one sentence fewer at a time: what pays only with another is not lost. */
function backwards(ground: SearchGround, space: Space): Map<number, Plan[]> {
  const { placesOf, isDue, weigh, due } = space;
  const found = new Map<number, Plan[]>();
  let chosen = everything(ground, space);
  if (chosen.length <= ground.most) found.set(chosen.length, [weigh(chosen)]);
  while (chosen.length > due.length) {
    const all = chosen;
    const [least] = best(
      all.filter((i) => !isDue(i)).map((out) => weigh(all.filter((i) => i !== out))),
      1,
    );
    chosen = placesOf(least!);
    if (chosen.length > ground.most) continue;
    const better = best([least!, ...swaps(least!, space)], BEAM);
    found.set(chosen.length, better);
    chosen = placesOf(better[0]!);
  }
  return found;
}

/**
 * The best plans of every count of sentences, from the fewest on; counts are searched when they are asked for. From what
 * is due one sentence more at a time, and from everything one fewer at a time.
 */
export function* plansBetween(ground: SearchGround): Generator<Plan[]> {
  const space = spaceOf(ground);
  const { due, weigh, freeBeside, placesOf } = space;
  const fewer = backwards(ground, space);
  let beam = [weigh(due)];
  for (let count = due.length; count <= ground.most && beam.length > 0; count++) {
    beam = best([...beam, ...(fewer.get(count) ?? [])], BEAM);
    yield beam;
    const longer = beam.flatMap((plan) => {
      const chosen = placesOf(plan);
      return freeBeside(chosen).map((i) => weigh([...chosen, i]));
    });
    const [first] = best(longer, 1);
    beam = first ? best([...longer, ...swaps(first, space)], BEAM) : [];
  }
}
