import { SIDES, unit, type Vec3 } from '../../units';
import { jointIndex, eyeCentre, headToBind } from '../bones/skeleton';
import { IN_PLACE, type Piece, type Rgb } from './piece';
import type { Lengths } from '../bones/proportions';
import { ribbonMesh, type RibbonPlace } from './ribbon';

/** Thickness of rims and temples, metres. */
const WIRE_M = 0.0016;

/** Glasses: two rims before the eyes, a bridge and two temples to the ears. They have no glass of their own. */
export function glassesPieces(lengths: Lengths, tone: Rgb, k: number): Piece[] {
  const [ex, ey] = eyeCentre(lengths, 'left');
  const wire = (points: readonly Vec3[], out: Vec3, closed: boolean): Piece => {
    const at = points.map((p) => headToBind(lengths, p));
    const places = at.map((p, i): RibbonPlace => {
      const next = at[closed ? (i + 1) % at.length : Math.min(i + 1, at.length - 1)]!;
      const before = at[closed ? (i + at.length - 1) % at.length : Math.max(i - 1, 0)]!;
      const along = unit([next[0] - before[0], next[1] - before[1], next[2] - before[2]]);
      const d = out[0] * along[0] + out[1] * along[1] + out[2] * along[2];
      const o = unit([out[0] - along[0] * d, out[1] - along[1] * d, out[2] - along[2] * d]);
      const across: Vec3 = [
        along[1] * o[2] - along[2] * o[1],
        along[2] * o[0] - along[0] * o[2],
        along[0] * o[1] - along[1] * o[0],
      ];
      return { at: p, out: o, across, halfOutM: WIRE_M, halfAcrossM: WIRE_M * 1.2 };
    });
    const head = jointIndex('head');
    return {
      mesh: ribbonMesh(places, closed),
      field: () => 1,
      ...IN_PLACE,
      paint: () => ({ part: 'face', colour: tone }),
      weigh: () => new Map([[head, 1]]),
    };
  };
  const around = Math.round(36 / Math.sqrt(k));
  const pieces: Piece[] = [];
  for (const side of SIDES) {
    const sign = side === 'left' ? 1 : -1;
    const rim = Array.from({ length: around }, (_, i): Vec3 => {
      const a = (2 * Math.PI * i) / around;
      const [c, s] = [Math.cos(a), Math.sin(a)];
      // a rounded rectangle, a little wider at the top
      const u = Math.sign(c) * Math.abs(c) ** 0.72 * (0.086 + 0.006 * s);
      const v = Math.sign(s) * Math.abs(s) ** 0.72 * 0.062;
      return [sign * (ex + 0.004 + u), ey - 0.012 + v, 0.408 - 0.35 * Math.max(0, u) ** 1.5];
    });
    pieces.push(wire(rim, [0, 0, 1], true));
    const hinge: Vec3 = [sign * (ex + 0.096), ey + 0.022, 0.392];
    const ear: Vec3 = [sign * 0.318, ey + 0.045, -0.03];
    const temple = Array.from({ length: 9 }, (_, i): Vec3 => {
      const t = i / 8;
      const bow = Math.sin(Math.PI * t) * 0.02;
      return [
        hinge[0] + (ear[0] - hinge[0]) * t ** 0.6 + sign * bow,
        hinge[1] + (ear[1] - hinge[1]) * t - (t > 0.9 ? 0.03 : 0),
        hinge[2] + (ear[2] - hinge[2]) * t,
      ];
    });
    pieces.push(wire(temple, [sign, 0, 0], false));
  }
  const bridge = Array.from({ length: 7 }, (_, i): Vec3 => {
    const t = i / 6 - 0.5;
    return [t * 0.104, ey + 0.018 + 0.012 * (1 - 4 * t * t), 0.412 + 0.012 * (1 - 4 * t * t)];
  });
  pieces.push(wire(bridge, [0, 0, 1], false));
  return pieces;
}
