import { describe, expect, it } from 'vitest';
import { PARTS, partIndex, type BodySurface } from '@/core/body';
import { viewOf, type View } from '@/core/camera';
import type { FigurePoints, SkinnedSurface } from '@/core/figure';
import {
  createPictureMemory,
  createRaster,
  partShares,
  rasterise,
  seeShot,
  takePicture,
  type Picture,
} from '@/core/picture';
import { radians, type Vec3 } from '@/core/units';
import { waistDaylight } from '@/core/picture/readings/daylight';
import { CAMERA, shotOf, standInOf } from '../support/people';
import { rayPicture } from '../support/plain';

interface Solid {
  positions: number[];
  triangles: number[];
}

function sphere(centre: Vec3, radius: number, detail = 96): Solid {
  const positions: number[] = [];
  const triangles: number[] = [];
  for (let i = 0; i <= detail; i++)
    for (let j = 0; j < detail; j++) {
      const a = (Math.PI * i) / detail;
      const b = (2 * Math.PI * j) / detail;
      positions.push(
        centre[0] + radius * Math.sin(a) * Math.sin(b),
        centre[1] + radius * Math.cos(a),
        centre[2] + radius * Math.sin(a) * Math.cos(b),
      );
      if (i === detail) continue;
      const k = i * detail + j;
      const l = i * detail + ((j + 1) % detail);
      triangles.push(k, k + detail, l, l, k + detail, l + detail);
    }
  return { positions, triangles };
}

/** A card that faces the lens, turned in its own plane. */
function card([x, y, z]: Vec3, width: number, height: number, turnDeg = 0): Solid {
  const [cos, sin] = [Math.cos(radians(turnDeg)), Math.sin(radians(turnDeg))];
  const corner = (u: number, v: number) => [x + cos * u - sin * v, y + sin * u + cos * v, z];
  const [u, v] = [width / 2, height / 2];
  return {
    positions: [corner(-u, -v), corner(u, -v), corner(u, v), corner(-u, v)].flat(),
    triangles: [0, 1, 2, 0, 2, 3],
  };
}

function surfaceFrom(solids: [Solid, (typeof PARTS)[number]][]): {
  surface: BodySurface;
  skinned: SkinnedSurface;
} {
  const positions: number[] = [];
  const triangles: number[] = [];
  const labels: number[] = [];
  for (const [solid, part] of solids) {
    const first = positions.length / 3;
    positions.push(...solid.positions);
    for (let i = 0; i < solid.triangles.length; i += 3) labels.push(partIndex(part));
    triangles.push(...solid.triangles.map((i) => i + first));
  }
  const flat = Float32Array.from(positions);
  const surface = {
    positions: flat,
    normals: new Float32Array(flat.length),
    triangles: Uint32Array.from(triangles),
    triangleLabels: Uint8Array.from(labels),
  } as BodySurface;
  const { normals } = surface;
  return { surface, skinned: { positions: flat, normals, bind: { positions: flat, normals, shares: '' } } };
}

const VIEW = viewOf({ ...CAMERA, heightM: 1, distanceM: 5 });

function take(solids: [Solid, (typeof PARTS)[number]][], scale = 2): Picture {
  const { surface, skinned } = surfaceFrom(solids);
  return takePicture(
    surface,
    skinned,
    VIEW,
    { width: 160 * scale, height: 240 * scale },
    createPictureMemory(),
  );
}

const pixels = (picture: Picture) => picture.label.reduce((n, l) => n + (l > 0 ? 1 : 0), 0);
/** Pixels of one square metre at one metre. */
function pixelsPerSolidM2(view: View, picture: Picture): number {
  return (picture.width / (2 * view.tanHalfWidth)) * (picture.height / (2 * view.tanHalfHeight));
}

describe('areas against formulas', () => {
  it('a sphere ahead covers pi R^2 / (d^2 - R^2)', () => {
    const picture = take([[sphere([0, 1, 0], 0.5), 'chest']]);
    const expected = ((Math.PI * 0.5 ** 2) / (5 ** 2 - 0.5 ** 2)) * pixelsPerSolidM2(VIEW, picture);
    expect(Math.abs(pixels(picture) / expected - 1)).toBeLessThan(0.01);
  });
  it('a card covers w h / d^2', () => {
    const picture = take([[card([0.1, 1.1, 0.5], 0.6, 0.8), 'chest']]);
    const expected = ((0.6 * 0.8) / 4.5 ** 2) * pixelsPerSolidM2(VIEW, picture);
    expect(Math.abs(pixels(picture) / expected - 1)).toBeLessThan(0.01);
  });
  it.each([8, 25, 60])('a stick of 5 cm, leaning %i degrees, covers its width times its length', (lean) => {
    // upright it would stand between whole columns, and the columns would decide
    const picture = take([[card([0, 1, 0], 0.05, 1.1, lean), 'chest']], 4);
    const expected = ((0.05 * 1.1) / 25) * pixelsPerSolidM2(VIEW, picture);
    expect(Math.abs(pixels(picture) / expected - 1)).toBeLessThan(0.01);
  });
  it('keeps the depth of a card', () => {
    const picture = take([[card([0, 1, 0.5], 0.6, 0.8), 'chest']]);
    for (let i = 0; i < picture.label.length; i++)
      if (picture.label[i]) expect(picture.depthM[i]).toBeCloseTo(4.5, 4);
  });
});

// Computed: relative size of a part is d_reference / d_part, so area goes with its square.
it.each([0.25, 0.5, 1])('a card %f m nearer than the face is enlarged by (d / (d - nearer))^2', (nearer) => {
  const picture = take([
    [card([0, 1.6, 0], 0.2, 0.25), 'face'],
    [card([0, 0.8, nearer], 0.3, 0.3), 'left:hand'],
  ]);
  const hand = partShares(picture).get('left:hand')!;
  expect(Math.abs(hand.enlargement! / (5 / (5 - nearer)) ** 2 - 1)).toBeLessThan(0.005);
});

/** Points of a trunk of cards that stands upright, or rolled about the line of view; the hands are elsewhere. */
function trunkPoints(rollDeg = 0): FigurePoints {
  const at = (x: number, y: number): Vec3 => {
    const a = radians(rollDeg);
    return [x * Math.cos(a) - y * Math.sin(a), 1 + x * Math.sin(a) + y * Math.cos(a), 0];
  };
  const far: Vec3 = [3, 3, 0];
  return {
    hips: { left: at(0.08, -0.15), right: at(-0.08, -0.15) },
    neckBase: at(0, 0.15),
    wrists: { left: far, right: far },
    fingertips: { left: far, right: far },
  } as FigurePoints;
}

// Computed: the gap between two cards at the trunk's depth.
it.each([0.04, 0.1, 0.17])('daylight of %f m beside the waist is measured to a pixel', (gap) => {
  const picture = take([
    [card([0, 1, 0], 0.3, 0.3), 'waist'],
    [card([0.15 + gap + 0.04, 1, 0], 0.08, 0.5), 'left:upperArm'],
    [card([-0.15 - 0.5 * gap - 0.04, 1, 0], 0.08, 0.5), 'right:forearm'],
  ]);
  const { left, right } = waistDaylight(picture, trunkPoints());
  const pixelCm = (100 * 2 * VIEW.tanHalfWidth * 5) / picture.width;
  expect(Math.abs(left!.gapCm - gap * 100)).toBeLessThan(1.01 * pixelCm);
  expect(Math.abs(right!.gapCm - gap * 50)).toBeLessThan(1.01 * pixelCm);
  expect(left!.rows).toBe(right!.rows);
  expect(Math.abs(left!.rows - 0.3 / (pixelCm / 100))).toBeLessThanOrEqual(2);
});

// Computed: a true gap of 10.5 cm on both sides, the body rolled in the picture.
it.each([0, 30, -50, 90])('daylight does not depend on the roll of the body: %i degrees', (rollDeg) => {
  const rolled = (x: number, width: number): Solid => {
    const a = radians(rollDeg);
    return card([x * Math.cos(a), 1 + x * Math.sin(a), 0], width, 0.3, rollDeg);
  };
  const picture = take([
    [rolled(0, 0.3), 'waist'],
    [rolled(0.15 + 0.105 + 0.04, 0.08), 'left:upperArm'],
    [rolled(-0.15 - 0.105 - 0.04, 0.08), 'right:upperArm'],
  ]);
  const { left, right } = waistDaylight(picture, trunkPoints(rollDeg));
  const pixelCm = (100 * 2 * VIEW.tanHalfWidth * 5) / picture.width;
  expect(Math.abs(left!.gapCm - 10.5)).toBeLessThan(1.5 * pixelCm);
  expect(Math.abs(right!.gapCm - 10.5)).toBeLessThan(1.5 * pixelCm);
});

// Computed: the gap widens from 2 to 14 cm down the waist; a quarter of its rows is wider than 11 cm.
it('takes the upper quartile of a gap that widens', () => {
  const [near, far] = [0.17, 0.29];
  const slanted: Solid = {
    positions: [near, 1.15, 0, near + 0.08, 1.15, 0, far + 0.08, 0.85, 0, far, 0.85, 0],
    triangles: [0, 2, 1, 0, 3, 2],
  };
  const picture = take([
    [card([0, 1, 0], 0.3, 0.3), 'waist'],
    [slanted, 'left:forearm'],
  ]);
  expect(waistDaylight(picture, trunkPoints()).left!.gapCm).toBeCloseTo(11, 0);
});

it('leaves out an arm in another plane, and one whose hand lies before the body', () => {
  const arm = (z: number) =>
    take([
      [card([0, 1, 0], 0.3, 0.3), 'waist'],
      [card([0.24, 1, z], 0.08, 0.3), 'left:forearm'],
    ]);
  expect(waistDaylight(arm(0.05), trunkPoints()).left).toBeDefined();
  expect(waistDaylight(arm(-0.2), trunkPoints()).left).toBeUndefined();
  const folded = take([
    [card([0, 1, 0], 0.3, 0.3), 'waist'],
    [card([0.24, 1, 0], 0.08, 0.3), 'left:forearm'],
    [card([0, 0.95, 0.1], 0.1, 0.1), 'left:hand'],
  ]);
  const points = { ...trunkPoints(), wrists: { left: [0, 0.95, 0.1], right: [3, 3, 0] } } as FigurePoints;
  expect(waistDaylight(folded, points).left).toBeUndefined();
});

// Computed: hair lies 12 cm behind the face; both together are what parts are compared with.
it('compares parts with face and hair together', () => {
  const picture = take([
    [card([0, 1.6, 0], 0.2, 0.25), 'face'],
    [card([0, 1.8, -0.12], 0.2, 0.15), 'hair'],
    [card([0, 0.8, 0], 0.3, 0.3), 'left:hand'],
  ]);
  const pixelsAt = (width: number, height: number, m: number) => (width * height) / m ** 2;
  const [face, hair] = [pixelsAt(0.2, 0.25, 5), pixelsAt(0.2, 0.15, 5.12)];
  const reference = (face + hair) / (face * 5 ** 2 + hair * 5.12 ** 2);
  const expected = 1 / 5 ** 2 / reference;
  expect(expected).toBeGreaterThan(1.012);
  expect(Math.abs(partShares(picture).get('left:hand')!.enlargement! / expected - 1)).toBeLessThan(0.004);
});

it('a hand laid at the waist takes no daylight away', () => {
  const picture = take([
    [card([0, 1, 0], 0.3, 0.3), 'waist'],
    [card([0.19, 0.92, 0.01], 0.1, 0.14), 'left:hand'],
    [card([0.26, 1.08, 0], 0.08, 0.14), 'left:forearm'],
  ]);
  expect(waistDaylight(picture, trunkPoints()).left!.gapCm).toBeGreaterThan(6);
  expect(waistDaylight(picture, trunkPoints()).right).toBeUndefined();
});

it('does not compare with a face that is out of the picture', () => {
  const shares = partShares(take([[card([0, 1, 0.5], 0.3, 0.3), 'hips']]));
  expect(shares.get('hips')!.pixels).toBeGreaterThan(0);
  expect(shares.get('hips')!.enlargement).toBeNull();
});

it('shares of the parts sum to one', () => {
  const shares = partShares(
    take([
      [card([0, 1.6, 0], 0.2, 0.25), 'face'],
      [card([0, 1, 0.1], 0.4, 0.5), 'chest'],
      [card([0.4, 1, 0.1], 0.1, 0.5), 'left:upperArm'],
    ]),
  );
  expect([...shares.values()].reduce((s, p) => s + p.share, 0)).toBeCloseTo(1, 9);
});

it('the nearer of two cards is seen', () => {
  const picture = take([
    [card([0, 1, 0], 0.5, 0.5), 'chest'],
    [card([0, 1, 0.3], 0.2, 0.2), 'left:hand'],
  ]);
  const middle = picture.label[(picture.height / 2) * picture.width + picture.width / 2];
  expect(middle).toBe(partIndex('left:hand'));
});

it('leaves out what turns its back', () => {
  const { positions, triangles } = card([0, 1, 0], 0.5, 0.5);
  const raster = createRaster(80, 120);
  const turned = {
    positions: Float32Array.from(positions),
    triangles: Uint32Array.from(triangles.toReversed()),
  };
  rasterise(raster, VIEW, [turned]);
  expect(raster.triangle.every((t) => t === -1)).toBe(true);
});

it('sees the same parts of a figure as one ray through each pixel', () => {
  const standIn = standInOf('average');
  const { view } = seeShot(standIn, shotOf({ hipsTurnLeftDeg: 30 }));
  const width = 32;
  const height = 48;
  const { surface, skinned } = standIn;
  const picture = takePicture(surface, skinned, view, { width, height }, createPictureMemory());
  const rays = rayPicture(view, skinned.positions, surface.triangles, width, height);
  let differ = 0;
  rays.forEach((t, i) => {
    if ((t < 0 ? 0 : surface.triangleLabels[t]!) !== picture.label[i]) differ++;
  });
  // a ray that runs exactly along a shared edge may fall to either triangle
  expect(differ).toBeLessThanOrEqual(1);
});
