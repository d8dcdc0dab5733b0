import { describe, expect, it } from 'vitest';
import { LIGHT, shotOf, standInOf } from '../../../../tests/support/people';
import { mend } from '../../adapt';
import { standardOf } from '../../brief';
import { seeBodyLight, seeShot } from '../../picture';
import { plainGround, type Ground } from '../../scene';
import type { SoloShot } from '../../shot';
import type { Vec3 } from '../../units';
import { review } from '../review';
import { mergesWithGround } from './mergesWithGround';

const NEAR = { distanceM: 2.6, heightM: 1.5 };
/** Hardly any light but the key's. */
const LOW_KEY: SoloShot['light'] = { ...LIGHT, ambientShare: 0.05, arcDeg: 60 };
const PORTRAIT: SoloShot = { ...shotOf({ hipsTurnLeftDeg: 25 }, NEAR), light: LOW_KEY };
const BLACK: Vec3 = [0.01, 0.01, 0.01];
const WHITE: Vec3 = [0.85, 0.85, 0.85];
/** As a grey shirt in this light. */
const AS_SHIRT: Vec3 = [0.3, 0.3, 0.3];
function groundOf(tone: Vec3, backgroundM = 1.8): Ground {
  return { ...plainGround(backgroundM), background: tone, wall: tone };
}
type Who = Parameters<typeof standInOf>[0];
/** Per cent of head and shoulders that are lost in a ground. */
function lost(shot: SoloShot, ground: Ground, who: Who = 'average'): Partial<Record<string, number>> {
  const sight = seeShot(standInOf(who), shot, { ground });
  return Object.fromEntries(mergesWithGround.measure(sight).map((m) => [m.key, m.value]));
}
const brighter = (shot: SoloShot): SoloShot => ({ ...shot, light: LIGHT });

describe('the edge of head and shoulders', () => {
  it('is lost before a ground as dark or as grey as they are, and clear before white, on any body', () => {
    for (const who of ['slight', 'average', 'heavy'] as const) {
      expect(lost(PORTRAIT, groundOf(BLACK), who).head).toBeGreaterThan(50);
      expect(lost(brighter(PORTRAIT), groundOf(AS_SHIRT), who).shoulders).toBeGreaterThan(50);
      expect(lost(PORTRAIT, groundOf(WHITE), who)).toEqual({ head: 0, shoulders: 0 });
    }
  });

  it('is drawn again by lamps from behind, and by more light all round', () => {
    const rim = { id: 'rim', kind: 'strip' as const, heightM: 2.2, distanceM: 1.6, sizeM: 1, powerStops: 2 };
    const others = [
      { ...rim, arcDeg: 150 },
      { ...rim, id: 'rim-2', arcDeg: -150 },
    ];
    const dark = lost(PORTRAIT, groundOf(BLACK)).head!;
    expect(lost({ ...PORTRAIT, light: { ...LOW_KEY, others } }, groundOf(BLACK)).head).toBeLessThan(dark);
    expect(lost(brighter(PORTRAIT), groundOf(BLACK)).head).toBeLessThan(dark);
  });

  it('goes with the light on the ground, which falls off behind the sitter', () => {
    const grey: Vec3 = [0.3, 0.3, 0.3];
    // near, the ground is as bright as the shirt; far behind it is black
    expect(lost(brighter(PORTRAIT), groundOf(grey, 1.8)).shoulders).toBeGreaterThan(50);
    expect(lost(PORTRAIT, groundOf(grey, 15)).shoulders).toBeLessThan(50);
    expect(lost(PORTRAIT, groundOf(grey, 15)).head).toBeGreaterThan(
      lost(PORTRAIT, groundOf(grey, 1.8)).head!,
    );
  });

  it('is the same turned, rolled and mirrored with all that lights it', () => {
    const ground = groundOf(BLACK);
    const here = lost(PORTRAIT, ground);
    const rolled = { ...PORTRAIT, camera: { ...PORTRAIT.camera, rollDeg: 10 } };
    expect(Math.abs(lost(rolled, ground).head! - here.head!)).toBeLessThan(12);
    const mirrored: SoloShot = {
      ...shotOf({ hipsTurnLeftDeg: -25 }, NEAR),
      light: { ...LOW_KEY, arcDeg: -LOW_KEY.arcDeg },
    };
    expect(Math.abs(lost(mirrored, ground).head! - here.head!)).toBeLessThan(12);
  });

  it('is told of nobody who lies, and of nothing where the ground is not known', () => {
    expect(mergesWithGround.measure(seeShot(standInOf('average'), PORTRAIT))).toEqual([]);
    const lying = { ...PORTRAIT, pose: { ...PORTRAIT.pose, support: 'reclineBack' as const } };
    expect(lost(lying, groundOf(BLACK))).toEqual({});
  });

  it('agrees with the drawn picture about what merges', () => {
    const whole = shotOf();
    const share = (tone: Vec3) =>
      seeBodyLight(standInOf('average'), whole, groundOf(tone)).outline.mergesShare;
    expect(share(AS_SHIRT)).toBeGreaterThan(share(WHITE));
  });

  it('is mended', () => {
    const ground = groundOf(BLACK);
    const sight = seeShot(standInOf('average'), PORTRAIT, { ground });
    const finding = review(sight, standardOf(PORTRAIT.pose.message)).find(
      (f) => f.id === 'merges-with-ground:head',
    )!;
    const result = mend(standInOf('average'), PORTRAIT, finding, { ground });
    expect(result.kind).toBe('mended');
  });
});
