import type { Side, Vec3 } from '../../units';
import type { Field } from '../fields/distance';
import type { FaceMove } from '../skin/expression';
import type { PartName } from '../skin/parts';
import type { Weights } from '../skin/skinWeights';
import type { Mesh } from '../skin/surfaceNets';

/** Red, green and blue, linear reflectance. */
export type Rgb = readonly [number, number, number];

/** Shift of every vertex by each full move, metres: three values a vertex. */
export type PieceMoves = Record<FaceMove, Float32Array>;

/** One closed piece of the surface before it is joined to the others. */
export interface Piece {
  mesh: Mesh;
  field: Field;
  /** Local coordinates to bind coordinates, and the same for directions. */
  place(p: Vec3): Vec3;
  turn(n: Vec3): Vec3;
  /** Metres per local unit. */
  unitM: number;
  /** Local and bind place of a vertex, and its number in the mesh. */
  paint(local: Vec3, bind: Vec3, vertex: number): { part: PartName; colour: Rgb };
  weigh(local: Vec3, bind: Vec3): Weights;
  /** Openness of the vertices to the light, where the field does not tell it. */
  openness?: Float32Array;
  /** Shifts of the vertices by the moves of the face, bind pose, metres. */
  moves?: PieceMoves;
  /** A piece of the left half with the sides on which it is worn; null for one that is meshed where it stands. */
  sides: readonly Side[] | null;
}

/** Directions of a piece whose axes are those of the bind pose. */
export const same = (p: Vec3): Vec3 => p;

/** A piece that is meshed where it stands, both sides at once. */
export const IN_PLACE = { place: same, turn: same, unitM: 1, sides: null } as const;

/** Colour between two others. */
export function mix(a: Rgb, b: Rgb, share: number): Rgb {
  return [a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share, a[2] + (b[2] - a[2]) * share];
}
