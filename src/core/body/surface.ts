import type { Vec3 } from '../units';
import type { BodyFields } from './bodyField';
import { collarPiece, sleevePiece, topPiece, trousersPiece } from './clothPieces';
import type { Field } from './distance';
import { eyePieces, hairPieces, headPiece } from './headPieces';
import { armPiece, handPiece, shoePiece } from './limbPieces';
import { MIRRORED_PARTS, partIndex } from './parts';
import type { Piece } from './piece';
import type { BodyProfile } from './profile';
import type { Lengths } from './proportions';
import { MIRRORED_JOINTS } from './skeleton';
import { storeWeights } from './skinWeights';

/** The sitter's dressed surface in the bind pose, ready to be skinned. One array entry per vertex unless said. */
export interface BodySurface {
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

/** `drawn` is for the viewfinder at rest, `measured` for the measuring picture and while dragging. */
export type Detail = 'drawn' | 'measured';
/** Cell sizes against the drawn ones. */
const CELL_FACTOR: Record<Detail, number> = { drawn: 1, measured: 2 };

/** Builds the dressed surface: fitted T-shirt, trousers, flat shoes. */
export function buildSurface(
  profile: BodyProfile,
  lengths: Lengths,
  fields: BodyFields,
  detail: Detail,
): BodySurface {
  const k = CELL_FACTOR[detail];
  const pieces = [
    headPiece(profile, lengths, fields, k),
    ...(detail === 'drawn' ? eyePieces(lengths, 20, 28) : eyePieces(lengths, 12, 18)),
    ...hairPieces(profile, lengths, k),
    topPiece(profile, lengths, fields, k),
    collarPiece(profile, lengths, fields, k),
    sleevePiece(profile, lengths, fields, k),
    armPiece(profile, lengths, fields, k),
    handPiece(profile, lengths, fields, k),
    trousersPiece(profile, lengths, fields, k),
    shoePiece(profile, lengths, fields, k),
  ];
  return join(pieces);
}

/** Share of a short way along the normal that the field leaves open, at three reaches (crevices come out dark). */
function opennessAt(field: Field, x: number, y: number, z: number, n: number[], unitM: number): number {
  let open = 1;
  for (const reachM of [0.006, 0.018, 0.045]) {
    const reach = reachM / unitM;
    const d = field(x + n[0]! * reach, y + n[1]! * reach, z + n[2]! * reach);
    open *= 1 - 0.3 * Math.max(0, 1 - Math.max(0, d) / reach);
  }
  return open;
}

function join(pieces: Piece[]): BodySurface {
  let vertexCount = 0;
  let indexCount = 0;
  for (const piece of pieces) {
    const copies = piece.mirror ? 2 : 1;
    vertexCount += (piece.mesh.positions.length / 3) * copies;
    indexCount += piece.mesh.triangles.length * copies;
  }
  const out: BodySurface = {
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
  const normal = [0, 0, 0];
  for (const piece of pieces) {
    const count = piece.mesh.positions.length / 3;
    const first = v;
    for (let i = 0; i < count; i++, v++) {
      const local: Vec3 = [
        piece.mesh.positions[i * 3]!,
        piece.mesh.positions[i * 3 + 1]!,
        piece.mesh.positions[i * 3 + 2]!,
      ];
      const bind = piece.place(local);
      for (let c = 0; c < 3; c++) normal[c] = piece.mesh.normals[i * 3 + c]!;
      const { part, colour } = piece.paint(local, bind);
      out.positions.set(bind, v * 3);
      out.normals.set(piece.turn([normal[0]!, normal[1]!, normal[2]!]), v * 3);
      out.colours.set(colour, v * 3);
      out.openness[v] = opennessAt(piece.field, local[0], local[1], local[2], normal, piece.unitM);
      out.labels[v] = partIndex(part);
      storeWeights(piece.weigh(local, bind), v, out.joints, out.weights);
    }
    const indices = piece.mesh.triangles;
    for (let i = 0; i < indices.length; i++) out.triangles[t + i] = indices[i]! + first;
    t += indices.length;
    if (!piece.mirror) continue;
    const shift = count;
    for (let i = 0; i < count; i++, v++) {
      const from = first + i;
      mirrorVertex(out, from, v);
    }
    for (let i = 0; i < indices.length; i += 3) {
      out.triangles[t + i] = indices[i]! + first + shift;
      out.triangles[t + i + 1] = indices[i + 2]! + first + shift;
      out.triangles[t + i + 2] = indices[i + 1]! + first + shift;
    }
    t += indices.length;
  }
  for (let i = 0; i < out.triangleLabels.length; i++) {
    const a = out.labels[out.triangles[i * 3]!]!;
    const b = out.labels[out.triangles[i * 3 + 1]!]!;
    const c = out.labels[out.triangles[i * 3 + 2]!]!;
    out.triangleLabels[i] = b === c ? b : a;
  }
  return out;
}

function mirrorVertex(out: BodySurface, from: number, to: number): void {
  for (const array of [out.positions, out.normals]) {
    array[to * 3] = -array[from * 3]!;
    array[to * 3 + 1] = array[from * 3 + 1]!;
    array[to * 3 + 2] = array[from * 3 + 2]!;
  }
  out.colours.copyWithin(to * 3, from * 3, from * 3 + 3);
  out.openness[to] = out.openness[from]!;
  out.labels[to] = MIRRORED_PARTS[out.labels[from]!]!;
  for (let i = 0; i < 4; i++) {
    out.joints[to * 4 + i] = MIRRORED_JOINTS[out.joints[from * 4 + i]!]!;
    out.weights[to * 4 + i] = out.weights[from * 4 + i]!;
  }
}
