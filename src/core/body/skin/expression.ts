import type { Vec3 } from '../../units';

/** What a face does, each a share of how far it goes; brows also downwards. */
export const FACE_MOVES = {
  smile: { min: 0, max: 1, step: 0.1, words: 'smile', ends: ['none', 'laugh'] },
  lidsClosed: { min: 0, max: 1, step: 0.1, words: 'lids', ends: ['open', 'closed'] },
  lowerLidsRaised: { min: 0, max: 1, step: 0.1, words: 'lower lids', ends: ['soft', 'raised'] },
  lipsParted: { min: 0, max: 1, step: 0.1, words: 'lips', ends: ['closed', 'parted'] },
  jawLowered: { min: 0, max: 1, step: 0.1, words: 'jaw', ends: ['closed', 'dropped'] },
  browsRaised: { min: -1, max: 1, step: 0.1, words: 'brows', ends: ['drawn down', 'raised'] },
} as const satisfies Record<
  string,
  { min: number; max: number; step: number; words: string; ends: readonly [string, string] }
>;
export type FaceMove = keyof typeof FACE_MOVES;
export const FACE_MOVE_NAMES = Object.keys(FACE_MOVES) as FaceMove[];

/** How far each move is carried, in the order of FACE_MOVE_NAMES. */
export type FaceShares = readonly number[];

/** The face of a surface with what each move does to it. */
export interface FaceShape {
  /** Vertices that move. */
  faceVertices: Uint32Array;
  /** Shift of each by each full move, metres, and change of its normal: six values a move, moves side by side. */
  faceShifts: Float32Array;
}

/** A vertex of the face with its shift by each full move, in the order of FACE_MOVE_NAMES, metres. */
export interface MovedVertex {
  vertex: number;
  shifts: readonly Vec3[];
}

/** Values per move and vertex. */
const STRIDE = 6;

/** Works out what each move does to the vertices of a face and to their normals. */
export function faceOf(
  faces: readonly MovedVertex[],
  positions: Float32Array,
  normals: Float32Array,
  triangles: Uint32Array,
): FaceShape {
  const moved = faces.map(({ vertex }) => vertex);
  const shifts = faces.map((face) => face.shifts);
  const faceShifts = new Float32Array(moved.length * FACE_MOVE_NAMES.length * STRIDE);
  const place = new Map(moved.map((v, i) => [v, i]));
  FACE_MOVE_NAMES.forEach((_, m) => {
    const at = (v: number, c: number) => positions[v * 3 + c]! + (shifts[place.get(v) ?? -1]?.[m]![c] ?? 0);
    const turned = new Float64Array(moved.length * 3);
    for (let t = 0; t < triangles.length; t += 3) {
      const corners = [triangles[t]!, triangles[t + 1]!, triangles[t + 2]!];
      if (!corners.some((v) => place.has(v))) continue;
      const [a, b, c] = corners as [number, number, number];
      const u = [0, 1, 2].map((i) => at(b, i) - at(a, i));
      const w = [0, 1, 2].map((i) => at(c, i) - at(a, i));
      const n = [u[1]! * w[2]! - u[2]! * w[1]!, u[2]! * w[0]! - u[0]! * w[2]!, u[0]! * w[1]! - u[1]! * w[0]!];
      for (const v of corners) {
        const i = place.get(v);
        if (i !== undefined) for (let k = 0; k < 3; k++) turned[i * 3 + k]! += n[k]!;
      }
    }
    moved.forEach((v, i) => {
      const o = (i * FACE_MOVE_NAMES.length + m) * STRIDE;
      const l = Math.hypot(turned[i * 3]!, turned[i * 3 + 1]!, turned[i * 3 + 2]!) || 1;
      for (let k = 0; k < 3; k++) {
        faceShifts[o + k] = shifts[i]![m]![k]!;
        faceShifts[o + 3 + k] = turned[i * 3 + k]! / l - normals[v * 3 + k]!;
      }
    });
  });
  return { faceVertices: Uint32Array.from(moved), faceShifts };
}

/** Writes a face with an expression over the bind positions and normals; normals are left to be made unit later. */
export function moveFace(
  { faceVertices, faceShifts }: FaceShape,
  shares: FaceShares,
  positions: Float32Array,
  normals: Float32Array,
): void {
  const moves = FACE_MOVE_NAMES.length;
  for (let i = 0; i < faceVertices.length; i++) {
    const v = faceVertices[i]! * 3;
    for (let m = 0; m < moves; m++) {
      const share = shares[m]!;
      if (share === 0) continue;
      const o = (i * moves + m) * STRIDE;
      for (let k = 0; k < 3; k++) {
        positions[v + k]! += faceShifts[o + k]! * share;
        normals[v + k]! += faceShifts[o + 3 + k]! * share;
      }
    }
  }
}
