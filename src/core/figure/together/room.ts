import { jointOn } from '../../body';
import { SIDES, type Side, type Vec3 } from '../../units';
import { standsFree, type Partner } from '../carriage';
import { at } from '../joints/frames';
import { ARMS_APART_M, alongArm, armFeels, feeling, feelersOf, type Feeler } from './feelers';
import { linesApartM } from './linesApart';
import type { Member, Pair } from './member';

/** Weights of what runs into somebody else (a study of pairs), per metre. */
const OVERLAP_PER_M = 120;
const FEET_PER_M = 150;

/** Feelers are asked that are no farther than this beyond the nearest, and so many at the most. */
const NEAR_NEAREST_M = 0.13;
const MOST_FEELERS = 36;
/** Half the breadth of a shoe, metres. */
const SHOE_M = 0.043;

/** How far one is from the other: trunk, thighs, and arms that hang; negative inside, metres. */
export function roomM([from, towards]: Pair): number {
  const feels = feeling(from, towards);
  const hanging = SIDES.filter((side) => !from.laidArms.has(side));
  return Math.min(
    ...feelersOf(from.body).map(feels),
    ...hanging.flatMap((side) => armFeels(from.frames, side, towards)),
    ...armsRoomM([from, towards]),
  );
}

/** The feelers of one that are near somebody else, the nearest first. */
function nearFeelers(from: Partner, towards: Partner): Feeler[] {
  const feels = feeling(from, towards);
  const felt = feelersOf(from.body).map((feeler) => ({ feeler, m: feels(feeler) }));
  felt.sort((a, b) => a.m - b.m);
  const mostM = felt[0]!.m + NEAR_NEAREST_M;
  return felt
    .filter(({ m }) => m < mostM)
    .slice(0, MOST_FEELERS)
    .map(({ feeler }) => feeler);
}

/** Room that two leave between them: none is asked for where nobody stands near on purpose. */
function gapOf([a, b]: Pair): number {
  if (a.near?.role === b.role) return a.near.gapM;
  return b.near?.role === a.role ? b.near.gapM : 0;
}

/** How far trunks, arms and feet of two run into each other. */
export function overlapTerms(pair: Pair): () => number[] {
  const [a, b] = pair;
  const gapM = gapOf(pair);
  const ways = [
    { from: a, towards: b, feelers: nearFeelers(a, b) },
    { from: b, towards: a, feelers: nearFeelers(b, a) },
  ];
  return () => {
    const out: number[] = [];
    for (const { from, towards, feelers } of ways) {
      const feels = feeling(from, towards);
      for (const feeler of feelers) out.push(Math.max(0, gapM - feels(feeler)) * OVERLAP_PER_M);
      for (const side of SIDES)
        if (!from.laidArms.has(side))
          for (const m of armFeels(from.frames, side, towards)) out.push(Math.max(0, -m) * OVERLAP_PER_M);
    }
    out.push(...armsRoomM(pair).map((m) => Math.max(0, -m) * OVERLAP_PER_M));
    out.push(...feetRoomM(pair).map((m) => Math.max(0, -m) * FEET_PER_M));
    return out;
  };
}

/** Room between arms that hang beside each other, metres; negative where they run into each other. */
function armsRoomM([a, b]: Pair): number[] {
  const out: number[] = [];
  for (const of of SIDES)
    for (const other of SIDES) {
      if (a.laidArms.has(of) || b.laidArms.has(other)) continue;
      const [mine, theirs] = [alongArm(a.frames, of), alongArm(b.frames, other)];
      const farM = linesApartM([mine[0]!, mine[2]!], [theirs[0]!, theirs[2]!]);
      out.push(farM - ARMS_APART_M);
    }
  return out;
}

/** Heel and toe of a foot as it is placed: feet go where the marks go, and stay as they are turned. */
function soleOf({ frames, feet }: Member, side: Side): readonly [Vec3, Vec3] {
  const ankle = at(frames, jointOn(side, 'foot'));
  const { heel, toe, ankle: planned } = feet[side];
  const moved = (p: Vec3): Vec3 => [p[0] + ankle[0] - planned[0], 0, p[2] + ankle[2] - planned[2]];
  return [moved(heel), moved(toe)];
}

/** Room between the shoes of two who stand, metres; negative where they stand in each other. */
export function feetRoomM([a, b]: Pair): number[] {
  if (![a, b].every(({ carriage }) => standsFree(carriage))) return [];
  return SIDES.flatMap((of) =>
    SIDES.map((other) => linesApartM(soleOf(a, of), soleOf(b, other)) - 2 * SHOE_M),
  );
}
