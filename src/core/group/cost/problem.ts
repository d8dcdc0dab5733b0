import type { Vec3 } from '../../units';
import { coveredShare, standingAt, type Standing } from './covered';
import { LEVELS } from '../places/levels';
import { bringsSeat, type Member } from '../asked/member';
import type { Outline } from './outline';
import { betweenOf, trianglesOf, type Between } from './neighbours';
import { placesApartM, type Place } from '../places/places';
import { relationCost, type Relation } from '../asked/relation';

/** What was said of a group. */
export interface Wishes {
  relations: readonly Relation[];
  /** Who is to be in the middle, in front. */
  honour?: string | undefined;
}

/** Everything that an order of a group at the places of one plan costs, ready to be summed. */
export interface Problem {
  /** How many, and how many places. */
  n: number;
  /** Of a member at a place: member * n + place. */
  single: Float64Array;
  /** Of two members at two places: ((a * n + b) * n + place of a) * n + place of b. */
  pair: Float32Array;
  /** Of each place, those that cost it something whoever is there; and all places, for members with relations. */
  near: readonly (readonly number[])[];
  everywhere: readonly number[];
  /** Of each member, whether anything was said of it and another. */
  isRelated: readonly boolean[];
  /** Heads of members at places from the middle of the group, as seen from the lens: metres across and up. */
  headX: Float64Array;
  headY: Float64Array;
  /** Neighbouring places, three by three. */
  triangles: readonly (readonly [number, number, number])[];
  /** Of each place, the triangles that it is a corner of. */
  trianglesAt: readonly (readonly number[])[];
  /** Mass of each member against all, and of each place how far it is from the middle against the outermost. */
  mass: Float64Array;
  lever: Float64Array;
}

/**
 * What a fault costs. Weights are from memory, set against each other so that a covered face outweighs whatever else
 * an order is good for.
 */
export const WEIGHTS = {
  /** A whole face covered from the lens, and from the key. */
  covered: 40,
  shaded: 12,
  /** A metre of shoulders that have no room. */
  crowded: 20,
  /** Two heads beside each other at one height. */
  level: 0.5,
  /** One unit of strain, and what is not done at all. */
  strain: 3,
  refused: 1000,
  /** The tallest at the outermost place. */
  tallOutside: 1,
  /** The guest of honour a row or half the width away from the middle of the front. */
  honour: 4,
  /** Three heads in a line. */
  inLine: 0.6,
  /** All of the mass at one end. */
  lopsided: 8,
} as const;

/** Covered so little, a face is seen whole: hair and an ear. */
const COVERED_AT_EASE = 0.02;

interface Given {
  members: readonly Member[];
  /** Of each member, at the level of each place. */
  outlineAt(member: number, place: number): Outline;
  places: readonly Place[];
  wishes: Wishes;
  /** In the group's frame, metres. */
  lens: Vec3;
  key: Vec3;
}

/** What is not done costs so much that it is done only where nothing else is left. */
function strainCost({ members, places }: Given, member: number, place: number): number {
  const { level, isOwnSeat } = places[place]!;
  const who = members[member]!;
  const strain = LEVELS[level].strain(who.profile);
  const isWrongSeat = bringsSeat(who) !== isOwnSeat;
  return strain === null || isWrongSeat ? WEIGHTS.refused : WEIGHTS.strain * strain;
}

/** Row from which somebody honoured is counted: that of the seats, or else the front one. */
function rowOfHonour(places: readonly Place[]): number {
  return places.find((p) => p.level === 'seat')?.row ?? 0;
}

function singleCosts(given: Given, lever: Float64Array): Float64Array {
  const { members, places, wishes } = given;
  const n = members.length;
  const statures = members.map((m) => m.profile.statureM);
  const [least, most] = [Math.min(...statures), Math.max(...statures)];
  const out = new Float64Array(n * n);
  members.forEach(({ role }, m) =>
    places.forEach((place, at) => {
      const tall = most > least ? (statures[m]! - least) / (most - least) : 0;
      const outside = Math.abs(lever[at]!);
      const away = 2 * outside + Math.abs(place.row - rowOfHonour(places));
      out[m * n + at] =
        strainCost(given, m, at) +
        WEIGHTS.tallOutside * tall * outside +
        (role === wishes.honour ? WEIGHTS.honour * away : 0);
    }),
  );
  return out;
}

/** Heads differ enough from a quarter of a head on (common practice: eyes of one at mouth or chin of the other). */
const DIFFERENT_SHARE = 0.25;

function levelCost(a: Standing, b: Standing): number {
  const headM = (a.outline.crownM - a.outline.chinM + b.outline.crownM - b.outline.chinM) / 2;
  const apart = Math.abs(a.outline.crownM - b.outline.crownM) / headM;
  return WEIGHTS.level * Math.max(0, 1 - apart / DIFFERENT_SHARE);
}

/** What two who stand somewhere cost, whichever of them is nearer. */
function pairCost(one: Standing, other: Standing, between: Between, { lens, key }: Given): number {
  const shares = (from: Vec3) =>
    Math.max(0, coveredShare(one, other, from) - COVERED_AT_EASE) +
    Math.max(0, coveredShare(other, one, from) - COVERED_AT_EASE);
  const shortM = one.outline.shoulderHalfM + other.outline.shoulderHalfM - between.apartM;
  return (
    (between.fromLens ? WEIGHTS.covered * shares(lens) : 0) +
    (between.fromKey ? WEIGHTS.shaded * shares(key) : 0) +
    (between.isBeside ? WEIGHTS.crowded * Math.max(0, shortM) + levelCost(one, other) : 0)
  );
}

/** Places by places, how they stand to each other; null of a place and itself, and where neither sees the other. */
function betweenPlaces({ places, lens, key }: Given): (Between | null)[][] {
  return places.map((a) =>
    places.map((b) => {
      const between = betweenOf(a, b, lens, key);
      return a !== b && (between.isBeside || between.fromLens || between.fromKey) ? between : null;
    }),
  );
}

/** Pairs of which something was said, as members. */
function relatedOf({ members, wishes }: Given): boolean[][] {
  const isSaid = (a: Member, b: Member) =>
    wishes.relations.some(({ roles }) => roles.includes(a.role) && roles.includes(b.role));
  return members.map((a) => members.map((b) => a !== b && isSaid(a, b)));
}

function pairCosts(given: Given, between: (Between | null)[][], related: boolean[][]): Float32Array {
  const { members, places, wishes } = given;
  const n = members.length;
  const out = new Float32Array(n ** 4);
  const all = members.map((_, m) => places.map((place, at) => standingAt(given.outlineAt(m, at), place)));
  const relation = members.map((a) => members.map((b) => relationCost(wishes.relations, a, b)));
  for (let atA = 0; atA < n; atA++)
    for (let atB = 0; atB < n; atB++) {
      if (atA === atB) continue;
      const stand = between[atA]![atB]!;
      const apartM = placesApartM(places[atA]!, places[atB]!);
      for (let a = 0; a < n; a++)
        for (let b = a + 1; b < n; b++) {
          if (!stand && !related[a]![b]) continue;
          const seen = stand ? pairCost(all[a]![atA]!, all[b]![atB]!, stand, given) : 0;
          const cost = seen + relation[a]![b]!(apartM);
          out[((a * n + b) * n + atA) * n + atB] = cost;
          out[((b * n + a) * n + atB) * n + atA] = cost;
        }
    }
  return out;
}

/** Heads of all at all places, drawn at the distance of the group's middle. */
function headsOf({ members, places, outlineAt, lens }: Given): Pick<Problem, 'headX' | 'headY'> {
  const n = members.length;
  const headX = new Float64Array(n * n);
  const headY = new Float64Array(n * n);
  for (let m = 0; m < n; m++)
    places.forEach((place, at) => {
      const [x, y, z] = standingAt(outlineAt(m, at), place).face;
      const t = lens[2] / (lens[2] - z);
      headX[m * n + at] = x * t;
      headY[m * n + at] = lens[1] + (y - lens[1]) * t;
    });
  return { headX, headY };
}

/**
 * Sums up what every order of a group at the places of one plan will cost.
 * @throws RangeError when there are not as many places as members.
 */
export function problemOf(given: Given): Problem {
  const { members, places } = given;
  const n = members.length;
  if (places.length !== n) throw new RangeError(`places ${places.length} must be ${n}, as many as members`);
  const outermostM = Math.max(1e-6, ...places.map((p) => Math.abs(p.xM)));
  const lever = Float64Array.from(places, (p) => p.xM / outermostM);
  const masses = members.map((m) => m.profile.massKg);
  const allKg = masses.reduce((sum, kg) => sum + kg, 0);
  const triangles = trianglesOf(places);
  const between = betweenPlaces(given);
  const related = relatedOf(given);
  return {
    n,
    single: singleCosts(given, lever),
    pair: pairCosts(given, between, related),
    near: between.map((of) => of.flatMap((stand, at) => (stand ? [at] : []))),
    everywhere: places.map((_, at) => at),
    isRelated: related.map((of) => of.includes(true)),
    ...headsOf(given),
    triangles,
    trianglesAt: places.map((_, at) => triangles.flatMap((t, i) => (t.includes(at) ? [i] : []))),
    mass: Float64Array.from(masses, (kg) => kg / allKg),
    lever,
  };
}
