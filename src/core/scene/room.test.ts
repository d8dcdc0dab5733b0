import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { radians, type Vec3 } from '../units';
import { fallsThrough, GROUND_TONES, groundOf, openingsOf, roomSchema, WALLS, type Room } from '.';

const SHED: Room = {
  name: 'shed',
  widthM: 6,
  depthM: 9,
  markToBackM: 2.4,
  markToLeftM: 3,
  door: { wall: 'right', words: 'door', fromM: 2, toM: 5 },
};
const WINDOW = { wall: 'left' as const, words: 'window', fromM: 3, toM: 4.2, sillM: 0.9, headM: 2.1 };
const told = (room: unknown) => roomSchema.safeParse(room).error?.issues.map((i) => i.message) ?? [];

describe('what is said of a room', () => {
  it('has windows that lie in their walls and are open', () => {
    expect(told({ ...SHED, windows: [WINDOW] })).toEqual([]);
    expect(told({ ...SHED, windows: [WINDOW, { ...WINDOW, sillM: 2.1 }] })).toEqual([
      'windows.1.sillM 2.1 must be below windows.1.headM 2.1',
    ]);
    expect(told({ ...SHED, windows: [{ ...WINDOW, wall: 'back', toM: 7 }] })).toEqual([
      'windows.0.toM 7 must be from 0 to the wall’s 6 m',
    ]);
    expect(told({ ...SHED, windows: [{ ...WINDOW, fromM: 4.2 }] })).toEqual([
      'windows.0.fromM 4.2 must be below windows.0.toM 4.2',
    ]);
  });

  it('has its backdrop before the wall, outdoors as far as one sees', () => {
    const backdrop = { kind: 'paper' as const, behindM: 2, widthM: 2.72, tone: 'white' as const };
    expect(told({ ...SHED, backdrop })).toEqual([]);
    expect(told({ ...SHED, backdrop: { ...backdrop, behindM: 3 } })).toEqual([
      'backdrop.behindM 3 must be from 0.2 to the wall behind the mark, 2.4 m',
    ]);
    expect(told({ ...SHED, backdrop: { ...backdrop, kind: 'outdoors', behindM: 30 } })).toEqual([]);
    expect(told({ ...SHED, backdrop: { ...backdrop, widthM: 0 } })[0]).toMatch(/0.5/);
  });
});

describe('the ground', () => {
  it('is the wall without a backdrop', () => {
    const ground = groundOf({ ...SHED, wallTone: 'white', floorTone: 'wood' });
    expect(ground).toMatchObject({ backgroundM: 2.4, halfWidthM: Infinity, sweeps: false });
    expect(ground.background).toEqual(GROUND_TONES.white.reflectance);
    expect(ground.floor).toEqual(GROUND_TONES.wood.reflectance);
  });

  it('is the backdrop with the wall beside it', () => {
    const ground = groundOf({
      ...SHED,
      wallTone: 'wood',
      backdrop: { kind: 'paper', behindM: 1.5, widthM: 2.72, tone: 'black' },
    });
    expect(ground).toMatchObject({ backgroundM: 1.5, halfWidthM: 1.36, wallM: 2.4, sweeps: true });
    expect(ground.background).toEqual(GROUND_TONES.black.reflectance);
    expect(ground.wall).toEqual(GROUND_TONES.wood.reflectance);
  });
});

describe('furniture', () => {
  const bench = { kind: 'bench' as const, fromLeftM: 1.2, fromBackM: 0.5, turnLeftDeg: 90 };

  it('stands where the tape says, wherever the mark is', () => {
    const near = groundOf({ ...SHED, furniture: [bench] }).furniture[0]!;
    expect(near.leftM).toBeCloseTo(-1.8, 9);
    expect(near.aheadM).toBeCloseTo(-1.9, 9);
    expect(near.turnLeftDeg).toBe(90);
    const moved = groundOf({ ...SHED, markToLeftM: 2, markToBackM: 4, furniture: [bench] }).furniture[0]!;
    expect(moved.leftM).toBeCloseTo(-0.8, 9);
    expect(moved.aheadM).toBeCloseTo(-3.5, 9);
  });

  it('stands within the walls', () => {
    expect(told({ ...SHED, furniture: [bench] })).toEqual([]);
    expect(told({ ...SHED, furniture: [bench, { ...bench, fromLeftM: 6.5 }] })).toEqual([
      'furniture.1.fromLeftM 6.5 must be from 0 to 6 m',
    ]);
  });
});

describe('openings', () => {
  it('lie where the tape measure says', () => {
    const [door, window] = openingsOf({ ...SHED, windows: [WINDOW] });
    // the right wall is 3 m from the mark; the door's middle is 3.5 m from the back wall, 1.1 m before the mark
    expect(door!.centre[0]).toBeCloseTo(3, 9);
    expect(door!.centre[2]).toBeCloseTo(1.1, 9);
    expect(door!.inwards).toEqual([-1, 0, 0]);
    expect([door!.widthM, door!.heightM]).toEqual([3, 2.1]);
    expect(window!.centre[0]).toBeCloseTo(-3, 9);
    expect(window!.centre[1]).toBeCloseTo(1.5, 9);
    expect(window!.centre[2]).toBeCloseTo(1.2, 9);
    expect(window!.heightM).toBeCloseTo(1.2, 9);
  });

  it('face into the room from every wall', () => {
    for (const wall of WALLS) {
      const { centre, inwards } = openingsOf({
        ...SHED,
        door: { ...SHED.door, wall, fromM: 2.5, toM: 3.5 },
      })[0]!;
      const inside: Vec3 = [centre[0] + inwards[0], 0, centre[2] + inwards[2]];
      expect(inside[0]).toBeGreaterThanOrEqual(-SHED.markToLeftM);
      expect(inside[0]).toBeLessThanOrEqual(SHED.widthM - SHED.markToLeftM);
      expect(inside[2]).toBeGreaterThanOrEqual(-SHED.markToBackM);
      expect(inside[2]).toBeLessThanOrEqual(SHED.depthM - SHED.markToBackM);
    }
  });
});

describe('sun through an opening', () => {
  const window = openingsOf({ ...SHED, windows: [WINDOW] })[1]!;

  it('falls where a straight line through the pane says', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -0.95, max: 0.95, noNaN: true }),
        fc.double({ min: -0.95, max: 0.95, noNaN: true }),
        fc.double({ min: 5, max: 60, noNaN: true }),
        fc.double({ min: -50, max: 50, noNaN: true }),
        (across, up, altitudeDeg, asideDeg) => {
          const [a, s] = [radians(altitudeDeg), radians(asideDeg)];
          const towards: Vec3 = [-Math.cos(a) * Math.cos(s), Math.sin(a), Math.cos(a) * Math.sin(s)];
          const pane: Vec3 = [
            window.centre[0],
            window.centre[1] + (up * window.heightM) / 2,
            window.centre[2] + (across * window.widthM) / 2,
          ];
          const at = (far: number): Vec3 => [
            pane[0] - towards[0] * far,
            pane[1] - towards[1] * far,
            pane[2] - towards[2] * far,
          ];
          expect(fallsThrough(window, towards, at(1.3))).toBe(true);
          expect(
            fallsThrough(window, towards, [at(1.3)[0], at(1.3)[1] + window.heightM * 2, at(1.3)[2]]),
          ).toBe(false);
          // outside the window and from behind the wall there is no light of it
          expect(fallsThrough(window, towards, at(-1))).toBe(false);
          expect(fallsThrough(window, [-towards[0], towards[1], towards[2]], at(1.3))).toBe(false);
        },
      ),
      { endOnFailure: true },
    );
  });
});
