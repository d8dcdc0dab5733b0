import { add, tripleAt, unit, type Vec3 } from '../../../units';
import { jointIndex } from '../../bones/skeleton';
import { IN_PLACE, type Piece, type PieceMoves, type Rgb } from '../../pieces/piece';
import { FACE_MOVE_NAMES } from '../../skin/expression';
import type { HeadModel } from '../headModel';

/** A hair: a thin blade from its root in the skin, that moves as the skin does there. Bind pose, metres. */
export interface Hair {
  root: Vec3;
  tip: Vec3;
  /** Half its width at the root. */
  across: Vec3;
  normal: Vec3;
  /** Vertices of the skin that carry the root, with their shares. */
  on: [vertex: number, share: number][];
}

/** A place of the skin, with what carries it. */
export type Root = Pick<Hair, 'root' | 'normal' | 'on'>;

/** The skin where some vertices carry it. */
export function rootOf({ mesh }: HeadModel, on: Root['on']): Root {
  let [root, normal]: [Vec3, Vec3] = [
    [0, 0, 0],
    [0, 0, 0],
  ];
  for (const [v, share] of on) {
    root = add(root, tripleAt(mesh.positions, v), share);
    normal = add(normal, tripleAt(mesh.normals, v), share);
  }
  return { root, normal: unit(normal), on };
}

/** Blades with two faces each, so that every piece of the surface is closed. */
function bladesOf(hairs: readonly Hair[], { moves }: HeadModel): Pick<Piece, 'mesh' | 'moves'> {
  const positions = new Float32Array(hairs.length * 9);
  const normals = new Float32Array(hairs.length * 9);
  const triangles = new Uint32Array(hairs.length * 6);
  const own = Object.fromEntries(
    FACE_MOVE_NAMES.map((move) => [move, new Float32Array(hairs.length * 9)]),
  ) as PieceMoves;
  hairs.forEach(({ root, tip, across, normal, on }, i) => {
    [add(root, across), add(root, across, -1), tip].forEach((p, k) => {
      positions.set(p, i * 9 + k * 3);
      normals.set(normal, i * 9 + k * 3);
      for (const move of FACE_MOVE_NAMES)
        for (const [v, share] of on)
          for (let c = 0; c < 3; c++) own[move][i * 9 + k * 3 + c]! += share * moves[move][v * 3 + c]!;
    });
    triangles.set([i * 3, i * 3 + 1, i * 3 + 2, i * 3, i * 3 + 2, i * 3 + 1], i * 6);
  });
  return { mesh: { positions, normals, triangles }, moves: own };
}

/** Hairs of one colour on either side of the face. */
export function bladesPiece(hairs: readonly Hair[], model: HeadModel, colour: Rgb): Piece {
  const head = jointIndex('head');
  return {
    ...bladesOf(hairs, model),
    field: () => 1,
    ...IN_PLACE,
    sides: ['left', 'right'],
    paint: () => ({ part: 'face', colour }),
    weigh: () => new Map([[head, 1]]),
  };
}
