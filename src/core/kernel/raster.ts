import { kernel } from './instance';
import { hold, put, room, take } from './memory';
import { putView, type KernelView } from './view';

/** Triangles by the numbers of their corners; they do not change, while the corners' places may. */
export interface Mesh {
  positions: Float32Array;
  triangles: Uint32Array;
}

/** Triangle nearest to the lens in every pixel, -1 for none, and the reciprocal of its depth. Row 0 is the top. */
export interface Pixels {
  width: number;
  height: number;
  triangle: Int32Array;
  inverseDepth: Float32Array;
}

/** What the list of drawn triangles has of each. */
export const ENTRY_BYTES = 20;

/** The part of a frame that pixels are of: the size of the whole, and where the part begins. */
export interface Window {
  width: number;
  height: number;
  left: number;
  top: number;
}

const wholeOf = ({ width, height }: Pixels): Window => ({ width, height, left: 0, top: 0 });

/** Draws meshes over what the pixels hold; `first` is the number of the first triangle of the first mesh. */
export function drawOver(
  pixels: Pixels,
  view: KernelView,
  nearest: number,
  meshes: readonly Mesh[],
  first: number,
): void {
  const [inverseAt, indexAt] = [put('inverse', pixels.inverseDepth), put('index', pixels.triangle)];
  draw(pixels, wholeOf(pixels), view, nearest, meshes, first, inverseAt, indexAt);
}

/** Draws meshes anew, their triangles numbered one after the other; of a window of the frame, where one is given. */
export function drawAnew(
  pixels: Pixels,
  view: KernelView,
  nearest: number,
  meshes: readonly Mesh[],
  window = wholeOf(pixels),
): void {
  const { byteLength } = pixels.inverseDepth;
  const [inverseAt, indexAt] = [room('inverse', byteLength), room('index', byteLength)];
  kernel().clearRaster(pixels.triangle.length, inverseAt, indexAt);
  draw(pixels, window, view, nearest, meshes, 0, inverseAt, indexAt);
}

function draw(
  { width, height, triangle, inverseDepth }: Pixels,
  frame: Window,
  view: KernelView,
  nearest: number,
  meshes: readonly Mesh[],
  first: number,
  inverseAt: number,
  indexAt: number,
): void {
  const { project, rasterise } = kernel();
  const viewAt = putView(view);
  for (const { positions, triangles } of meshes) {
    const count = triangles.length / 3;
    // corners are read four numbers at a time
    const projectedAt = room('projected', positions.byteLength + 4);
    const positionsAt = put('positions', positions);
    // one place more: the list is written before it is known whether a triangle counts
    const listAt = room('list', (count + 1) * ENTRY_BYTES);
    const trianglesAt = hold('triangles', triangles);
    project(
      positions.length / 3,
      positionsAt,
      viewAt,
      frame.width,
      frame.height,
      frame.left,
      frame.top,
      projectedAt,
    );
    rasterise(count, trianglesAt, projectedAt, width, height, nearest, first, listAt, inverseAt, indexAt);
    first += count;
  }
  take(inverseAt, inverseDepth);
  take(indexAt, triangle);
}

/** Sums of one part of a picture: pixels, squared depths (m²), columns and rows of its pixels. */
export interface PartSums {
  pixels: number;
  squaresM2: number;
  cols: number;
  rows: number;
}

const SUMS = 4;

/**
 * Label and depth of every pixel. Triangles from `triangleLabels.length` on have label 0.
 * @returns the sums of each part, in the order of its label.
 */
export function resolve(
  { width, height, triangle, inverseDepth }: Pixels,
  triangleLabels: Uint8Array,
  parts: number,
  label: Uint8Array,
  depthM: Float32Array,
): PartSums[] {
  const labelAt = room('label', label.byteLength);
  const depthAt = room('depth', depthM.byteLength);
  const sums = new Float64Array(parts * SUMS);
  const sumsAt = put('sums', sums);
  kernel().resolve(
    width,
    height,
    put('index', triangle),
    put('inverse', inverseDepth),
    triangleLabels.length,
    hold('triangle labels', triangleLabels),
    labelAt,
    depthAt,
    sumsAt,
  );
  take(labelAt, label);
  take(depthAt, depthM);
  take(sumsAt, sums);
  return Array.from({ length: parts }, (_, p) => {
    const [pixels, squaresM2, cols, rows] = sums.subarray(p * SUMS, (p + 1) * SUMS);
    return { pixels: pixels!, squaresM2: squaresM2!, cols: cols!, rows: rows! };
  });
}
