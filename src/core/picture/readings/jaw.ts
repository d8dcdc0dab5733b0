import { partIndex, type BodySurface } from '../../body';
import { project, viewTowards, type View } from '../../camera';
import { axesOf, rotationOf, type Figure, type FigurePoints, type SkinnedSurface } from '../../figure';
import { apart, clamp, degrees, dot, subtract, unit, type Vec3 } from '../../units';
import { headMeshOf, numbersOf, type HeadMesh } from '../face';
import { createRaster, rasterise, type Raster } from '../raster/raster';

const FRAME_M = 0.3;
const SIZE = 160;
const MIDLINE_M = 0.018;
/** Where the neck is looked for, below the chin in the picture: past the underside of the jaw. */
const BELOW_M = { from: 0.014, to: 0.046 };
const pixelsOf = (m: number) => Math.round((m / FRAME_M) * SIZE);
const HALF_PX = pixelsOf(MIDLINE_M);
const BELOW_PX = { from: pixelsOf(BELOW_M.from), to: pixelsOf(BELOW_M.to) };
/** The chin's own depth is looked for so near to it. */
const NEAR_CHIN_PX = 3;
/** All that is looked at of the close view. */
const WINDOW = { width: 2 * HALF_PX + 3, height: NEAR_CHIN_PX + BELOW_PX.to + 3 };

/** Memory of the close view: the head of one surface, its places as it is skinned, and the raster under the chin. */
export interface FaceMemory {
  head: HeadMesh;
  skinned: Float32Array;
  raster: Raster;
}

/** Takes the head out of a surface. */
export function createFaceMemory(surface: BodySurface): FaceMemory {
  const head = headMeshOf(surface);
  return {
    head,
    skinned: new Float32Array(head.positions.length),
    raster: createRaster(WINDOW.width, WINDOW.height),
  };
}

/** What the depth step grows by where the lens stands above the chin, millimetres a degree (a study on three bodies). */
const MM_PER_DEG_ABOVE = 1;
/** Beyond this elevation of the lens over the chin, turn of the face and chin thrown up nothing is judged, degrees. */
const MOST_ELEVATION_DEG = 20;
const MOST_FACE_TURN_DEG = 32;
const MOST_CHIN_UP_DEG = 15;

/** Where the lens stands against chin and face, in the sitter's own frames, degrees. */
function seenFrom(
  { frames, points }: Figure,
  lens: Vec3,
): { elevationDeg: number; turnDeg: number; chinUpDeg: number } {
  const chest = axesOf(rotationOf(frames, 'spineHigh'));
  const head = axesOf(rotationOf(frames, 'head'));
  const to = unit(subtract(lens, points.chin));
  return {
    elevationDeg: degrees(Math.asin(clamp(dot(to, chest.up), -1, 1))),
    turnDeg: Math.abs(degrees(Math.atan2(dot(to, head.left), dot(to, head.front)))),
    chinUpDeg: degrees(Math.asin(clamp(dot(head.front, chest.up), -1, 1))),
  };
}

/** The depth step of a jaw as it would be from the height of the chin, millimetres. */
export function levelJawMm(figure: Figure, lens: Vec3, stepMm: number): number {
  return stepMm - MM_PER_DEG_ABOVE * seenFrom(figure, lens).elevationDeg;
}

/**
 * How clear the jaw is of the neck against the same sitter at ease, 1 being alike. Null where the face turns away, the
 * chin is thrown up, or the lens stands so far above or below that the step says nothing.
 * @param neutralMm the sitter's own step at ease, from the height of the chin.
 */
export function jawOfNeutral(
  figure: Figure,
  lens: Vec3,
  stepMm: number | null,
  neutralMm: number,
): number | null {
  const { elevationDeg, turnDeg, chinUpDeg } = seenFrom(figure, lens);
  if (stepMm === null || neutralMm <= 0 || Math.abs(elevationDeg) > MOST_ELEVATION_DEG) return null;
  if (turnDeg > MOST_FACE_TURN_DEG || chinUpDeg > MOST_CHIN_UP_DEG) return null;
  return levelJawMm(figure, lens, stepMm) / neutralMm;
}

/** The same lens turned to the face, taking in 30 cm: perspective is that of the picture, only closer cropped. */
function faceView(view: View, face: Vec3): View {
  return viewTowards(view.eye, face, FRAME_M / 2 / apart(view.eye, face));
}

/**
 * Depth step from the jaw to the neck, millimetres: how much farther the neck lies just below the chin, median over
 * the columns near the chin's middle. A chin pulled back makes it small. Null when chin or neck are not seen.
 */
export function jawStepMm(
  memory: FaceMemory,
  skinned: SkinnedSurface,
  view: View,
  points: FigurePoints,
): number | null {
  const middle: Vec3 = [0, 1, 2].map(
    (i) => (points.eyes.left[i]! + points.eyes.right[i]! + 2 * points.chin[i]!) / 4,
  ) as Vec3;
  const close = faceView(view, middle);
  const { raster, head } = memory;
  const chin = pixelOf(close, points.chin);
  const window = {
    width: SIZE,
    height: SIZE,
    left: chin.col - HALF_PX - 1,
    top: chin.row - NEAR_CHIN_PX - 1,
  };
  const positions = numbersOf(skinned.positions, head.vertices, memory.skinned);
  rasterise(raster, close, [{ positions, triangles: head.triangles }], window);
  let jaw = Infinity;
  for (let row = chin.row - NEAR_CHIN_PX; row <= chin.row + NEAR_CHIN_PX; row++)
    for (let col = chin.col - NEAR_CHIN_PX; col <= chin.col + NEAR_CHIN_PX; col++)
      if (labelAt(row, col) === FACE) jaw = Math.min(jaw, depthAt(row, col));
  if (jaw === Infinity) return null;
  const steps: number[] = [];
  for (let col = chin.col - HALF_PX; col <= chin.col + HALF_PX; col++) {
    let step = -1;
    for (let row = chin.row + BELOW_PX.from; row <= chin.row + BELOW_PX.to; row++)
      if (labelAt(row, col) === NECK) step = Math.max(step, depthAt(row, col) - jaw);
    if (step >= 0) steps.push(step * 1000);
  }
  if (steps.length < HALF_PX) return null;
  steps.sort((a, b) => a - b);
  return steps[steps.length >> 1]!;

  /** Place in the window; -1 past it, and past the close frame itself. */
  function at(row: number, col: number): number {
    if (row < 0 || col < 0 || row >= SIZE || col >= SIZE) return -1;
    return (row - window.top) * WINDOW.width + (col - window.left);
  }
  function labelAt(row: number, col: number): number {
    const t = raster.triangle[at(row, col)] ?? -1;
    return t < 0 ? 0 : head.labels[t]!;
  }
  function depthAt(row: number, col: number): number {
    return 1 / raster.inverseDepth[at(row, col)]!;
  }
}

const FACE = partIndex('face');
const NECK = partIndex('neck');

function pixelOf(view: View, p: Vec3): { row: number; col: number } {
  const { x, y } = project(view, p);
  return { row: Math.floor((1 - y) * 0.5 * SIZE), col: Math.floor((x + 1) * 0.5 * SIZE) };
}
