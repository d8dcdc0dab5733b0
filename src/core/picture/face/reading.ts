import { eyeCentre, type Body } from '../../body';
import type { View } from '../../camera';
import type { Figure } from '../../figure';
import { backgroundStops, lightFacingKey, type Lighting } from '../../light';
import { apart, midpoint, type Vec3 } from '../../units';
import type { FaceChart } from './chart';
import { intoHead, lightFace, turnedLighting, type FaceLight } from './light';
import { facePattern, type FacePattern, type PatternReading } from './pattern';
import { reflectionsOf, type Reflections } from './reflections';

/** What the light does to a face. */
export interface FaceReading {
  pattern: PatternReading;
  /** Direction to the lamp that draws the face, to the sitter's left and up as the head is turned. */
  azimuthDeg: number;
  elevationDeg: number;
  /** The bright part of the face against its dark part, stops. */
  ratioStops: number;
  /** How far the eye sockets lie under the brightest tenth of the face, stops. */
  socketsStops: Record<'left' | 'right', number>;
  /** Share of the light of the lamp that draws the face that arms, hands and others keep off it, 0 to 1. */
  keptOffShare: number;
  /** Light on the half of the face that the lens sees wide against the narrow one, stops; null where it sees both alike. */
  wideOverNarrowStops: number | null;
  reflections: Reflections;
}

/** What the light does to a face and along the body. */
export interface LightReading extends FaceReading {
  keyToFaceM: number;
  /** Names that the pattern takes when the key moves by `MARGIN_DEG` to either side, up or down. */
  near: FacePattern[];
  /** Which half of the face, as the lens sees it, is lit: the wide one, the narrow one, or neither. */
  facing: 'broad' | 'short' | 'square';
  /** Light on patches that face the key, against the face, stops: on chest, hips and feet, without shadows. */
  falloffStops: Record<'chest' | 'hips' | 'feet', number>;
  /** Light on the background behind the face against the face, stops; without the sitter's shadow. */
  backgroundStops: number;
}

/** From here on eye sockets are called dark, stops under the bright part of the face (common practice). */
export const DARK_SOCKET_STOPS = 1.45;

/** So far the key is moved to see how firmly the pattern holds. */
export const MARGIN_DEG = 5;

/** Halves of the face are alike in the picture below this; their light is called alike within the other. */
const SQUARE_WIDTHS = 1.25;
const SQUARE_LIGHT_STOPS = Math.log2(1.25);

const stops = (a: number, b: number) => Math.log2(Math.max(1e-4, a) / Math.max(1e-4, b));

/** Light of the key on the half of the face that the lens sees wide against the other, stops; null where both are alike. */
function wideOverNarrow(chart: FaceChart, light: FaceLight, lens: Vec3): number | null {
  const width = { left: 0, right: 0 };
  const lit = { left: 0, right: 0 };
  const count = { left: 0, right: 0 };
  const { position, normal } = chart;
  for (let i = 0, o = 0; i < chart.texel.length; i++, o += 3) {
    const half = chart.x[i]! > 0 ? 'left' : 'right';
    const x = lens[0] - position[o]!;
    const y = lens[1] - position[o + 1]!;
    const z = lens[2] - position[o + 2]!;
    const facing = normal[o]! * x + normal[o + 1]! * y + normal[o + 2]! * z;
    // a texel stands for the same area seen from ahead
    const seen = facing > 0 ? facing / Math.sqrt(x * x + y * y + z * z) : 0;
    width[half] += seen / Math.max(0.15, normal[o + 2]!);
    lit[half] += light.key[i]!;
    count[half]++;
  }
  const wide = width.left > width.right ? 'left' : 'right';
  const narrow = wide === 'left' ? 'right' : 'left';
  if (width[wide] < SQUARE_WIDTHS * width[narrow]) return null;
  return stops(lit[wide] / count[wide], lit[narrow] / count[narrow]);
}

/** Whether the key lights the wide half of the face, or the narrow one. */
function broadOrShort(wideOverNarrowStops: number | null): LightReading['facing'] {
  if (wideOverNarrowStops === null || Math.abs(wideOverNarrowStops) <= SQUARE_LIGHT_STOPS) return 'square';
  return wideOverNarrowStops > 0 ? 'broad' : 'short';
}

/** Share of each source that what is not the head lets through to every place of the chart. */
type Through = readonly (Float32Array | undefined)[];

/** What the light does to a face wherever it is seen from, and the light on every place of the chart. */
export type LitFace = Omit<FaceReading, 'reflections' | 'wideOverNarrowStops'> & { light: FaceLight };

/** The socket about the middle of an eye, head heights. */
const SOCKET = { half: 0.075, below: 0.032, above: 0.053 };

/** How far the eye socket of one side lies under the brightest tenth of the face, stops; the eye in head coordinates. */
function socketStops(chart: FaceChart, total: Float32Array, bright: number, [eyeX, eyeY]: Vec3): number {
  const skin: number[] = [];
  for (let i = 0; i < chart.texel.length; i++) {
    const isAround =
      Math.abs(chart.x[i]! - eyeX) < SOCKET.half &&
      chart.y[i]! > eyeY - SOCKET.below &&
      chart.y[i]! < eyeY + SOCKET.above;
    if (isAround) skin.push(total[i]!);
  }
  skin.sort((a, b) => a - b);
  return stops(bright, skin[skin.length >> 1] ?? 0);
}

/** Reads the light on the face of a figure, wherever it is seen from. */
export function lightOnFace(
  chart: FaceChart,
  body: Body,
  figure: Figure,
  lighting: Lighting,
  through: Through,
): LitFace {
  const light = lightFace(chart, body, intoHead(figure), lighting, through);
  const sorted = Float32Array.from(light.total).sort();
  const quantile = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
  const bright = quantile(0.9);
  return {
    light,
    pattern: facePattern(chart, light),
    azimuthDeg: light.azimuthDeg,
    elevationDeg: light.elevationDeg,
    ratioStops: stops(quantile(0.85), quantile(0.08)),
    socketsStops: {
      left: socketStops(chart, light.total, bright, eyeCentre(body.lengths, 'left')),
      right: socketStops(chart, light.total, bright, eyeCentre(body.lengths, 'right')),
    },
    keptOffShare: light.keptOffShare,
  };
}

/** Reads the light on the face of a figure as a lens sees it. */
export function readFace(
  chart: FaceChart,
  body: Body,
  figure: Figure,
  view: View,
  lighting: Lighting,
  lit: LitFace,
): FaceReading {
  const { light, ...reading } = lit;
  const head = intoHead(figure);
  return {
    ...reading,
    wideOverNarrowStops: wideOverNarrow(chart, light, head.point(view.eye)),
    reflections: reflectionsOf(chart, body, figure, head, view, lighting),
  };
}

/**
 * Reads the light on a figure: on its face, along its body and on the background.
 * @param backgroundM from the sitter's mark to the background, metres.
 */
export function readLight(
  chart: FaceChart,
  body: Body,
  figure: Figure,
  view: View,
  lighting: Lighting,
  backgroundM: number,
  through: Through,
): LightReading {
  const head = intoHead(figure);
  const lit = lightOnFace(chart, body, figure, lighting, through);
  const { light } = lit;
  const face = readFace(chart, body, figure, view, lighting, lit);
  const near = [
    [MARGIN_DEG, 0],
    [-MARGIN_DEG, 0],
    [0, MARGIN_DEG],
    [0, -MARGIN_DEG],
  ].map(
    ([aside, up]) =>
      facePattern(
        chart,
        lightFace(chart, body, head, turnedLighting(body, head, lighting, light, aside!, up!), through),
      ).name,
  );
  const { points } = figure;
  const key = lighting.sources[0]!;
  const atFace = lightFacingKey(lighting, points.nose);
  const against = (p: Vec3) => stops(lightFacingKey(lighting, p), atFace);
  return {
    ...face,
    keyToFaceM: apart(key.centre, points.nose),
    near: [...new Set(near)].filter((name) => name !== face.pattern.name),
    facing: broadOrShort(face.wideOverNarrowStops),
    falloffStops: {
      chest: against(midpoint(points.shoulders.left, points.shoulders.right)),
      hips: against(midpoint(points.hips.left, points.hips.right)),
      feet: against(midpoint(points.ankles.left, points.ankles.right)),
    },
    backgroundStops: backgroundStops(lighting, points.nose, backgroundM),
  };
}
