import { partIndex } from '../../body';
import type { Picture, Sight } from '../../picture';

/** A picture as it is compared: its part labels, and the pixel in the middle of the head. */
export interface Appearance {
  width: number;
  height: number;
  labels: Uint8Array;
  head: readonly [col: number, row: number];
  /** Shares of others that look unlike it, as far as they were asked for. */
  unlike: Map<Appearance, number>;
}

const IS_HEAD = new Uint8Array(256);
for (const part of ['face', 'hair', 'ear'] as const) IS_HEAD[partIndex(part)] = 1;

/** The pixel in the middle of the head. */
function headOf({ width, height, label }: Picture): readonly [col: number, row: number] {
  let [count, cols, rows] = [0, 0, 0];
  for (let row = 0, i = 0; row < height; row++)
    for (let col = 0; col < width; col++, i++) {
      if (IS_HEAD[label[i]!] === 0) continue;
      count++;
      cols += col;
      rows += row;
    }
  return [Math.round(cols / Math.max(1, count)), Math.round(rows / Math.max(1, count))];
}

/** How a shot looks. Labels are the picture's own memory and are written over by the next one. */
export function appearanceOf({ picture }: Sight): Appearance {
  const { width, height, label } = picture;
  return { width, height, labels: label.slice(), head: headOf(picture), unlike: new Map() };
}

/**
 * Share of the pixels that show the figure in either of two pictures of one size in which they show something else,
 * head laid on head: that somebody stands a little aside is seen by nobody.
 */
function compared(a: Appearance, b: Appearance): number {
  const { width, height } = a;
  const right = b.head[0] - a.head[0];
  const down = b.head[1] - a.head[1];
  let figure = 0;
  let other = 0;
  for (let row = 0, i = 0; row < height; row++) {
    const theirs = row + down;
    const isRow = theirs >= 0 && theirs < height;
    for (let col = 0; col < width; col++, i++) {
      const theirCol = col + right;
      const here = a.labels[i]!;
      const there = isRow && theirCol >= 0 && theirCol < width ? b.labels[theirs * width + theirCol]! : 0;
      if ((here | there) === 0) continue;
      figure++;
      if (here !== there) other++;
    }
  }
  return figure === 0 ? 0 : other / figure;
}

/** The same, worked out once for two pictures. */
export function unlikeShare(a: Appearance, b: Appearance): number {
  const known = a.unlike.get(b) ?? compared(a, b);
  a.unlike.set(b, known);
  return known;
}
