import type { Body } from '../body';
import { viewOf, type View } from '../camera';
import type { Figure } from '../figure';
import { lightingOf, type Lighting } from '../light';
import type { Ground } from '../scene';
import { apart, type Vec3 } from '../units';
import { assertClear } from './clearOfSitter';
import { readFace, type FaceReading } from './face';
import { besideMap, lettingThrough } from './shade/beside';
import type { Picture } from './raster/picture';
import { takePicture } from './raster/takePicture';
import { jawOfNeutral, jawStepMm } from './readings/jaw';
import { readPicture, type Readings } from './readings/readings';
import { measuringSize, type Shot } from './shot';
import {
  bodyWithoutHead,
  chartFor,
  figureFor,
  neutralJawMm,
  putOnSet,
  standingOn,
  type StandIn,
} from './standIn';

/** A shot with everything that follows from it. */
export interface Sight {
  shot: Shot;
  body: Body;
  figure: Figure;
  view: View;
  picture: Picture;
  /** The room round the sitter, where it is known. */
  ground: Ground | undefined;
  readings: Readings;
  /** What the light does to the face; read when it is first asked for. */
  face(): FaceReading;
}

/** Middle of the figure and the radius of a sphere that holds it. */
export function sphereOf(figure: Figure): { middle: Vec3; radiusM: number } {
  const { crown, toes, hips, wrists, knees } = figure.points;
  const ends = [crown, toes.left, toes.right, hips.left, wrists.left, wrists.right, knees.left, knees.right];
  const middle = [0, 1, 2].map((c) => {
    const values = ends.map((p) => p[c]!);
    return (Math.min(...values) + Math.max(...values)) / 2;
  }) as Vec3;
  return { middle, radiusM: Math.max(...ends.map((p) => apart(p, middle))) + 0.2 };
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
 * Full recompute of a shot: figure, measuring picture, readings.
 * @throws RangeError when the camera stands inside the sitter.
 */
export function seeShot(standIn: StandIn, shot: Shot, options: SeeOptions = {}): Sight {
  const view = viewOf(shot.camera);
  const { body, surface, skinned } = standIn;
  const figure = figureFor(standIn, shot, view.eye);
  assertClear(shot.camera, body, figure);
  const supports = putOnSet(standIn, shot, figure, options.ground);
  const light = options.lit
    ? {
        lighting: lightingOf(shot.light, figure.points.nose, options.ground?.backgroundM),
        ...sphereOf(figure),
        ground: options.ground,
        isGroundCoarse: options.isGroundCoarse ?? false,
      }
    : undefined;
  const picture = takePicture(
    surface,
    skinned,
    view,
    measuringSize(shot, options.scale),
    standIn.memory,
    light,
    supports,
  );
  const step = jawStepMm(standIn.face, skinned, view, figure.points);
  const jaw = jawOfNeutral(figure, view.eye, step, neutralJawMm(standIn));
  let face: FaceReading | undefined;
  return {
    shot,
    body,
    figure,
    view,
    picture,
    ground: options.ground,
    readings: readPicture(picture, body, figure, jaw),
    face() {
      if (face) return face;
      const lighting = lightingOf(shot.light, figure.points.nose, options.ground?.backgroundM);
      const through = shadingOf(standIn, shot, figure, lighting, options.ground);
      return (face = readFace(chartFor(standIn), body, figure, view, lighting, through));
    },
  };
}

/** Share of every source that what is not the head lets through to the places of the face. */
export function shadingOf(
  standIn: StandIn,
  shot: Shot,
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
  return lettingThrough(beside, standIn.body, figure, lighting, standingOn(shot, ground));
}
