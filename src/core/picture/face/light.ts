import { jointIndex, headToBind, type Body } from '../../body';
import { TRANSFORM_STRIDE, type Figure } from '../../figure';
import { inOneRow, irradianceFrom, type Lighting, type LightSamples } from '../../light';
import { add, degrees, radians, subtract, unit, type Vec3 } from '../../units';
import type { FaceChart } from './chart';
import type { HeadPlaces } from './places';
import { reaching } from './reaching';

/** The light on every place of a face chart, against the key at the face. */
export interface FaceLight {
  /** From the lamp that draws the face, with its shadows. */
  key: Float32Array;
  /** Share of that lamp's light that the nose keeps off, 0 to 1. */
  noseHolds: Float32Array;
  /** From everything. */
  total: Float32Array;
  /** Share of that lamp's light that arms, hands and others keep off the face, 0 to 1. */
  keptOffShare: number;
  /** Direction to that lamp in the head: to the sitter's left and up, degrees; 0 is straight ahead. */
  azimuthDeg: number;
  elevationDeg: number;
  /** Light of that lamp on a patch of the face that turns to it. */
  facing: number;
  /** Its number among the sources of the set. */
  source: number;
}

/** Takes points and directions of the set into the bind pose's head, which the chart belongs to. */
export interface IntoHead {
  point(p: Vec3): Vec3;
  direction(d: Vec3): Vec3;
  /** The way back of a point. */
  outPoint(p: Vec3): Vec3;
}

export function intoHead(figure: Figure): IntoHead {
  const m = figure.transforms.subarray(
    jointIndex('head') * TRANSFORM_STRIDE,
    (jointIndex('head') + 1) * TRANSFORM_STRIDE,
  );
  const direction = (d: readonly number[]): Vec3 => [
    m[0]! * d[0]! + m[4]! * d[1]! + m[8]! * d[2]!,
    m[1]! * d[0]! + m[5]! * d[1]! + m[9]! * d[2]!,
    m[2]! * d[0]! + m[6]! * d[1]! + m[10]! * d[2]!,
  ];
  return {
    direction,
    point: (p) => direction([p[0] - m[3]!, p[1] - m[7]!, p[2] - m[11]!]),
    outPoint: (p) => [
      m[0]! * p[0] + m[1]! * p[1] + m[2]! * p[2] + m[3]!,
      m[4]! * p[0] + m[5]! * p[1] + m[6]! * p[2] + m[7]!,
      m[8]! * p[0] + m[9]! * p[1] + m[10]! * p[2] + m[11]!,
    ],
  };
}

/** The middle of the face between eyes and mouth, in the bind pose. */
export function faceMiddle(body: Body): Vec3 {
  return headToBind(body.lengths, [0, 0.42, 0.36]);
}

/** Direction from the face to a point of the set, degrees to the sitter's left and up, as the head is turned. */
export function directionFromFace(body: Body, figure: Figure, p: Vec3): { asideDeg: number; upDeg: number } {
  const d = unit(subtract(intoHead(figure).point(p), faceMiddle(body)));
  return { asideDeg: degrees(Math.atan2(d[0], d[2])), upDeg: degrees(Math.asin(d[1])) };
}

/** The point of the set in a direction from the face, as the head is turned. */
export function pointFromFace(
  body: Body,
  figure: Figure,
  asideDeg: number,
  upDeg: number,
  farM: number,
): Vec3 {
  const [a, u] = [radians(asideDeg), radians(upDeg)];
  const d: Vec3 = [Math.sin(a) * Math.cos(u), Math.sin(u), Math.cos(a) * Math.cos(u)];
  return intoHead(figure).outPoint(add(faceMiddle(body), d, farM));
}

/** Light of one source on every place: `lit` with shadows, `held` what the nose keeps off. */
function lightOf(places: HeadPlaces, source: LightSamples, lit: Float32Array, held?: Float32Array): void {
  const { free, byNose } = reaching(places, source);
  const scale = (source.intensity * 3) / source.xyz.length;
  for (let i = 0; i < lit.length; i++) {
    lit[i] = free[i]! * scale;
    const all = free[i]! + byNose[i]!;
    if (held) held[i] = all > 0 ? byNose[i]! / all : 0;
  }
}

export function sourcesInHead(head: IntoHead, { sources }: Lighting): LightSamples[] {
  return sources.map((s) => {
    const points = s.points.map((p) => head.point(p));
    return { ...s, centre: head.point(s.centre), aim: head.direction(s.aim), points, xyz: inOneRow(points) };
  });
}

function mean(values: Float32Array): number {
  let sum = 0;
  for (const v of values) sum += v;
  return sum / Math.max(1, values.length);
}

/**
 * Light on the face of a figure. The head shades itself by its own surface.
 * @param through share of each source that what is not the head lets through to every place; all where there is none.
 */
export function lightFace(
  chart: FaceChart,
  body: Body,
  head: IntoHead,
  lighting: Lighting,
  through: readonly (Float32Array | undefined)[] = [],
): FaceLight {
  const places = chart.texel.length;
  const total = new Float32Array(places).fill(lighting.ambient);
  const each = sourcesInHead(head, lighting).map((source, k) => {
    const lit = new Float32Array(places);
    const held = source.castsShadow ? new Float32Array(places) : undefined;
    lightOf(chart, source, lit, held);
    const open = through[k];
    const unheld = mean(lit);
    if (open) for (let i = 0; i < places; i++) lit[i]! *= open[i]!;
    for (let i = 0; i < places; i++) total[i]! += lit[i]!;
    return { source, lit, held, keptOffShare: unheld > 0 ? 1 - mean(lit) / unheld : 0 };
  });
  // the lamp that gives the face most draws it; between equals the key
  let drawing = 0;
  each.forEach((e, i) => {
    if (e.held && mean(e.lit) > mean(each[drawing]!.lit) * 1.05) drawing = i;
  });
  const { source, lit, held, keptOffShare } = each[drawing]!;
  const middle = faceMiddle(body);
  const d = unit(subtract(source.centre, middle));
  for (let i = 0; i < places; i++) total[i] = Math.max(0, total[i]!);
  return {
    key: lit,
    noseHolds: held!,
    total,
    keptOffShare,
    azimuthDeg: degrees(Math.atan2(d[0], d[2])),
    elevationDeg: degrees(Math.asin(d[1])),
    facing: irradianceFrom(source, middle, unit(subtract(source.centre, middle))),
    source: drawing,
  };
}

/**
 * The same lighting with the lamp that draws the face moved round it, by degrees to the sitter's left and up, so far
 * away as it was.
 */
export function turnedLighting(
  body: Body,
  head: IntoHead,
  lighting: Lighting,
  { source }: FaceLight,
  asideDeg: number,
  upDeg: number,
): Lighting {
  const m = faceMiddle(body);
  const moved = (v: Vec3): Vec3 => {
    const far = Math.hypot(v[0], v[2]);
    const az = Math.atan2(v[0], v[2]) + radians(asideDeg);
    const el = Math.atan2(v[1], far) + radians(upDeg);
    const r = Math.hypot(far, v[1]);
    return [Math.sin(az) * Math.cos(el) * r, Math.sin(el) * r, Math.cos(az) * Math.cos(el) * r];
  };
  const at = (p: Vec3) => head.outPoint(add(m, moved(subtract(head.point(p), m))));
  const sources = lighting.sources.map((s, i) =>
    i === source
      ? {
          ...s,
          centre: at(s.centre),
          points: s.points.map(at),
          xyz: inOneRow(s.points.map(at)),
          aim: unit(subtract(head.outPoint(m), at(s.centre))),
        }
      : s,
  );
  return { ...lighting, sources };
}
