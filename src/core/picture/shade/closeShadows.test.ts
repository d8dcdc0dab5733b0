import { describe, expect, it } from 'vitest';
import { bodyOf, CAMERA, standInOf } from '../../../../tests/support/people';
import type { Light } from '../../light';
import { neutralPose } from '../../pose';
import { plainGround, supportAt } from '../../scene';
import { seeFace } from '../light/seeLight';
import { createStandIn } from '../standIn';
import { seeShot } from '../seeShot';
import type { SoloShot } from '../../shot';
import { keptSurface } from '../../../../tests/support/surfaces';

const GROUND = plainGround(2);
const rim = (arcDeg: number) => ({
  id: 'rim',
  kind: 'strip' as const,
  arcDeg,
  heightM: 1.6,
  distanceM: 1.4,
  sizeM: 1.2,
  powerStops: 0,
});
const lit = (arcDeg: number, rimDeg: number): Light => ({
  arcDeg,
  heightM: 2.1,
  distanceM: 1.5,
  sizeM: 0.5,
  ambientShare: 0.1,
  others: [rim(rimDeg)],
});
const shotWith = (light: Light): SoloShot => ({
  pose: neutralPose('x'),
  camera: { ...CAMERA, distanceM: 2.4, heightM: 1.5 },
  light,
});

describe('shadows that are kept', () => {
  it('are those of the lamps as they stand, whichever moved last', () => {
    const kept = standInOf('average');
    for (const light of [lit(40, 150), lit(-50, 150), lit(-50, -130), lit(40, 150)]) {
      const fresh = createStandIn(bodyOf('average'), keptSurface(bodyOf('average'), 'measured'));
      const expected = seeFace(fresh, shotWith(light), GROUND, 90).light!;
      expect(seeFace(kept, shotWith(light), GROUND, 90).light).toEqual(expected);
    }
  });
});

describe('furniture', () => {
  it('that is put before the key takes it away at once, and gives it back', () => {
    const kept = standInOf('average');
    const light = lit(40, 150);
    const before = seeFace(kept, shotWith(light), GROUND, 60).light!;
    const half = [Math.sin((40 * Math.PI) / 180) * 0.75, Math.cos((40 * Math.PI) / 180) * 0.75] as const;
    const wall = supportAt('wall', {
      leftM: half[0],
      aheadM: half[1],
      turnLeftDeg: 40,
      sizesM: { widthM: 0.6 },
    });
    const behind = seeFace(kept, shotWith(light), { ...GROUND, furniture: [wall] }, 60).light!;
    const mean = (values: Float32Array) => values.reduce((sum, v) => sum + v, 0) / values.length;
    expect(mean(behind)).toBeLessThan(mean(before) * 0.8);
    expect(seeFace(kept, shotWith(light), GROUND, 60).light).toEqual(before);
  });
});

describe('a preview', () => {
  it('lights the ground at nodes and between them by lines, and the sitter wholly', () => {
    const shot = { ...shotWith(lit(40, 150)), camera: { ...CAMERA, distanceM: 4 } };
    const see = (isGroundCoarse: boolean) => {
      const { picture } = seeShot(standInOf('average'), shot, { lit: true, ground: GROUND, isGroundCoarse });
      return { light: picture.light!, label: picture.label };
    };
    const fine = see(false);
    const coarse = see(true);
    let off = 0;
    let ground = 0;
    fine.label.forEach((label, i) => {
      if (label > 0) expect(coarse.light[i]).toBe(fine.light[i]);
      else {
        ground++;
        off += Math.abs(coarse.light[i]! - fine.light[i]!) / fine.light[i]!;
      }
    });
    expect(ground).toBeGreaterThan(10_000);
    expect(off / ground).toBeLessThan(0.02);
  });
});

it('a stand-in on another surface takes over what the head shades, and sees the face in the same light', () => {
  const measured = standInOf('average');
  const shot = shotWith(lit(60, 150));
  const seen = seeFace(measured, shot, GROUND, 90);
  const other = createStandIn(bodyOf('average'), keptSurface(bodyOf('average'), 'sketched'), measured);
  expect(other.chart).toBe(measured.chart);
  const again = seeFace(other, shot, GROUND, 90);
  // stops between the two wherever both see the head and neither is near an edge of the shadow
  const apart: number[] = [];
  seen.light!.forEach((light, i) => {
    const other = again.light![i]!;
    if (seen.label[i] === again.label[i] && seen.label[i]! > 0 && light > 0.05 && other > 0.05)
      apart.push(Math.abs(Math.log2(light / other)));
  });
  apart.sort((a, b) => a - b);
  expect(apart.length).toBeGreaterThan(1_000);
  expect(apart[Math.floor(apart.length / 2)]).toBeLessThan(0.12);
});
