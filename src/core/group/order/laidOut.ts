import type { Body } from '../../body';
import type { Camera } from '../../camera';
import { sourceCentre } from '../../light';
import type { Vec3 } from '../../units';
import { LEVELS, type LevelId } from '../places/levels';
import { bringsSeat, type Member } from '../asked/member';
import { outlineOf, type Outline } from '../cost/outline';
import { gapFor, placesOfPlan, type Place } from '../places/places';
import { problemOf, type Problem, type Wishes } from '../cost/problem';
import type { RowPlan } from '../places/rows';
import { cameraForGroup, turnedBy, type Setting } from '../places/setting';

/** One of a group with a body. */
export interface Modelled extends Member {
  body: Body;
}

/** A plan of rows at its place in the room, with the camera that holds it. */
export interface LaidOut {
  plan: RowPlan;
  places: readonly Place[];
  camera: Camera;
  /** Entrance pupil and key in the group's frame, metres. */
  lens: Vec3;
  key: Vec3;
}

/** How each of a group looks at each level. */
export interface Outlines {
  at(member: number, level: LevelId): Outline;
}

/** Outlines of a body are the same in every order: an exchange solves nobody anew. */
const outlinesOfBodies = new WeakMap<Body, Partial<Record<LevelId, Outline>>>();

/** Outlines that are worked out when they are first asked for. */
export function outlinesOf(group: readonly Modelled[]): Outlines {
  return {
    at: (member, level) => {
      const { body, ...who } = group[member]!;
      const known = outlinesOfBodies.get(body) ?? {};
      outlinesOfBodies.set(body, known);
      return (known[level] ??= outlineOf(who, body, level));
    },
  };
}

/** From the middle of the outermost to the edge of what is held, with the elbow, metres (common practice). */
const ELBOWS_M = 0.35;
/** Shoes and the back of a chair behind the last row, metres. */
const BEHIND_M = 0.35;

/** Outermost points of a group at some places, in the group's frame. */
function endsOf(places: readonly Place[], tops: Record<number, number>): Vec3[] {
  return places.flatMap(({ row, level, xM, zM }) =>
    [-ELBOWS_M, ELBOWS_M].flatMap((aside): Vec3[] => [
      [xM + aside, tops[row]!, zM],
      [xM + aside, 0, zM + LEVELS[level].aheadM],
    ]),
  );
}

function isInRoom({ room }: Setting, places: readonly Place[], arcDeg: number): boolean {
  return places.every(({ xM, zM }) =>
    [-ELBOWS_M, ELBOWS_M].every((aside) => {
      const [x, , z] = turnedBy([xM + aside, 0, zM - BEHIND_M], arcDeg);
      const isAside = x < -room.markToLeftM || x > room.widthM - room.markToLeftM;
      return !isAside && z > -room.markToBackM && z < room.depthM - room.markToBackM;
    }),
  );
}

/** Crowns of the tallest at each row's level, and the mean height of all faces. */
function heightsOf(group: readonly Modelled[], { rows }: RowPlan, outlines: Outlines) {
  const members = group.map((_, m) => m);
  const levels = rows.map((r) => r.level);
  const at = (level: LevelId) => members.map((m) => outlines.at(m, level));
  const tops = levels.map((level) => Math.max(...at(level).map((o) => o.crownM)));
  const faces = levels.map((level) => at(level).reduce((sum, o) => sum + o.face[1], 0) / members.length);
  const counts = rows.map((r) => r.count);
  const meanM = faces.reduce((sum, y, i) => sum + y * counts[i]!, 0) / members.length;
  return { tops, eyesM: meanM };
}

/** Lens distance from which places are first bent, metres; the camera then says it. */
const FIRST_GUESS_M = 6;

/**
 * A plan at its place, with the camera that holds it; null where the room is too small for it, or for the lens.
 */
export function laidOut(
  group: readonly Modelled[],
  plan: RowPlan,
  outlines: Outlines,
  setting: Setting,
): LaidOut | null {
  const own = group.filter(bringsSeat).length;
  const { tops, eyesM } = heightsOf(group, plan, outlines);
  const gapM = gapFor(group.map((_, m) => outlines.at(m, plan.rows.at(-1)!.level).shoulderHalfM));
  const placed = (distanceM: number) => {
    const places = placesOfPlan(plan, own, gapM, distanceM);
    return { places, camera: cameraForGroup(setting, endsOf(places, tops), eyesM) };
  };
  const first = placed(FIRST_GUESS_M);
  if (!first.camera) return null;
  const { places, camera } = placed(first.camera.distanceM);
  const { arcDeg } = setting.camera;
  if (!camera || !isInRoom(setting, places, arcDeg)) return null;
  return {
    plan,
    places,
    camera,
    lens: [0, camera.heightM, camera.distanceM],
    key: turnedBy(sourceCentre(setting.light), -arcDeg),
  };
}

/** What every order of a group at the places of a plan costs. */
export function problemFor(
  group: readonly Modelled[],
  { places, lens, key }: LaidOut,
  outlines: Outlines,
  wishes: Wishes,
): Problem {
  const outlineAt = (member: number, place: number) => outlines.at(member, places[place]!.level);
  return problemOf({ members: group, outlineAt, places, wishes, lens, key });
}
