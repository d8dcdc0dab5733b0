import { describe, expect, it } from 'vitest';
import { bodyOf, CAMERA, LIGHT, PROFILES, standInOf } from '../../../tests/support/people';
import { keptSurface } from '../../../tests/support/surfaces';
import { partIndex } from '../body';
import { HOUSE_POSES } from '../library';
import { neutralPose, type Pose } from '../pose';
import { plainGround, type Mark } from '../scene';
import { amongOthers, type Shot, type SoloShot } from '../shot';
import { createStandIn, develop, seeLight, seeShot, type StandIn } from '.';

const profileOf = (personId: string) => PROFILES[personId as keyof typeof PROFILES];
const mark = (leftM: number, aheadM = 0): Mark => ({ leftM, aheadM, turnLeftDeg: 0 });

/** A picture of one of average build and of a slight one. */
function pair(ofFirst: Mark, ofSecond: Mark, pose: Pose = neutralPose('x')): Shot {
  const { objects: supports = [], message, ...posed } = pose;
  return {
    people: [
      { role: 'a', personId: 'average', pose: posed, mark: ofFirst },
      { role: 'b', personId: 'slight', pose: posed, mark: ofSecond },
    ],
    supports,
    message,
    camera: CAMERA,
    light: LIGHT,
  };
}

/** The stand-ins of both, each with the other for company. */
function standIns(): Record<'a' | 'b', StandIn> {
  const [a, b] = (['average', 'slight'] as const).map((name) =>
    createStandIn(bodyOf(name), keptSurface(bodyOf(name), 'measured'), standInOf(name)),
  ) as [StandIn, StandIn];
  a.company = new Map([['b', b]]);
  b.company = new Map([['a', a]]);
  return { a, b };
}

const both = standIns();
const seen = (shot: Shot, role: 'a' | 'b', lit = false) =>
  seeShot(both[role], amongOthers(shot, role, profileOf), { lit, ground: plainGround(2) });
const alone = (shot: Shot, role: 'a' | 'b') => {
  const { among: _, ...solo }: SoloShot = amongOthers(shot, role, profileOf);
  return seeShot(both[role], solo, { ground: plainGround(2) });
};
const pixels = (labels: Uint8Array) => labels.filter((l) => l > 0).length;

const APART = pair(mark(0.4), mark(-0.4));

describe('two in a picture', () => {
  it('are each measured as they would be alone where nobody stands in the way', () => {
    for (const role of ['a', 'b'] as const) {
      const among = seen(APART, role);
      const labels = Uint8Array.from(among.picture.label);
      const { readings } = among;
      const one = alone(APART, role);
      expect(labels).toEqual(one.picture.label);
      expect(readings.daylight).toEqual(one.readings.daylight);
      expect(readings.eyes).toEqual(one.readings.eyes);
    }
  });

  it('are both in the picture, each on the own side', () => {
    const { picture } = seen(APART, 'a');
    const half = { left: 0, right: 0 };
    picture.raster.triangle.forEach((t, i) => {
      if (t >= picture.othersFrom) half[i % picture.width < picture.width / 2 ? 'left' : 'right']++;
    });
    // the second is to the right of the set as it faces the lens: at the left of the picture
    expect(half.right).toBe(0);
    expect(half.left).toBeGreaterThan(400);
    expect(pixels(picture.label)).toBeGreaterThan(400);
  });

  it('hide each other: whoever is behind is seen less', () => {
    const behind = pair(mark(0, -0.5), mark(0.15, 0.2));
    const share = pixels(seen(behind, 'a').picture.label) / pixels(alone(behind, 'a').picture.label);
    expect(share).toBeGreaterThan(0.05);
    expect(share).toBeLessThan(0.8);
    expect(pixels(seen(behind, 'b').picture.label)).toBe(pixels(alone(behind, 'b').picture.label));
  });

  it('are no daylight for each other', () => {
    const waist = partIndex('waist');
    const sway = HOUSE_POSES.standing!.find((p) => p.name === 'Slipway sway')!;
    const near = pair(mark(0.1), mark(-0.12, -0.45), sway);
    const air = (sight: ReturnType<typeof seen>) => sight.readings.daylight;
    const lone = air(alone(near, 'a'));
    expect([...alone(near, 'a').picture.label].includes(waist)).toBe(true);
    // one who stands behind fills the gap between arm and waist
    const gaps = (d: typeof lone) => Object.values(d).reduce((s, v) => s + v.gapCm, 0);
    expect(gaps(lone)).toBeGreaterThan(2);
    expect(gaps(air(seen(near, 'a')))).toBeLessThan(gaps(lone) - 1);
  });

  it('share one picture: its pixels are of the same brightness whoever it is asked for', () => {
    const tones = (['a', 'b'] as const).map((role) => {
      const sight = seen(APART, role, true);
      return develop(sight.picture, both[role].surface, both[role].skinned);
    }) as [Uint8ClampedArray, Uint8ClampedArray];
    let off = 0;
    for (let i = 0; i < tones[0].length; i++) off += Math.abs(tones[0][i]! - tones[1][i]!);
    // one is shown without anything finer: by a few steps of 256 on the average
    expect(off / tones[0].length).toBeLessThan(2.5);
  });

  it('shade each other’s faces', () => {
    const ground = plainGround(2);
    const light = { ...LIGHT, arcDeg: -90, heightM: 1.4, distanceM: 2.5, sizeM: 0.3, ambientShare: 0.1 };
    const litWith = (ofSecond: Mark) => {
      const shot = { ...pair({ ...mark(0.4), turnLeftDeg: -90 }, ofSecond), light };
      return seeLight(both.a, amongOthers(shot, 'a', profileOf), ground).pattern.lit.face;
    };
    // a tall neighbour between the face and a low lamp takes most of it away
    expect(litWith(mark(0, 0))).toBeLessThan(litWith(mark(0, -2)) * 0.7);
  });

  it('have no lamp in either of them', () => {
    const light = { ...LIGHT, arcDeg: -90, heightM: 1.2, distanceM: 0.4, sizeM: 0.3 };
    const solo = amongOthers({ ...APART, light }, 'a', profileOf);
    expect(() => seeLight(both.a, solo, plainGround(2))).toThrow('the key');
    expect(() => seeLight(both.a, { ...solo, among: undefined }, plainGround(2))).not.toThrow();
  });

  it('are asked for with somebody to stand in for each', () => {
    const lonely = createStandIn(bodyOf('average'), keptSurface(bodyOf('average'), 'measured'));
    expect(() => seeShot(lonely, amongOthers(APART, 'a', profileOf))).toThrow('role b');
  });
});
