import isEqual from 'fast-deep-equal';
import { sittingSchema, takeSchema, type Frame, type Sitting, type Take } from '@/core/sitting';
import { sitterSchema, type Sitter } from '@/core/people';
import { dressedFor, lookOf } from '@/core/brief';
import { minutesEach } from '@/core/compose';
import type { Message } from '@/core/pose';
import type { Room } from '@/core/scene';
import { amongOthers, firstRole, personOf, shotOfOne, type Shot, type SoloShot } from '@/core/shot';
import type { GilvoDatabase } from '../store/database';
import { NEW_SHOT, NEW_SITTER, NEW_SITTING, NEW_TAKE } from './blank';
import { sound, soundOne } from '../store/sound';

/** A sitting with everything that belongs to it. */
export interface WholeSitting {
  sitting: Sitting;
  /** Whose pictures are taken, in the order that the sitting has them. */
  people: Sitter[];
  takes: Take[];
  frames: Frame[];
}

/** The person of a role in a picture of a sitting; undefined where the record is not here, or cannot be read. */
export function sitterIn(
  { people }: WholeSitting,
  { shot }: Take,
  role = firstRole(shot),
): Sitter | undefined {
  const { personId } = personOf(shot, role);
  return people.find((p) => p.id === personId);
}

/** A picture of a sitting as it is for one of its people, among the others as they are dressed in it. */
export function soloIn(
  { sitting, people }: Pick<WholeSitting, 'sitting' | 'people'>,
  take: Take,
  role = firstRole(take.shot),
): SoloShot {
  const look = lookOf(sitting, take);
  return amongOthers(take.shot, role, (personId) => {
    const person = people.find((p) => p.id === personId);
    return person && dressedFor(person, look);
  });
}

/** Of whom a picture is, where a sitting has several people and it has to be said. */
export function whoseIn(whole: WholeSitting, take: Take): Sitter[] {
  return whole.sitting.personIds.length < 2 ? [] : peopleIn(whole, take);
}

/** The people of a picture of a sitting whose records are here. */
export function peopleIn(whole: WholeSitting, take: Take): Sitter[] {
  return take.shot.people.flatMap(({ role }) => sitterIn(whole, take, role) ?? []);
}

/** Every sitting, the earliest first. */
export async function allSittings(db: GilvoDatabase): Promise<Sitting[]> {
  const all = sound(db, 'sittings', await db.sittings.toArray());
  return all.sort((a, b) => a.startsAt.localeCompare(b.startsAt));
}

/** Names of the people of sittings, by their id; a person who is not here has none. */
export async function namesOfSitters(
  db: GilvoDatabase,
  sittings: readonly Sitting[],
): Promise<Map<string, string>> {
  const ids = [...new Set(sittings.flatMap((s) => s.personIds))];
  const sitters = sound(db, 'sitters', await db.sitters.bulkGet(ids));
  return new Map(sitters.map(({ id, name }) => [id, name]));
}

/** Loads a sitting, takes in the order of the run; undefined when there is none. */
export async function loadSitting(db: GilvoDatabase, sittingId: string): Promise<WholeSitting | undefined> {
  const sitting = soundOne(db, 'sittings', await db.sittings.get(sittingId));
  const people = sitting ? sound(db, 'sitters', await db.sitters.bulkGet(sitting.personIds)) : [];
  if (!sitting || people.length === 0) return undefined;
  const takes = await db.takes.where('sittingId').equals(sittingId).sortBy('position');
  const frames = await db.frames.where('sittingId').equals(sittingId).sortBy('takenAt');
  return { sitting, people, takes: sound(db, 'takes', takes), frames: sound(db, 'frames', frames) };
}

/** What is newly read, in the very objects of before where they say the same: what depends on them then stays. */
export function keptWhereEqual(before: WholeSitting, now: WholeSitting): WholeSitting {
  if (isEqual(before, now)) return before;
  const kept = <T>(was: T, is: T): T => (isEqual(was, is) ? was : is);
  const keptEach = <T extends { id: string }>(were: T[], are: T[]): T[] =>
    isEqual(were, are) ? were : are.map((one) => kept(were.find((w) => w.id === one.id) ?? one, one));
  return {
    sitting: kept(before.sitting, now.sitting),
    people: keptEach(before.people, now.people),
    takes: keptEach(before.takes, now.takes),
    frames: kept(before.frames, now.frames),
  };
}

/** What is said of a sitting when it is begun; what is not is as usual. */
export interface Begun {
  message?: Message | null;
  room?: Room;
  minutes?: number;
  /** The pictures of its run with its people, in their order; without them it begins with one quiet pose. */
  shots?(personIds: readonly string[]): readonly Shot[];
  /** What each picture of the run is left to take; an equal share of the minutes where that is not said. */
  takeMinutes?: number;
}

/** The run of a new sitting: its minutes are shared out among its pictures. */
function firstTakes(
  { id: sittingId, minutes }: Sitting,
  shots: readonly Shot[],
  takeMinutes?: number,
): Take[] {
  const share = shots.length > 1 ? minutesEach(minutes, shots.length, 0) : NEW_TAKE.minutes;
  const each = takeMinutes ?? share;
  return shots.map((shot, position) =>
    takeSchema.parse({
      ...NEW_TAKE,
      id: position === 0 ? `take-${sittingId}` : crypto.randomUUID(),
      sittingId,
      position,
      minutes: each,
      shot,
    }),
  );
}

/** A sitting with nothing taken yet. */
function newSitting(id: string, personIds: string[], now: Date, begun: Begun): Sitting {
  const { message = null, room = NEW_SITTING.room, minutes = NEW_SITTING.minutes } = begun;
  const looks = NEW_SITTING.looks.map((look) => ({ ...look, message, minutes }));
  const said = { ...NEW_SITTING, room, place: room.name, minutes, looks };
  return sittingSchema.parse({ ...said, id, personIds, startsAt: now.toISOString() });
}

/**
 * Begins a sitting with people of the store, or, where none is named, with a new record of somebody of average
 * measures. Returns its id.
 * @throws RangeError when one of them is not in the store; ZodError naming field, value and range. Nothing is written
 * then.
 */
export async function startSitting(
  db: GilvoDatabase,
  now: Date,
  people: readonly string[] = [],
  begun: Begun = {},
): Promise<string> {
  const id = crypto.randomUUID();
  const personIds = people.length > 0 ? [...people] : [`sitter-${id}`];
  const sitting = newSitting(id, personIds, now, begun);
  const shots = begun.shots?.(personIds) ?? [shotOfOne(personIds[0]!, NEW_SHOT)];
  const takes = firstTakes(sitting, shots, begun.takeMinutes);
  await db.transaction('rw', db.sitters, db.sittings, db.takes, async () => {
    if (people.length === 0) await db.sitters.add(sitterSchema.parse({ ...NEW_SITTER, id: personIds[0] }));
    const there = await db.sitters.bulkGet(personIds);
    const missing = personIds.find((_, i) => !there[i]);
    if (missing) throw new RangeError(`person ${missing} is not in the store`);
    await db.sittings.add(sitting);
    await db.takes.bulkAdd(takes);
  });
  return id;
}
