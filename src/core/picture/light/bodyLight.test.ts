import { describe, expect, it } from 'vitest';
import { CAMERA, standInOf } from '../../../../tests/support/people';
import { viewOf } from '../../camera';
import { lightingOf, type Light } from '../../light';
import { neutralPose, type Pose } from '../../pose';
import { plainGround, supportAt, type Ground } from '../../scene';
import { degrees, radians } from '../../units';
import { seeShot } from '../seeShot';
import { seeBodyLight } from './bodyLight';
import { flaresOf, hoodedFromDeg } from './flare';
import { seeLight } from './seeLight';
import type { SoloShot } from '../../shot';

const standIn = standInOf('average');
const standing = neutralPose('x');
const WALL = plainGround(1);
const HEAD: SoloShot['camera'] = { ...CAMERA, distanceM: 2.6, heightM: 1.45 };
const WHOLE: SoloShot['camera'] = { ...CAMERA, distanceM: 5.2, heightM: 0.95 };

/** A key 1.5 m from the face, aside of the front and above the eyes. */
function keyAt(asideDeg: number, upDeg: number, more: Partial<Light> = {}): Light {
  return {
    arcDeg: asideDeg,
    distanceM: 1.5 * Math.cos(radians(upDeg)),
    heightM: 1.6 + 1.5 * Math.sin(radians(upDeg)),
    sizeM: 0.6,
    ambientShare: 0.15,
    ...more,
  };
}

function read(light: Light, camera = HEAD, ground: Ground = WALL, pose: Pose = standing) {
  return seeBodyLight(standIn, { pose, camera, light }, ground);
}

describe('under the jaw', () => {
  it('is the darker the higher the key stands, and open to a key at the eyes', () => {
    const shares = [0, 25, 45, 60].map((up) => read(keyAt(0, up)).underJawShare!);
    expect(shares[0]).toBeLessThan(0.05);
    expect(shares[1]!).toBeGreaterThan(shares[0]! + 0.08);
    expect(shares[2]!).toBeGreaterThan(shares[1]! + 0.15);
    expect(shares[3]!).toBeGreaterThan(0.7);
  });
});

describe('the sitter’s shadow on the background', () => {
  it('falls away from the key, and out of the picture when the key goes far round', () => {
    expect(read(keyAt(20, 20), WHOLE).shadow!.where).toBe('camera left');
    expect(read(keyAt(-20, 20), WHOLE).shadow!.where).toBe('camera right');
    expect(read(keyAt(70, 20), WHOLE).shadow).toBeNull();
  });

  it('is as deep as key and ambient over the ambient say, where the key is small', () => {
    const small = keyAt(20, 10, { sizeM: 0.05, ambientShare: 0.25, distanceM: 3 });
    const { deeperStops } = read(small, WHOLE).shadow!;
    // the key falls off to the wall behind: (3 / 4)^2 of the face's at the same height, at a slant of 15 degrees,
    // and less farther down
    const onWall = (3 / (1 + 3 * Math.cos(radians(20)))) ** 2 * Math.cos(radians(15)) ** 2;
    expect(deeperStops).toBeGreaterThan(Math.log2((0.6 * onWall + 0.25) / 0.25));
    expect(deeperStops).toBeLessThan(Math.log2((1.2 * onWall + 0.25) / 0.25));
  });

  it('fades with more ambient', () => {
    const deep = (ambientShare: number) => read(keyAt(20, 20, { ambientShare }), WHOLE).shadow!.deeperStops;
    expect(deep(0.05)).toBeGreaterThan(deep(0.5) + 1);
  });
});

describe('the outline', () => {
  it('merges with a ground of its own tone and stands out from another', () => {
    const on = (level: number) =>
      read(keyAt(30, 30), WHOLE, { ...plainGround(2), background: [level, level, level] }).outline;
    expect(on(0.9).mergesShare).toBeLessThan(0.12);
    // trousers and hair reflect 5 %, lit less than the wall
    expect(on(0.04).mergesShare).toBeGreaterThan(1.8 * on(0.9).mergesShare);
  });

  it('is drawn by a rim on the side that the lamp behind stands on, and by none from the front', () => {
    expect(read(keyAt(30, 30), WHOLE).outline.rimShare).toBe(0);
    const others = [
      {
        id: 'rim',
        kind: 'strip' as const,
        arcDeg: 140,
        heightM: 1.5,
        distanceM: 1.6,
        sizeM: 1.3,
        powerStops: 1,
      },
    ];
    const rimmed = read(keyAt(-30, 30, { others }), WHOLE).outline.rimShare;
    expect(rimmed).toBeGreaterThan(0.08);
    expect(rimmed).toBeLessThan(0.7);
  });
});

describe('hands', () => {
  it('come out brighter than the face when the key stands lower', () => {
    const at = (heightM: number) =>
      read({ ...keyAt(25, 0), heightM, distanceM: 1.2 }, WHOLE).handsStops.left!;
    expect(at(0.9)).toBeGreaterThan(at(2.2) + 1);
  });
});

describe('flare', () => {
  const lamp = (arcDeg: number, more = {}) => ({
    id: 'lamp',
    kind: 'bare' as const,
    arcDeg,
    heightM: 1.5,
    distanceM: 2,
    sizeM: 0.1,
    powerStops: 0,
    ...more,
  });
  const flares = (others: Light['others'], camera = HEAD) =>
    read(keyAt(40, 35, { others }), camera).flares.map((f) => `${f.source} ${f.kind}`);

  it('is told of a bare lamp in the picture, beside it, and not behind the sitter or the hood', () => {
    expect(flares([])).toEqual([]);
    expect(flares([lamp(170, { heightM: 1.5, distanceM: 0.9 })])).toEqual(['lamp inFrame']);
    expect(flares([lamp(120)])).toEqual(['lamp strikes']);
    expect(flares([lamp(180, { heightM: 1.3, distanceM: 0.8 })])).toEqual([]);
    expect(flares([lamp(60, { distanceM: 3.2 })])).toEqual([]);
  });

  it('is not told of what a backdrop hides, and is beyond the edges of a narrow one', () => {
    const behind = [lamp(170, { distanceM: 2 })];
    const told = (ground: Ground) =>
      seeBodyLight(
        standIn,
        { pose: standing, camera: HEAD, light: keyAt(40, 35, { others: behind }) },
        ground,
      ).flares.map((f) => `${f.source} ${f.kind}`);
    expect(told(plainGround(3))).toEqual(['lamp inFrame']);
    expect(told(plainGround(1.5))).toEqual([]);
    // half a metre from the middle the lamp stands beside a strip of paper that is narrower than that
    expect(told({ ...plainGround(3), backgroundM: 1.5, halfWidthM: 0.2 })).toEqual(['lamp inFrame']);
  });

  it('says how far off the axis it stands', () => {
    const light = keyAt(40, 35, { others: [lamp(90, { heightM: HEAD.heightM })] });
    const { picture } = seeShot(standIn, { pose: standing, camera: HEAD, light });
    const flare = flaresOf(picture, lightingOf(light, [0, 1.5, 0])).find((f) => f.source === 'lamp')!;
    expect(flare.offDeg).toBeCloseTo(degrees(Math.atan2(2, HEAD.distanceM)), 6);
  });

  it('is a number wherever a lamp stands, straight behind the camera too', () => {
    const { picture } = seeShot(standIn, { pose: standing, camera: HEAD, light: keyAt(0, 20) });
    for (let arcDeg = -180; arcDeg <= 180; arcDeg += 7) {
      const seen = { ...picture, view: viewOf({ ...HEAD, arcDeg }) };
      for (const behindDeg of [0, 30, 180])
        for (const distanceM of [0.8, 3, 3.7, 6, 12])
          for (const heightM of [0.5, HEAD.heightM, 3]) {
            const light = { ...keyAt(0, 20), arcDeg: arcDeg + behindDeg, distanceM, heightM };
            for (const flare of flaresOf(seen, lightingOf(light, [0, 1.5, 0])))
              expect([flare.offDeg, flare.onLens].every(Number.isFinite), `${arcDeg} ${distanceM}`).toBe(
                true,
              );
          }
    }
  });

  it.each([24, 50, 85, 135])('is hooded from the corner of the frame and 20 degrees on: %i mm', (mm) => {
    const camera = { ...HEAD, focalLengthMm: mm };
    const cornerDeg = degrees(Math.atan(Math.hypot(18, 12) / mm));
    expect(hoodedFromDeg(viewOf(camera))).toBeCloseTo(cornerDeg + 20, 6);
  });

  it('is not told of soft keys before the sitter, the usual ones', () => {
    for (const arcDeg of [30, 45, 60, -45])
      for (const distanceM of [1.2, 1.8, 2.5])
        expect(read({ ...keyAt(arcDeg, 20), distanceM, heightM: 2.2, sizeM: 0.9 }).flares).toEqual([]);
  });

  it('is kept off by a grid', () => {
    const side = { kind: 'softbox' as const, sizeM: 0.6 };
    expect(flares([lamp(110, side)])).toEqual(['lamp strikes']);
    expect(flares([lamp(110, { ...side, gridDeg: 30 })])).toEqual([]);
  });
});

describe('a face that something stands before', () => {
  it('is named by the light that is left: a wall beside it takes the key away', () => {
    const reading = (objects: Pose['objects']) =>
      seeLight(standIn, { pose: { ...standing, objects }, camera: HEAD, light: keyAt(60, 10) }, WALL);
    expect(reading([]).pattern.lit.face).toBeGreaterThan(0.4);
    // a board across the way of the key, half a metre from the face
    const board = supportAt('wall', {
      leftM: 0.6 * Math.sin(radians(60)),
      aheadM: 0.6 * Math.cos(radians(60)),
      turnLeftDeg: 60,
      sizesM: { widthM: 1.2, heightM: 2.6 },
    });
    expect(reading([board]).pattern.lit.face).toBeLessThan(0.1);
    // the same board on the other side changes nothing
    const other = { ...board, leftM: -board.leftM, turnLeftDeg: -60 };
    expect(reading([other]).pattern).toEqual(reading([]).pattern);
  });
});
