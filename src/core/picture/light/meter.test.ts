import { describe, expect, it } from 'vitest';
import { CAMERA, standInOf } from '../../../../tests/support/people';
import { figureOf } from '../../figure';
import { neutralPose } from '../../pose';
import { plainGround } from '../../scene';
import { add, type Vec3 } from '../../units';
import { readMeter, type Meter } from './meter';
import type { SoloShot } from '../../shot';

const standIn = standInOf('average');
const pose = neutralPose('x');
const shot: SoloShot = {
  pose,
  camera: { ...CAMERA, arcDeg: 0 },
  light: { arcDeg: 0, heightM: 1.6, distanceM: 2, sizeM: 0.05, ambientShare: 0 },
};
const { nose } = figureOf(standIn.body, pose, { lens: [0, 0.95, 5] }).points;
const read = (meter: Partial<Meter> & { at: Vec3 }, light: Partial<SoloShot['light']> = {}) =>
  readMeter(standIn, { ...shot, light: { ...shot.light, ...light } }, plainGround(2), {
    towards: 'key',
    cap: 'flat',
    ...meter,
  });

describe('a meter in the set', () => {
  it('reads the face’s own light at the face, and by the square of the distance before it', () => {
    expect(read({ at: add(nose, [0, 0, 0.001]) }).stops).toBeCloseTo(0, 1);
    const half = (2 - nose[2]) / 2;
    expect(read({ at: [nose[0], nose[1], nose[2] + half] }).stops).toBeCloseTo(2, 1);
  });

  it('turned away a flat cap sees nothing of the key, a dome half of it from the side', () => {
    const at = add(nose, [0, 0.3, 0.3]);
    const side = read({ at, towards: 'up', cap: 'dome' });
    const square = read({ at, towards: 'key', cap: 'dome' });
    // the key is level with it or a little below: (1 + cos 90) / 2
    expect(side.stops - square.stops).toBeLessThan(-0.9);
    expect(side.stops - square.stops).toBeGreaterThan(-1.5);
    expect(read({ at, towards: 'up', cap: 'flat' }).stops).toBeLessThan(-3);
  });

  it('lies in the sitter’s shadow behind the sitter, and beside it does not', () => {
    const behind = read({ at: [0, 1.2, -0.8] }, { ambientShare: 0.1 });
    expect(behind.bySource).toEqual([]);
    expect(behind.stops).toBeCloseTo(Math.log2(0.1 / 1.1), 2);
    expect(read({ at: [1.2, 1.2, -0.8] }, { ambientShare: 0.1 }).bySource).toHaveLength(1);
  });

  it('tells each source, and what the face has of all', () => {
    const others = [
      {
        id: 'fill',
        kind: 'bare' as const,
        arcDeg: 0,
        heightM: 1.6,
        distanceM: 2,
        sizeM: 0.05,
        powerStops: 0,
      },
    ];
    const two = read({ at: nose }, { others });
    expect(two.faceStops).toBeCloseTo(1, 2);
    expect(two.bySource.map((s) => s.source)).toEqual(['key', 'fill']);
    for (const { stops } of two.bySource) expect(stops).toBeCloseTo(-1, 1);
    expect(two.stops).toBeCloseTo(0, 1);
  });

  it('gathers twice the ambient light with a dome', () => {
    const at: Vec3 = [0, 1.2, -0.8];
    const light = { ambientShare: 0.2 };
    expect(read({ at, cap: 'dome' }, light).ambientStops - read({ at }, light).ambientStops).toBeCloseTo(
      1,
      6,
    );
  });

  it('is a tape as well', () => {
    const { lensM, keyM } = read({ at: [0, 0.95, 0] });
    expect(lensM).toBeCloseTo(5, 6);
    expect(keyM).toBeCloseTo(Math.hypot(0.65, 2), 6);
  });
});
