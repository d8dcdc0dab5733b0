import { CUE_WORDS, filled, whole, type MarkWords, type Spoken } from '../cues';
import type { Listener } from '../people';
import { SETTINGS } from '../pose';
import { OWN_MARK, type Carry, type Mark } from '../scene';
import type { Posed, Shot } from '../shot';
import { otherSide, radians, turnBetweenDeg, type Side } from '../units';
import { amountOf } from './amount';
import type { Cue } from './cues';

/** How each person is spoken to. */
export type VoiceOf = (personId: string) => Listener;

/** A direction about where somebody stands: to whom it is said, and of whom `{who}` in it speaks. */
export interface MarkCue extends Cue {
  personId: string;
  whoId: string | null;
}

/** A step, metres (common practice: half of a walking pace). */
const STEP_M = 0.4;
/** Less than this is half of one. */
const HALF_STEP_M = 0.3;
/** Less than this is not asked for: nobody stands to the centimetre. */
const LEAST_M = 0.1;
const LEAST_DEG = 8;
/** Closer than this two touch, metres. */
const TOUCHES_M = 0.02;

/** A direction that is not said yet: its words with their slots filled, and the side that it names. */
interface MarkSaying {
  words: (marks: MarkWords) => Spoken;
  side: Side | null;
}

function stepsIn({ steps }: MarkWords, m: number): string {
  if (m < HALF_STEP_M) return steps.half;
  const count = Math.round(m / STEP_M);
  return count === 1 ? steps.one : steps.many.replace('{count}', String(count));
}

/** The step from one mark to another, in the own left and front of one who faces as on the first; null where none is due. */
function stepSaying(from: Mark, to: Mark): MarkSaying | null {
  const a = radians(from.turnLeftDeg);
  const [dx, dz] = [to.leftM - from.leftM, to.aheadM - from.aheadM];
  const left = dx * Math.cos(a) - dz * Math.sin(a);
  const ahead = dx * Math.sin(a) + dz * Math.cos(a);
  if (Math.hypot(left, ahead) < LEAST_M) return null;
  const isAside = Math.abs(left) >= Math.abs(ahead);
  const way = isAside ? 'stepAside' : ahead > 0 ? 'stepForward' : 'stepBack';
  return {
    words: (marks) =>
      filled(marks[way], '{steps}', stepsIn(marks, isAside ? Math.abs(left) : Math.abs(ahead))),
    side: isAside ? (left > 0 ? 'left' : 'right') : null,
  };
}

function turnSaying(from: Mark, to: Mark): MarkSaying | null {
  const deg = turnBetweenDeg(from.turnLeftDeg, to.turnLeftDeg);
  if (Math.abs(deg) < LEAST_DEG) return null;
  const amount = amountOf(Math.abs(deg) / SETTINGS.hipsTurnLeftDeg.step);
  return {
    words: ({ turn, amounts }) => filled(turn, '{amount}', amounts[amount]),
    side: deg > 0 ? 'left' : 'right',
  };
}

function boxSaying({ levelM: from = 0 }: Mark, { levelM: to = 0 }: Mark): MarkSaying | null {
  if (from === to) return null;
  const way = from === 0 ? 'boxUp' : to === 0 ? 'boxDown' : 'boxAcross';
  return { words: (marks) => marks[way], side: null };
}

/** A direction as it is said to somebody, and to whoever copies a mirror. */
function said(
  personId: string,
  { words, side }: MarkSaying,
  { voiceOf, whoId = null }: { voiceOf: VoiceOf; whoId?: string | null },
): MarkCue {
  const voice = voiceOf(personId);
  const say = (of: Side | null) => whole(voice, words(CUE_WORDS[voice.language].marks), of);
  return {
    station: 'feet',
    side: null,
    text: say(side),
    asShown: say(side && otherSide(side)),
    voice,
    personId,
    whoId,
  };
}

/** What the directions of a picture are made with. */
interface Saying {
  idOf: (role: string) => string | undefined;
  voiceOf: VoiceOf;
}

/** Somebody who is taken up or put down: it is said to whoever carries. */
function carryCues(was: Posed | undefined, now: Posed, { idOf, voiceOf }: Saying): MarkCue[] {
  const isSame = (a?: Carry, b?: Carry) => a?.role === b?.role && a?.on === b?.on && a?.side === b?.side;
  const [from, to] = [was?.mark?.carriedBy, now.mark?.carriedBy];
  if (isSame(from, to)) return [];
  const carrierId = idOf((to ?? from)!.role);
  if (!carrierId) return [];
  const how: MarkSaying = to
    ? { words: ({ lift }) => lift[to.on], side: to.side }
    : { words: ({ putDown }) => putDown, side: null };
  return [said(carrierId, how, { voiceOf, whoId: now.personId })];
}

/** Where one who stands goes: close to somebody, a step, a turn on the spot, a box. */
function standCues(was: Posed | undefined, now: Posed, { idOf, voiceOf }: Saying): MarkCue[] {
  const { mark = OWN_MARK, personId } = now;
  if (mark.carriedBy) return [];
  const { near } = mark;
  const nearId = near && idOf(near.role);
  const isNew = nearId !== undefined && was?.mark?.near?.role !== near?.role;
  const close = near && near.gapM <= TOUCHES_M ? 'comeToTouch' : 'comeClose';
  const closer = isNew
    ? [said(personId, { words: (marks) => marks[close], side: null }, { voiceOf, whoId: nearId })]
    : [];
  // who comes in from outside is shown the mark; who was carried is put down on it
  if (!was || was.mark?.carriedBy) return closer;
  const from = was.mark ?? OWN_MARK;
  const way = [isNew ? null : stepSaying(from, mark), turnSaying(from, mark), boxSaying(from, mark)];
  return [...closer, ...way.flatMap((saying) => (saying ? [said(personId, saying, { voiceOf })] : []))];
}

/** Directions that bring everybody of a picture to where they stand in it; from the picture before, where there is one. */
export function markCues(before: Shot | undefined, shot: Shot, voiceOf: VoiceOf): MarkCue[] {
  if (shot.people.length < 2) return [];
  const idOf = (role: string) => shot.people.find((p) => p.role === role)?.personId;
  const wasOf = ({ personId }: Posed) => before?.people.find((p) => p.personId === personId);
  return [
    ...shot.people.flatMap((now) => standCues(wasOf(now), now, { idOf, voiceOf })),
    ...shot.people.flatMap((now) => carryCues(wasOf(now), now, { idOf, voiceOf })),
  ];
}
