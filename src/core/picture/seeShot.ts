import { partIndex, type Body } from '../body';
import { viewOf, type View } from '../camera';
import type { Figure } from '../figure';
import type { Lighting } from '../light';
import type { Ground } from '../scene';
import { once, type Vec3 } from '../units';
import { intoHead, lightOnFace, readFace, throatShaded, type FaceReading } from './face';
import { besideMap, lettingThrough } from './shade/beside';
import type { Picture } from './raster/picture';
import { takePicture } from './raster/takePicture';
import { jawOfNeutral, jawStepMm } from './readings/jaw';
import { readPicture, type Readings } from './readings/readings';
import { measuringSize } from './measuringSize';
import { standingOn, type SoloShot } from '../shot';
import {
  assertCameraClear,
  lightingFor,
  meteredAt,
  othersOf,
  putOnSet,
  sphereRound,
  type Other,
} from './company';
import {
  bodyWithoutHead,
  chartFor,
  figureFor,
  neutralJawMm,
  skinnedBody,
  skinTo,
  supportsFor,
  throatFor,
  type StandIn,
} from './standIn';

/** A shot with everything that follows from it. */
export interface Sight {
  shot: SoloShot;
  body: Body;
  figure: Figure;
  view: View;
  picture: Picture;
  /** The others of the picture. */
  others: readonly Other[];
  /** Where the key is aimed and metered, metres: the face, among others the middle of all faces. */
  meteredAt: Vec3;
  /** The room round the sitter, where it is known. */
  ground: Ground | undefined;
  readings: Readings;
  /** All that lights the set, against the key where it is metered. */
  lighting(): Lighting;
  /** What the light does to the face; read when it is first asked for. */
  face(): FaceReading;
  /** Share of the throat that chin and jaw keep from the key, 0 to 1; null where it is not turned to the key. */
  throatShade(): number | null;
}

/** What a recompute is asked for besides. */
export interface SeeOptions {
  /** Also the light of every pixel; needed to develop the picture. */
  lit?: boolean;
  scale?: number;
  /** The room round the sitter: its furniture is seen, and with light background and floor are lit too. */
  ground?: Ground | undefined;
  /** The ground's light at every other pixel only: a preview. */
  isGroundCoarse?: boolean;
}

/**
 * Recompute of a shot: the figure at once, its picture and readings, and the light on its face, when they are first
 * asked for. They belong to the stand-in's memory: ask before the next shot is seen.
 * @throws RangeError when the camera stands inside the sitter.
 */
export function seeShot(standIn: StandIn, shot: SoloShot, options: SeeOptions = {}): Sight {
  const view = viewOf(shot.camera);
  const { body } = standIn;
  const figure = figureFor(standIn, shot, view.eye);
  assertCameraClear(standIn, shot, figure);
  const others = othersOf(standIn, shot);
  const picture = once(() => pictureOf(standIn, shot, figure, view, options));
  const readings = once(() =>
    readPicture(picture(), body, figure, jawOf(standIn, shot, figure, view, options)),
  );
  return {
    shot,
    body,
    figure,
    view,
    others,
    meteredAt: meteredAt(standIn, shot, figure),
    ground: options.ground,
    get picture() {
      return picture();
    },
    get readings() {
      return readings();
    },
    lighting: once(() => lightingFor(standIn, shot, figure, options.ground)),
    face: once(() => faceOf(standIn, shot, figure, view, options.ground)),
    throatShade: once(() => throatShadeOf(standIn, shot, figure, options.ground)),
  };
}

/** The light on the face; what hangs on pose and light alone is kept while the lens moves. */
function faceOf(standIn: StandIn, shot: SoloShot, figure: Figure, view: View, ground?: Ground): FaceReading {
  const { body, litFace: kept } = standIn;
  const chart = chartFor(standIn);
  const lighting = lightingFor(standIn, shot, figure, ground);
  const supports = putOnSet(standIn, shot, figure, ground);
  const of = [skinnedBody(standIn, figure), supports, JSON.stringify(shot.light), ground?.backgroundM];
  const stands = kept?.of.every((o, i) => o === of[i]);
  const lit = stands
    ? kept!.lit
    : lightOnFace(chart, body, figure, lighting, shadingOf(standIn, shot, figure, lighting, ground));
  standIn.litFace = { of, lit };
  return readFace(chart, body, figure, view, lighting, lit);
}

/** The shadow of chin and jaw on the throat, by the key alone. */
function throatShadeOf(standIn: StandIn, shot: SoloShot, figure: Figure, ground?: Ground): number | null {
  putOnSet(standIn, shot, figure, ground);
  const [key] = lightingFor(standIn, shot, figure, ground).sources;
  return throatShaded(throatFor(standIn), standIn.skinned, intoHead(figure), key!.centre);
}

function pictureOf(
  standIn: StandIn,
  shot: SoloShot,
  figure: Figure,
  view: View,
  { lit, ground, isGroundCoarse = false, scale }: SeeOptions,
): Picture {
  const supports = putOnSet(standIn, shot, figure, ground);
  const lighting = () => lightingFor(standIn, shot, figure, ground);
  const { surface, skinned, memory } = standIn;
  const castBy = skinnedBody(standIn, figure);
  const light = lit
    ? { lighting: lighting(), ...sphereRound(standIn, shot, figure), castBy, ground, isGroundCoarse }
    : undefined;
  return takePicture(surface, skinned, view, measuringSize(shot, scale), memory, light, supports);
}

/** The measuring picture of a sitter as posed among others, with the others away. */
function pictureAlone(standIn: StandIn, { shot, figure, view, ground }: Sight, scale: number): Picture {
  const { surface, skinned, memory } = standIn;
  skinTo(standIn, shot, figure);
  const mesh = supportsFor(standIn, standingOn(shot, ground));
  const beside = mesh && { ...mesh, standing: mesh.triangles.length / 3 };
  return takePicture(surface, skinned, view, measuringSize(shot, scale), memory, undefined, beside);
}

const FACE = (['face', 'left:eye', 'right:eye'] as const).map(partIndex);

function facePixels({ sums }: Picture): number {
  return FACE.reduce((sum, part) => sum + sums[part]!.pixels, 0);
}

/** Faces of a group are small: they are looked at in so much finer a picture. */
const SEEN_SCALE = 3;

/**
 * How much of a sitter's face is seen with the others there against the same with the others away, 0 to 1; null where
 * it is not in the picture at all.
 * @throws RangeError when the camera stands inside somebody.
 */
export function faceSeenShare(standIn: StandIn, shot: SoloShot): number | null {
  const sight = seeShot(standIn, shot, { scale: SEEN_SCALE });
  const among = facePixels(sight.picture);
  const alone = facePixels(pictureAlone(standIn, sight, SEEN_SCALE));
  return alone > 0 ? Math.min(1, among / alone) : null;
}

/** How clear the jaw is of the neck against the sitter at ease; null where it cannot be judged. */
function jawOf(
  standIn: StandIn,
  shot: SoloShot,
  figure: Figure,
  view: View,
  { ground }: SeeOptions,
): number | null {
  putOnSet(standIn, shot, figure, ground);
  const stepMm = jawStepMm(standIn.face, standIn.skinned, view, figure.points);
  return jawOfNeutral(figure, view.eye, stepMm, neutralJawMm(standIn));
}

/** Share of every source that what is not the head lets through to the places of the face. */
export function shadingOf(
  standIn: StandIn,
  shot: SoloShot,
  figure: Figure,
  lighting: Lighting,
  ground?: Ground,
): (Float32Array | undefined)[] {
  const beside = () => ({
    chart: chartFor(standIn),
    skinned: standIn.skinned,
    supports: putOnSet(standIn, shot, figure, ground),
    withoutHead: bodyWithoutHead(standIn),
    map: (standIn.besideMap ??= besideMap()),
  });
  const others = othersOf(standIn, shot).map((other) => other.figure);
  return lettingThrough(beside, standIn.body, figure, lighting, standingOn(shot, ground), others);
}
