import { viewOf } from '../camera';
import type { Figure } from '../figure';
import { lightingOf, type Lighting } from '../light';
import type { Ground, SupportMesh } from '../scene';
import { apart, meanPoint, type Vec3 } from '../units';
import { assertClear, assertLightClear } from './clearOfSitter';
import type { BesideMesh } from './raster/picture';
import {
  companyOf,
  figureOfPosed,
  posedFor,
  skinnedBody,
  skinTo,
  supportsFor,
  type StandIn,
} from './standIn';
import { standingOn, type Companion, type SoloShot } from '../shot';

/** Somebody else in a picture, as posed. */
export interface Other {
  companion: Companion;
  standIn: StandIn;
  figure: Figure;
}

/**
 * The others of a picture, as posed; nobody where the sitter is alone.
 * @throws RangeError when nobody stands in for one of them.
 */
export function othersOf(standIn: StandIn, shot: SoloShot): Other[] {
  if (!shot.among) return [];
  const lens = viewOf(shot.camera).eye;
  const posed = posedFor(standIn, shot);
  return shot.among.others.map((companion) => {
    const other = companyOf(standIn, companion.role);
    return {
      companion,
      standIn: other,
      figure: figureOfPosed(other, posed.get(companion.role)!, lens),
    };
  });
}

/** A picture as it is for another of its people, with whoever stands in for that one. */
export interface SeenForOther {
  role: string;
  standIn: StandIn;
  shot: SoloShot;
}

/**
 * The picture of somebody among others as it is for each of the others, in their company.
 * @throws RangeError when nobody stands in for one of them.
 */
export function forEachOther(standIn: StandIn, shot: SoloShot): SeenForOther[] {
  const { among, pose, mark } = shot;
  if (!among) return [];
  const self: Companion = { role: among.role, profile: standIn.body.profile, pose, ...(mark && { mark }) };
  return among.others.map(({ role, pose: theirPose, mark: theirMark }) => {
    const other = companyOf(standIn, role);
    const rest = among.others.filter((o) => o.role !== role);
    other.company = new Map([
      [self.role, standIn],
      ...rest.map((o): [string, StandIn] => [o.role, companyOf(standIn, o.role)]),
    ]);
    const { mark: _, ...set } = shot;
    return {
      role,
      standIn: other,
      shot: {
        ...set,
        pose: theirPose,
        ...(theirMark && { mark: theirMark }),
        among: { role, others: [self, ...rest] },
      },
    };
  });
}

function figuresOf(standIn: StandIn, shot: SoloShot, figure: Figure): Figure[] {
  return [figure, ...othersOf(standIn, shot).map((other) => other.figure)];
}

/**
 * Refuses a camera that stands inside somebody.
 * @throws RangeError naming the distance, its value and what would be right.
 */
export function assertCameraClear(standIn: StandIn, shot: SoloShot, figure: Figure): void {
  assertClear(shot.camera, standIn.body, figure);
  for (const other of othersOf(standIn, shot)) assertClear(shot.camera, other.standIn.body, other.figure);
}

/**
 * Refuses a source that stands inside somebody.
 * @throws RangeError naming the source, its distance and what would be right.
 */
export function assertLampsClear(standIn: StandIn, shot: SoloShot, figure: Figure): void {
  assertLightClear(shot.light, standIn.body, figure);
  for (const other of othersOf(standIn, shot)) assertLightClear(shot.light, other.standIn.body, other.figure);
}

/** Where the key is aimed and metered, metres: the face of one who is alone, or else the middle of all faces. */
export function meteredAt(standIn: StandIn, shot: SoloShot, figure: Figure): Vec3 {
  if (!shot.among) return figure.points.nose;
  return meanPoint(figuresOf(standIn, shot, figure).map((f) => f.points.nose));
}

/** The light of a shot where it is metered. */
export function lightingFor(standIn: StandIn, shot: SoloShot, figure: Figure, ground?: Ground): Lighting {
  return lightingOf(shot.light, meteredAt(standIn, shot, figure), ground?.backgroundM);
}

/** The outermost points of a figure. */
function endsOf({ points }: Figure): Vec3[] {
  const { crown, toes, hips, wrists, knees } = points;
  return [crown, toes.left, toes.right, hips.left, wrists.left, wrists.right, knees.left, knees.right];
}

/** What a body is wider than its outermost joints, metres. */
const ROUND_JOINTS_M = 0.2;

/** Middle of everybody in a picture, and the radius of a sphere that holds them. */
export function sphereRound(
  standIn: StandIn,
  shot: SoloShot,
  figure: Figure,
): { middle: Vec3; radiusM: number } {
  const ends = figuresOf(standIn, shot, figure).flatMap(endsOf);
  const middle = [0, 1, 2].map((c) => {
    const values = ends.map((p) => p[c]!);
    return (Math.min(...values) + Math.max(...values)) / 2;
  }) as Vec3;
  return { middle, radiusM: Math.max(...ends.map((p) => apart(p, middle))) + ROUND_JOINTS_M };
}

/** Skins everybody in a picture, and gives what is beside the sitter: what stands on the set, and the others. */
export function putOnSet(
  standIn: StandIn,
  shot: SoloShot,
  figure: Figure,
  ground?: Ground,
): BesideMesh | undefined {
  skinTo(standIn, shot, figure);
  const supports = supportsFor(standIn, standingOn(shot, ground));
  const others = othersOf(standIn, shot);
  for (const other of others) skinTo(other.standIn, other.companion, other.figure);
  if (!supports && others.length === 0) return undefined;
  const of = [supports, ...others.map((o) => skinnedBody(o.standIn, o.figure))];
  const { beside } = standIn;
  if (beside?.of.length === of.length && beside.of.every((o, i) => o === of[i])) return beside.mesh;
  const mesh = joined([...(supports ? [supports] : []), ...others.map((o) => seenFromOutside(o.standIn))]);
  standIn.beside = { of, mesh: { ...mesh, standing: (supports?.triangles.length ?? 0) / 3 } };
  return standIn.beside.mesh;
}

const colours = new WeakMap<StandIn['surface'], Float32Array>();

/** Colours of a surface, darker in its folds: what stands beside the sitter is shown without anything finer. */
function coloursOf(surface: StandIn['surface']): Float32Array {
  let own = colours.get(surface);
  if (!own) {
    own = surface.colours.map((value, i) => value * surface.openness[Math.floor(i / 3)]!);
    colours.set(surface, own);
  }
  return own;
}

function seenFromOutside({ surface, skinned }: StandIn): SupportMesh {
  const { positions, normals } = skinned;
  return { positions, normals, colours: coloursOf(surface), triangles: surface.triangles };
}

function laidEnd(parts: readonly Float32Array[]): Float32Array {
  const all = new Float32Array(parts.reduce((n, part) => n + part.length, 0));
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return all;
}

/** Several meshes as one, one after the other. */
function joined(meshes: readonly SupportMesh[]): SupportMesh {
  const triangles = new Uint32Array(meshes.reduce((n, mesh) => n + mesh.triangles.length, 0));
  let at = 0;
  let first = 0;
  for (const mesh of meshes) {
    for (const corner of mesh.triangles) triangles[at++] = corner + first;
    first += mesh.positions.length / 3;
  }
  return {
    positions: laidEnd(meshes.map((m) => m.positions)),
    normals: laidEnd(meshes.map((m) => m.normals)),
    colours: laidEnd(meshes.map((m) => m.colours)),
    triangles,
  };
}
