import { describe, expect, it } from 'vitest';
import type { Vec3 } from '@/core/units';
import { irradianceFrom, lightingOf, lightingRatio, lightSchema, type Light } from '@/core/light';

const KEY: Light = { arcDeg: 0, heightM: 1.5, distanceM: 2, sizeM: 0.05, ambientShare: 0 };
const TOWARDS = [0, 0, 1];
const keyOf = (light: Light, face: Vec3) => lightingOf(light, face).sources[0]!;

describe('a small key', () => {
  // Inverse square law: 1 m to 1.41 m is one stop, to 2 m two stops.
  it('falls with the square of the distance', () => {
    const light = keyOf(KEY, [0, 1.5, 0]);
    const near = irradianceFrom(light, [0, 1.5, 1], TOWARDS);
    expect(Math.log2(near / irradianceFrom(light, [0, 1.5, 2 - Math.SQRT2], TOWARDS))).toBeCloseTo(1, 3);
    expect(Math.log2(near / irradianceFrom(light, [0, 1.5, 0], TOWARDS))).toBeCloseTo(2, 3);
  });
  it('gives 1 at the face it is aimed at', () => {
    expect(irradianceFrom(keyOf(KEY, [0, 1.5, 0]), [0, 1.5, 0], TOWARDS)).toBeCloseTo(1, 9);
  });
  it('gives nothing to a patch turned away', () => {
    expect(irradianceFrom(keyOf(KEY, [0, 1.5, 0]), [0, 1.5, 0], [0, 0, -1])).toBe(0);
  });
});

// Square Lambertian source seen on its axis: E proportional to the form factor, here by fine numeric integration.
it.each([
  [0.6, 1.5, 0.01],
  [1, 1.5, 0.02],
  [1.5, 1.5, 0.03],
])('area source of %f m at %f m falls as the integral says', (sizeM, distanceM, tolerance) => {
  const integral = (d: number) => {
    const n = 200;
    let sum = 0;
    for (let i = 0; i < n; i++)
      for (let j = 0; j < n; j++) {
        const u = ((i + 0.5) / n - 0.5) * sizeM;
        const v = ((j + 0.5) / n - 0.5) * sizeM;
        sum += (d * d) / (u * u + v * v + d * d) ** 2;
      }
    return sum / (n * n);
  };
  const light = keyOf({ ...KEY, sizeM, distanceM }, [0, 1.5, 0]);
  const half = irradianceFrom(light, [0, 1.5, distanceM / 2], TOWARDS);
  const expected = integral(distanceM / 2) / integral(distanceM);
  expect(Math.abs(half / expected - 1)).toBeLessThan(tolerance * 6);
});

// Convention: (key + fill) to fill; one stop of difference is 2:1.
it('ratio of key plus ambient to ambient', () => {
  expect(lightingRatio({ ...KEY, ambientShare: 1 })).toBe(2);
  expect(lightingRatio({ ...KEY, ambientShare: 1 / 3 })).toBeCloseTo(4, 9);
  expect(lightingRatio(KEY)).toBe(Infinity);
});

const FACE: Vec3 = [0, 1.5, 0];
const STRAIGHT: Light = { arcDeg: 0, heightM: 1.5, distanceM: 2, sizeM: 1, ambientShare: 0 };
const dot = (a: Vec3, b: Vec3) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const minus = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
const unit = (a: Vec3): Vec3 => {
  const l = Math.hypot(...a);
  return [a[0] / l, a[1] / l, a[2] / l];
};

// Lambert's formula of 1760 for a uniform polygon that is wholly above the patch's horizon:
// E = (L / 2) sum over the edges of (angle of the edge) * (its plane's normal . the patch's normal); from memory.
function polygonIrradiance(corners: Vec3[], p: Vec3, normal: Vec3): number {
  let sum = 0;
  corners.forEach((a, i) => {
    const u = unit(minus(a, p));
    const v = unit(minus(corners[(i + 1) % corners.length]!, p));
    sum += Math.acos(dot(u, v)) * dot(unit(cross(u, v)), normal);
  });
  return Math.abs(sum) / 2;
}

describe('a rectangular source against the exact polygon', () => {
  it.each([
    ['softbox', 0.6, 1, 1.5, 0.01],
    ['softbox', 1, 1, 1.5, 0.02],
    ['softbox', 1.5, 1, 1.5, 0.03],
    ['strip', 1.3, 0.24, 1.2, 0.03],
    ['window', 1.6, 0.7, 1.6, 0.03],
  ] as const)('%s of %f m', (kind, sizeM, acrossShare, distanceM, tolerance) => {
    const key = keyOf({ ...STRAIGHT, kind, sizeM, distanceM }, FACE);
    const [a, b] = [(sizeM * acrossShare) / 2, sizeM / 2];
    const corners: Vec3[] = [
      [-a, 1.5 - b, distanceM],
      [a, 1.5 - b, distanceM],
      [a, 1.5 + b, distanceM],
      [-a, 1.5 + b, distanceM],
    ];
    const scale = polygonIrradiance(corners, FACE, [0, 0, 1]);
    // patches across the set, straight and turned away from the source
    for (const p of [
      [0.3, 1.2, 0.1],
      [-0.5, 0.9, -0.3],
      [0, 1.5, 0.5],
    ] as Vec3[])
      for (const n of [unit([0, 0, 1]), unit([0.4, 0.2, 1]), unit([-0.6, 0, 1])]) {
        const exact = polygonIrradiance(corners, p, n) / scale;
        expect(Math.abs(irradianceFrom(key, p, n) / exact - 1)).toBeLessThan(tolerance);
      }
  });
});

// The same polygon, in a side wall that it cannot be turned in: its light falls off with the slant of wall and patch.
it('a window in a wall lights as its pane does, wherever one stands before it', () => {
  const window: Light = {
    kind: 'window',
    arcDeg: -90,
    distanceM: 2.5,
    heightM: 1.5,
    sizeM: 1.2,
    acrossM: 2,
    facesDeg: 90,
    ambientShare: 0,
  };
  const key = keyOf(window, FACE);
  const corners: Vec3[] = [
    [-2.5, 0.9, -1],
    [-2.5, 0.9, 1],
    [-2.5, 2.1, 1],
    [-2.5, 2.1, -1],
  ];
  const scale = polygonIrradiance(corners, FACE, [-1, 0, 0]);
  for (const p of [
    [0, 1.5, 0],
    [-0.5, 1.2, 1.4],
    [0.8, 1.6, -0.6],
    [-0.6, 1, -1.8],
  ] as Vec3[])
    for (const n of [unit([-1, 0, 0]), unit([-1, 0.1, 0.3])]) {
      const exact = polygonIrradiance(corners, p, n) / scale;
      expect(Math.abs(irradianceFrom(key, p, n) / exact - 1)).toBeLessThan(0.03);
    }
});

// A uniform disc of radius R on its axis: E = pi L R^2 / (R^2 + d^2) (handbook; from memory).
it.each([0.6, 1.2])('a disc of %f m falls off along its axis as the law says', (sizeM) => {
  const key = keyOf({ ...STRAIGHT, kind: 'octa', sizeM }, FACE);
  const law = (d: number) => 1 / ((sizeM / 2) ** 2 + d ** 2);
  for (const z of [-0.5, 0.5, 1])
    expect(irradianceFrom(key, [0, 1.5, z], [0, 0, 1])).toBeCloseTo(law(2 - z) / law(2), 1);
});

// The point law is within 1 % from about five diameters (common practice).
it('a source five of its diameters away is as good as a point', () => {
  const key = keyOf({ ...STRAIGHT, kind: 'octa', sizeM: 0.4 }, FACE);
  const fall = irradianceFrom(key, [0, 1.5, -1], [0, 0, 1]);
  expect(Math.abs(fall / (2 / 3) ** 2 - 1)).toBeLessThan(0.01);
});

describe('light from the sky', () => {
  const sky = (kind: 'sun' | 'overcast', altitudeDeg = 30) =>
    keyOf({ ...STRAIGHT, kind, arcDeg: 20, altitudeDeg }, FACE);

  it('the sun is as bright anywhere in the set, from its own direction', () => {
    const sun = sky('sun');
    const a = (20 * Math.PI) / 180;
    const e = (30 * Math.PI) / 180;
    const d: Vec3 = [Math.sin(a) * Math.cos(e), Math.sin(e), Math.cos(a) * Math.cos(e)];
    for (const p of [FACE, [2, 0.1, -2], [-3, 1, 1]] as Vec3[]) {
      expect(irradianceFrom(sun, p, d)).toBeGreaterThan(0.94);
      expect(irradianceFrom(sun, p, d)).toBeLessThan(1.06);
    }
    // Lambert: a patch turned away by 60 degrees receives half
    expect(irradianceFrom(sun, FACE, [d[0], d[1], d[2]].map((c) => -c) as Vec3)).toBe(0);
    expect(irradianceFrom(sun, FACE, [0, 1, 0])).toBeCloseTo(Math.sin(e), 2);
  });

  it('an overcast sky reaches patches that the sun does not', () => {
    const across: Vec3 = [Math.sin((110 * Math.PI) / 180), 0, Math.cos((110 * Math.PI) / 180)];
    expect(irradianceFrom(sky('sun'), FACE, across)).toBeLessThan(0.01);
    expect(irradianceFrom(sky('overcast'), FACE, across)).toBeGreaterThan(0.1);
  });

  it('an altitude below the horizon is refused by name and range', () => {
    const refused = lightSchema.safeParse({ ...STRAIGHT, kind: 'sun', altitudeDeg: -3 });
    expect(refused.error?.issues[0]?.path).toEqual(['altitudeDeg']);
    expect(lightSchema.safeParse({ ...STRAIGHT, kind: 'sun', altitudeDeg: 3 }).success).toBe(true);
  });
});

describe('other sources', () => {
  const at = (light: Light, p: Vec3, n: Vec3) =>
    lightingOf(light, FACE, 2).sources.map((s) => irradianceFrom(s, p, n));
  const rest = { arcDeg: 0, heightM: 1.5, distanceM: 2, sizeM: 0.5 };

  it('a lamp is set in stops against the key, at what it is aimed at', () => {
    const others = [
      { ...rest, id: 'rim', kind: 'strip' as const, arcDeg: 150, powerStops: 1 },
      { ...rest, id: 'ground', kind: 'bare' as const, arcDeg: 60, aim: 'background' as const, powerStops: 2 },
    ];
    const light = { ...STRAIGHT, others };
    const rim = unit([Math.sin((150 * Math.PI) / 180), 0, Math.cos((150 * Math.PI) / 180)]);
    expect(at(light, FACE, rim)[1]).toBeCloseTo(2, 6);
    const lamp = lightingOf(light, FACE, 2).sources[2]!;
    const behind: Vec3 = [0, 1.5, -2];
    expect(irradianceFrom(lamp, behind, unit(minus(lamp.centre, behind)))).toBeCloseTo(4, 6);
  });

  // A small matt panel: E = (rho E0 / pi) A cos cos / d^2, worked out by hand for one that faces the key head on.
  it('a white panel sends back what it receives', () => {
    const panel = { ...rest, id: 'w', kind: 'white' as const, arcDeg: 180, distanceM: 1, sizeM: 0.2 };
    const key = { ...STRAIGHT, sizeM: 0.05 };
    const sent = at({ ...key, others: [panel] }, FACE, [0, 0, -1])[1]!;
    const received = (2 / 3) ** 2;
    const areaM2 = 0.2 * 0.2 * 0.6;
    expect(sent).toBeCloseTo((0.85 * received * areaM2) / Math.PI, 4);
  });

  // A black panel takes the form factor of what it covers: cos cos A / (pi d^2).
  it('a black panel takes its share of the ambient', () => {
    const panel = { ...rest, id: 'b', kind: 'black' as const, arcDeg: 90, distanceM: 1, sizeM: 0.2 };
    const taken = at({ ...STRAIGHT, ambientShare: 0.5, others: [panel] }, FACE, [1, 0, 0])[1]!;
    expect(taken).toBeCloseTo((-0.5 * 0.2 * 0.2 * 0.6) / Math.PI, 4);
  });

  it('a grid leaves the face as it is and takes the light off what is beside it', () => {
    const open = keyOf(STRAIGHT, FACE);
    const grid = keyOf({ ...STRAIGHT, gridDeg: 40 }, FACE);
    const aside: Vec3 = [1, 1.5, 0];
    expect(irradianceFrom(grid, FACE, [0, 0, 1])).toBeCloseTo(1, 6);
    expect(irradianceFrom(open, aside, [0, 0, 1])).toBeGreaterThan(0.5);
    expect(irradianceFrom(grid, aside, [0, 0, 1])).toBeLessThan(0.05);
  });

  it('feathering towards the lens takes light off the face and off the background more', () => {
    const side = { ...STRAIGHT, arcDeg: 50 };
    const share = (featherDeg: number, p: Vec3) =>
      irradianceFrom(keyOf({ ...side, featherDeg }, FACE), p, unit(minus(keyOf(side, FACE).centre, p)));
    const face = share(30, FACE) / share(0, FACE);
    const behind: Vec3 = [-0.5, 1.5, -2];
    const background = share(30, behind) / share(0, behind);
    expect(face).toBeLessThan(0.95);
    expect(background).toBeLessThan(face - 0.03);
  });
});
