import { z } from 'zod';
import { radians, type Side, type Vec3 } from '../units';
import { SEATS } from './seats';
import { holdingRadiusM, solidDistance, solidMesh, type Solid } from './solid';
import { STANDINGS } from './standings';
import { PAIRED_PLACES, type Patch, type SupportKind, type SupportPlace, type SupportShape } from './support';

/** Every kind of support. */
export const SUPPORTS = { ...SEATS, ...STANDINGS } as unknown as Record<SupportKindName, SupportKind>;
export type SupportKindName = keyof typeof SEATS | keyof typeof STANDINGS;
export const SUPPORT_KINDS = [...Object.keys(SEATS), ...Object.keys(STANDINGS)] as SupportKindName[];

/** A support as it stands on the set: what is not said of its sizes is usual. */
export const supportSchema = z
  .strictObject({
    kind: z.enum(SUPPORT_KINDS),
    /** Its middle on the floor from the sitter's mark, to the left (+x) and to the front (+z), metres. */
    leftM: z.number().min(-6).max(6),
    aheadM: z.number().min(-6).max(6),
    /** Its front turned to the left of the set's front, degrees. */
    turnLeftDeg: z.number().min(-180).max(180),
    sizesM: z.record(z.string(), z.number()).optional(),
  })
  .check(({ value, issues }) => {
    const { sizes, words } = SUPPORTS[value.kind];
    for (const [name, size] of Object.entries(value.sizesM ?? {})) {
      const range = sizes[name];
      const message = range
        ? `${words}: ${name} ${size} must be from ${range[0]} to ${range[1]}`
        : `${words} has no size ${name}; it has ${Object.keys(sizes).join(', ')}`;
      if (!range || !(size >= range[0] && size <= range[1]))
        issues.push({ code: 'custom', message, input: size, path: ['sizesM', name] });
    }
  });
export type Support = z.infer<typeof supportSchema>;

/** So much can stand on a set: a row of chairs for a large group, and something besides. */
export const MOST_SUPPORTS = 24;

/** A support at the sitter's mark, of usual size. */
export function supportAt(kind: SupportKindName, said: Partial<Support> = {}): Support {
  return { kind, leftM: 0, aheadM: 0, turnLeftDeg: 0, ...said };
}

/** A support with its shape worked out, ready to be asked for distances and places in the set. */
export interface PlacedSupport {
  support: Support;
  shape: SupportShape;
  sin: number;
  cos: number;
}

/** Works out the shape of a support. */
export function placeSupport(support: Support): PlacedSupport {
  const kind = SUPPORTS[support.kind];
  const size = Object.fromEntries(
    Object.entries(kind.sizes).map(([name, range]) => [name, support.sizesM?.[name] ?? range[2]]),
  );
  const a = radians(support.turnLeftDeg);
  return { support, shape: kind.shape(size), sin: Math.sin(a), cos: Math.cos(a) };
}

function toSet({ support, sin, cos }: PlacedSupport, p: Vec3, isPoint: boolean): Vec3 {
  const x = p[0] * cos + p[2] * sin;
  const z = -p[0] * sin + p[2] * cos;
  return isPoint ? [x + support.leftM, p[1], z + support.aheadM] : [x, p[1], z];
}

/**
 * A place on a support in the set, of a paired one that on the support's own `side`; undefined where the support has
 * none of that name.
 */
export function patchOf(placed: PlacedSupport, place: SupportPlace, side: Side = 'left'): Patch | undefined {
  const patch = placed.shape.places[place];
  if (!patch) return undefined;
  const across = side === 'right' && PAIRED_PLACES.has(place) ? -1 : 1;
  const own = ([x, y, z]: Vec3): Vec3 => [across * x, y, z];
  return {
    ...patch,
    point: toSet(placed, own(patch.point), true),
    normal: toSet(placed, own(patch.normal), false),
    along: toSet(placed, patch.along, false),
  };
}

/** A solid with the frame of the support that it belongs to. */
export interface PlacedSolid {
  solid: Solid;
  placed: PlacedSupport;
  /** A sphere in the set that holds all of it. */
  middle: Vec3;
  holdingRadiusM: number;
}

/** All solids of some supports. */
export function solidsOf(supports: readonly PlacedSupport[]): PlacedSolid[] {
  return supports.flatMap((placed) =>
    placed.shape.solids.map((solid) => ({
      solid,
      placed,
      middle: toSet(placed, solid.centre, true),
      holdingRadiusM: holdingRadiusM(solid),
    })),
  );
}

/** Signed distance from a point of the set to a solid, metres. */
export function placedDistance({ solid, placed }: PlacedSolid, p: readonly number[]): number {
  const { support, sin, cos } = placed;
  const dx = p[0]! - support.leftM;
  const dz = p[2]! - support.aheadM;
  return solidDistance(solid, dx * cos - dz * sin, p[1]!, dx * sin + dz * cos);
}

/** A distance that a solid is at least away from a point of the set, metres: quick, and negative where it may be nearer. */
export function leastDistance({ middle, holdingRadiusM: r }: PlacedSolid, p: readonly number[]): number {
  const x = p[0]! - middle[0];
  const y = p[1]! - middle[1];
  const z = p[2]! - middle[2];
  return Math.sqrt(x * x + y * y + z * z) - r;
}

/** All supports as one mesh in the set. */
export interface SupportMesh {
  positions: Float32Array;
  normals: Float32Array;
  /** Linear reflectance, three values a vertex. */
  colours: Float32Array;
  triangles: Uint32Array;
}

/** Meshes supports for the drawing and for the measuring picture alike. */
export function supportMesh(supports: readonly Support[]): SupportMesh {
  const positions: number[] = [];
  const normals: number[] = [];
  const colours: number[] = [];
  const triangles: number[] = [];
  for (const support of supports) {
    const placed = placeSupport(support);
    const { tone } = SUPPORTS[support.kind];
    for (const solid of placed.shape.solids) {
      const mesh = solidMesh(solid);
      const first = positions.length / 3;
      for (let i = 0; i < mesh.positions.length; i += 3) {
        const [x, y, zed] = [mesh.positions[i]!, mesh.positions[i + 1]!, mesh.positions[i + 2]!];
        positions.push(...toSet(placed, [x, y, zed], true));
        normals.push(...toSet(placed, [mesh.normals[i]!, mesh.normals[i + 1]!, mesh.normals[i + 2]!], false));
        colours.push(...tone);
      }
      for (const t of mesh.triangles) triangles.push(first + t);
    }
  }
  return {
    positions: Float32Array.from(positions),
    normals: Float32Array.from(normals),
    colours: Float32Array.from(colours),
    triangles: Uint32Array.from(triangles),
  };
}

/** Names of the places that some supports have, each once. */
export function placesOf(supports: readonly Support[]): SupportPlace[] {
  const names = supports.flatMap((s) => Object.keys(placeSupport(s).shape.places) as SupportPlace[]);
  return [...new Set(names)];
}

/** Outline of one solid on the floor plan, in the set. */
export interface Footprint {
  outline: [xM: number, zM: number][];
  /** How high it stands, metres. */
  topM: number;
}

const ROUND = 20;

/** What supports cover on the floor plan. */
export function footprintsOf(supports: readonly Support[]): Footprint[] {
  return supports.map(placeSupport).flatMap((placed) =>
    placed.shape.solids.map((solid): Footprint => {
      const [cx, cy, cz] = solid.centre;
      const half: Vec3 =
        solid.shape === 'box'
          ? solid.half
          : solid.shape === 'ellipsoid'
            ? solid.radii
            : (['x', 'y', 'z'].map((a) => (a === solid.axis ? solid.halfM : solid.radiusM)) as Vec3);
      const isRound = solid.shape === 'ellipsoid' || (solid.shape === 'cylinder' && solid.axis === 'y');
      const corners: [number, number][] = isRound
        ? Array.from({ length: ROUND }, (_, i) => {
            const a = (2 * Math.PI * i) / ROUND;
            return [half[0] * Math.cos(a), half[2] * Math.sin(a)];
          })
        : [
            [half[0], half[2]],
            [half[0], -half[2]],
            [-half[0], -half[2]],
            [-half[0], half[2]],
          ];
      return {
        outline: corners.map(([x, z]) => {
          const p = toSet(placed, [cx + x, 0, cz + z], true);
          return [p[0], p[2]];
        }),
        topM: cy + half[1],
      };
    }),
  );
}
