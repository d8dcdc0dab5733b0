import { describe, expect, it } from 'vitest';
import { bodyFrom, BEARD_NAMES, BEARDS, surfaceOf, type Beard, type BodyProfile } from '../..';
import { profileOf, PROFILES } from '../../../../../tests/support/people';
import { subtract, lengthOf, type Vec3 } from '../../../units';
import { bindToHead } from '../../bones/skeleton';
import { beardAt, beardOf } from './beard';
import { beardHairs } from '../fine/beardHairs';
import { headModel } from '../headModel';

const WORN = BEARD_NAMES.filter((beard) => beard !== 'none');

function hairsOn(profile: BodyProfile, beard: Beard) {
  const body = bodyFrom(profile);
  const model = headModel(body.profile, body.lengths, body.fields, 2);
  const H = body.lengths.headHeightM;
  return beardHairs(beard, body.lengths, model).map(({ root, tip, on }) => ({
    at: bindToHead(body.lengths, root),
    long: lengthOf(subtract(tip, root)) / H,
    falls: root[1] - tip[1],
    on,
  }));
}

describe.each(WORN)('%s', (beard) => {
  it.each(Object.entries(PROFILES))('grows where beards do, on the %s sitter', (_, profile) => {
    const hairs = hairsOn(profile, beard);
    expect(hairs).toHaveLength(BEARDS[beard].hairs);
    for (const { at, long, falls, on } of hairs) {
      // the left half, which the other mirrors; not on the nose, the eyes, the ears or the throat
      expect(at[0]).toBeGreaterThan(-0.003);
      expect(at[1]).toBeLessThan(0.43);
      expect(at[1]).toBeGreaterThan(-0.08);
      expect(at[2]).toBeGreaterThan(0);
      expect(long).toBeGreaterThan(0.003);
      expect(long).toBeLessThan(
        1.25 * Math.max(0.004, BEARDS[beard].lip, BEARDS[beard].cheek, BEARDS[beard].chin),
      );
      // hairs fall
      expect(falls).toBeGreaterThan(-1e-3);
      expect(on.reduce((sum, [, share]) => sum + share, 0)).toBeCloseTo(1, 6);
    }
  });

  it('leaves the mouth free, and the cheek under the eye', () => {
    const free: Vec3[] = [
      [0, 0.21, 0.45],
      [0.03, 0.2, 0.45],
      [0.14, 0.42, 0.34],
      [0, 0.36, 0.49],
    ];
    for (const place of free) expect(beardAt(beard, place).share).toBe(0);
  });

  it('is the same each time', () => {
    expect(hairsOn(PROFILES.average, beard)).toEqual(hairsOn(PROFILES.average, beard));
  });
});

describe('kinds of beard', () => {
  const chin: Vec3 = [0, 0.06, 0.41];
  const lip: Vec3 = [0.05, 0.265, 0.43];
  const jaw: Vec3 = [0.2, 0.15, 0.2];

  it('grow each in its parts, and a fuller one longer', () => {
    expect(beardAt('moustache', chin).long).toBe(0);
    expect(beardAt('moustache', lip).long).toBeGreaterThan(0.03);
    for (const place of [chin, lip, jaw]) {
      const [stubble, short, full] = (['stubble', 'short', 'full'] as const).map(
        (b) => beardAt(b, place).long,
      );
      expect(stubble).toBeGreaterThan(0);
      expect(short).toBeGreaterThan(stubble!);
      expect(full).toBeGreaterThan(short!);
    }
  });

  it('are alike on both sides', () => {
    expect(beardAt('full', [-jaw[0], jaw[1], jaw[2]])).toEqual(beardAt('full', jaw));
  });

  it('are worn by no child, and by nobody of whom none is said', () => {
    expect(beardOf(profileOf({ beard: 'full', ageYears: 9 }))).toBe('none');
    expect(beardOf(profileOf({ beard: 'full' }))).toBe('full');
    expect(beardOf(profileOf())).toBe('none');
  });

  it('leave the measured skin where it is, and darken it', () => {
    const [bare, bearded] = [undefined, 'full' as const].map((beard) =>
      surfaceOf(bodyFrom(profileOf(beard ? { beard } : {})), 'measured'),
    );
    expect(bearded!.positions).toEqual(bare!.positions);
    expect(bearded!.colours).not.toEqual(bare!.colours);
    const sum = (s: typeof bare) => s!.colours.reduce((a, b) => a + b, 0);
    expect(sum(bearded)).toBeLessThan(sum(bare));
  });
});
