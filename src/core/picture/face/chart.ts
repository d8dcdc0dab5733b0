import { bindToHead, headToBind, partIndex, type Body, type BodySurface } from '../../body';
import { viewTowards } from '../../camera';
import type { Vec3 } from '../../units';
import { createRaster, rasterise } from '../raster/raster';
import type { HeadTable } from './headTable';
import { rayTreeOf, type RayTree } from './rays';

/** Places of the face, a head height apart in 64 steps, seen from straight ahead in the bind pose. */
export const CHART = { perHead: 64, halfWidth: 0.36, bottom: -0.02, top: 0.86 } as const;
export const CHART_WIDTH = Math.round(CHART.perHead * CHART.halfWidth * 2);
export const CHART_HEIGHT = Math.round(CHART.perHead * (CHART.top - CHART.bottom));

/** What a ray off the face can meet first. */
export const BLOCKED = { free: 0, byHead: 1, byNose: 2 } as const;

/** Places of the skin of one sitter's head, with what of the head blocks light from every direction. */
export interface HeadPlaces {
  /** In the bind pose, metres, and unit normals. */
  position: Float32Array;
  normal: Float32Array;
  tree: RayTree;
  /** What blocks each place, a row a direction, as far as it was asked for, see `reaching`. */
  rows: (Uint8Array | undefined)[];
  /** All of it, where it was cast before. */
  table?: HeadTable;
}

/** Places spread evenly over the face, so that what is read on it does not hang on the camera. */
export interface FaceChart extends HeadPlaces {
  /** Texel of the chart of each place: `row * CHART_WIDTH + col`, row 0 on top. */
  texel: Int32Array;
  /** In head heights, chin 0, the sitter's left positive. */
  x: Float32Array;
  y: Float32Array;
}

const HEAD_PARTS = new Set(
  (['face', 'ear', 'hair', 'neck', 'left:eye', 'right:eye'] as const).map((name) => partIndex(name)),
);

/** Whether a place of the head is of the nose, head heights: in front of the cheeks, from its root to its base. */
function isNose([x, y, z]: Vec3): boolean {
  return Math.abs(x) < 0.085 && y > 0.285 && y < 0.53 && z > 0.372;
}

/** The vertices of the head: what each of them receives can be spread over the triangles between them. */
export interface HeadVertices extends HeadPlaces {
  /** Place of each vertex of the surface; -1 for those of other parts. */
  placeOf: Int32Array;
}

/** Skin and hair whose shadows are cast by rays. Eyes lie too deep between the lids for light by vertices. */
const SHADED_PARTS = new Set((['face', 'ear', 'hair', 'neck'] as const).map((n) => partIndex(n)));

export function isShadedByRays(label: number): boolean {
  return SHADED_PARTS.has(label);
}

/** Whether a part of the surface casts its shadow by rays. */
export function isOfHead(label: number): boolean {
  return HEAD_PARTS.has(label);
}

export function headVerticesOf(surface: BodySurface, { tree }: FaceChart): HeadVertices {
  const vertex: number[] = [];
  const placeOf = new Int32Array(surface.labels.length).fill(-1);
  // by triangles: a vertex at a border carries the label of one side only
  surface.triangleLabels.forEach((label, t) => {
    if (!isShadedByRays(label)) return;
    for (let k = 0; k < 3; k++) {
      const v = surface.triangles[t * 3 + k]!;
      if (placeOf[v]! < 0) placeOf[v] = vertex.push(v) - 1;
    }
  });
  const pick = (array: Float32Array) =>
    Float32Array.from(vertex.flatMap((v) => [array[v * 3]!, array[v * 3 + 1]!, array[v * 3 + 2]!]));
  return {
    placeOf,
    position: pick(surface.positions),
    normal: pick(surface.normals),
    tree,
    rows: [],
  };
}

/** Whether a vertex is of some set, asked of each once: its triangles share it. */
function vertexSet(isOfIt: (vertex: number) => boolean): (vertex: number) => boolean {
  const known = new Map<number, boolean>();
  return (vertex) => {
    const told = known.get(vertex) ?? isOfIt(vertex);
    known.set(vertex, told);
    return told;
  };
}

/** Makes the chart of a surface. */
export function faceChartOf(body: Body, surface: BodySurface): FaceChart {
  const { lengths } = body;
  const H = lengths.headHeightM;
  const { positions, normals, triangles } = surface;
  const face = partIndex('face');
  const own: number[] = [];
  const labels: number[] = [];
  surface.triangleLabels.forEach((label, t) => {
    if (!HEAD_PARTS.has(label)) return;
    own.push(triangles[t * 3]!, triangles[t * 3 + 1]!, triangles[t * 3 + 2]!);
    labels.push(label);
  });
  const at = (array: Float32Array, v: number): Vec3 => [array[v * 3]!, array[v * 3 + 1]!, array[v * 3 + 2]!];
  const onNose = vertexSet((v) => isNose(bindToHead(lengths, at(positions, v))));
  const groups = Uint8Array.from(labels, (label, t) =>
    label === face && [0, 1, 2].every((k) => onNose(own[t * 3 + k]!)) ? BLOCKED.byNose : BLOCKED.byHead,
  );
  const tree = rayTreeOf(positions, own, groups);

  // from far ahead, so that perspective is none
  const far = 80 * H;
  const middle = headToBind(lengths, [0, (CHART.bottom + CHART.top) / 2, 0.3]);
  const width = CHART.halfWidth * H * lengths.headBreadthFactor;
  const height = ((CHART.top - CHART.bottom) / 2) * H;
  const view = {
    ...viewTowards([middle[0], middle[1], middle[2] + far], middle, 1),
    tanHalfWidth: width / far,
    tanHalfHeight: height / far,
  };
  const raster = createRaster(CHART_WIDTH, CHART_HEIGHT);
  rasterise(raster, view, [{ positions, triangles: Uint32Array.from(own) }]);

  const texel: number[] = [];
  const xs: number[] = [];
  const ys: number[] = [];
  const position: number[] = [];
  const normal: number[] = [];
  for (let i = 0; i < raster.triangle.length; i++) {
    const t = raster.triangle[i]!;
    if (t < 0 || labels[t] !== face) continue;
    const col = i % CHART_WIDTH;
    const row = (i / CHART_WIDTH) | 0;
    const p: Vec3 = [
      middle[0] + (((col + 0.5) / CHART_WIDTH) * 2 - 1) * width,
      middle[1] + (1 - ((row + 0.5) / CHART_HEIGHT) * 2) * height,
      middle[2] + far - 1 / raster.inverseDepth[i]!,
    ];
    const n = [0, 0, 0];
    for (let k = 0; k < 3; k++) for (let c = 0; c < 3; c++) n[c]! += at(normals, own[t * 3 + k]!)[c]!;
    const l = Math.hypot(...n) || 1;
    const [hx, hy] = bindToHead(lengths, p);
    texel.push(i);
    xs.push(hx);
    ys.push(hy);
    position.push(...p);
    normal.push(n[0]! / l, n[1]! / l, n[2]! / l);
  }
  return {
    texel: Int32Array.from(texel),
    x: Float32Array.from(xs),
    y: Float32Array.from(ys),
    position: Float32Array.from(position),
    normal: Float32Array.from(normal),
    tree,
    rows: [],
  };
}
