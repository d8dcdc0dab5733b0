import { z } from 'zod';
import type { Body, BodySurface } from '../body';
import { cameraSchema, viewOf, type View } from '../camera';
import {
  createSkinned,
  figureOf,
  pressFlesh,
  skinSurface,
  type Figure,
  type SkinnedSurface,
} from '../figure';
import { lightingOf, lightSchema, type Lighting } from '../light';
import { faceShares, poseSchema } from '../pose';
import { supportMesh, type Ground, type Support, type SupportMesh } from '../scene';
import { exposureSchema } from '../set';
import { apart, type Vec3 } from '../units';
import { besideMap, lettingThrough } from './beside';
import { assertClear } from './clearance';
import type { KeptShadows } from './closeShadows';
import { faceChartOf, isOfHead, readFace, type FaceChart, type FaceReading, type HeadVertices } from './face';
import { createFaceMemory, jawStepMm, type FaceMemory } from './jaw';
import { createPictureMemory, takePicture, type Picture, type PictureMemory } from './picture';
import type { Raster } from './raster';
import { readPicture, type Readings } from './readings';

/** A pose as it is photographed: what a person said about pose, camera and light. */
export const shotSchema = z.strictObject({
  pose: poseSchema,
  camera: cameraSchema,
  light: lightSchema,
  exposure: exposureSchema.optional(),
});
export type Shot = z.infer<typeof shotSchema>;

/** One sitter's body and surface with the memory that taking pictures of it needs. */
export interface Studio {
  body: Body;
  surface: BodySurface;
  skinned: SkinnedSurface;
  memory: PictureMemory;
  face: FaceMemory;
  /** Rasters of the close picture. */
  close: PictureMemory;
  /** Shadows round the face from each lamp, as they were cast last. */
  closeShadows: (KeptShadows | undefined)[];
  /** Rasters of the picture of the neck. */
  neck: PictureMemory;
  /** Places of the face that light is read on; made when light is first asked for. */
  chart: FaceChart | undefined;
  /** Vertices of the head, and the triangles of the rest; made with the first close picture. */
  head: HeadVertices | undefined;
  bodyTriangles: Uint32Array | undefined;
  /** Raster of what may shade the face besides the head. */
  besideMap: Raster | undefined;
  /** The figure that `skinned` holds. */
  skinnedTo: Figure | undefined;
  /** The last figure, kept because a moved camera does not move the sitter. */
  last: { pose: string; lens: string; figure: Figure } | undefined;
  /** The mesh of the last supports. */
  set: { key: string; mesh: SupportMesh } | undefined;
}

/**
 * Prepares the studio for one sitter.
 * @param like a studio of the same body on another surface, whose shadows of the head on itself are taken over.
 */
export function createStudio(body: Body, surface: BodySurface, like?: Studio): Studio {
  return {
    body,
    surface,
    skinned: createSkinned(surface),
    memory: createPictureMemory(),
    face: createFaceMemory(surface),
    close: createPictureMemory(),
    closeShadows: [],
    neck: createPictureMemory(256),
    chart: like && chartFor(like),
    head: undefined,
    bodyTriangles: undefined,
    besideMap: undefined,
    skinnedTo: undefined,
    last: undefined,
    set: undefined,
  };
}

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

/** Size of the measuring picture, pixels on its short and long side. */
export const MEASURING_SIZE = { short: 160, long: 240 } as const;

/** Picture size for a frame's orientation. */
export function measuringSize(shot: Shot, scale = 1): { width: number; height: number } {
  const { short, long } = MEASURING_SIZE;
  return shot.camera.orientation === 'upright'
    ? { width: short * scale, height: long * scale }
    : { width: long * scale, height: short * scale };
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
export function seeShot(studio: Studio, shot: Shot, options: SeeOptions = {}): Sight {
  const view = viewOf(shot.camera);
  const { body, surface, skinned } = studio;
  const figure = figureFor(studio, shot, view.eye);
  assertClear(shot.camera, body, figure);
  const supports = putOnSet(studio, shot, figure, options.ground);
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
    studio.memory,
    light,
    supports,
  );
  const jaw = jawStepMm(studio.face, skinned, view, figure.points, studio.memory.scratch);
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
      const through = shadingOf(studio, shot, figure, lighting, options.ground);
      return (face = readFace(chartFor(studio), body, figure, view, lighting, through));
    },
  };
}

/** The places of the face that light is read on. */
export function chartFor(studio: Studio): FaceChart {
  studio.chart ??= faceChartOf(studio.body, studio.surface);
  return studio.chart;
}

/** Share of every source that what is not the head lets through to the places of the face. */
export function shadingOf(
  studio: Studio,
  shot: Shot,
  figure: Figure,
  lighting: Lighting,
  ground?: Ground,
): (Float32Array | undefined)[] {
  const beside = () => ({
    chart: chartFor(studio),
    skinned: studio.skinned,
    supports: putOnSet(studio, shot, figure, ground),
    withoutHead: bodyWithoutHead(studio),
    scratch: studio.close.scratch,
    map: (studio.besideMap ??= besideMap()),
  });
  return lettingThrough(beside, studio.body, figure, lighting, standingOn(shot, ground));
}

/** Triangles of everything but the head. */
export function bodyWithoutHead(studio: Studio): Uint32Array {
  const { triangles, triangleLabels } = studio.surface;
  if (studio.bodyTriangles) return studio.bodyTriangles;
  const out: number[] = [];
  triangleLabels.forEach((label, t) => {
    if (!isOfHead(label)) out.push(triangles[t * 3]!, triangles[t * 3 + 1]!, triangles[t * 3 + 2]!);
  });
  return (studio.bodyTriangles = Uint32Array.from(out));
}

/** What stands on the set: what carries the sitter, and on a known ground the room's furniture. */
function standingOn(shot: Shot, ground: Ground | undefined): Support[] {
  return [...(shot.pose.objects ?? []), ...(ground?.furniture ?? [])];
}

/** Skins the surface to a figure and gives what stands beside it, on a known ground the room's furniture too. */
export function putOnSet(
  studio: Studio,
  shot: Shot,
  figure: Figure,
  ground?: Ground,
): SupportMesh | undefined {
  const { surface, skinned } = studio;
  const objects = shot.pose.objects ?? [];
  if (studio.skinnedTo !== figure) {
    skinSurface(surface, figure.transforms, skinned, faceShares(shot.pose));
    pressFlesh(surface, skinned, objects, figure.rods);
    studio.skinnedTo = figure;
  }
  const all = standingOn(shot, ground);
  return all.length > 0 ? supportsFor(studio, all) : undefined;
}

function supportsFor(studio: Studio, objects: readonly Support[]): SupportMesh {
  const key = JSON.stringify(objects);
  if (studio.set?.key !== key) studio.set = { key, mesh: supportMesh(objects) };
  return studio.set.mesh;
}

/** The figure of a shot; the last one is kept. */
export function figureFor(studio: Studio, shot: Shot, lens: Vec3): Figure {
  const pose = JSON.stringify(shot.pose);
  const at = lens.join(' ');
  if (studio.last?.pose === pose && studio.last.lens === at) return studio.last.figure;
  const figure = figureOf(studio.body, shot.pose, { lens });
  studio.last = { pose, lens: at, figure };
  return figure;
}
