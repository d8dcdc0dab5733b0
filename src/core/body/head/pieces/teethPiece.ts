import { SIDES, smoothstep, type Vec3 } from '../../../units';
import type { Lengths } from '../../bones/proportions';
import { headToBind, jointIndex } from '../../bones/skeleton';
import { same, type Piece, type PieceMoves, type Rgb } from '../../pieces/piece';
import type { Mesh } from '../../skin/surfaceNets';
import { FACE_MOVE_NAMES } from '../../skin/expression';
import { pointNumber } from '../cage/cage';
import type { HeadModel } from '../headModel';
import { normalsOf } from '../cage/headSkin';
import { heightWith } from '../looks/looks';

/** Reflectance of teeth, and of the gaps between them. */
const TOOTH: Rgb = [0.56, 0.52, 0.44];
const GAP: Rgb = [0.2, 0.16, 0.13];

/** Rows of teeth: heights from the neck of the teeth to their edge on an average adult, head heights. */
const ROWS = {
  upper: { from: 0.243, to: 0.198, frontZ: 0.424, jaw: 0 },
  lower: { from: 0.17, to: 0.199, frontZ: 0.412, jaw: 1 },
} as const;
/** Half the width of an arch and its depth, head heights; teeth of one half, widths from the middle outwards. */
const ARCH = { half: 0.115, depth: 0.11, thick: 0.02 };
const TEETH = 6;
const PER_TOOTH = 4;
const ALONG = TEETH * PER_TOOTH + 1;

function archAt(across: number, row: (typeof ROWS)[keyof typeof ROWS], y: number, inwards: number): Vec3 {
  const a = across * (Math.PI / 2) * 0.92;
  const r = ARCH.half - inwards;
  return [Math.sin(a) * r, y, row.frontZ - ARCH.depth + Math.cos(a) * (ARCH.depth - inwards)];
}

/** One half of a row, as a closed band. */
function rowMesh(model: HeadModel, row: (typeof ROWS)[keyof typeof ROWS]): Mesh {
  const [from, to] = [heightWith(model.looks, row.from), heightWith(model.looks, row.to)];
  const positions: number[] = [];
  for (let i = 0; i < ALONG; i++) {
    const across = i / (ALONG - 1);
    for (const [y, inwards] of [
      [from, 0],
      [to, 0.002],
      [to, ARCH.thick],
      [from, ARCH.thick],
    ] as const)
      positions.push(...archAt(across, row, y, inwards));
  }
  const triangles: number[] = [];
  const isUp = from < to;
  const quad = (a: number, b: number, c: number, d: number) =>
    triangles.push(...(isUp ? [a, c, b, a, d, c] : [a, b, c, a, c, d]));
  for (let i = 0; i < ALONG - 1; i++)
    for (let k = 0; k < 4; k++) {
      const next = (k + 1) % 4;
      quad(i * 4 + k, i * 4 + next, i * 4 + 4 + next, i * 4 + 4 + k);
    }
  const end = (ALONG - 1) * 4;
  quad(3, 2, 1, 0);
  quad(end, end + 1, end + 2, end + 3);
  return {
    positions: Float32Array.from(positions),
    normals: new Float32Array(positions.length),
    triangles: Uint32Array.from(triangles),
  };
}

/** The lower teeth go with the jaw, as the middle of the lower lip does; the upper ones stay. */
function rowMoves({ moves }: HeadModel, jaw: number, chin: number, count: number): PieceMoves {
  return Object.fromEntries(
    FACE_MOVE_NAMES.map((move) => [
      move,
      Float32Array.from({ length: count * 3 }, (_, i) =>
        move === 'jawLowered' ? jaw * moves[move][chin * 3 + (i % 3)]! : 0,
      ),
    ]),
  ) as PieceMoves;
}

/** Both rows of teeth. They are seen where lips and jaw open. */
export function teethPieces(lengths: Lengths, model: HeadModel): Piece[] {
  const head = jointIndex('head');
  const chin = pointNumber('K0');
  return Object.values(ROWS).map((row) => {
    const mesh = rowMesh(model, row);
    const bind = mesh.positions.slice();
    for (let i = 0; i < bind.length; i += 3)
      bind.set(headToBind(lengths, [bind[i]!, bind[i + 1]!, bind[i + 2]!]), i);
    return {
      mesh: { ...mesh, normals: normalsOf(bind, mesh.triangles) },
      field: () => 1,
      place: (p: Vec3) => headToBind(lengths, p),
      turn: same,
      unitM: lengths.headHeightM,
      sides: SIDES,
      // the lips shade them, more towards the corners
      openness: Float32Array.from(
        { length: ALONG * 4 },
        (_, v) => 0.75 - 0.5 * smoothstep(0.35, 0.8, Math.floor(v / 4) / ALONG),
      ),
      moves: rowMoves(model, row.jaw, chin, ALONG * 4),
      paint: (_: Vec3, __: Vec3, v: number) => ({
        part: 'face' as const,
        colour: Math.floor(v / 4) % PER_TOOTH === 0 ? GAP : TOOTH,
      }),
      weigh: () => new Map([[head, 1]]),
    };
  });
}
