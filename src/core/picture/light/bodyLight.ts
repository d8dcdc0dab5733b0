import { partIndex, PARTS, type PartName } from '../../body';
import { viewOf } from '../../camera';
import { irradianceFrom, type Lighting } from '../../light';
import type { Ground } from '../../scene';
import { dot, SIDES, type Side, type Vec3 } from '../../units';
import { exposeLinear } from '../raster/develop';
import { flaresOf, type Flare } from './flare';
import { groundAt, normalAt, pointAt, type Picture } from '../raster/picture';
import { takePicture } from '../raster/takePicture';
import { MERGES_STOPS } from './merging';
import { underJawShare } from './underJaw';
import { luminance } from '../raster/stopsMap';
import { assertLampsClear, lightingFor, putOnSet, sphereRound } from '../company';
import { figureFor, skinnedBody, type StandIn } from '../standIn';
import { measuringSize } from '../measuringSize';
import type { SoloShot } from '../../shot';

/** What the light does to the body, to its outline and to what lies behind it, as the lens sees it. */
export interface BodyLight {
  /** Share of the neck that is turned to the key and that jaw and head keep it from; null where hardly any is seen. */
  underJawShare: number | null;
  /** Brightest part of each hand against that of the face, stops; only of hands that are seen. */
  handsStops: Partial<Record<Side, number>>;
  outline: Outline;
  /** The sitter's shadow from the key on the background; null where none is in the picture. */
  shadow: BackgroundShadow | null;
  flares: Flare[];
}

/** How the sitter stands out from the background. */
export interface Outline {
  /** Share of it that lies within half a stop of what is behind it. */
  mergesShare: number;
  /** The part that merges along the longest stretch; null where none does. */
  mergesAt: PartName | null;
  /** Share of it that is drawn by light from behind. */
  rimShare: number;
}

export interface BackgroundShadow {
  /** Share of the picture. */
  share: number;
  /** How much darker it is than the background would be, stops. */
  deeperStops: number;
  /** Where its middle lies, as the camera sees it. */
  where: 'camera left' | 'camera right' | 'behind the sitter';
}

/** Parts with fewer pixels than this are not judged. */
const LEAST_HAND_PX = 12;
const LEAST_SHADOW_PX = 40;
/** Light of a place is drawn from behind when more than this share of it comes from there. */
const RIM_SHARE = 0.5;
/** A lamp shines from behind when its aim is turned to the lens by more than this, sine: a seventh of a right angle. */
const FROM_BEHIND = 0.22;

/** A hand this much brighter than the face draws the eye, stops (common practice). */
export const HOT_HAND_STOPS = 0.3;

const stops = (a: number, b: number) => Math.log2(Math.max(1e-5, a) / Math.max(1e-5, b));

function quantile(values: number[], share: number): number {
  values.sort((a, b) => a - b);
  return values[Math.min(values.length - 1, Math.floor(share * values.length))] ?? 0;
}

/**
 * Reads the light on the body in a picture of the shot and in a close one of the neck.
 * @throws RangeError when a lamp stands inside the sitter.
 */
export function seeBodyLight(standIn: StandIn, shot: SoloShot, ground: Ground): BodyLight {
  const { surface, skinned } = standIn;
  const view = viewOf(shot.camera);
  const figure = figureFor(standIn, shot, view.eye);
  assertLampsClear(standIn, shot, figure);
  const supports = putOnSet(standIn, shot, figure, ground);
  const lighting = lightingFor(standIn, shot, figure, ground);
  const castBy = skinnedBody(standIn, figure);
  const light = { lighting, ...sphereRound(standIn, shot, figure), castBy, ground };
  const picture = takePicture(surface, skinned, view, measuringSize(shot), standIn.memory, light, supports);
  const linear = exposeLinear(picture, surface, skinned);
  const tone = Float32Array.from(picture.label, (_, i) => luminance(linear, i * 3));
  return {
    underJawShare: underJawShare(standIn, figure, view, lighting, supports),
    handsStops: handsAgainstFace(picture, tone),
    outline: outlineOf(standIn, picture, lighting, tone),
    shadow: shadowOnBackground(picture, lighting, ground),
    flares: flaresOf(picture, lighting, ground).filter((f) => f.kind !== 'clear'),
  };
}

function handsAgainstFace({ label }: Picture, tone: Float32Array): BodyLight['handsStops'] {
  const brightest = (part: PartName): number | null => {
    const index = partIndex(part);
    const values: number[] = [];
    for (let i = 0; i < label.length; i++) if (label[i] === index) values.push(tone[i]!);
    return values.length < LEAST_HAND_PX ? null : quantile(values, 0.85);
  };
  const face = brightest('face');
  const out: BodyLight['handsStops'] = {};
  if (face === null) return out;
  for (const side of SIDES) {
    const hand = brightest(`${side}:hand`);
    if (hand !== null) out[side] = stops(hand, face);
  }
  return out;
}

/** Steps to the four neighbours of a pixel. */
const NEIGHBOURS = [
  [1, 0],
  [-1, 0],
  [0, 1],
  [0, -1],
] as const;

function outlineOf(standIn: StandIn, picture: Picture, lighting: Lighting, tone: Float32Array): Outline {
  const { width, height, label, view } = picture;
  const fromBehind = lighting.sources.filter((s) => s.castsShadow && dot(s.aim, view.forward) < -FROM_BEHIND);
  const merging = new Map<number, number>();
  const point: Vec3 = [0, 0, 0];
  const normal: Vec3 = [0, 0, 0];
  let length = 0;
  let merges = 0;
  let rim = 0;
  for (let row = 2; row < height - 2; row++)
    for (let col = 2; col < width - 2; col++) {
      const i = row * width + col;
      if (label[i] === 0) continue;
      for (const [dx, dy] of NEIGHBOURS) {
        const beyond = i + dx + dy * width;
        if (label[beyond] !== 0) continue;
        const within = i - dx - dy * width;
        if (label[within] === 0) continue;
        length++;
        // one pixel away from the edge on both sides, where neither tone is mixed
        const off = Math.abs(stops(tone[within]!, tone[beyond + dx + dy * width]!));
        if (off < MERGES_STOPS) {
          merges++;
          merging.set(label[i]!, (merging.get(label[i]!) ?? 0) + 1);
        }
        if (fromBehind.length === 0) continue;
        pointAt(picture, col, row, point);
        normalAt(picture, standIn.surface, standIn.skinned, i, point, normal);
        const behind = fromBehind.reduce((sum, s) => sum + irradianceFrom(s, point, normal), 0);
        const all = picture.light![i]!;
        // a place in shadow receives less than it would
        if (behind <= all * 1.05 && behind > RIM_SHARE * all) rim++;
      }
    }
  const [longest] = [...merging].sort((a, b) => b[1] - a[1]);
  return {
    mergesShare: length > 0 ? merges / length : 0,
    mergesAt: longest ? PARTS[longest[0]]! : null,
    rimShare: length > 0 ? rim / length : 0,
  };
}

function shadowOnBackground(picture: Picture, lighting: Lighting, ground: Ground): BackgroundShadow | null {
  const { width, height, raster, keyOpen } = picture;
  const key = lighting.sources[0]!;
  const point: Vec3 = [0, 0, 0];
  const normal: Vec3 = [0, 0, 0];
  let count = 0;
  let columns = 0;
  let lit = 0;
  let unlit = 0;
  for (let row = 0, i = 0; row < height; row++)
    for (let col = 0; col < width; col++, i++) {
      if (raster.triangle[i]! >= 0 || keyOpen![i]! < 0 || keyOpen![i]! > 0.5) continue;
      const part = groundAt(picture, col, row, ground, point, normal);
      if (part !== 'background' && part !== 'wall') continue;
      count++;
      columns += (col + 0.5) / width;
      unlit += picture.light![i]!;
      lit += picture.light![i]! + irradianceFrom(key, point, normal) * (1 - keyOpen![i]!);
    }
  if (count < LEAST_SHADOW_PX) return null;
  const middle = columns / count;
  return {
    share: count / (width * height),
    deeperStops: stops(lit, unlit),
    where: middle < 0.4 ? 'camera left' : middle > 0.6 ? 'camera right' : 'behind the sitter',
  };
}
