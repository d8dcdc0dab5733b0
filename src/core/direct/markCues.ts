import { SETTINGS } from '../pose';
import { mirrorMark, OWN_MARK, type Carry, type CarryPlace, type Mark } from '../scene';
import type { Posed, Shot } from '../shot';
import { otherSide, radians, turnBetweenDeg, type Side } from '../units';
import { amount, type Cue } from './cues';

/** A direction about where somebody stands: to whom it is said, and of whom `{who}` in it speaks. */
export interface MarkCue extends Cue {
  personId: string;
  whoId: string | null;
}

/** Where somebody is lifted to, as it is said to whoever lifts. */
const LIFTED: Record<CarryPlace, (side: Side) => string> = {
  hip: (side) => `Lift {who} onto your ${side} hip`,
  lap: (side) => `Take {who} onto your ${side} thigh`,
  back: () => 'Take {who} onto your back',
  shoulders: () => 'Lift {who} onto your shoulders, with help',
};

/** A step, metres (common practice: half of a walking pace). */
const STEP_M = 0.4;
/** Less than this is half of one. */
const HALF_STEP_M = 0.3;
/** Less than this is not asked for: nobody stands to the centimetre. */
const LEAST_M = 0.1;
const LEAST_DEG = 8;
/** Closer than this two touch, metres. */
const TOUCHES_M = 0.02;

function steps(m: number): string {
  if (m < HALF_STEP_M) return 'half a step';
  const count = Math.round(m / STEP_M);
  return count === 1 ? 'one step' : `${count} steps`;
}

/** The step from one mark to another, in the own left and front of one who faces as on the first; null where none is due. */
function stepWords(from: Mark, to: Mark): string | null {
  const a = radians(from.turnLeftDeg);
  const [dx, dz] = [to.leftM - from.leftM, to.aheadM - from.aheadM];
  const left = dx * Math.cos(a) - dz * Math.sin(a);
  const ahead = dx * Math.sin(a) + dz * Math.cos(a);
  if (Math.hypot(left, ahead) < LEAST_M) return null;
  if (Math.abs(left) >= Math.abs(ahead))
    return `Step to your ${left > 0 ? 'left' : 'right'}, ${steps(Math.abs(left))}`;
  return `Step ${ahead > 0 ? 'forward' : 'back'}, ${steps(Math.abs(ahead))}`;
}

function turnWords(from: Mark, to: Mark): string | null {
  const deg = turnBetweenDeg(from.turnLeftDeg, to.turnLeftDeg);
  if (Math.abs(deg) < LEAST_DEG) return null;
  return `Turn on the spot to your ${deg > 0 ? 'left' : 'right'}, ${amount(Math.abs(deg) / SETTINGS.hipsTurnLeftDeg.step)}`;
}

function boxWords({ levelM: from = 0 }: Mark, { levelM: to = 0 }: Mark): string | null {
  if (from === to) return null;
  if (from === 0) return 'Step up onto the box';
  return to === 0 ? 'Step down from the box' : 'Step onto the other box';
}

/** The words of a direction for somebody, and those for whoever copies a mirror. */
function said(personId: string, words: string, shown: string, whoId: string | null = null): MarkCue {
  return { station: 'feet', side: null, text: `${words}.`, asShown: `${shown}.`, personId, whoId };
}

/** Somebody who is taken up or put down: it is said to whoever carries. */
function carryCues(
  was: Posed | undefined,
  now: Posed,
  idOf: (role: string) => string | undefined,
): MarkCue[] {
  const isSame = (a?: Carry, b?: Carry) => a?.role === b?.role && a?.on === b?.on && a?.side === b?.side;
  const [from, to] = [was?.mark?.carriedBy, now.mark?.carriedBy];
  if (isSame(from, to)) return [];
  const carrierId = idOf((to ?? from)!.role);
  if (!carrierId) return [];
  const down = 'Put {who} down, gently';
  if (!to) return [said(carrierId, down, down, now.personId)];
  return [said(carrierId, LIFTED[to.on](to.side), LIFTED[to.on](otherSide(to.side)), now.personId)];
}

/** What brings one from a mark to another. */
function wayWords(from: Mark, to: Mark, isClose: boolean): (string | null)[] {
  return [isClose ? null : stepWords(from, to), turnWords(from, to), boxWords(from, to)];
}

/** Where one who stands goes: close to somebody, a step, a turn on the spot, a box. */
function standCues(
  was: Posed | undefined,
  now: Posed,
  idOf: (role: string) => string | undefined,
): MarkCue[] {
  const { mark = OWN_MARK, personId } = now;
  if (mark.carriedBy) return [];
  const { near } = mark;
  const nearId = near && idOf(near.role);
  const isNew = nearId !== undefined && was?.mark?.near?.role !== near?.role;
  const closeWords = `Come close to {who}${near && near.gapM <= TOUCHES_M ? ', so that you touch' : ''}`;
  const close = isNew ? [said(personId, closeWords, closeWords, nearId)] : [];
  // who comes in from outside is shown the mark; who was carried is put down on it
  if (!was || was.mark?.carriedBy) return close;
  const from = was.mark ?? OWN_MARK;
  const shown = wayWords(mirrorMark(from), mirrorMark(mark), isNew);
  const way = wayWords(from, mark, isNew).flatMap((words, i) =>
    words ? [said(personId, words, shown[i]!)] : [],
  );
  return [...close, ...way];
}

/** Directions that bring everybody of a picture to where they stand in it; from the picture before, where there is one. */
export function markCues(before: Shot | undefined, shot: Shot): MarkCue[] {
  if (shot.people.length < 2) return [];
  const idOf = (role: string) => shot.people.find((p) => p.role === role)?.personId;
  const wasOf = ({ personId }: Posed) => before?.people.find((p) => p.personId === personId);
  return [
    ...shot.people.flatMap((now) => standCues(wasOf(now), now, idOf)),
    ...shot.people.flatMap((now) => carryCues(wasOf(now), now, idOf)),
  ];
}
