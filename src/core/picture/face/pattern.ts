import { CHART, CHART_HEIGHT, CHART_WIDTH, type FaceChart } from './chart';
import type { FaceLight } from './light';

/** Names of what a key draws on a face, by the shadow of the nose and by what stays lit. */
export const FACE_PATTERNS = {
  flat: 'front',
  butterfly: 'butterfly',
  loop: 'loop',
  triangle: 'closed triangle',
  split: 'split',
  rim: 'rim',
  side: 'open side',
  below: 'from below',
  top: 'from the top',
  back: 'from behind',
} as const;
export type FacePattern = keyof typeof FACE_PATTERNS;

/** What the name rests on; shares of 1, angles in degrees. */
export interface PatternReading {
  name: FacePattern;
  /** Side of the sitter's face that the key stands on; null where it stands before the middle. */
  keySide: 'left' | 'right' | null;
  /** Share of the face that the key reaches; of the half towards it; of the other half; of the far cheek. */
  lit: { face: number; near: number; far: number; farCheek: number };
  /** Direction of the nose's shadow from straight down, towards the far side positive; null where it has hardly any. */
  noseShadowDeg: number | null;
  /** Closed lit patch on the far cheek, head heights squared. */
  triangleArea: number;
}

/** A place is lit when the key gives it more than this share of what it gives a patch that turns to it. */
const LIT_SHARE = 0.1;
const MIDLINE = 0.02;
/** The far cheek and the base of the nose, head heights; x from the middle towards the key. */
const CHEEK = { from: -0.25, to: -0.07, bottom: 0.24, top: 0.44 };
const NOSE_BASE_Y = 0.325;
const MOUTH_Y = 0.2;
/** The face between chin and hairline is judged. */
const BROW_TOP = 0.72;
const LEAST_NOSE_SHADOW = 0.001;
const LEAST_TRIANGLE = 0.002;
const ONE_TEXEL = 1 / CHART.perHead ** 2;

/**
 * Names the pattern. The definitions are the trade's (common practice): the nose's shadow falls straight down
 * (butterfly), aside and stays free of the cheek's (loop), or closes with it round a lit patch (closed triangle); half
 * the face dark is a split, only an edge lit a rim. The numbers are our own, found on a grid of key positions.
 */
export function facePattern(chart: FaceChart, light: FaceLight): PatternReading {
  const { azimuthDeg, elevationDeg, key, noseHolds } = light;
  const sign = azimuthDeg >= 0 ? 1 : -1;
  const threshold = LIT_SHARE * light.facing;
  const n = key.length;
  const count = { face: 0, near: 0, far: 0, cheek: 0 };
  const bright = { face: 0, near: 0, far: 0, cheek: 0 };
  let shadowX = 0;
  let shadowY = 0;
  let shadow = 0;
  let shadowNear = 0;
  const isLit = new Uint8Array(CHART_WIDTH * CHART_HEIGHT);
  for (let i = 0; i < n; i++) {
    const x = sign * chart.x[i]!;
    const y = chart.y[i]!;
    if (y > BROW_TOP || y < 0) continue;
    const lit = key[i]! > threshold ? 1 : 0;
    isLit[chart.texel[i]!] = lit;
    count.face++;
    bright.face += lit;
    if (x > MIDLINE) {
      count.near++;
      bright.near += lit;
    } else if (x < -MIDLINE) {
      count.far++;
      bright.far += lit;
    }
    if (x > CHEEK.from && x < CHEEK.to && y > CHEEK.bottom && y < CHEEK.top) {
      count.cheek++;
      bright.cheek += lit;
    }
    if (noseHolds[i]! > 0.5 && y < 0.46) {
      shadow++;
      shadowX += x;
      shadowY += y;
      if (x > 0) shadowNear++;
    }
  }
  const lit = {
    face: bright.face / count.face,
    near: bright.near / count.near,
    far: bright.far / count.far,
    farCheek: bright.cheek / Math.max(1, count.cheek),
  };
  const hasNoseShadow = shadow * ONE_TEXEL > LEAST_NOSE_SHADOW;
  const noseShadowDeg = hasNoseShadow
    ? (Math.atan2(-shadowX / shadow, NOSE_BASE_Y - shadowY / shadow) * 180) / Math.PI
    : null;
  const triangleArea = closedPatch(chart, isLit, sign) * ONE_TEXEL;
  const alike = Math.abs(lit.near - lit.far) < 0.16;
  const isMiddle = shadow > 0 && shadowNear / shadow > 0.22 && shadowNear / shadow < 0.78;
  const name = ((): FacePattern => {
    if (lit.face < 0.06) return 'back';
    if (lit.near < 0.53) return elevationDeg > 45 && Math.abs(lit.near - lit.far) < 0.15 ? 'top' : 'rim';
    if (elevationDeg < -8) return 'below';
    if (elevationDeg > 68) return 'top';
    if (lit.farCheek < 0.06 || (lit.far < 0.14 && triangleArea < LEAST_TRIANGLE)) return 'split';
    if (triangleArea >= LEAST_TRIANGLE && elevationDeg >= 12) return 'triangle';
    if (alike && noseShadowDeg === null) return 'flat';
    if (alike && noseShadowDeg !== null && Math.abs(noseShadowDeg) < 25 && isMiddle)
      return elevationDeg < 12 ? 'flat' : 'butterfly';
    if (noseShadowDeg !== null && elevationDeg >= 12 && Math.abs(noseShadowDeg) < 78 && lit.far > 0.3)
      return 'loop';
    return Math.abs(azimuthDeg) < 15 && alike ? 'flat' : 'side';
  })();
  return {
    name,
    keySide: Math.abs(azimuthDeg) < 4 ? null : azimuthDeg > 0 ? 'left' : 'right',
    lit,
    noseShadowDeg,
    triangleArea,
  };
}

/**
 * Texels of the largest lit patch on the far cheek that is shut off: after one erosion it stays off the middle of the
 * face, above the mouth and below the brow.
 */
function closedPatch(chart: FaceChart, isLit: Uint8Array, sign: number): number {
  const W = CHART_WIDTH;
  const core = new Uint8Array(isLit.length);
  const xs = new Float32Array(isLit.length);
  const ys = new Float32Array(isLit.length);
  for (let i = 0; i < chart.texel.length; i++) {
    const k = chart.texel[i]!;
    xs[k] = sign * chart.x[i]!;
    ys[k] = chart.y[i]!;
    if (isLit[k] && isLit[k - 1] && isLit[k + 1] && isLit[k - W] && isLit[k + W]) core[k] = 1;
  }
  let largest = 0;
  const seen = new Uint8Array(isLit.length);
  for (let start = 0; start < core.length; start++) {
    if (!core[start] || seen[start]) continue;
    const stack = [start];
    seen[start] = 1;
    let size = 0;
    let onCheek = 0;
    let isShut = true;
    while (stack.length > 0) {
      const k = stack.pop()!;
      size++;
      const [x, y] = [xs[k]!, ys[k]!];
      if (x > -MIDLINE || y < MOUTH_Y || y > 0.6) isShut = false;
      if (x > CHEEK.from - 0.03 && x < CHEEK.to + 0.04 && y > CHEEK.bottom && y < CHEEK.top + 0.04) onCheek++;
      for (const next of [k - 1, k + 1, k - W, k + W])
        if (core[next] && !seen[next]) {
          seen[next] = 1;
          stack.push(next);
        }
    }
    if (isShut && onCheek > size * 0.5) largest = Math.max(largest, size);
  }
  // the rim that the erosion took off
  return largest > 0 ? largest + 3.5 * Math.sqrt(largest) : 0;
}
