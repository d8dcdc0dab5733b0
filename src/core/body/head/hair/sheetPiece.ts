import { randomFrom, smoothstep, subtract, unit, type Vec3 } from '../../../units';
import type { Lengths } from '../../bones/proportions';
import { headToBind } from '../../bones/skeleton';
import { mix, same, type Piece, type Rgb } from '../../pieces/piece';
import type { Weights } from '../../skin/skinWeights';
import { normalsOf } from '../cage/headSkin';
import { FLOWS, type SheetShape } from './flows';
import type { Laid } from './laid';
import { SKULL_MIDDLE } from './headMap';
import { sheetTriangles, type SheetSize } from './sheetTriangles';

/** How unevenly strands end, and how thick the sheet is at most, head heights. */
const RAGGED = 0.07;
const THICK = 0.03;
/** Hair that hangs free is so thick. */
const HANGING_THICK = 0.024;

/** Noise across a sheet that holds along its strands: a value a strand, between -1 and 1. */
function strandNoise(strands: number, seed: number, smoothing: number): number[] {
  const random = randomFrom(seed);
  const raw = Array.from({ length: strands }, () => random() * 2 - 1);
  return raw.map((_, i) => {
    let [sum, weights] = [0, 0];
    for (let k = -smoothing; k <= smoothing; k++) {
      sum += raw[Math.min(strands - 1, Math.max(0, i + k))]!;
      weights++;
    }
    return (sum / weights) * Math.sqrt(weights);
  });
}

/** Takes kinks out of the strands: where hair leaves the head it bends, and does not break. */
function smoothAlong(positions: Float32Array, along: number): void {
  for (let round = 0; round < 2; round++) {
    const before = positions.slice();
    for (let v = 0; v < positions.length / 3; v++) {
      if (v % along === 0 || v % along === along - 1) continue;
      for (let c = 0; c < 3; c++)
        positions[v * 3 + c] =
          before[v * 3 + c]! / 2 + (before[(v - 1) * 3 + c]! + before[(v + 1) * 3 + c]!) / 4;
    }
  }
}

/** Share of the way along a strand of each of its places: closer at the root, which lies nearest to the skin. */
function wayAlong(place: number, along: number): number {
  return (place / (along - 1)) ** 1.4;
}

/** What makes one strand differ from the next: how far it stands out, where its waves begin, how early it ends. */
function strandsOf(strands: number): { relief: number; phase: number; shorter: number }[] {
  const relief = strandNoise(strands, 3, Math.round(strands / 60));
  const phases = strandNoise(strands, 13, Math.round(strands / 40));
  const ends = strandNoise(strands, 5, 1);
  return relief.map((value, i) => ({
    relief: value,
    phase: phases[i]!,
    shorter: RAGGED * Math.max(0, ends[i]!),
  }));
}

/** Places of the outer face of a sheet, then of the inner one, head coordinates. */
function sheetPlaces(laid: Laid, { strands, along }: SheetSize): Float32Array {
  const { way, relief: high, waves } = FLOWS[laid.shape as SheetShape];
  const count = strands * along;
  const positions = new Float32Array(count * 6);
  strandsOf(strands).forEach(({ relief, phase, shorter }, i) => {
    const u = i / (strands - 1);
    for (let j = 0; j < along; j++) {
      const t = wayAlong(j, along);
      // at the middle line the sheet is even, so that both halves meet
      const relieved = smoothstep(0, 0.04, u) * smoothstep(1, 0.96, u) * smoothstep(0, 0.25, t);
      const { place, offSkin } = way(laid, u, t * (1 - shorter * t));
      const wave = waves ? waves.high * Math.sin(2 * Math.PI * (waves.count * t + waves.apart * phase)) : 0;
      const off = offSkin + (high * relief + wave) * relieved;
      const thick = Math.min(THICK, offSkin === 0 ? HANGING_THICK : offSkin + 0.006);
      positions.set(outFrom(place, off), (i * along + j) * 3);
      positions.set(outFrom(place, off - thick), (count + i * along + j) * 3);
    }
  });
  smoothAlong(positions, along);
  return positions;
}

/** A place moved away from the middle of the skull, on the left half. */
function outFrom(place: Vec3, by: number): Vec3 {
  const out = unit(subtract(place, SKULL_MIDDLE));
  return [Math.max(0, place[0] + out[0] * by), place[1] + out[1] * by, place[2] + out[2] * by];
}

/** Normals at the middle line lie in its plane, so that both halves meet without a seam. */
function evenAtMiddle(positions: Float32Array, normals: Float32Array): Float32Array {
  for (let i = 0; i < normals.length; i += 3) {
    if (positions[i]! > 1e-6) continue;
    const [y, z] = [normals[i + 1]!, normals[i + 2]!];
    // where the sheet is folded flat into the plane, straight out of the head
    const out =
      Math.hypot(y, z) > 0.05
        ? [y, z]
        : [positions[i + 1]! - SKULL_MIDDLE[1], positions[i + 2]! - SKULL_MIDDLE[2]];
    const l = Math.hypot(...out);
    normals.set([0, out[0]! / l, out[1]! / l], i);
  }
  return normals;
}

/** Tone of a strand: darker at its root, lighter where hair shines, each strand a little different. */
function toneOf(hair: Rgb, noise: number, t: number): Rgb {
  const shine = Math.exp(-(((t - 0.38) / 0.16) ** 2));
  const by = (0.8 + 0.26 * noise) * (0.75 + 0.25 * smoothstep(0, 0.2, t)) + 0.4 * shine * (0.7 + 0.5 * noise);
  return [hair[0] * by, hair[1] * by, hair[2] * by];
}

/** One sheet of hair on either side of the head. `weigh` tells what a place in head coordinates hangs on. */
export function sheetPiece(
  lengths: Lengths,
  laid: Laid,
  tones: { hair: Rgb; skin: Rgb },
  size: SheetSize,
  weigh: (p: Vec3) => Weights,
): Piece {
  const positions = sheetPlaces(laid, size);
  const bind = positions.slice();
  for (let i = 0; i < bind.length; i += 3)
    bind.set(headToBind(lengths, [bind[i]!, bind[i + 1]!, bind[i + 2]!]), i);
  const triangles = sheetTriangles(positions, size);
  const normals = evenAtMiddle(positions, normalsOf(bind, triangles));
  const noise = strandNoise(size.strands, 9, 0);
  const count = size.strands * size.along;
  const { skinSeenTo } = FLOWS[laid.shape as SheetShape];
  return {
    mesh: { positions, normals, triangles },
    field: () => 1,
    place: (p) => headToBind(lengths, p),
    turn: same,
    unitM: lengths.headHeightM,
    sides: ['left', 'right'],
    openness: Float32Array.from({ length: count * 2 }, (_, v) => (v < count ? 1 : 0.4)),
    paint: (_, __, v) => {
      const t = wayAlong(v % size.along, size.along);
      const tone = toneOf(tones.hair, noise[Math.floor((v % count) / size.along)]!, t);
      return { part: 'hair', colour: mix(tone, tones.skin, t < skinSeenTo ? 0.4 * (1 - t / skinSeenTo) : 0) };
    },
    weigh,
  };
}
