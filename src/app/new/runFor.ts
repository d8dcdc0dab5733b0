import { EMPTY_LOOK, standardIn } from '@/core/brief';
import { composed, composedForTwo, minutesEach, supportsAtHand } from '@/core/compose';
import { HOUSE_POSES } from '@/core/library';
import type { Sitter } from '@/core/people';
import type { Message } from '@/core/pose';
import { groundOf, type Room } from '@/core/scene';
import { paceWith } from '@/core/sequence';
import { shotOfOne, type Shot, type SoloShot } from '@/core/shot';
import { AVERAGE_PROFILE, database, kitLenses, NEW_SHOT, ownPace } from '@/data';
import { studio } from '@/workers/studioClient';
import { firstShot } from './firstShot';

/** What a run is composed for. */
interface RunWanted {
  /** Nobody where the sitter is not known yet. */
  people: readonly Sitter[];
  message: Message | null;
  room: Room;
  minutes: number;
}

type OnDone = (composing: { done: number; of: number }) => void;

/** A planned picture fitted to the sitter; as it was planned where the fit was called off. */
async function fittedTo(profile: Sitter['profile'], before: SoloShot, wanted: RunWanted): Promise<SoloShot> {
  const look = { ...EMPTY_LOOK, id: 'composed', message: wanted.message };
  const wishes = { standard: standardIn(look, before.pose.message), ground: groundOf(wanted.room) };
  const fitted = await studio('backstage')
    .fit(profile, before, before.pose, wishes)
    .catch(() => null);
  return fitted?.shot ?? before;
}

/** The pictures of one: each framed, and fitted to the sitter. */
async function picturesOfOne(
  wanted: RunWanted,
  isWanted: () => boolean,
  onDone: OnDone,
): Promise<SoloShot[]> {
  const { people, message, room, minutes } = wanted;
  const profile = people[0]?.profile ?? AVERAGE_PROFILE;
  const poses = Object.values(HOUSE_POSES).flat();
  const plan = composed({
    profile,
    message,
    supports: supportsAtHand(room),
    minutes,
    poses,
  });
  const lenses = await kitLenses(database);
  const shots: SoloShot[] = [];
  for (const [done, planned] of plan.entries()) {
    if (!isWanted()) return [];
    onDone({ done, of: plan.length });
    const framed = await studio('backstage').framedAsPlanned(profile, NEW_SHOT, planned, room, lenses);
    shots.push(await fittedTo(profile, framed, wanted));
  }
  return shots;
}

/** Somebody whose record is not there yet. */
const SITTER = 'sitter';

/** Pictures in the best order, with what each is left to take in the minutes there are. */
async function inOrder(shots: readonly Shot[], { people, minutes }: RunWanted): Promise<ComposedRun> {
  const share = minutesEach(minutes, shots.length, 0);
  const profiles = Object.fromEntries(people.map((p) => [p.id, p.profile]));
  const stops = shots.map((shot, i) => ({ id: String(i), lookId: 'composed', minutes: share, shot }));
  const source = { stops, profiles: { [SITTER]: AVERAGE_PROFILE, ...profiles }, wornIn: {} };
  const pace = paceWith(await ownPace(database));
  const planned = await studio('backstage').plan(source, pace, null);
  if (!planned) return { shots, minutesEach: share };
  const betweenS = planned.plan.steps.reduce((sum, s) => sum + s.changeS + s.restS, 0);
  return {
    shots: planned.plan.steps.map((step) => shots[Number(step.id)]!),
    minutesEach: minutesEach(minutes, shots.length, betweenS),
  };
}

/** A run that was composed, in its order. */
export interface ComposedRun {
  shots: readonly Shot[];
  minutesEach: number;
}

/**
 * A run for one or for two, worked out backstage.
 * @returns its pictures of the people, or of somebody called `sitter` where nobody is named; null where it was called off.
 */
export async function runFor(
  wanted: RunWanted,
  isWanted: () => boolean,
  onDone: OnDone,
): Promise<ComposedRun | null> {
  const { people, room, message, minutes } = wanted;
  if (people.length < 2) {
    const shots = await picturesOfOne(wanted, isWanted, onDone);
    const personId = people[0]?.id ?? SITTER;
    return isWanted()
      ? inOrder(
          shots.map((shot) => shotOfOne(personId, shot)),
          wanted,
        )
      : null;
  }
  const run = composedForTwo({
    profiles: people.map((p) => p.profile),
    message,
    supports: supportsAtHand(room),
    minutes,
    start: firstShot(people.map((p) => p.id)),
    statureM: (id) => people.find((p) => p.id === id)?.profile.statureM,
  });
  return inOrder(run, wanted);
}
