import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { openingsOf, roomSchema, WALLS, type Room } from '../scene';
import { subtract, unit, type Vec3 } from '../units';
import {
  irradianceFrom,
  keyOfKind,
  keyThrough,
  lightingOf,
  lightSchema,
  openingLight,
  sourceCentre,
  type Light,
} from '.';

const ROOM: Room = {
  name: 'room',
  widthM: 5,
  depthM: 6,
  markToBackM: 2,
  markToLeftM: 2,
  door: { wall: 'front', words: 'door', fromM: 1, toM: 2 },
  windows: [{ wall: 'left', words: 'window', fromM: 2.2, toM: 4.2, sillM: 1, headM: 2 }],
};
const FACE: Vec3 = [0, 1.5, 0];
const [, window] = openingsOf(ROOM);
const light: Light = { ambientShare: 0, ...openingLight(window!)! };

describe('light of a window', () => {
  it('stands in the wall, as wide and high as the window, facing into the room', () => {
    expect(() => lightSchema.parse(light)).not.toThrow();
    const centre = sourceCentre(light);
    window!.centre.forEach((c, i) => expect(centre[i]!).toBeCloseTo(c, 1));
    const [source] = lightingOf(light, FACE).sources;
    expect(source!.aim[0]).toBeCloseTo(1, 6);
    const xs = source!.points.map((p) => p[0]);
    const zs = source!.points.map((p) => p[2]);
    // flat in the wall and spread along it: the middles of four and of three columns
    expect(Math.max(...xs) - Math.min(...xs)).toBeLessThan(1e-9);
    expect(Math.max(...zs) - Math.min(...zs)).toBeCloseTo(2 * (3 / 4), 1);
  });

  it('lights the face by what it sees of the pane, less and less towards the corner beside it', () => {
    const [source] = lightingOf(light, FACE).sources;
    const at = (p: Vec3) => irradianceFrom(source!, p, unit(subtract(source!.centre, p)));
    expect(at(FACE)).toBeCloseTo(1, 6);
    // as far from the middle of the window, but seen at a slant: the same wall 70 degrees off its normal
    const far = Math.hypot(...subtract(source!.centre, FACE));
    const slant: Vec3 = [
      source!.centre[0] + far * Math.cos(1.22),
      1.5,
      source!.centre[2] - far * Math.sin(1.22),
    ];
    expect(at(slant)).toBeLessThan(0.6);
    expect(irradianceFrom(source!, [source!.centre[0] - 1, 1.5, 0], [1, 0, 0])).toBe(0);
  });

  it('is none where the opening is out of a source’s range', () => {
    expect(openingLight({ ...window!, centre: [0, 1.5, 30] })).toBeNull();
    expect(openingLight({ ...window!, centre: [0, 1.5, 0.1] })).toBeNull();
    expect(openingLight({ ...window!, heightM: 9 })).toBeNull();
  });
});

describe('light of any window of any room', () => {
  it('is a light that can be kept, in its wall and looking in, or none', () => {
    const metres = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        metres(3, 12),
        metres(3, 12),
        metres(0.1, 0.9),
        metres(0.1, 0.9),
        fc.constantFrom(...WALLS),
        metres(0, 0.5),
        metres(0.1, 0.45),
        (widthM, depthM, back, left, wall, from, wide) => {
          const along = wall === 'back' || wall === 'front' ? widthM : depthM;
          const room = roomSchema.parse({
            ...ROOM,
            widthM,
            depthM,
            markToBackM: back * depthM,
            markToLeftM: left * widthM,
            door: { ...ROOM.door, toM: 1.5 },
            windows: [
              { wall, words: '', fromM: from * along, toM: (from + wide) * along, sillM: 0.8, headM: 2 },
            ],
          });
          const opening = openingsOf(room)[1]!;
          const placed = openingLight(opening);
          if (!placed) return;
          expect(() => lightSchema.parse({ ambientShare: 0.2, ...placed })).not.toThrow();
          const centre = sourceCentre(placed);
          opening.centre.forEach((c, i) => expect(Math.abs(centre[i]! - c)).toBeLessThan(0.03));
          const [source] = lightingOf({ ambientShare: 0, ...placed }, FACE).sources;
          opening.inwards.forEach((c, i) => expect(source!.aim[i]!).toBeCloseTo(c, 6));
        },
      ),
      { endOnFailure: true },
    );
  });
});

describe('a lamp that becomes a window', () => {
  const lamp: Light = {
    kind: 'softbox',
    arcDeg: 40,
    heightM: 2,
    distanceM: 1.5,
    sizeM: 0.9,
    ambientShare: 0.2,
    gridDeg: 20,
    featherDeg: 30,
  };

  it('leaves its grid and its feather behind, and lights the face', () => {
    const key = keyThrough(lamp, openingLight(window!)!);
    expect(key).not.toHaveProperty('gridDeg');
    expect(key).not.toHaveProperty('featherDeg');
    expect(keyOfKind(lamp, 'overcast')).not.toHaveProperty('gridDeg');
    expect(keyOfKind(lamp, 'octa').gridDeg).toBe(20);
    const [source] = lightingOf(key, FACE).sources;
    expect(irradianceFrom(source!, FACE, unit(subtract(source!.centre, FACE)))).toBeCloseTo(1, 6);
  });

  it('is finite whatever was said of it and wherever it faces', () => {
    for (const facesDeg of [-180, -90, 0, 45, 90, 180])
      for (const gridDeg of [undefined, 10, 60]) {
        const stored: Light = { ...light, facesDeg, ...(gridDeg && { gridDeg }) };
        const [source] = lightingOf(stored, FACE).sources;
        expect(Number.isFinite(source!.intensity), `${facesDeg} ${gridDeg}`).toBe(true);
        const onFace = irradianceFrom(source!, FACE, unit(subtract(source!.centre, FACE)));
        expect(onFace).toBeGreaterThanOrEqual(0);
        expect(onFace).toBeLessThan(1.0001);
      }
  });
});
