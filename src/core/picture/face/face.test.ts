import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyOf, profileOf } from '../../../../tests/support/people';
import { bodyFrom, bindToHead, partIndex, type BodySurface } from '../../body';
import { figureOf } from '../../figure';
import { lightingOf, type Light } from '../../light';
import { neutralPose, type Pose } from '../../pose';
import { plainGround } from '../../scene';
import { add, degrees, dot, tripleAt, type Vec3 } from '../../units';
import { createStandIn } from '../standIn';
import type { SoloShot } from '../../shot';
import { seeFace, seeLight } from '../light/seeLight';
import { faceChartOf, type FaceChart } from './chart';
import { reaching } from './reaching';
import { intoHead, lightFace, pointFromFace } from './light';
import { facePattern, type FacePattern } from './pattern';
import { rayMeets } from './rays';
import { keptSurface } from '../../../../tests/support/surfaces';

const GROUND = plainGround(2);

const body = bodyOf('average');
const surface = keptSurface(body, 'measured');
const chart = faceChartOf(body, surface);
const standIn = createStandIn(body, surface);
const standing = neutralPose('light');
const FAR_M = 1.5;

/** A key of 0.6 m, 1.5 m from the face, in a direction from it as the head is turned. */
function keyAt(pose: Pose, asideDeg: number, upDeg: number, more: Partial<Light> = {}): Light {
  const figure = figureOf(body, pose, { lens: [0, 1.6, 3] });
  const [x, y, z] = pointFromFace(body, figure, asideDeg, upDeg, FAR_M);
  return {
    arcDeg: degrees(Math.atan2(x, z)),
    distanceM: Math.hypot(x, z),
    heightM: y,
    sizeM: 0.6,
    ambientShare: 0.15,
    ...more,
  };
}

function patternOn(of: FaceChart, pose: Pose, light: Light) {
  const figure = figureOf(body, pose, { lens: [0, 1.6, 3] });
  return facePattern(of, lightFace(of, body, intoHead(figure), lightingOf(light, figure.points.nose)));
}

function shotWith(light: Light, lensArcDeg: number, pose: Pose = standing): SoloShot {
  return {
    pose,
    light,
    camera: {
      sensor: 'fullFrame',
      focalLengthMm: 85,
      distanceM: 2.6,
      heightM: 1.6,
      arcDeg: lensArcDeg,
      apertureF: 4,
      orientation: 'upright',
      aim: { kind: 'level' },
    },
  };
}

/** Where the trade puts the key for each pattern: off the nose, above the eyes (common practice). */
const SET_UPS: [FacePattern, number, number][] = [
  ['flat', 0, 5],
  ['butterfly', 0, 45],
  ['loop', 30, 40],
  ['triangle', 50, 42],
  ['split', 90, 10],
  ['rim', 125, 15],
];

describe('the pattern on the face', () => {
  it.each(SET_UPS.flatMap(([name, aside, up]) => [1, -1].map((side) => [name, side * aside, up] as const)))(
    '%s is named with the key %f° aside and %f° up, on either side alike',
    (name, aside, up) => {
      const reading = patternOn(chart, standing, keyAt(standing, aside, up));
      expect(reading.name).toBe(name);
      if (aside !== 0) expect(reading.keySide).toBe(aside > 0 ? 'left' : 'right');
    },
  );

  it.each(SET_UPS.filter(([, aside]) => aside > 20 && aside < 100))(
    '%s is short or broad by where the lens stands',
    (name, aside, up) => {
      const light = keyAt(standing, aside, up);
      // the key stands on the sitter's left; so does the lens, or it stands across
      const broad = seeLight(standIn, shotWith(light, 32), GROUND);
      const short = seeLight(standIn, shotWith(light, -32), GROUND);
      expect([broad.pattern.name, broad.facing]).toEqual([name, 'broad']);
      expect([short.pattern.name, short.facing]).toEqual([name, 'short']);
    },
  );

  it('follows the head: a turned head with the key turned with it has the same one', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SET_UPS),
        fc.double({ min: -25, max: 25, noNaN: true }),
        fc.double({ min: -8, max: 8, noNaN: true }),
        fc.double({ min: -10, max: 10, noNaN: true }),
        ([name, aside, up], headTurnLeftDeg, headTiltLeftDeg, chinDownDeg) => {
          const pose = { ...standing, settings: { headTurnLeftDeg, headTiltLeftDeg, chinDownDeg } };
          expect(patternOn(chart, pose, keyAt(pose, aside, up)).name).toBe(name);
        },
      ),
      { numRuns: 50, seed: 5, endOnFailure: true },
    );
  });

  it('goes from butterfly to loop, closed triangle, split and rim as the key goes round', () => {
    const names = Array.from(
      { length: 27 },
      (_, i) => patternOn(chart, standing, keyAt(standing, i * 5, 45)).name,
    );
    const order: FacePattern[] = ['butterfly', 'loop', 'triangle', 'split', 'rim'];
    const places = names.map((n) => order.indexOf(n));
    expect(places).not.toContain(-1);
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect(new Set(names).size).toBe(5);
    // the border of the closed triangle: the key 40 to 60 degrees aside (common practice: about 45)
    const first = names.indexOf('triangle') * 5;
    expect(first).toBeGreaterThanOrEqual(35);
    expect(first).toBeLessThanOrEqual(50);
  });

  it('closes no triangle without a nose', () => {
    const flat: BodySurface = {
      ...surface,
      positions: surface.positions.slice(),
      normals: surface.normals.slice(),
    };
    const H = body.lengths.headHeightM;
    for (let v = 0; v < surface.labels.length; v++) {
      const p = [0, 1, 2].map((c) => surface.positions[v * 3 + c]!) as Vec3;
      const [x, y, z] = bindToHead(body.lengths, p);
      if (Math.abs(x) > 0.12 || y < 0.29 || y > 0.58 || z < 0.3) continue;
      flat.positions[v * 3 + 2] = p[2] - (z - 0.32) * H;
      flat.normals.set([0, 0, 1], v * 3);
    }
    const noNose = faceChartOf(body, flat);
    for (const aside of [40, 45, 50, 55, 60])
      expect(patternOn(noNose, standing, keyAt(standing, aside, 42)).name).not.toBe('triangle');
  });

  it('says what it would be a little further', () => {
    const border = seeLight(standIn, shotWith(keyAt(standing, 46, 45), 0), GROUND);
    const middle = seeLight(standIn, shotWith(keyAt(standing, 57, 42), 0), GROUND);
    expect(border.near.length).toBeGreaterThan(0);
    expect(middle.near).toEqual([]);
  });
});

describe('the shadow on the face', () => {
  it('is that of rays cast one by one', () => {
    let seed = 7;
    const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
    const farM = 50;
    let squares = 0;
    let count = 0;
    for (let k = 0; k < 60; k++) {
      const az = (random() * 2 - 1) * 1.6;
      const el = random() * 1.4 - 0.3;
      const d: Vec3 = [Math.sin(az) * Math.cos(el), Math.sin(el), Math.cos(az) * Math.cos(el)];
      const xyz = Float64Array.from(d, (c, i) => chart.round.middle[i]! + c * farM);
      const { free } = reaching(chart, { xyz, aim: d, isBall: true, gridCos: -1 });
      let table = 0;
      let rays = 0;
      for (let i = 0; i < chart.texel.length; i += 3) {
        const n = tripleAt(chart.normal, i);
        const cos = dot(n, d);
        if (cos <= 0) continue;
        table += free[i]! * farM ** 2;
        rays += rayMeets(chart.rays(), add(tripleAt(chart.position, i), n, 0.0015), d) ? 0 : cos;
      }
      squares += (table / Math.max(1, rays) - 1) ** 2 * (rays > 20 ? 1 : 0);
      count += rays > 20 ? 1 : 0;
    }
    expect(count).toBeGreaterThan(40);
    expect(Math.sqrt(squares / count)).toBeLessThan(0.04);
  });
});

describe('the face looked at closely', () => {
  it('is lit alike on another surface of the same sitter, which takes its shadows over', () => {
    const other = createStandIn(body, keptSurface(body, 'sketched'), standIn);
    const light = keyAt(standing, 40, 30);
    const [own, theirs] = [standIn, other].map((one) => seeFace(one, shotWith(light, 0), GROUND, 80));
    const skin = partIndex('face');
    const stops = Array.from(own!.label.keys())
      .filter((i) => own!.label[i] === skin && theirs!.label[i] === skin)
      .map((i) => Math.abs(Math.log2(own!.light![i]! / theirs!.light![i]!)))
      .sort((a, b) => a - b);
    expect(stops.length).toBeGreaterThan(1000);
    expect([...own!.light!, ...theirs!.light!].every(Number.isFinite)).toBe(true);
    expect(stops[Math.floor(stops.length / 2)]).toBeLessThan(0.1);
  });
});

describe('what else is read', () => {
  const read = (aside: number, up: number, more: Partial<Light> = {}, pose: Pose = standing) =>
    seeLight(standIn, shotWith(keyAt(pose, aside, up, more), 0, pose), GROUND);

  it('sockets get darker the higher the key stands', () => {
    const low = read(0, 15);
    const high = read(0, 68);
    expect(low.socketsStops.left).toBeLessThan(0.8);
    expect(high.socketsStops.left).toBeGreaterThan(low.socketsStops.left + 0.5);
    expect(Math.abs(high.socketsStops.left - high.socketsStops.right)).toBeLessThan(0.4);
  });

  it('catchlights stand where the key stands, and go when it is behind or far above', () => {
    const clock = (aside: number, up: number) =>
      read(aside, up).reflections.catchlights.left.map((c) => c.clock);
    expect(clock(0, 30)).toEqual([12]);
    // the sitter's left is the picture's right
    expect(clock(45, 5)).toEqual([3]);
    expect(clock(-45, 5)).toEqual([9]);
    expect(clock(0, -30)).toEqual([6]);
    expect(clock(150, 20)).toEqual([]);
    expect(clock(0, 85)).toEqual([]);
  });

  it('glasses mirror a key from the front, not one from aside', () => {
    const dressed = bodyFrom(
      profileOf({ outfit: { ...body.profile.outfit, glasses: { tone: [0.1, 0.1, 0.1] } } }),
    );
    const glassy = createStandIn(dressed, keptSurface(dressed, 'sketched'));
    const glare = (aside: number, up: number) =>
      seeLight(glassy, shotWith(keyAt(standing, aside, up), 0), GROUND).reflections.glare.left;
    expect(glare(0, -10)).toEqual(['key']);
    expect(glare(70, 40)).toEqual([]);
  });

  it('the ratio follows the ambient, and light falls off along the body and to the background', () => {
    const open = read(45, 35, { ambientShare: 0.5 });
    const deep = read(45, 35, { ambientShare: 0.05 });
    expect(deep.ratioStops).toBeGreaterThan(open.ratioStops + 1.5);
    const { chest, hips, feet } = deep.falloffStops;
    expect(0).toBeGreaterThan(chest);
    expect(chest).toBeGreaterThan(hips);
    expect(hips).toBeGreaterThan(feet);
    expect(deep.backgroundStops).toBeLessThan(-1);
  });

  it('a light that stands inside the sitter is refused by name and value', () => {
    const inside: Light = { arcDeg: 0, heightM: 1.2, distanceM: 0.4, sizeM: 0.2, ambientShare: 0.2 };
    const bench = {
      ...inside,
      distanceM: 2,
      others: [{ id: 'a', kind: 'white' as const, arcDeg: 180, heightM: 1, distanceM: 0.4, sizeM: 1 }],
    };
    const leaning: Pose = { ...standing, settings: { hingeDeg: 60 } };
    expect(() => seeLight(standIn, shotWith(inside, 0, leaning), GROUND)).toThrow(/the key: distance 0.4 m/);
    expect(() => seeLight(standIn, shotWith(bench, 0, leaning), GROUND)).not.toThrow();
  });
});
