import { viewOf, viewTowards } from '../../camera';
import type { Figure } from '../../figure';
import { irradianceFrom, lightingOf, type Lighting } from '../../light';
import type { Ground } from '../../scene';
import { apart, type Vec3 } from '../../units';
import { CLOSE_RADIUS_M, closeShadows } from '../shade/closeShadows';
import {
  facePattern,
  headVerticesOf,
  intoHead,
  isLitByVertex,
  lightFace,
  readLight,
  sourcesInHead,
  throughHead,
} from '../face';
import type { LightReading, PatternReading } from '../face';
import { barycentric, pointAt, type Picture } from '../raster/picture';
import { takePicture } from '../raster/takePicture';
import { shareReaching, type ShadowMap } from '../raster/shadow';
import { assertLampsClear, lightingFor, meteredAt, putOnSet } from '../company';
import { bodyWithoutHead, chartFor, figureFor, skinnedBody, type StandIn } from '../standIn';
import { shadingOf } from '../seeShot';
import type { SoloShot } from '../../shot';

/**
 * Reads the light of a shot on the sitter's face.
 * @throws RangeError when a lamp stands inside the sitter.
 */
export function seeLight(standIn: StandIn, shot: SoloShot, ground: Ground): LightReading {
  const view = viewOf(shot.camera);
  const figure = figureFor(standIn, shot, view.eye);
  assertLampsClear(standIn, shot, figure);
  const lighting = lightingFor(standIn, shot, figure, ground);
  return readLight(
    chartFor(standIn),
    standIn.body,
    figure,
    view,
    lighting,
    ground.backgroundM,
    shadingOf(standIn, shot, figure, lighting, ground),
  );
}

/** Names what one light after another would draw on the face of a shot; the light alone changes. */
export function patternsOf(
  standIn: StandIn,
  shot: SoloShot,
  lights: readonly SoloShot['light'][],
): PatternReading[] {
  const figure = figureFor(standIn, shot, viewOf(shot.camera).eye);
  const head = intoHead(figure);
  const chart = chartFor(standIn);
  const aimedAt = meteredAt(standIn, shot, figure);
  return lights.map((light) =>
    facePattern(chart, lightFace(chart, standIn.body, head, lightingOf(light, aimedAt))),
  );
}

/** Side of the square round the face that the close picture takes in, metres. */
const CLOSE_M = 0.36;

/**
 * The face from where the lens stands, closely cropped, with the light of the shot. The head's shadows on itself are
 * worked out vertex by vertex; what else shades it comes from shadow maps.
 */
export function seeFace(standIn: StandIn, shot: SoloShot, ground: Ground, sizePx: number): Picture {
  const { surface, skinned } = standIn;
  const lens = viewOf(shot.camera).eye;
  const figure = figureFor(standIn, shot, lens);
  assertLampsClear(standIn, shot, figure);
  const supports = putOnSet(standIn, shot, figure, ground);
  const { points } = figure;
  const middle = [0, 1, 2].map((c) => (points.crown[c]! + 2 * points.chin[c]! + points.nose[c]!) / 4) as Vec3;
  const view = viewTowards(lens, middle, CLOSE_M / 2 / apart(lens, middle));
  const lighting = lightingFor(standIn, shot, figure, ground);
  const caster = {
    castBy: skinnedBody(standIn, figure),
    positions: skinned.positions,
    withoutHead: bodyWithoutHead(standIn),
    head: standIn.face.head.trianglesOfSurface,
    supports,
  };
  const shadows = lighting.sources.map((source, k) => {
    if (!source.castsShadow) return null;
    return (standIn.closeShadows[k] = closeShadows(caster, source, middle, standIn.closeShadows[k]));
  });
  const picture = takePicture(
    surface,
    skinned,
    view,
    { width: sizePx, height: sizePx },
    standIn.close,
    {
      lighting,
      middle,
      radiusM: CLOSE_RADIUS_M,
      ground,
      maps: shadows.map((s) => s?.all ?? null),
      isLitElsewhere: isLitByVertex,
    },
    supports,
  );
  lightHeadIn(
    picture,
    standIn,
    figure,
    lighting,
    shadows.map((s) => s?.withoutHead ?? null),
  );
  return picture;
}

/**
 * Gives the pixels of the head the light of its vertices.
 * @param maps shadows of every source by what is not the head.
 */
function lightHeadIn(
  picture: Picture,
  standIn: StandIn,
  figure: Figure,
  lighting: Lighting,
  maps: readonly (ShadowMap | null)[],
): void {
  const { surface, skinned } = standIn;
  standIn.head ??= headVerticesOf(surface, chartFor(standIn));
  const vertices = standIn.head;
  const through = sourcesInHead(intoHead(figure), lighting).map((source) => throughHead(vertices, source));
  const level = new Float32Array(surface.labels.length).fill(-1);
  const levelAt = (v: number): number => {
    if (level[v]! >= 0) return level[v]!;
    const p = skinned.positions.subarray(v * 3, v * 3 + 3);
    const n = skinned.normals.subarray(v * 3, v * 3 + 3);
    const place = vertices.placeOf[v]!;
    let sum = lighting.ambient;
    lighting.sources.forEach((source, k) => {
      const direct = irradianceFrom(source, p, n);
      if (direct === 0) return;
      const map = maps[k];
      const open = map ? shareReaching(map, p[0]!, p[1]!, p[2]!, n) : 1;
      // the head's own shadow comes from what blocks its vertices, the map holds the rest
      if (open > 0) sum += direct * open * through[k]![place]!;
    });
    return (level[v] = Math.max(0, sum));
  };
  const own = surface.triangles.length / 3;
  const point: Vec3 = [0, 0, 0];
  for (let row = 0, i = 0; row < picture.height; row++)
    for (let col = 0; col < picture.width; col++, i++) {
      const t = picture.raster.triangle[i]!;
      if (t < 0 || t >= own || !isLitByVertex(picture.label[i]!)) continue;
      const w = barycentric(surface, skinned, t, pointAt(picture, col, row, point));
      let sum = 0;
      for (let k = 0; k < 3; k++) sum += w[k]! * levelAt(surface.triangles[t * 3 + k]!);
      picture.light![i] = sum;
    }
}
