import { describe, expect, it } from 'vitest';
import type { Vec3 } from '../units';
import {
  backgroundStops,
  freeId,
  lightFacingKey,
  lightingOf,
  lightSchema,
  lightWithBackground,
  type Light,
} from '.';

const FACE: Vec3 = [0, 1.6, 0.1];
const KEY: Light = { arcDeg: 0, heightM: 1.6, distanceM: 2.1, sizeM: 0.05, ambientShare: 0 };
const stopsOn = (light: Light, backgroundM: number) =>
  backgroundStops(lightingOf(light, FACE, backgroundM), FACE, backgroundM);

describe('light on the background', () => {
  it('of one small key falls with the square of the distance', () => {
    // key 2 m before the face, background 2 m behind it: half the way, two stops
    expect(stopsOn(KEY, 1.9)).toBeCloseTo(-2, 2);
    expect(lightFacingKey(lightingOf(KEY, FACE), FACE)).toBeCloseTo(1, 6);
  });

  it('is lifted by the ambient light on both', () => {
    expect(stopsOn({ ...KEY, ambientShare: 1 }, 1.9)).toBeCloseTo(Math.log2(1.25 / 2), 2);
  });

  it.each([-1, 0, 2])(
    'is brought to %f stops by a lamp that is added, and by the one that is there',
    (wanted) => {
      const lit = lightWithBackground(KEY, FACE, 1.9, wanted)!;
      expect(() => lightSchema.parse(lit)).not.toThrow();
      // the lamp's dial goes by tenths of a stop
      expect(Math.abs(stopsOn(lit, 1.9) - wanted)).toBeLessThanOrEqual(0.05);
      expect(lit.others).toHaveLength(1);
      const again = lightWithBackground(lit, FACE, 1.9, wanted - 0.5)!;
      expect(again.others).toHaveLength(1);
      expect(again.others![0]!.powerStops!).toBeLessThan(lit.others![0]!.powerStops!);
    },
  );

  it('cannot be darker than the other lights make it', () => {
    expect(lightWithBackground(KEY, FACE, 1.9, -3)).toBeNull();
    expect(lightWithBackground(KEY, FACE, 1.9, 9)).toBeNull();
    expect(lightWithBackground(KEY, FACE, 15, 0)).toBeNull();
  });

  it('takes an id that no source has', () => {
    const lamp = lightWithBackground(KEY, FACE, 1.9, 0)!.others![0]!;
    expect(lamp.id).toBe('source-1');
    expect(freeId([lamp])).toBe('source-2');
  });
});
