import { tripleAt, type Side, type Vec3 } from '../units';
import type { Field } from './fields/distance';
import { piecesOf, type Dressable } from './pieces/dressed';
import { FACE_MOVE_NAMES, faceOf, type FaceShape, type MovedVertex } from './skin/expression';
import { MIRRORED_PARTS, partIndex } from './skin/parts';
import type { Piece, PieceMoves } from './pieces/piece';
import { MIRRORED_JOINTS } from './bones/skeleton';
import { storeWeights } from './skin/skinWeights';

/** The sitter's dressed surface in the bind pose, ready to be skinned. One array entry per vertex unless said. */
export interface BodySurface extends FaceShape {
  /** x y z, metres. */
  positions: Float32Array;
  /** Unit normals. */
  normals: Float32Array;
  /** Linear diffuse reflectance, ambient occlusion not included. */
  colours: Float32Array;
  /** Ambient occlusion of the bind pose, 0 to 1. */
  openness: Float32Array;
  /** Part labels, see PARTS. */
  labels: Uint8Array;
  /** Four joints and their weights. */
  joints: Uint8Array;
  weights: Float32Array;
  /** Three vertices a triangle, counter-clockwise from outside. */
  triangles: Uint32Array;
  /** Part label per triangle. */
  triangleLabels: Uint8Array;
}

/**
 * `drawn` is for the viewfinder at rest, `measured` for the measuring picture and while dragging, `sketched` for a body
 * whose measures are just being changed.
 */
export type Detail = 'drawn' | 'measured' | 'sketched';
/** Cell sizes against the drawn ones. */
const CELL_FACTOR: Record<Detail, number> = { drawn: 1, measured: 2, sketched: 3.2 };

/** A vertex that no move shifts farther than this does not move. */
const SMALLEST_SHIFT_M = 0.00005;

/** Builds the dressed surface. `onPiece` hears how many of the pieces are done. */
export function buildSurface(
  body: Dressable,
  detail: Detail,
  onPiece?: (done: number, of: number) => void,
): BodySurface {
  const makers = piecesOf(body, CELL_FACTOR[detail]);
  const pieces = makers.flatMap((make, i) => {
    const made = make();
    onPiece?.(i + 1, makers.length);
    return made;
  });
  const joined = join(pieces);
  const { positions, normals, triangles } = joined.surface;
  return { ...joined.surface, ...faceOf(joined.moved, positions, normals, triangles) };
}

/** Share of a short way along the normal that the field leaves open, at three reaches (crevices come out dark). */
function opennessAt(
  field: Field,
  x: number,
  y: number,
  z: number,
  n: readonly number[],
  unitM: number,
): number {
  let open = 1;
  for (const reachM of [0.006, 0.018, 0.045]) {
    const reach = reachM / unitM;
    const d = field(x + n[0]! * reach, y + n[1]! * reach, z + n[2]! * reach);
    open *= 1 - 0.3 * Math.max(0, 1 - Math.max(0, d) / reach);
  }
  return open;
}

/** Everything as one surface, and which of its vertices the face moves. */
function join(pieces: Piece[]): { surface: Omit<BodySurface, keyof FaceShape>; moved: MovedVertex[] } {
  const moved: MovedVertex[] = [];
  let vertexCount = 0;
  let indexCount = 0;
  for (const piece of pieces) {
    const copies = piece.sides?.length ?? 1;
    vertexCount += (piece.mesh.positions.length / 3) * copies;
    indexCount += piece.mesh.triangles.length * copies;
  }
  const out = {
    positions: new Float32Array(vertexCount * 3),
    normals: new Float32Array(vertexCount * 3),
    colours: new Float32Array(vertexCount * 3),
    openness: new Float32Array(vertexCount),
    labels: new Uint8Array(vertexCount),
    joints: new Uint8Array(vertexCount * 4),
    weights: new Float32Array(vertexCount * 4),
    triangles: new Uint32Array(indexCount),
    triangleLabels: new Uint8Array(indexCount / 3),
  };
  let v = 0;
  let t = 0;
  for (const piece of pieces) {
    const count = piece.mesh.positions.length / 3;
    const indices = piece.mesh.triangles;
    for (const side of piece.sides ?? ['left']) {
      const first = v;
      for (let i = 0; i < count; i++, v++) {
        const local = tripleAt(piece.mesh.positions, i);
        const normal = tripleAt(piece.mesh.normals, i);
        const bind = piece.place(local);
        const { part, colour } = piece.paint(local, bind, i);
        out.positions.set(bind, v * 3);
        out.normals.set(piece.turn(normal), v * 3);
        out.colours.set(colour, v * 3);
        out.openness[v] =
          piece.openness?.[i] ?? opennessAt(piece.field, local[0], local[1], local[2], normal, piece.unitM);
        out.labels[v] = partIndex(part);
        storeWeights(piece.weigh(local, bind), v, out.joints, out.weights);
        if (side === 'right') mirrorVertex(out, v);
        if (piece.moves) noteMoved(moved, piece.moves, i, v, side);
      }
      const [second, third] = side === 'right' ? [2, 1] : [1, 2];
      for (let i = 0; i < indices.length; i += 3, t += 3) {
        out.triangles[t] = indices[i]! + first;
        out.triangles[t + 1] = indices[i + second]! + first;
        out.triangles[t + 2] = indices[i + third]! + first;
      }
    }
  }
  for (let i = 0; i < out.triangleLabels.length; i++) {
    const a = out.labels[out.triangles[i * 3]!]!;
    const b = out.labels[out.triangles[i * 3 + 1]!]!;
    const c = out.labels[out.triangles[i * 3 + 2]!]!;
    out.triangleLabels[i] = b === c ? b : a;
  }
  return { surface: out, moved };
}

/** Notes what the face does to a vertex of a piece, if it does anything. */
function noteMoved(moved: MovedVertex[], moves: PieceMoves, i: number, vertex: number, side: Side): void {
  const sign = side === 'right' ? -1 : 1;
  const shifts = FACE_MOVE_NAMES.map((move): Vec3 => {
    const [x, y, z] = tripleAt(moves[move], i);
    return [sign * x, y, z];
  });
  if (shifts.some((by) => Math.hypot(...by) > SMALLEST_SHIFT_M)) moved.push({ vertex, shifts });
}

/** Turns a vertex of the left half into its mirror image. */
function mirrorVertex(out: Omit<BodySurface, keyof FaceShape>, v: number): void {
  out.positions[v * 3] = -out.positions[v * 3]!;
  out.normals[v * 3] = -out.normals[v * 3]!;
  out.labels[v] = MIRRORED_PARTS[out.labels[v]!]!;
  for (let i = v * 4; i < v * 4 + 4; i++)
    if (out.weights[i]! > 0) out.joints[i] = MIRRORED_JOINTS[out.joints[i]!]!;
}
