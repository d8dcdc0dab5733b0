import type { Role } from '../../checks';
import { rangeOf, stopsOnFaces, type Light } from '../../light';
import { facesHeld } from '../../set';
import type { Vec3 } from '../../units';
import { coveredShare, standingAt, type Standing } from '../cost/covered';
import { LEVELS } from '../places/levels';
import type { LaidOut, Modelled, Outlines } from '../order/laidOut';
import { placesApartM } from '../places/places';
import type { Problem, Wishes } from '../cost/problem';
import { BESIDE_M, type RelationKind } from '../asked/relation';
import { leanOf, triangleDeg, type Order } from '../order/search';
import { turnedBy } from '../places/setting';

/** What an order of a group comes to. */
export interface GroupTold {
  /** Whose face is covered from the lens, by how much at most, by the outlines of the figures. */
  covered: { role: Role; share: number }[];
  /** Who belongs together and does not stand so. */
  parted: { kind: RelationKind; roles: [Role, Role] }[];
  /** Who is at a height that is hard for them, or not for them at all. */
  strained: { role: Role; isRefused: boolean }[];
  /** The least angle of three neighbouring heads, degrees; null where there are no three. */
  leastTriangleDeg: number | null;
  /** Where the mass of all is, of half the width: positive to camera right. */
  leanShare: number;
  /** The brightest face against the darkest, stops, each turned to the key. */
  spreadStops: number;
  /** How much wider the outermost head is drawn than one in the middle, share. */
  stretchShare: number;
  /** Widest aperture that holds all faces sharp, f-number, and where it is focused, metres from the lens. */
  apertureF: number;
  focusM: number;
}

/** Heads at the ends drawn wider than this are seen to be, share (common practice: no wider than 35 mm). */
export const STRETCHED_SHARE = 0.05;
/** Three heads whose triangle has a smaller angle are nearly in line, degrees (common practice). */
export const NEARLY_IN_LINE_DEG = 15;
/** A group whose mass is further aside than this, of half its width, leans (from memory). */
export const LEANING_SHARE = 0.08;

/** A face of which more is covered is not seen whole. */
export const COVERED_SHARE = 0.05;
/** From so much strain on it is told. */
const STRAINED = 0.8;

function standingIn(laid: LaidOut, outlines: Outlines, order: Order): Standing[] {
  return laid.places.map((place, at) => standingAt(outlines.at(order[at]!, place.level), place));
}

/** Middles of all faces in the set's frame, metres, by place. */
export function facesIn(laid: LaidOut, outlines: Outlines, order: Order): Vec3[] {
  return standingIn(laid, outlines, order).map(({ face }) => turnedBy(face, laid.camera.arcDeg));
}

function coveredOf(laid: LaidOut, outlines: Outlines, order: Order, roleAt: (at: number) => Role) {
  const all = standingIn(laid, outlines, order);
  return all.flatMap((one, at) => {
    const share = Math.max(0, ...all.map((by) => (by === one ? 0 : coveredShare(one, by, laid.lens))));
    return share > COVERED_SHARE ? [{ role: roleAt(at), share }] : [];
  });
}

function partedOf({ places }: LaidOut, { relations }: Wishes, placeOf: (role: Role) => number) {
  const apartM = (a: Role, b: Role) => placesApartM(places[placeOf(a)]!, places[placeOf(b)]!);
  return relations.flatMap(({ kind, roles }) =>
    roles.flatMap((role, i): GroupTold['parted'] => {
      const others = roles.filter((r) => r !== role);
      const nearest = others.reduce((a, b) => (apartM(role, b) < apartM(role, a) ? b : a));
      const isNear = apartM(role, nearest) <= BESIDE_M;
      const isAsWished = kind === 'apart' ? !isNear : isNear;
      // of two who are parted it is said once
      const isSaid = roles.indexOf(nearest) < i && roles.length === 2;
      return isAsWished || isSaid ? [] : [{ kind, roles: [role, nearest] }];
    }),
  );
}

function strainedOf({ places }: LaidOut, group: readonly Modelled[], order: Order): GroupTold['strained'] {
  return places.flatMap(({ level }, at) => {
    const { role, profile } = group[order[at]!]!;
    const strain = LEVELS[level].strain(profile);
    return strain === null || strain >= STRAINED ? [{ role, isRefused: strain === null }] : [];
  });
}

/** A flat picture draws a ball at an angle to the axis wider by one over its cosine. */
function stretchOf({ places, camera }: LaidOut): number {
  const tans = places.map(({ xM, zM }) => Math.abs(xM) / (camera.distanceM - zM));
  return Math.hypot(1, Math.max(...tans)) - 1;
}

/** Measures an order of a group. */
export function toldOf(
  group: readonly Modelled[],
  laid: LaidOut,
  outlines: Outlines,
  problem: Problem,
  order: Order,
  wishes: Wishes,
  light: Light,
): GroupTold {
  const faces = facesIn(laid, outlines, order);
  const roleAt = (at: number) => group[order[at]!]!.role;
  const angles = problem.triangles.map((_, t) => triangleDeg(problem, order, t));
  return {
    covered: coveredOf(laid, outlines, order, roleAt),
    parted: partedOf(laid, wishes, (role) => order.findIndex((_, at) => roleAt(at) === role)),
    strained: strainedOf(laid, group, order),
    leastTriangleDeg: angles.length > 0 ? Math.min(...angles) : null,
    leanShare: leanOf(problem, order),
    spreadStops: rangeOf(stopsOnFaces(light, faces)),
    stretchShare: stretchOf(laid),
    // the camera was placed so that it holds all of them
    ...facesHeld(laid.camera, faces)!,
  };
}
