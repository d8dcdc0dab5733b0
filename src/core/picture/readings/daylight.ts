import { PARTS, partIndex } from '../../body';
import { SIDES, type Side } from '../../units';
import type { Picture } from '../raster/picture';

/** Gap between waist and arm on one side of the sitter, or why there is none to measure. */
export interface Daylight {
  /** Median width of the gap over the rows of the waist, centimetres at the trunk's depth; 0 when the arm lies on it. */
  gapCm: number;
  /** Rows of the waist in which that arm stands beside the trunk. */
  rows: number;
}

const TRUNK = new Set(['waist', 'chest', 'hips'].map((p) => PARTS.indexOf(p as (typeof PARTS)[number])));

/**
 * Daylight between arm and waist. Rows are those in which the waist is seen; a row counts for a side when that arm
 * is found beyond the trunk's edge. Rows with the hand beside the trunk do not count: a hand at the waist is laid
 * there on purpose. A side without such rows is left out (arm raised, hidden, or in front).
 */
export function waistDaylight(picture: Picture): Partial<Record<Side, Daylight>> {
  const { width, height, label, depthM, view } = picture;
  const waist = partIndex('waist');
  const gaps: Record<Side, number[]> = { left: [], right: [] };
  const arms = {
    left: new Set((['upperArm', 'elbow', 'forearm'] as const).map((p) => partIndex(`left:${p}`))),
    right: new Set((['upperArm', 'elbow', 'forearm'] as const).map((p) => partIndex(`right:${p}`))),
  };
  for (let row = 0; row < height; row++) {
    const o = row * width;
    let first = -1;
    let last = -1;
    for (let col = 0; col < width; col++)
      if (label[o + col] === waist) {
        if (first < 0) first = col;
        last = col;
      }
    if (first < 0) continue;
    while (first > 0 && TRUNK.has(label[o + first - 1]!)) first--;
    while (last < width - 1 && TRUNK.has(label[o + last + 1]!)) last++;
    for (const direction of [-1, 1]) {
      let col = direction < 0 ? first - 1 : last + 1;
      let open = 0;
      while (col >= 0 && col < width && label[o + col] === 0) {
        open++;
        col += direction;
      }
      if (col < 0 || col >= width) continue;
      const side = SIDES.find((s) => arms[s].has(label[o + col]!));
      if (!side) continue;
      const depth = depthM[o + (direction < 0 ? first : last)]!;
      gaps[side].push(((open * 2 * view.tanHalfWidth) / width) * depth * 100);
    }
  }
  const out: Partial<Record<Side, Daylight>> = {};
  for (const side of SIDES) {
    const list = gaps[side].sort((a, b) => a - b);
    if (list.length > 0) out[side] = { gapCm: list[list.length >> 1]!, rows: list.length };
  }
  return out;
}
