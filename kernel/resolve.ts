/** Sums of one part: pixels, squared depths, columns, rows. */
const SUMS: usize = 32;

/**
 * Part label and depth of every pixel, and the sums of every part. Triangles from `own` on are not the sitter's.
 */
export function resolve(
  width: i32,
  height: i32,
  indexAt: usize,
  inverseAt: usize,
  own: i32,
  triangleLabelsAt: usize,
  labelAt: usize,
  depthAt: usize,
  sumsAt: usize,
): void {
  let i: usize = 0;
  for (let row = 0; row < height; row++)
    for (let col = 0; col < width; col++, i++) {
      const t = load<i32>(indexAt + (i << 2));
      let part: u8 = 0;
      let depth: f32 = 0;
      if (t >= 0) {
        if (t < own) part = load<u8>(triangleLabelsAt + t);
        depth = <f32>(1 / <f64>load<f32>(inverseAt + (i << 2)));
      }
      store<u8>(labelAt + i, part);
      store<f32>(depthAt + (i << 2), depth);
      if (part === 0) continue;
      const s = sumsAt + <usize>part * SUMS;
      store<f64>(s, load<f64>(s) + 1);
      store<f64>(s, load<f64>(s, 8) + <f64>depth * <f64>depth, 8);
      store<f64>(s, load<f64>(s, 16) + <f64>col, 16);
      store<f64>(s, load<f64>(s, 24) + <f64>row, 24);
    }
}
