import { standardOf, type Standard } from '../brief';
import { quickly, seeShot, type StandIn } from '../picture';
import type { Station } from '../pose';
import { review, RULES, shortOfClear, type Finding, type Rule } from '../review';
import type { Ground } from '../scene';
import type { SoloShot } from '../shot';
import { harmToOthers } from './harmToOthers';
import { axisOf, canChange, changesOf, isHeld, type Axis, type MendChange } from './mendAxis';
import { nearestOf, raisedBy, seen, tryStep, type Search, type Trial } from './mendTrial';

/**
 * Why a finding is not mended: every change would raise another, its stations are held, no number would mend it,
 * nobody knows its rule, or it was not tried, since enough was.
 */
export type StuckWhy = 'raisesAnother' | 'held' | 'noNumber' | 'unknownRule' | 'notTried';

export type MendResult =
  | { kind: 'mended'; shot: SoloShot; changes: MendChange[]; evaluations: number }
  | { kind: 'stuck'; why: StuckWhy; evaluations: number };

/** What a mend is asked under. */
export interface MendWishes {
  /** What the brief wants; without one, what the pose's own message wants. */
  standard?: Standard;
  /** The room, whose furniture is in the picture. */
  ground?: Ground | undefined;
  /** Stations that stay as they are. */
  held?: readonly Station[];
}

const MOST_STEPS = 8;

/** Most changes in one mend, and most first changes for which a second is looked for. */
const MOST_CHANGES = 3;
const FIRST_CHANGES = 3;

/** A change that leaves more than this share of a fault is no way to go on from (from memory). */
const WORTH_GOING = 0.8;

/**
 * Looks for the smallest change, in comfortable steps, that clears a finding, dead band and all, without raising one
 * that matters as much.
 * Each of the finding's variables is tried alone, first where its own slope points, then outwards step by step; the
 * cheapest change wins. Where every change that clears it raises something else, the cheapest ones are followed by
 * a change that clears that; where none clears it, what comes nearest is followed by another. A change that hides what
 * is measured clears nothing. Deterministic.
 */
export function mend(
  standIn: StandIn,
  shot: SoloShot,
  finding: Finding,
  { standard = standardOf(shot.pose.message), ground, held = [] }: MendWishes = {},
): MendResult {
  const findings = review(seeShot(standIn, shot, { ground }), standard);
  const before = new Map(findings.filter((f) => f.id !== finding.id).map((f) => [f.id, f.severity]));
  const search: Search = {
    standIn,
    from: shot,
    held,
    standard,
    ground,
    before,
    harmsOthers: harmToOthers(standIn, shot, standard, ground),
    evaluations: 1,
  };
  const found = clearTogether(search, finding);
  const { evaluations } = search;
  if (found) return { kind: 'mended', shot: found.shot, changes: found.changes, evaluations };
  return { kind: 'stuck', why: whyStuck(finding, held), evaluations };
}

/**
 * A mend among others: tried with people who go on from how they were posed, which is quick, and believed only when it
 * holds with everybody posed anew.
 */
function clearTogether(search: Search, finding: Finding): Way | null {
  const { standIn, from } = search;
  if (!from.among) return clear(search, from, finding, MOST_CHANGES);
  const quick = quickly(standIn, () => clear(search, from, finding, MOST_CHANGES));
  if (quick && holds(search, quick.shot, finding)) return quick;
  return clear(search, from, finding, MOST_CHANGES);
}

/** Whether a finding is gone from a shot, and nothing raised by that. */
function holds(search: Search, shot: SoloShot, finding: Finding): boolean {
  const sight = seen(search, shot);
  if (!sight) return false;
  const isThere = review(sight, search.standard).some((f) => f.id === finding.id);
  return !isThere && raisedBy(search, sight, finding).length === 0 && !search.harmsOthers(shot);
}

function whyStuck({ ruleId, measurement }: Finding, held: readonly Station[]): StuckWhy {
  if (!RULES.some((r) => r.id === ruleId)) return 'unknownRule';
  const { variables } = measurement;
  if (variables.length === 0) return 'noNumber';
  return variables.every((v) => isHeld(v, held)) ? 'held' : 'raisesAnother';
}

interface Way {
  shot: SoloShot;
  changes: MendChange[];
  cost: number;
}

/** The way of one trial. */
function wayOf(shot: SoloShot, { axis, steps, sight, cost }: Trial): Way {
  return { shot: sight.shot, changes: changesOf(shot, axis, steps, sight.shot), cost };
}

/** One way, and another after it. */
function andThen(first: Way, rest: Way): Way {
  return { shot: rest.shot, changes: [...first.changes, ...rest.changes], cost: first.cost + rest.cost };
}

/** The cheapest way found to clear one finding with at most `most` changes; null when there is none. */
function clear(search: Search, shot: SoloShot, finding: Finding, most: number): Way | null {
  const tried = singleChange(search, shot, finding);
  if (tried.best) return wayOf(shot, tried.best);
  if (most <= 1) return null;
  return (
    clearWithWhatItRaises(search, shot, tried.others, most) ??
    clearOnTheWay(search, shot, finding, tried, most)
  );
}

/** Changes that clear a finding but raise another are followed by one that clears that. */
function clearWithWhatItRaises(search: Search, shot: SoloShot, others: Trial[], most: number): Way | null {
  others.sort((a, b) => a.cost - b.cost);
  let way: Way | null = null;
  for (const first of others.filter((t) => t.raised.length < most).slice(0, FIRST_CHANGES)) {
    if (way && first.cost >= way.cost) break;
    const rest = clear(search, first.sight.shot, first.raised[0]!, most - 1);
    const whole = rest && andThen(wayOf(shot, first), rest);
    if (whole && (!way || whole.cost < way.cost)) way = whole;
  }
  return way;
}

/** Where nothing clears a finding alone, what comes nearest goes first and something else does the rest. */
function clearOnTheWay(
  search: Search,
  shot: SoloShot,
  finding: Finding,
  { nearest }: Tried,
  most: number,
): Way | null {
  if (!nearest || nearest.off > WORTH_GOING * shortOfClear(finding.measurement)) return null;
  // what was seen of it is gone: the stand-in has looked at others since
  const sight = seen(search, nearest.sight.shot);
  const now = sight && review(sight, search.standard).find((f) => f.id === finding.id);
  const rest = now && clear(search, nearest.sight.shot, now, most - 1);
  return rest ? andThen(wayOf(shot, nearest), rest) : null;
}

/** What trying one number came to: the least clean change, and the changes that clear the finding but raise others. */
interface Tried {
  best: Trial | null;
  others: Trial[];
  /** What comes nearest to clearing it, where nothing does. */
  nearest: Trial | null;
}

/** Tries one number outwards, as long as it can be cheaper than what was found before. */
function alongAxis(
  search: Search,
  shot: SoloShot,
  rule: Rule,
  finding: Finding,
  axis: Axis,
  before: Trial | null,
): Tried {
  const taken = new Map<number, Trial | null>();
  const tryAt = (steps: number): Trial | null => {
    if (!taken.has(steps)) taken.set(steps, tryStep(search, shot, rule, finding, axis, steps));
    return taken.get(steps)!;
  };
  const clean = (steps: number): boolean => {
    const trial = tryAt(steps);
    return trial !== null && trial.off <= 0 && trial.raised.length === 0;
  };
  const limit = before ? Math.ceil(before.cost / axis.seconds) - 1 : MOST_STEPS;
  let found = orderOfTrial(finding, tryAt).find((steps) => Math.abs(steps) <= limit && clean(steps));
  while (found !== undefined && Math.abs(found) > 1 && clean(found - Math.sign(found)))
    found -= Math.sign(found);
  if (found !== undefined) return { best: tryAt(found), others: [], nearest: null };
  const trials = [...taken.values()].filter((t) => t !== null);
  return {
    best: null,
    others: trials.filter((t) => t.off <= 0),
    nearest: nearestOf(trials.filter((t) => t.off > 0 && Number.isFinite(t.off))),
  };
}

/** The cheapest single change that clears a finding cleanly, and those that clear it but raise others. */
function singleChange(search: Search, shot: SoloShot, finding: Finding): Tried {
  const rule = RULES.find((r) => r.id === finding.ruleId);
  const all: Tried = { best: null, others: [], nearest: null };
  if (!rule) return all;
  for (const variable of finding.measurement.variables) {
    if (!canChange(shot, variable, search.held)) continue;
    const tried = alongAxis(search, shot, rule, finding, axisOf(shot, variable), all.best);
    all.best = tried.best ?? all.best;
    all.others.push(...tried.others);
    all.nearest = nearestOf([all.nearest, tried.nearest].filter((t) => t !== null));
  }
  return all;
}

/** One step each way that differs by less than this share of a fault tells no side (from memory). */
const NO_SIDE = 0.05;

/**
 * Steps in the order in which they are worth trying: where one step each way shows a slope, from the estimated
 * crossing outwards on that side, and on the other too where that looks no worse; else alternately outwards on both.
 */
function orderOfTrial(finding: Finding, tryAt: (steps: number) => Trial | null): number[] {
  const start = shortOfClear(finding.measurement);
  const plus = tryAt(1)?.off ?? Infinity;
  const minus = tryAt(-1)?.off ?? Infinity;
  const sign = plus <= minus ? 1 : -1;
  const gain = start - Math.min(plus, minus);
  const outwards = Array.from({ length: MOST_STEPS }, (_, i) => i + 1);
  if (gain > start * 0.02 && Number.isFinite(gain)) {
    const guess = Math.min(MOST_STEPS, Math.max(1, Math.ceil(start / gain)));
    const near = outwards.filter((k) => k >= guess - 1);
    const isEither = Math.abs(plus - minus) < NO_SIDE * start;
    return [
      ...near.map((k) => k * sign),
      ...(isEither ? near.map((k) => -k * sign) : []),
      ...outwards.filter((k) => k < guess - 1).map((k) => k * sign),
      ...outwards.slice(0, 4).map((k) => -k * sign),
    ];
  }
  return outwards.slice(0, 6).flatMap((k) => [k, -k]);
}
