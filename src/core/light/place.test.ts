import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bodyOf } from '../../../tests/support/people';
import { figureOf } from '../figure';
import { neutralPose, withSetting } from '../pose';
import type { Room } from '../scene';
import { add, apart, degrees, subtract, type Vec3 } from '../units';
import { keyAt, placeFromWords, placeInWords, sourceCentre, type Light } from '.';

const LENS: Vec3 = [1, 1.4, 3];
const pose = neutralPose('x');
const { points } = figureOf(bodyOf('average'), pose, { lens: LENS });
const EYES = add(add([0, 0, 0], points.eyes.left, 0.5), points.eyes.right, 0.5);
const KEY: Light = { arcDeg: 40, heightM: 2.2, distanceM: 1.8, sizeM: 0.9, ambientShare: 0.2 };
const ROOM: Room = {
  name: 'room',
  widthM: 6,
  depthM: 8,
  markToBackM: 2.5,
  markToLeftM: 3,
  door: { wall: 'right', words: 'door', fromM: 1, toM: 2 },
};
const place = (text: string, of = points) => keyAt(KEY, placeFromWords(text), of, LENS, ROOM);

describe('a key in words', () => {
  it('stands off the line to the lens, above the eyes, so far from them', () => {
    const c = sourceCentre(place('45° camera left, 30 degrees above the eyes, 1.2 m'));
    expect(apart(c, EYES)).toBeCloseTo(1.2, 1);
    const [d, l] = [subtract(c, EYES), subtract(LENS, EYES)];
    expect(degrees(Math.asin(d[1] / apart(c, EYES)))).toBeCloseTo(30, 0);
    // seen from above, towards camera left the bearing gets less
    expect(degrees(Math.atan2(d[0], d[2]) - Math.atan2(l[0], l[2]))).toBeCloseTo(-45, 0);
  });

  it('stands off the nose where it is the sitter’s side, as the head is turned', () => {
    const turnedHead = figureOf(bodyOf('average'), withSetting(pose, 'headTurnLeftDeg', 30), {
      lens: LENS,
    }).points;
    const bearing = (of: typeof points) => place("40 deg sitter's left, 1.5 m", of).arcDeg;
    expect(bearing(turnedHead) - bearing(points)).toBeGreaterThan(20);
    const left = sourceCentre(place('30° to the sitter’s left, 1.5 m'));
    const right = sourceCentre(place('30° to the sitter’s right, 1.5 m'));
    expect(left[0] - EYES[0]).toBeCloseTo(EYES[0] - right[0], 1);
    expect(left[0]).toBeGreaterThan(0.3);
  });

  it('stands in the room by its walls', () => {
    const c = sourceCentre(place('3.5 m from the back wall; 1 m from the left wall, 1,9 m high'));
    expect(c[0]).toBeCloseTo(-2, 1);
    expect(c[1]).toBeCloseTo(1.9, 6);
    expect(c[2]).toBeCloseTo(1, 1);
    const other = sourceCentre(place('4.5 m from the front wall, 5 m from right wall'));
    expect(other[0]).toBeCloseTo(-2, 1);
    expect(other[2]).toBeCloseTo(1, 1);
  });

  it('keeps what is not said', () => {
    expect(place('2.5 m high')).toEqual({ ...KEY, heightM: 2.5 });
    const { arcDeg, heightM } = place('2 m from the face');
    expect(arcDeg).toBeCloseTo(KEY.arcDeg, 0);
    expect(heightM).toBeGreaterThan(1.6);
  });

  it('is read back as it is written', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -170, max: 170 }),
        fc.integer({ min: -20, max: 50 }),
        fc.double({ min: 0.8, max: 3, noNaN: true }),
        (aside, up, farM) => {
          const side = aside < 0 ? 'left' : 'right';
          const above = up < 0 ? 'below' : 'above';
          const text = `${Math.abs(aside)}° camera ${side}, ${Math.abs(up)}° ${above} the eyes, ${farM.toFixed(2)} m`;
          const key = place(text);
          const again = keyAt(key, placeFromWords(placeInWords(key, points, LENS)), points, LENS, ROOM);
          expect(apart(sourceCentre(again), sourceCentre(key))).toBeLessThan(0.04);
        },
      ),
      { endOnFailure: true },
    );
  });

  it('refuses what it does not understand or what no stand can do, and says so', () => {
    expect(() => placeFromWords('over there, 1 m')).toThrow(/“over there”: say degrees camera left/);
    expect(() => placeFromWords('  ')).toThrow(/nothing said/);
    expect(() => place('80° above the eyes, 4 m')).toThrow(
      /key height would be 5.5\d m; it must be from 0 to 4 m/,
    );
    expect(() => place('0.1 m from the eyes')).toThrow(/key distance would be/);
  });
});
