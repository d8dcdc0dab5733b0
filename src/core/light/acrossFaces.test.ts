import { describe, expect, it } from 'vitest';
import type { Room } from '../scene';
import type { Vec3 } from '../units';
import {
  acrossFaces,
  EVEN_FACES_STOPS,
  keyForEvenRow,
  keyForFaces,
  lightingOf,
  rangeOf,
  spreadStops,
  stopsOnFaces,
  type Light,
} from '.';

const FACE: Vec3 = [0, 1.6, 0];
const EYES: { left: Vec3; right: Vec3 } = { left: [0.03, 1.6, 0], right: [-0.03, 1.6, 0] };
const LENS: Vec3 = [0, 1.6, 4];
/** As good as a point, from camera right, without ambient light. */
const LAMP: Light = {
  kind: 'bare',
  arcDeg: 90,
  heightM: 1.6,
  distanceM: 2,
  sizeM: 0.05,
  ambientShare: 0,
};
const HALL: Room = {
  name: 'hall',
  widthM: 30,
  depthM: 30,
  markToLeftM: 15,
  markToBackM: 15,
  door: { wall: 'back', fromM: 1, toM: 2, words: 'door' },
};

describe('a row of faces', () => {
  it('falls off by the inverse square across a lamp that stands at its end', () => {
    const row = acrossFaces(lightingOf(LAMP, FACE), FACE, LENS, 2);
    expect(row.map((f) => f.acrossM)).toEqual([-1, -0.5, 0, 0.5, 1]);
    for (const { acrossM, stops } of row) expect(stops).toBeCloseTo(2 * Math.log2(2 / (2 - acrossM)), 2);
    // 3 m against 1 m: 2 log2 3
    expect(spreadStops(row)).toBeCloseTo(3.17, 2);
  });

  it('is the mirror of itself where the key stands over the lens, and runs across wherever the lens stands', () => {
    const row = acrossFaces(lightingOf({ ...LAMP, arcDeg: 0 }, FACE), FACE, LENS, 1);
    expect(row[0]!.stops).toBeCloseTo(row.at(-1)!.stops, 9);
    expect(row[0]!.stops).toBeLessThan(0);
    const fromSide = acrossFaces(lightingOf(LAMP, FACE), FACE, [4, 1.6, 0], 1);
    for (const [i, { stops }] of fromSide.entries()) expect(stops).toBeCloseTo(row[i]!.stops, 6);
  });

  it('has a width', () => {
    expect(() => acrossFaces(lightingOf(LAMP, FACE), FACE, LENS, 0)).toThrow('widthM 0 must be above 0');
  });
});

describe('the faces of a group', () => {
  const faces: Vec3[] = [-1.5, -0.5, 0.5, 1.5].map((x) => [x, 1.6, 0]);
  const spread = (light: Light) => rangeOf(stopsOnFaces(light, faces));

  it('are lit by the inverse square', () => {
    const lamp = { ...LAMP, distanceM: 3 };
    // 4.5 m against 1.5 m: 2 log2 3
    expect(spread(lamp)).toBeCloseTo(3.17, 2);
    expect(stopsOnFaces(lamp, [[0, 1.6, 0]])).toEqual([0]);
  });

  it('are lit evenly by a key further away, and where that is not enough, round towards the lens', () => {
    const key = { ...LAMP, arcDeg: 40, heightM: 2.2, sizeM: 0.9, kind: undefined };
    expect(spread(key)).toBeGreaterThan(EVEN_FACES_STOPS);
    for (const room of [HALL, { ...HALL, widthM: 7, markToLeftM: 3.5, depthM: 11, markToBackM: 3 }]) {
      const even = keyForFaces(key, faces, 0, room);
      expect(spread(even)).toBeLessThanOrEqual(EVEN_FACES_STOPS);
      expect(even.distanceM).toBeGreaterThan(key.distanceM);
      expect(Math.abs(even.arcDeg)).toBeLessThanOrEqual(40);
    }
  });

  it('keep a key that lights them evenly, or that cannot be moved, and get the most even one of a small room', () => {
    const far = { ...LAMP, arcDeg: 0, distanceM: 10 };
    expect(keyForFaces(far, faces, 0, HALL)).toBe(far);
    const sun: Light = { ...LAMP, kind: 'sun', altitudeDeg: 30 };
    expect(keyForFaces(sun, faces, 0, HALL)).toBe(sun);
    const shed = { ...HALL, widthM: 4, markToLeftM: 2, depthM: 5, markToBackM: 2 };
    const key = { ...LAMP, arcDeg: 60, distanceM: 1.5 };
    const found = keyForFaces(key, faces, 0, shed);
    expect(spread(found)).toBeLessThan(spread(key));
    expect(spread(found)).toBeGreaterThan(EVEN_FACES_STOPS);
  });
});

describe('a key for an even row', () => {
  it('is the nearest one that keeps within a third of a stop, at the same angle above the eyes', () => {
    const high = { ...LAMP, arcDeg: 40, heightM: 2.1 };
    const even = keyForEvenRow(high, EYES, LENS, 1.2, HALL)!;
    const spreadAt = (light: Light) => spreadStops(acrossFaces(lightingOf(light, FACE), FACE, LENS, 1.2));
    expect(spreadAt(even)).toBeLessThanOrEqual(EVEN_FACES_STOPS);
    const nearer = even.distanceM - 0.1;
    expect(spreadAt({ ...even, distanceM: nearer, heightM: 1.6 + 0.25 * nearer })).toBeGreaterThan(
      EVEN_FACES_STOPS,
    );
    expect((even.heightM - 1.6) / even.distanceM).toBeCloseTo(0.25, 2);
  });

  it('stays where the row is even already, and is none where the room or the stand ends before', () => {
    expect(keyForEvenRow({ ...LAMP, arcDeg: 0 }, EYES, LENS, 0.5, HALL)!.distanceM).toBe(2);
    expect(keyForEvenRow(LAMP, EYES, LENS, 2, { ...HALL, widthM: 20, markToLeftM: 15 })).toBeNull();
    expect(keyForEvenRow({ ...LAMP, heightM: 3 }, EYES, LENS, 2, HALL)).toBeNull();
    expect(keyForEvenRow({ ...LAMP, kind: 'sun' }, EYES, LENS, 2, HALL)).toBeNull();
  });
});
