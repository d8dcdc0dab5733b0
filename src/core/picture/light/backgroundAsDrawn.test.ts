import { describe, expect, it } from 'vitest';
import type { Light } from '../../light';
import { GROUND_TONES, plainGround } from '../../scene';
import type { Vec3 } from '../../units';
import { backgroundAsDrawn } from './backgroundAsDrawn';

const FACE: Vec3 = [0, 1.6, 0.1];
const SKIN: Vec3 = [0.4, 0.4, 0.4];
const key = (more: Partial<Light> = {}): Light => ({
  arcDeg: 0,
  heightM: 1.6,
  distanceM: 2.1,
  sizeM: 0.05,
  ambientShare: 0,
  ...more,
});
const drawn = (light: Light, tone: keyof typeof GROUND_TONES = 'grey', apertureF = 4) =>
  backgroundAsDrawn(
    light,
    FACE,
    { ...plainGround(1.9), background: [...GROUND_TONES[tone].reflectance] },
    SKIN,
    apertureF,
  );
const lamp = (powerStops: number) => ({
  others: [
    {
      id: 'b',
      kind: 'softbox' as const,
      arcDeg: 150,
      heightM: 1.6,
      distanceM: 1,
      sizeM: 0.4,
      aim: 'background' as const,
      powerStops,
    },
  ],
});

describe('a background as it is drawn', () => {
  it('lies under the skin by the way of the light and the tones: half the way, two stops', () => {
    const { background, skin } = drawn(key());
    const tones = Math.log2((0.2126 * 0.3 + 0.7152 * 0.27 + 0.0722 * 0.235) / 0.4);
    expect(background - skin).toBeCloseTo(tones - 2, 1);
  });

  it('rises with the ambient light as the skin does', () => {
    const rise = drawn(key({ ambientShare: 1 })).skin - drawn(key()).skin;
    expect(rise).toBeCloseTo(1, 2);
  });

  it('allows a silhouette only far over the skin, and asks for the aperture that puts it a third over the middle', () => {
    expect(drawn(key()).silhouette).toBeNull();
    const { background, silhouette } = drawn(key(lamp(3)), 'white');
    expect(silhouette!.brighterStops).toBeCloseTo(1 / 3 - background, 9);
    // two stops down is twice the f-number
    expect(Math.log2(silhouette!.apertureF / 4) * 2).toBeCloseTo(-silhouette!.brighterStops, 1);
    expect(drawn(key(lamp(3)), 'white', 30).silhouette).toBeNull();
  });
});
