import { partIndex, type PartName } from '../../body';
import { project, type View } from '../../camera';
import type { FigurePoints } from '../../figure';
import { midpoint, SIDES, type Side, type Vec3 } from '../../units';
import type { Picture } from '../raster/picture';

/** Gap between waist and arm on one side of the sitter, or why there is none to measure. */
export interface Daylight {
  /** Upper quartile of the gap over the rows of the waist, centimetres at the trunk's depth; 0 when the arm lies on it. */
  gapCm: number;
  /** Rows of the waist in which that arm stands beside the trunk. */
  rows: number;
  /** Whether the fingers lie before trunk or thigh: in the lap, or where an arm hangs before the body. */
  fingersBefore: boolean;
}

const labels = (...parts: PartName[]): ReadonlySet<number> => new Set(parts.map(partIndex));
const WAIST = partIndex('waist');
const TRUNK = labels('waist', 'chest', 'hips');
const BODY = labels('waist', 'chest', 'hips', 'left:thigh', 'right:thigh');
const ARMS: Record<Side, ReadonlySet<number>> = {
  left: labels('left:upperArm', 'left:elbow', 'left:forearm'),
  right: labels('right:upperArm', 'right:elbow', 'right:forearm'),
};
const HANDS: Record<Side, number> = { left: partIndex('left:hand'), right: partIndex('right:hand') };

/** An arm farther before or behind the trunk's edge than this stands in another plane, metres (a study of made scenes). */
const SAME_PLANE_M = 0.09;
/** Fewest rows, and share of the waist's rows, in which an arm must stand beside the trunk (the same study, of pictures twice as high). */
const LEAST_ROWS = 3;
const LEAST_SHARE = 0.3;

/** A place of the picture, pixels from its upper left corner. */
type Pixel = readonly [col: number, row: number];

/** The trunk's axis in the picture: rows of the waist lie square to it, however the body is rolled. */
interface Axis {
  from: Pixel;
  along: Pixel;
  across: Pixel;
  lengthPx: number;
}

function pixelOf({ width, height, view }: Pick<Picture, 'width' | 'height' | 'view'>, p: Vec3): Pixel {
  const { x, y } = project(view, p);
  return [((x + 1) / 2) * width, ((1 - y) / 2) * height];
}

/** From the hips to the base of the neck; null where the lens looks along it. */
function axisOf(picture: Picture, points: FigurePoints): Axis | null {
  const from = pixelOf(picture, midpoint(points.hips.left, points.hips.right));
  const to = pixelOf(picture, points.neckBase);
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const lengthPx = Math.hypot(dx, dy);
  if (lengthPx < LEAST_ROWS) return null;
  const along: Pixel = [dx / lengthPx, dy / lengthPx];
  return { from, along, across: [-along[1], along[0]], lengthPx };
}

/** One row of the waist: its labels and depths at steps of a pixel across the axis. */
interface Row {
  label(t: number): number;
  depthM(t: number): number;
}

function rowAt(picture: Picture, { from, along, across }: Axis, s: number): Row {
  const { width, height, label, depthM, othersFrom, raster } = picture;
  // somebody else behind the waist is not daylight
  const isOther = (pixel: number) => raster.triangle[pixel]! >= othersFrom;
  const at = (t: number) => {
    const col = Math.floor(from[0] + along[0] * s + across[0] * t);
    const row = Math.floor(from[1] + along[1] * s + across[1] * t);
    return col < 0 || row < 0 || col >= width || row >= height ? -1 : row * width + col;
  };
  return {
    label: (t) => {
      const pixel = at(t);
      return pixel < 0 || isOther(pixel) ? -1 : label[pixel]!;
    },
    depthM: (t) => depthM[at(t)] ?? 0,
  };
}

/** Where the trunk begins and ends in a row of the waist; null where there is no waist. Both ends are looked for inwards. */
function trunkIn(row: Row, reachPx: number): readonly [first: number, last: number] | null {
  let first = -reachPx;
  let last = reachPx;
  while (first <= last && row.label(first) !== WAIST) first++;
  while (last > first && row.label(last) !== WAIST) last--;
  if (first > last) return null;
  while (TRUNK.has(row.label(first - 1))) first--;
  while (TRUNK.has(row.label(last + 1))) last++;
  return [first, last];
}

/** The arm beside the trunk on one side of a row, and the pixels of air up to it; null where there is none in its plane. */
function armBeside(row: Row, edge: number, direction: 1 | -1): { side: Side; openPx: number } | null {
  let openPx = 0;
  let t = edge + direction;
  while (row.label(t) === 0) {
    openPx++;
    t += direction;
  }
  const side = SIDES.find((s) => ARMS[s].has(row.label(t)));
  if (!side || Math.abs(row.depthM(t) - row.depthM(edge)) > SAME_PLANE_M) return null;
  return { side, openPx };
}

/** Whether a place of a hand lies before a part of the body: that part is seen on both sides of it. */
function isBefore(picture: Picture, p: Vec3, side: Side, before: ReadonlySet<number>): boolean {
  const { width, height, label } = picture;
  const [x, y] = pixelOf(picture, p).map(Math.floor) as [number, number];
  if (x < 0 || y < 0 || x >= width || y >= height) return false;
  const own = (l: number) => l === HANDS[side] || ARMS[side].has(l);
  if (!own(label[y * width + x]!)) return false;
  const beyond = (step: 1 | -1) => {
    let col = x;
    while (col >= 0 && col < width && own(label[y * width + col]!)) col += step;
    return col >= 0 && col < width && before.has(label[y * width + col]!);
  };
  return beyond(1) && beyond(-1);
}

const metresPerPixel = (view: View, width: number, depthM: number) =>
  ((2 * view.tanHalfWidth) / width) * depthM;

/**
 * Daylight between arm and waist, in rows square to the trunk's axis in the picture. A row counts for a side when that
 * arm stands beside the trunk, in its plane. A side is left out where too few rows show it (arm raised, hidden, before
 * or behind the body), or where its hand lies before trunk or thighs.
 */
export function waistDaylight(picture: Picture, points: FigurePoints): Partial<Record<Side, Daylight>> {
  const axis = axisOf(picture, points);
  const gaps: Record<Side, number[]> = { left: [], right: [] };
  let waistRows = 0;
  const reachPx = Math.ceil((axis?.lengthPx ?? 0) * 0.8);
  for (let s = 0; axis && s < axis.lengthPx; s++) {
    const row = rowAt(picture, axis, s);
    const trunk = trunkIn(row, reachPx);
    if (!trunk) continue;
    waistRows++;
    for (const direction of [-1, 1] as const) {
      const edge = direction < 0 ? trunk[0] : trunk[1];
      const arm = armBeside(row, edge, direction);
      if (!arm) continue;
      const pixelM = metresPerPixel(picture.view, picture.width, row.depthM(edge));
      gaps[arm.side].push(arm.openPx * pixelM * 100);
    }
  }
  const out: Partial<Record<Side, Daylight>> = {};
  for (const side of SIDES) {
    const list = gaps[side].sort((a, b) => a - b);
    const isShown = list.length >= LEAST_ROWS && list.length >= LEAST_SHARE * waistRows;
    // a wrist before the body, or fingers before the trunk, hide the waist on purpose
    const [wrist, tips] = [points.wrists[side], points.fingertips[side]];
    if (!isShown || isBefore(picture, wrist, side, BODY) || isBefore(picture, tips, side, TRUNK)) continue;
    const gapCm = list[Math.floor(list.length * 0.75)]!;
    out[side] = { gapCm, rows: list.length, fingersBefore: isBefore(picture, tips, side, BODY) };
  }
  return out;
}
