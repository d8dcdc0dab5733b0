/** Floats of a joint's matrix: four columns of x, y, z and nothing. */
const COLUMNS: usize = 16;

/**
 * Linear blend skinning: each vertex by its four joints, its normal by the same blend, made unit.
 * Positions and normals are written with one float past the last vertex.
 */
export function skin(
  count: i32,
  bindAt: usize,
  bindNormalsAt: usize,
  jointsAt: usize,
  weightsAt: usize,
  columnsAt: usize,
  positionsAt: usize,
  normalsAt: usize,
): void {
  for (let v = 0; v < count; v++) {
    let c0 = f32x4.splat(0);
    let c1 = f32x4.splat(0);
    let c2 = f32x4.splat(0);
    let c3 = f32x4.splat(0);
    const w = weightsAt + ((<usize>v) << 4);
    const j = jointsAt + ((<usize>v) << 2);
    for (let i: usize = 0; i < 4; i++) {
      const share = load<f32>(w + (i << 2));
      if (share === 0) break;
      const k = f32x4.splat(share);
      const m = columnsAt + <usize>load<u8>(j + i) * (COLUMNS << 2);
      c0 = f32x4.add(c0, f32x4.mul(k, v128.load(m)));
      c1 = f32x4.add(c1, f32x4.mul(k, v128.load(m, 16)));
      c2 = f32x4.add(c2, f32x4.mul(k, v128.load(m, 32)));
      c3 = f32x4.add(c3, f32x4.mul(k, v128.load(m, 48)));
    }
    const o = <usize>v * 12;
    const p = turned(c0, c1, c2, bindAt + o);
    v128.store(positionsAt + o, f32x4.add(p, c3));
    const n = turned(c0, c1, c2, bindNormalsAt + o);
    const squares = f32x4.mul(n, n);
    const length = Mathf.sqrt(
      f32x4.extract_lane(squares, 0) + f32x4.extract_lane(squares, 1) + f32x4.extract_lane(squares, 2),
    );
    v128.store(normalsAt + o, f32x4.div(n, f32x4.splat(length === 0 ? 1 : length)));
  }
}

function turned(c0: v128, c1: v128, c2: v128, at: usize): v128 {
  return f32x4.add(
    f32x4.add(f32x4.mul(c0, v128.load32_splat(at)), f32x4.mul(c1, v128.load32_splat(at, 4))),
    f32x4.mul(c2, v128.load32_splat(at, 8)),
  );
}
