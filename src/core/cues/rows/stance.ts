import isSame from 'fast-deep-equal';
import { isOnSeat, legModes, settingOf, sideLainOn, type Pose } from '../../pose';
import { otherSide, turnBetweenDeg, type Side } from '../../units';
import type { Facing, Sentence } from '../sentence';
import type { CrossId, Depth, StanceId } from './ids';
import { FACES_DEG, type Between } from './between';

/** How deep one sits, share of the seat. */
const DEPTHS: Record<Depth, number> = { edge: 0.08, forward: 0.3, middle: 0.5, deep: 0.82 };

function depthOf(share: number): Depth {
  const names = Object.keys(DEPTHS) as Depth[];
  return names.reduce((best, d) => (Math.abs(DEPTHS[d] - share) < Math.abs(DEPTHS[best] - share) ? d : best));
}

/** Which way somebody faces who has just been seated, or set on a place, degrees to the left. */
export function guidedTurnDeg({ support, objects }: Pose, lensDeg: number): number {
  const [seat] = objects ?? [];
  if (!seat || !isOnSeat(support)) return lensDeg;
  // astride one faces the backrest
  return support === 'astride' ? turnBetweenDeg(180, seat.turnLeftDeg) : seat.turnLeftDeg;
}

function floorLegs(pose: Pose): { id: StanceId; side: Side | null } {
  const { left, right } = legModes(pose);
  if (left === 'stands' && right === 'stands') return { id: 'floor:kneesUp', side: null };
  if (left === 'stands' && right === 'lies') return { id: 'floor:oneKneeUp', side: 'left' };
  if (right === 'stands' && left === 'lies') return { id: 'floor:oneKneeUp', side: 'right' };
  if (left === 'lies' && right === 'lies') {
    const [leftInDeg, rightInDeg] = [settingOf(pose, 'leftKneeInDeg'), settingOf(pose, 'rightKneeInDeg')];
    // both knees fallen out: to neither side
    if (leftInDeg < 0 && rightInDeg < 0) return { id: 'floor:crossed', side: null };
    return { id: 'floor:folded', side: leftInDeg < rightInDeg ? 'left' : 'right' };
  }
  return { id: 'floor:other', side: null };
}

function stanceOf(pose: Pose): { id: StanceId; side: Side | null } {
  const { support } = pose;
  const modes = legModes(pose);
  switch (support) {
    case 'sit':
    case 'astride':
      return { id: `${support}:${depthOf(settingOf(pose, 'seatDepthShare'))}`, side: null };
    case 'reclineLeft':
    case 'reclineRight':
      return { id: 'onSide', side: sideLainOn(support) };
    case 'perch':
      return { id: 'perch', side: null };
    case 'floor':
      return floorLegs(pose);
    case 'kneel': {
      const down = modes.left === 'kneels' ? 'left' : 'right';
      return modes[otherSide(down)] === 'kneels'
        ? { id: 'stance:kneel', side: null }
        : { id: 'kneel:one', side: down };
    }
    default:
      return { id: `stance:${support}`, side: null };
  }
}

/** What carries a body, and what its legs do on it. */
function carriedAs(pose: Pose): unknown {
  const { support, objects = [], on = 'floor' } = pose;
  return [support, objects, on, legModes(pose)];
}

/** Whether the body is carried otherwise than before, by what or with which legs: all that it lay on is given up. */
export function isCarriedAnew({ from, to }: Between): boolean {
  return !isSame(carriedAs(from), carriedAs(to));
}

/** What a stance is made of besides its settings. */
function wholeOf({ support, objects, on, legs, crossed }: Pose): NonNullable<Sentence['tells']['whole']> {
  return { support, objects, on, legs, crossed };
}

/** Where the body is sent with the first sentence; undefined where the seat sends it, or the lens draws it. */
function facingOf(to: Pose, lensDeg: number): Facing | undefined {
  const turn = settingOf(to, 'hipsTurnLeftDeg');
  if (Math.abs(turnBetweenDeg(guidedTurnDeg(to, lensDeg), turn)) <= FACES_DEG) return undefined;
  return Math.abs(turnBetweenDeg(lensDeg, turn)) <= FACES_DEG ? 'me' : 'hand';
}

/** Settings that the words of a first sentence name. */
function namedBy(to: Pose, facing: Facing | undefined): Pose['settings'] {
  const named: Pose['settings'] = {};
  if (to.support === 'sit' || to.support === 'astride')
    named.seatDepthShare = DEPTHS[depthOf(settingOf(to, 'seatDepthShare'))];
  if (facing) named.hipsTurnLeftDeg = settingOf(to, 'hipsTurnLeftDeg');
  return named;
}

/** The sentence that brings a body on to what carries it. */
export function stance(to: Pose, lensDeg: number): Sentence {
  const facing = facingOf(to, lensDeg);
  const settings = namedBy(to, facing);
  return {
    ...stanceOf(to),
    station: 'feet',
    keys: ['stance', ...Object.keys(settings)],
    tells: { whole: wholeOf(to), settings },
    isDue: true,
    ...(facing && { facing }),
  };
}

/** Legs crossed, or uncrossed. */
function crossing(between: Between): Sentence[] {
  const before = isCarriedAnew(between) ? undefined : between.from.crossed;
  const { crossed } = between.to;
  if (isSame(before, crossed)) return [];
  const id: CrossId = crossed ? `cross:${crossed.how}` : 'uncross';
  return [
    {
      id,
      station: 'feet',
      side: crossed?.over ?? null,
      keys: ['cross'],
      tells: { whole: { crossed } },
      isDue: true,
    },
  ];
}

/** What carries the body: due wherever it is another than before. */
export function stanceSentences(between: Between): Sentence[] {
  // on to another support, or legs into another order: the one sentence that comes before all others
  const first = isCarriedAnew(between) ? [stance(between.to, between.lensDeg)] : [];
  return [...first, ...crossing(between)];
}
