import { bindToHead, headToBind, partIndex, type Body, type BodySurface } from '../../body';
import { viewTowards } from '../../camera';
import type { Vec3 } from '../../units';
import { createRaster, rasterise } from '../raster/raster';
import { rayMeets, rayTreeOf, type RayTree } from './rays';

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
  /** What blocks each place, a row a direction, as far as it was asked for, see `blockedAt`. */
  rows: (Uint8Array | undefined)[];
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
  return Math.abs(x) < 0.1 && y > 0.315 && y < 0.56 && z > 0.37;
}

/** So far off the skin a ray begins, metres: beyond its own triangle. */
const OFF_M = 0.0015;

/** Steps of direction, in azimuth and in elevation, degrees. */
const STEP_DEG = 5;
const AZIMUTHS = 360 / STEP_DEG;
const ELEVATIONS = 180 / STEP_DEG + 1;

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

/** A direction in which nothing was looked for yet. */
const UNKNOWN = 255;

/** What blocks a place towards one of the stepped directions; cast when it is first asked for. */
function blockedAt({ position, normal, tree }: HeadPlaces, row: number, place: number): number {
  const az = ((row % AZIMUTHS) * STEP_DEG * Math.PI) / 180;
  const el = (Math.floor(row / AZIMUTHS) * STEP_DEG - 90) * (Math.PI / 180);
  const d: Vec3 = [Math.sin(az) * Math.cos(el), Math.sin(el), Math.cos(az) * Math.cos(el)];
  const o = place * 3;
  const [nx, ny, nz] = [normal[o]!, normal[o + 1]!, normal[o + 2]!];
  // a little behind the skin's own horizon too, for what lies between two directions
  if (d[0] * nx + d[1] * ny + d[2] * nz < -0.1) return BLOCKED.byHead;
  const from: Vec3 = [
    position[o]! + nx * OFF_M,
    position[o + 1]! + ny * OFF_M,
    position[o + 2]! + nz * OFF_M,
  ];
  return rayMeets(tree, from, d, BLOCKED.byNose);
}

/** What reaches a place from a direction, shares of 1. */
export interface Reaching {
  free: number;
  byNose: number;
}

/** What blocks the places towards a stepped direction, as far as it is known. */
function rowOf(places: HeadPlaces, row: number): Uint8Array {
  return (places.rows[row] ??= new Uint8Array(places.position.length / 3).fill(UNKNOWN));
}

/** Arc tangent of 0 to 1, radians, 1e-5 off (Abramowitz and Stegun 1964, 4.4.49). */
function arcTangent(t: number): number {
  const s = t * t;
  return t * (0.999866 + s * (-0.3302995 + s * (0.180141 + s * (-0.085133 + s * 0.0208351))));
}

/** Angle of a direction from the second axis towards the first, radians; Math.atan2 with an error of 1e-5. */
function angleOf(y: number, x: number): number {
  const across = y < 0 ? -y : y;
  const along = x < 0 ? -x : x;
  if (across === 0 && along === 0) return 0;
  const acute = across > along ? Math.PI / 2 - arcTangent(along / across) : arcTangent(across / along);
  const turned = x < 0 ? Math.PI - acute : acute;
  return y < 0 ? -turned : turned;
}

const STEPS_PER_RADIAN = 180 / Math.PI / STEP_DEG;

/** The four stepped directions round those that were asked for last, which one after the other hardly differ. */
interface Corners {
  places: HeadPlaces | null;
  cell: number;
  index: [number, number, number, number];
  known: [Uint8Array, Uint8Array, Uint8Array, Uint8Array];
}

const NONE = new Uint8Array();
const corners: Corners = {
  places: null,
  cell: -1,
  index: [0, 0, 0, 0],
  known: [NONE, NONE, NONE, NONE],
};

/** Takes the corners of a cell of azimuth and elevation, counted from straight behind and below. */
function turnTo(places: HeadPlaces, azimuth: number, elevation: number): void {
  const cell = elevation * AZIMUTHS + azimuth;
  if (corners.cell === cell && corners.places === places) return;
  corners.places = places;
  corners.cell = cell;
  const beside = azimuth + 1 === AZIMUTHS ? cell + 1 - AZIMUTHS : cell + 1;
  corners.index = [cell, beside, cell + AZIMUTHS, beside + AZIMUTHS];
  for (let k = 0; k < 4; k++) corners.known[k] = rowOf(places, corners.index[k]!);
}

/**
 * Share of the light from a direction (unit, in the bind pose's head) that reaches a place, and the share that the nose
 * holds up: between the four directions round it, so that the edge of a shadow moves smoothly. Quickest where many
 * places are asked for one source in turn.
 */
export function reaching(
  places: HeadPlaces,
  place: number,
  x: number,
  y: number,
  z: number,
  out: Reaching,
): void {
  const az = angleOf(x, z) * STEPS_PER_RADIAN;
  const el = Math.max(0, angleOf(y, Math.sqrt(x * x + z * z)) * STEPS_PER_RADIAN + 90 / STEP_DEG);
  const a0 = Math.floor(az);
  const e0 = Math.min(ELEVATIONS - 2, Math.floor(el));
  const fa = az - a0;
  const fe = el - e0;
  turnTo(places, a0 < 0 ? a0 + AZIMUTHS : a0 === AZIMUTHS ? 0 : a0, e0);
  let free = 0;
  let byNose = 0;
  for (let k = 0; k < 4; k++) {
    const known = corners.known[k]!;
    let blocked = known[place]!;
    if (blocked === UNKNOWN) known[place] = blocked = blockedAt(places, corners.index[k]!, place);
    if (blocked === BLOCKED.byHead) continue;
    const weight = (k & 1 ? fa : 1 - fa) * (k & 2 ? fe : 1 - fe);
    if (blocked === BLOCKED.free) free += weight;
    else byNose += weight;
  }
  out.free = free;
  out.byNose = byNose;
}
