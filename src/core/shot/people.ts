import type { Role } from '../checks';
import type { Pose } from '../pose';
import { carrierAmong, type Mark } from '../scene';
import { MOST_PEOPLE, type Posed, type Shot } from './shot';
import { shows } from './solo';

const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

/** The first role that nobody in a picture has. */
export function freeRole({ people }: Shot): Role {
  const taken = new Set(people.map((p) => p.role));
  const all = [...LETTERS, ...[...LETTERS].flatMap((first) => [...LETTERS].map((second) => first + second))];
  return all.find((role) => !taken.has(role))!;
}

/** From one to the next in a row, shoulders side by side with a little air, metres (common practice: two feet). */
const ROW_M = 0.62;

/** So many marks side by side, the first to the sitters' left, the middle of the row on the set's own mark. */
export function marksInRow(count: number): Mark[] {
  return Array.from({ length: count }, (_, i) => ({
    leftM: Math.round(((count - 1) / 2 - i) * ROW_M * 100) / 100,
    aheadM: 0,
    turnLeftDeg: 0,
  }));
}

function isOnOwnMark({ mark }: Posed): boolean {
  return !mark || (mark.leftM === 0 && mark.aheadM === 0);
}

/**
 * The picture with one person more, in a role of their own. Whoever stood on the set's own mark makes room: all are put
 * side by side. Those who have been given places keep them, and the new one stands on the next free one.
 * @throws RangeError when the person is in the picture, or when there is no room.
 */
export function withAnother(shot: Shot, personId: string, whole: Pose): Shot {
  if (shows(shot, personId)) throw new RangeError(`person ${personId} is in the picture already`);
  const count = shot.people.length + 1;
  if (count > MOST_PEOPLE) throw new RangeError(`people ${count} must be from 1 to ${MOST_PEOPLE}`);
  const { objects: _, message: __, ...pose } = whole;
  const people = [...shot.people, { role: freeRole(shot), personId, pose }];
  const row = marksInRow(count);
  if (shot.people.filter(isOnOwnMark).length > 0)
    return { ...shot, people: people.map((p, i) => ({ ...p, mark: { ...p.mark, ...placeOf(row[i]!, p) } })) };
  const mark = freePlace(shot.people.map((p) => p.mark!));
  return { ...shot, people: people.map((p) => (p.mark ? p : { ...p, mark })) };
}

/** A row goes no further to the right than this, metres; then the next begins behind it. */
const HALF_ROW_M = 2.2;
const ROWS_APART_M = 0.8;
/** Two who stand nearer than this stand in each other, metres. */
const LEAST_APART_M = 0.45;

/** The next place in the row of whoever came last that is nobody's. */
function freePlace(marks: readonly Mark[]): Mark {
  let { leftM, aheadM } = marks.at(-1)!;
  do {
    leftM = Math.round((leftM - ROW_M) * 100) / 100;
    if (leftM < -HALF_ROW_M) {
      leftM = HALF_ROW_M;
      aheadM = Math.round((aheadM - ROWS_APART_M) * 100) / 100;
    }
  } while (marks.some((m) => Math.hypot(m.leftM - leftM, m.aheadM - aheadM) < LEAST_APART_M));
  return { leftM, aheadM, turnLeftDeg: 0 };
}

/** A place in a row, turned as the person was. */
function placeOf(place: Mark, { mark }: Posed): Mark {
  return { ...place, turnLeftDeg: mark?.turnLeftDeg ?? 0 };
}

/** A mark that goes by nobody of a role. */
function markWithout({ near, carriedBy, ...place }: Mark, role: Role): Mark {
  return {
    ...place,
    ...(near && near.role !== role && { near }),
    ...(carriedBy && carriedBy.role !== role && { carriedBy }),
  };
}

/** Somebody without what goes to one who is not there: contacts, a gaze, a place close by. */
function withoutTouchOf(person: Posed, role: Role): Posed {
  const { pose, mark } = person;
  const contacts = pose.contacts.filter((c) => c.of?.role !== role);
  const looks = pose.gaze.kind === 'person' && pose.gaze.role === role;
  const goesBy = mark?.near?.role === role || mark?.carriedBy?.role === role;
  if (contacts.length === pose.contacts.length && !looks && !goesBy) return person;
  const gaze = looks ? ({ kind: 'lens' } as const) : pose.gaze;
  return { ...person, pose: { ...pose, contacts, gaze }, ...(mark && { mark: markWithout(mark, role) }) };
}

/** By whom somebody of a picture is carried; undefined where nobody does. */
export function carrierIn({ people }: Shot, person: Posed): Posed | undefined {
  return carrierAmong(person, people);
}

/** Those who touch somebody in a picture, or are touched. */
export function touching({ people }: Shot): Posed[] {
  const isTouched = (role: Role) =>
    people.some((p) => p.role !== role && p.pose.contacts.some((c) => c.of?.role === role));
  return people.filter((p) => isTouched(p.role) || p.pose.contacts.some((c) => c.of));
}

/**
 * The picture without the person of a role; one who is left alone stands on the set's own mark again.
 * @throws RangeError when nobody else is in it.
 */
export function withoutRole(shot: Shot, role: Role): Shot {
  const people = shot.people.filter((p) => p.role !== role);
  if (people.length === 0) throw new RangeError(`role ${role} is the only one in the picture`);
  const free = people.map((person) => withoutTouchOf(person, role));
  if (free.length > 1) return { ...shot, people: free };
  const [{ mark: _, ...last }] = free as [Posed];
  return { ...shot, people: [last] };
}
