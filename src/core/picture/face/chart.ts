import { bindToHead, headToBind, partIndex, type Body, type BodySurface } from '../../body';
import { viewTowards, type View } from '../../camera';
import { add, once, tripleAt, unit, type Vec3 } from '../../units';
import { createRaster, rasterise } from '../raster/raster';
import { headMeshOf, type HeadMesh } from './headMesh';
import { roundOf, type HeadPlaces } from './places';
import { rayTreeOf, type RayTree } from './rays';

/** Places of the face, a head height apart in 64 steps, seen from straight ahead in the bind pose. */
export const CHART = { perHead: 64, halfWidth: 0.36, bottom: -0.02, top: 0.86 } as const;
export const CHART_WIDTH = Math.round(CHART.perHead * CHART.halfWidth * 2);
export const CHART_HEIGHT = Math.round(CHART.perHead * (CHART.top - CHART.bottom));

/** Places spread evenly over the face, so that what is read on it does not hang on the camera. */
export interface FaceChart extends HeadPlaces {
  /** Texel of the chart of each place: `row * CHART_WIDTH + col`, row 0 on top. */
  texel: Int32Array;
  /** In head heights, chin 0, the sitter's left positive. */
  x: Float32Array;
  y: Float32Array;
  /** The head's triangles, to ask whether single rays are blocked. */
  rays(): RayTree;
}

/** Whether a place of the head is of the nose, head heights: in front of the cheeks, from its root to its base. */
function isNose([x, y, z]: Vec3): boolean {
  return Math.abs(x) < 0.085 && y > 0.285 && y < 0.53 && z > 0.372;
}

const FACE = partIndex('face');

/** Triangles of the nose. */
function noseOf({ positions, triangles, labels }: HeadMesh, lengths: Body['lengths']): Uint32Array {
  const onNose = Array.from({ length: positions.length / 3 }, (_, v) =>
    isNose(bindToHead(lengths, tripleAt(positions, v))),
  );
  return triangles.filter(
    (_, i) =>
      labels[Math.floor(i / 3)] === FACE && tripleAt(triangles, Math.floor(i / 3)).every((v) => onNose[v]),
  );
}

/** What the chart shows, from far ahead so that perspective is none: half its sides, its middle and its view, metres. */
function frameOf(lengths: Body['lengths']) {
  const H = lengths.headHeightM;
  const farM = 80 * H;
  const middle = headToBind(lengths, [0, (CHART.bottom + CHART.top) / 2, 0.3]);
  const halfWidthM = CHART.halfWidth * H * lengths.headBreadthFactor;
  const halfHeightM = ((CHART.top - CHART.bottom) / 2) * H;
  const view: View = {
    ...viewTowards([middle[0], middle[1], middle[2] + farM], middle, 1),
    tanHalfWidth: halfWidthM / farM,
    tanHalfHeight: halfHeightM / farM,
  };
  /** The place of a pixel of the chart at a depth. */
  const placeAt = (pixel: number, depthM: number): Vec3 => [
    middle[0] + ((((pixel % CHART_WIDTH) + 0.5) / CHART_WIDTH) * 2 - 1) * halfWidthM,
    middle[1] + (1 - ((Math.floor(pixel / CHART_WIDTH) + 0.5) / CHART_HEIGHT) * 2) * halfHeightM,
    middle[2] + farM - depthM,
  ];
  return { view, placeAt };
}

/** Mean normal of the corners of a triangle. */
function normalOf(normals: Float32Array, { trianglesOfSurface }: HeadMesh, t: number): Vec3 {
  return unit(
    tripleAt(trianglesOfSurface, t).reduce<Vec3>((sum, v) => add(sum, tripleAt(normals, v)), [0, 0, 0]),
  );
}

/** Makes the chart of a surface. */
export function faceChartOf(body: Body, surface: BodySurface): FaceChart {
  const { lengths } = body;
  const head = headMeshOf(surface);
  const { view, placeAt } = frameOf(lengths);
  const raster = createRaster(CHART_WIDTH, CHART_HEIGHT);
  rasterise(raster, view, [head]);
  const texel = Int32Array.from(raster.triangle.keys()).filter(
    (i) => head.labels[raster.triangle[i]!] === FACE,
  );
  const places = Array.from(texel, (i) => placeAt(i, 1 / raster.inverseDepth[i]!));
  const inHead = places.map((p) => bindToHead(lengths, p));
  const position = Float32Array.from(places.flat());
  return {
    texel,
    x: Float32Array.from(inHead, ([x]) => x),
    y: Float32Array.from(inHead, ([, y]) => y),
    position,
    normal: Float32Array.from(
      Array.from(texel, (i) => normalOf(surface.normals, head, raster.triangle[i]!)).flat(),
    ),
    round: roundOf(position),
    head,
    nose: noseOf(head, lengths),
    rows: new Map(),
    rays: once(() => rayTreeOf(head)),
  };
}
