import { describe, expect, it } from 'vitest';
import { PARTS } from '@/core/body';
import { createSkinned, skinSurface, skinSurfaceFast } from '@/core/figure';
import { resolve } from '@/core/kernel';
import { HOUSE_POSES } from '@/core/library';
import { lightingOf, type Light } from '@/core/light';
import {
  createRaster,
  createStandIn,
  develop,
  exposeLinear,
  rasterise,
  seeShot,
  type Picture,
} from '@/core/picture';
import type { SoloShot } from '@/core/shot';
import { illuminate } from '@/core/picture/raster/illuminate';
import type { PictureLight } from '@/core/picture/raster/picture';
import { shadowMapFrom } from '@/core/picture/raster/shadow';
import { meshesOf } from '@/core/picture/raster/takePicture';
import { plainGround } from '@/core/scene';
import { bodyOf, CAMERA, LIGHT, standInOf, type PersonName } from '../support/people';
import { plainExpose, plainIlluminate, plainRasterise } from '../support/plainPicture';
import { keptSurface } from '../support/surfaces';

/** The compiled loops against the same loops written plainly, see `tests/support/plainPicture.ts`. */

const POSES = Object.values(HOUSE_POSES).flat();
/** One pose of each support, three bodies by turns; cameras far, near, low and rolled. */
const SHOTS: [PersonName, SoloShot][] = Object.values(HOUSE_POSES).map((poses, i) => [
  (['slight', 'average', 'heavy'] as const)[i % 3]!,
  {
    pose: poses[0]!,
    camera: [
      CAMERA,
      { ...CAMERA, distanceM: 1.4, heightM: 1.5, focalLengthMm: 50 },
      { ...CAMERA, heightM: 0.3, arcDeg: 70, rollDeg: 20 },
    ][i % 3]!,
    light: LIGHT,
  },
]);
/** Ground lit by nodes: 19 of 20 pixels are no further off than this, stops. */
const COARSE_STOPS = 0.02;

const stopsBetween = (a: Float32Array, b: Float32Array) =>
  a.map((v, i) => Math.abs(Math.log2(Math.max(1e-4, v) / Math.max(1e-4, b[i]!))));

const LIGHTS: Light[] = [
  LIGHT,
  {
    ...LIGHT,
    kind: 'octa',
    gridDeg: 40,
    others: [
      { id: 'rim', kind: 'strip', arcDeg: 150, heightM: 2, distanceM: 1.5, sizeM: 1.2, powerStops: 0 },
      { id: 'ball', kind: 'lantern', arcDeg: -60, heightM: 1.8, distanceM: 2, sizeM: 0.5, powerStops: -2 },
      { id: 'black', kind: 'black', arcDeg: -80, heightM: 1.4, distanceM: 0.8, sizeM: 1 },
    ],
  },
];

/** How many numbers differ. */
const unlike = (a: ArrayLike<number>, b: ArrayLike<number>) =>
  Array.from(a).filter((v, i) => v !== b[i]).length + Math.abs(a.length - b.length);

describe.each(SHOTS)('%s, $pose.name', (person, shot) => {
  const standIn = standInOf(person);
  const { surface } = standIn;
  const sight = seeShot(standIn, shot, { lit: true, ground: plainGround(2.4) });
  const { figure, view } = sight;
  // the stand-in's next picture is drawn over this one
  const { raster } = sight.picture;
  const picture: Picture = {
    ...sight.picture,
    raster: { ...raster, triangle: raster.triangle.slice(), inverseDepth: raster.inverseDepth.slice() },
  };
  const { positions, normals } = standIn.skinned;
  const skinned = { ...standIn.skinned, positions: positions.slice(), normals: normals.slice() };
  const meshes = meshesOf(surface, skinned, picture.supports);

  it('skins to within a micrometre', () => {
    const [plain, fast] = [createSkinned(surface), createSkinned(surface)];
    skinSurface(surface, figure.transforms, plain);
    skinSurfaceFast(surface, figure.transforms, fast);
    const off = (a: Float32Array, b: Float32Array) =>
      a.reduce((most, v, i) => Math.max(most, Math.abs(v - b[i]!)), 0);
    expect(off(plain.positions, fast.positions)).toBeLessThan(1e-6);
    expect(off(plain.normals, fast.normals)).toBeLessThan(2e-6);
  });

  it.each([
    [160, 240],
    [97, 61],
  ])('draws the same triangle in every pixel of %i x %i', (width, height) => {
    const [plain, fast] = [createRaster(width, height), createRaster(width, height)];
    let first = 0;
    for (const mesh of meshes) {
      plainRasterise(plain, view, mesh, first || undefined);
      first += mesh.triangles.length / 3;
    }
    rasterise(fast, view, meshes);
    expect(unlike(fast.triangle, plain.triangle)).toBe(0);
    expect(unlike(fast.inverseDepth, plain.inverseDepth)).toBe(0);
  });

  it('sums what each part has', () => {
    const { label, depthM, raster, width } = picture;
    const sums = resolve(raster, surface.triangleLabels, PARTS.length, label.slice(), depthM.slice());
    PARTS.forEach((_, part) => {
      const own = Array.from(label.keys()).filter((i) => part > 0 && label[i] === part);
      const sum = (of: (i: number) => number) => own.reduce((s, i) => s + of(i), 0);
      expect(sums[part]!.pixels).toBe(own.length);
      expect(sums[part]!.squaresM2).toBeCloseTo(
        sum((i) => depthM[i]! ** 2),
        6,
      );
      expect(sums[part]!.cols).toBe(sum((i) => i % width));
      expect(sums[part]!.rows).toBe(sum((i) => Math.floor(i / width)));
    });
  });

  it.each(LIGHTS)('lights every pixel within 0.01 stops and exposes it alike, light %#', (light) => {
    const lighting = lightingOf(light, figure.points.nose, 2.4);
    const maps = lighting.sources.map((source) =>
      source.castsShadow ? shadowMapFrom(source, figure.points.hips.left, 1.4, meshes) : null,
    );
    const given: PictureLight = {
      lighting,
      middle: figure.points.hips.left,
      radiusM: 1.4,
      ground: plainGround(2.4),
    };
    const [fast, plain] = [{ ...picture }, { ...picture }];
    illuminate(fast, surface, skinned, given, maps);
    plainIlluminate(plain, surface, skinned, given, maps);
    expect(unlike(fast.groundPart!, plain.groundPart!)).toBe(0);
    expect(Math.max(...stopsBetween(plain.light!, fast.light!))).toBeLessThan(0.01);
    const open = plain.keyOpen!.map((v, i) => Math.abs(v - fast.keyOpen![i]!));
    expect(Math.max(...open)).toBeLessThan(1e-6);
    const exposed = exposeLinear(plain, surface, skinned, 0.5);
    plainExpose(plain, surface, skinned, 0.5).forEach((v, i) => {
      if (Math.abs(v - exposed[i]!) > 1e-6 * Math.max(1, v))
        throw new Error(`value ${i}: ${exposed[i]}, not ${v}`);
    });

    // coarsely lit, the sitter is the same, and the ground nearly
    const coarse = { ...picture };
    illuminate(coarse, surface, skinned, { ...given, isGroundCoarse: true }, maps);
    expect(unlike(coarse.groundPart!, plain.groundPart!)).toBe(0);
    const off = stopsBetween(plain.light!, coarse.light!);
    const isGround = (i: number) => plain.groundPart![i]! > 0;
    const onGround = [...off].filter((_, i) => isGround(i)).sort((a, b) => a - b);
    expect(Math.max(...off.filter((_, i) => !isGround(i)))).toBeLessThan(0.01);
    expect(onGround[Math.floor(onGround.length * 0.95)]).toBeLessThan(COARSE_STOPS);
  });
});

it('keeps sitters apart that are pictured by turns, and pictures that grow', () => {
  const shot: SoloShot = { pose: POSES[0]!, camera: CAMERA, light: LIGHT };
  const bytes = (name: PersonName, scale: number) => {
    const standIn = createStandIn(bodyOf(name), keptSurface(bodyOf(name), 'sketched'));
    const { picture } = seeShot(standIn, shot, { lit: true, scale });
    return develop(picture, standIn.surface, standIn.skinned);
  };
  const alone = [bytes('slight', 1), bytes('heavy', 1)];
  bytes('average', 3);
  expect([bytes('slight', 1), bytes('heavy', 1)]).toEqual(alone);
});
