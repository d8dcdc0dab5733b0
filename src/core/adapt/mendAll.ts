import isSame from 'fast-deep-equal';
import { standardOf } from '../brief';
import { seeShot, type StandIn } from '../picture';
import { isAtLeast, review, type Finding, type Grade } from '../review';
import type { SoloShot } from '../shot';
import { mend, type MendResult, type MendWishes, type StuckWhy } from './mend';
import { whatOf, type MendChange } from './mendAxis';

/** What mending all is asked under. */
export interface MendAllWishes extends MendWishes {
  /** Ids of findings that are meant: they stay. */
  meant?: ReadonlySet<string>;
  /** The least grade that is mended; polish, all of them, where nothing is said. */
  least?: Grade;
  /** Most pictures that are taken before no further finding is tried. */
  mostEvaluations?: number;
}

/** A finding that is left, and why. */
export interface Left {
  finding: Finding;
  why: StuckWhy;
}

export interface MendedAll {
  shot: SoloShot;
  /** What is other than before, each thing once. */
  changes: MendChange[];
  /** Findings that are gone, in the order in which they were mended. */
  mended: Finding[];
  left: Left[];
  evaluations: number;
}

/** Pictures that are taken for all findings together where nothing is said: some seconds (from memory). */
const MOST_EVALUATIONS = 800;
/** Times that what was stuck is tried again after something else was mended. */
const MOST_ROUNDS = 3;

/** What one change and another after it come to; nothing where the second takes the first back. */
function joined(first: MendChange, second: MendChange): MendChange[] {
  return isSame(first.from, second.to) ? [] : [{ ...second, from: first.from } as MendChange];
}

/** Changes one after the other as one change of each thing, in the order in which each was first changed. */
export function changesTogether(changes: readonly MendChange[]): MendChange[] {
  const together = new Map<string, MendChange[]>();
  for (const change of changes) {
    const [before] = together.get(whatOf(change)) ?? [];
    together.set(whatOf(change), before ? joined(before, change) : [change]);
  }
  return [...together.values()].flat();
}

/** What it has come to with one mend more. */
function after(now: MendedAll, finding: Finding, result: MendResult): MendedAll {
  const evaluations = now.evaluations + result.evaluations;
  if (result.kind === 'stuck')
    return { ...now, evaluations, left: [...now.left, { finding, why: result.why }] };
  return {
    ...now,
    evaluations,
    shot: result.shot,
    changes: [...now.changes, ...result.changes],
    mended: [...now.mended, finding],
  };
}

type RoundWishes = MendAllWishes & Required<Pick<MendAllWishes, 'standard' | 'mostEvaluations'>>;

/** One round: every finding that stands is mended once, in the order of the work. Yields the share that is done. */
function* oneRound(
  standIn: StandIn,
  from: MendedAll,
  { meant = new Set(), least = 'polish', mostEvaluations, ...wishes }: RoundWishes,
): Generator<number, MendedAll> {
  let now: MendedAll = { ...from, left: [] };
  const tried = new Set<string>();
  for (;;) {
    const standing = review(seeShot(standIn, now.shot, { ground: wishes.ground }), wishes.standard);
    const open = standing.filter((f) => !meant.has(f.id) && !tried.has(f.id) && isAtLeast(f.grade, least));
    const [finding] = open;
    if (!finding)
      return { ...now, left: now.left.filter((l) => standing.some((f) => f.id === l.finding.id)) };
    tried.add(finding.id);
    yield tried.size / (tried.size + open.length);
    if (now.evaluations >= mostEvaluations) {
      now = { ...now, left: [...now.left, { finding, why: 'notTried' }] };
      continue;
    }
    now = after(now, finding, mend(standIn, now.shot, finding, wishes));
  }
}

/**
 * Mends every finding of a shot in the order of the work, each by the smallest change that raises nothing that matters
 * as much; what is stuck is tried again once others are mended. Deterministic.
 * @returns share of the round that is done, 0 to 1, step by step, and at the end what came of it.
 */
export function* mendAll(
  standIn: StandIn,
  shot: SoloShot,
  wishes: MendAllWishes = {},
): Generator<number, MendedAll> {
  const { standard = standardOf(shot.pose.message), mostEvaluations = MOST_EVALUATIONS } = wishes;
  let now: MendedAll = { shot, changes: [], mended: [], left: [], evaluations: 0 };
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const next = yield* oneRound(standIn, now, { ...wishes, standard, mostEvaluations });
    const isSettled = next.mended.length === now.mended.length || next.left.length === 0;
    now = next;
    // with nothing left to spend, what was tried would only be told as not tried
    if (isSettled || now.evaluations >= mostEvaluations) break;
  }
  return { ...now, changes: changesTogether(now.changes) };
}
