import { blended, weighPixel } from './light';

/**
 * Colour of every pixel as the sensor gets it: reflectance times light times exposure, three linear values a pixel.
 * `tonesAt` holds the paper's tone and those of the ground; without a ground the paper is a little darker at the top.
 */
export function expose(
  width: i32,
  height: i32,
  viewAt: usize,
  indexAt: usize,
  depthAt: usize,
  lightAt: usize,
  groundPartAt: usize,
  own: i32,
  trianglesAt: usize,
  positionsAt: usize,
  coloursAt: usize,
  opennessAt: usize,
  supportTrianglesAt: usize,
  supportColoursAt: usize,
  tonesAt: usize,
  hasGround: bool,
  exposure: f64,
  outAt: usize,
): void {
  let i: usize = 0;
  for (let row = 0; row < height; row++) {
    const paperLevel = 0.55 * (0.75 + 0.35 * (<f64>row / <f64>height));
    for (let col = 0; col < width; col++, i++) {
      const t = load<i32>(indexAt + (i << 2));
      const light = <f64>load<f32>(lightAt + (i << 2));
      const out = outAt + i * 12;
      if (t >= own) {
        const o = supportColoursAt + <usize>load<u32>(supportTrianglesAt + <usize>(t - own) * 12) * 12;
        put(out, <f64>load<f32>(o), <f64>load<f32>(o, 4), <f64>load<f32>(o, 8), light * exposure);
      } else if (t < 0) {
        const part: usize = hasGround ? load<u8>(groundPartAt + i) : 0;
        const tone = tonesAt + part * 24;
        const level = (hasGround ? light : paperLevel) * exposure;
        put(out, load<f64>(tone), load<f64>(tone, 8), load<f64>(tone, 16), level);
      } else {
        const corner = trianglesAt + <usize>t * 12;
        const oa = <usize>load<u32>(corner) * 12;
        const ob = <usize>load<u32>(corner, 4) * 12;
        const oc = <usize>load<u32>(corner, 8) * 12;
        const depth = <f64>load<f32>(depthAt + (i << 2));
        weighPixel(
          viewAt,
          width,
          height,
          col,
          row,
          depth,
          positionsAt + oa,
          positionsAt + ob,
          positionsAt + oc,
        );
        const a = coloursAt + oa;
        const b = coloursAt + ob;
        const c = coloursAt + oc;
        const open = <f64>load<f32>(opennessAt + ((<usize>load<u32>(corner)) << 2));
        put(
          out,
          blended(a, b, c),
          blended(a + 4, b + 4, c + 4),
          blended(a + 8, b + 8, c + 8),
          light * open * exposure,
        );
      }
    }
  }
}

function put(at: usize, r: f64, g: f64, b: f64, level: f64): void {
  store<f32>(at, <f32>(r * level));
  store<f32>(at, <f32>(g * level), 4);
  store<f32>(at, <f32>(b * level), 8);
}

/** Finest step of the table of bytes. */
const LAST: f64 = 8191;

/** Bytes of linear light, by a table of 8192 steps from 0 to 1. */
export function develop(pixels: i32, linearAt: usize, tableAt: usize, outAt: usize): void {
  for (let i = 0; i < pixels; i++) {
    const from = linearAt + <usize>i * 12;
    const to = outAt + ((<usize>i) << 2);
    store<u8>(to, encoded(from, tableAt));
    store<u8>(to, encoded(from + 4, tableAt), 1);
    store<u8>(to, encoded(from + 8, tableAt), 2);
    store<u8>(to, 255, 3);
  }
}

function encoded(at: usize, tableAt: usize): u8 {
  const step = <f64>load<f32>(at) * LAST + 0.5;
  return load<u8>(tableAt + <usize>(step > LAST ? LAST : step > 0 ? step : 0));
}
