import { radians, SIDES, smoothstep, type Vec3 } from '../../../units';
import type { Lengths } from '../../bones/proportions';
import { bindToHead, headToBind, jointIndex } from '../../bones/skeleton';
import { mix, same, type Piece, type Rgb } from '../../pieces/piece';
import type { Mesh } from '../../skin/surfaceNets';
import type { HeadModel } from '../headModel';
import { heightWith } from '../looks/looks';
import { normalsOf } from '../cage/headSkin';

/** Size of an ear, head heights: as high as from the brow to the base of the nose (the canon, from memory). */
const EAR = { high: 0.265, wide: 0.148, middleY: 0.447, frontZ: 0.012, tiltDeg: 14 };
/** An old ear is so much longer (T. Brodie's and others' surveys of ears, from memory). */
const LONGER_WHEN_OLD = 0.06;
/** An ear stands off the head by so much of its width: closer on a soft contour. */
const STANDS_OFF = { soft: 0.38, firm: 0.5 };
/** Sections from the middle of the bowl to the outline. */
const RINGS = [0.2, 0.36, 0.48, 0.58, 0.66, 0.74, 0.82, 0.9, 0.96, 1] as const;
const THICK = 0.018;

/** A bump of relief round `at`, `wide` to either side. */
function bump(value: number, at: number, wide: number): number {
  return Math.exp(-(((value - at) / wide) ** 2));
}

/**
 * Relief of the front of an ear, head heights, at a share of the way from the bowl to the outline and a direction:
 * 0 back, 90 up, 180 front, 270 down. Rim, groove, inner rim, bowl and the small lid before the bowl.
 */
function relief(out: number, deg: number): number {
  const lobe = bump(deg, 268, 32);
  const front = bump(deg, 188, 30);
  const open = (1 - lobe) * (1 - 0.8 * front);
  const rim = 0.011 * bump(out, 0.95, 0.07) * open;
  const groove = -0.011 * bump(out, 0.78, 0.07) * open * (1 - bump(deg, 235, 30));
  const innerRim = 0.009 * bump(out, 0.6, 0.09) * open;
  const bowl = -0.03 * smoothstep(0.52, 0.2, out) * (1 - 0.7 * lobe);
  const lid = 0.016 * bump(deg, 190, 22) * bump(out, 0.72, 0.18);
  return rim + groove + innerRim + bowl + lid + 0.004 * lobe;
}

/** Outline of an ear in its own plane: across from its front edge and up from its middle, shares of width and height. */
function outline(deg: number): [across: number, up: number] {
  const a = radians(deg);
  const up = 0.5 * Math.sin(a);
  const narrow = 1 - 0.42 * smoothstep(0.1, -0.5, up);
  return [0.5 * narrow + 0.5 * narrow * Math.cos(a), up];
}

/** Place of the skin of the head beside the ear, head heights: nearest vertex by height and depth. */
function sideOf({ mesh }: HeadModel, lengths: Lengths, y: number, z: number): number {
  let [best, least] = [0.3, Infinity];
  for (let i = 0; i < mesh.positions.length; i += 3) {
    const p = bindToHead(lengths, [mesh.positions[i]!, mesh.positions[i + 1]!, mesh.positions[i + 2]!]);
    const off = p[0] < 0.15 ? Infinity : Math.hypot(p[1] - y, p[2] - z);
    if (off < least) [best, least] = [p[0], off];
  }
  return best;
}

/** Both ears, from so many directions about the bowl. */
export function earPiece(
  lengths: Lengths,
  model: HeadModel,
  skin: Rgb,
  contourShare: number,
  around: number,
): Piece {
  const H = lengths.headHeightM;
  const middleY = heightWith(model.looks, EAR.middleY);
  const high = EAR.high * (1 + LONGER_WHEN_OLD * model.looks.old);
  const root = sideOf(model, lengths, middleY, EAR.frontZ) - 0.012;
  const off = STANDS_OFF.firm + (STANDS_OFF.soft - STANDS_OFF.firm) * contourShare;
  const tilt = Math.tan(radians(EAR.tiltDeg));
  const at = (deg: number, out: number, depth: number): Vec3 => {
    const [edgeAcross, edgeUp] = outline(deg);
    const across = (0.42 + (edgeAcross - 0.42) * out) * EAR.wide;
    const up = (-0.08 + (edgeUp + 0.08) * out) * high;
    return [root + across * off + depth, middleY + up, EAR.frontZ - across - up * tilt];
  };
  const positions: number[] = [];
  const openness: number[] = [];
  const put = (p: Vec3, open: number) => {
    positions.push(...p);
    openness.push(open);
  };
  const step = 360 / around;
  put(at(0, 0, relief(0, 0)), 0.4);
  for (const out of RINGS)
    for (let j = 0; j < around; j++) {
      const h = relief(out, j * step);
      put(at(j * step, out, h), Math.min(1, Math.max(0.45, 0.88 + 26 * h)));
    }
  // the back, turned towards the head
  for (const out of [0.97, 0.8])
    for (let j = 0; j < around; j++) put(at(j * step, out, -THICK - 0.012 * (1 - out)), 0.5);
  put(at(0, 0, -0.06), 0.3);
  const triangles = fanned(RINGS.length + 2, around);
  const local = Float32Array.from(positions);
  const bind = local.slice();
  for (let i = 0; i < bind.length; i += 3)
    bind.set(headToBind(lengths, [local[i]!, local[i + 1]!, local[i + 2]!]), i);
  const mesh: Mesh = { positions: local, normals: normalsOf(bind, triangles), triangles };
  const head = jointIndex('head');
  const flush: Rgb = [skin[0] * 1.02, skin[1] * 0.84, skin[2] * 0.8];
  return {
    mesh,
    field: () => 1,
    place: (p) => headToBind(lengths, p),
    turn: same,
    unitM: H,
    sides: SIDES,
    openness: Float32Array.from(openness),
    paint: () => ({ part: 'ear', colour: mix(skin, flush, 0.6) }),
    weigh: () => new Map([[head, 1]]),
  };
}

/** Triangles of rings of vertices between a first and a last one, counter-clockwise seen from the first. */
function fanned(rings: number, around: number): Uint32Array {
  const out: number[] = [];
  const last = 1 + rings * around;
  for (let j = 0; j < around; j++) {
    const next = (j + 1) % around;
    out.push(0, 1 + j, 1 + next);
    for (let i = 0; i < rings - 1; i++) {
      const [a, b] = [1 + i * around + j, 1 + i * around + next];
      out.push(a, a + around, b, b, a + around, b + around);
    }
    out.push(last - around + j, last, last - around + next);
  }
  return Uint32Array.from(out);
}
