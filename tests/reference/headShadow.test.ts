import { describe, expect, it } from 'vitest';
import type { PointSource } from '@/core/kernel';
import { faceChartOf } from '@/core/picture/face/chart';
import { BLOCKED } from '@/core/picture/face/places';
import { blockedTowards, directionOf, reaching, STEPS, throughHead } from '@/core/picture/face/reaching';
import { add, dot, tripleAt, type Vec3 } from '@/core/units';
import { libraryRays, offPlace } from '../support/headRays';
import { bodyOf, PROFILES, standInOf, type PersonName } from '../support/people';
import { plainReaching } from '../support/plainFace';

/** Share of the rays that may end otherwise, or at another part: a pixel of a depth map is 2 mm wide. */
const UNLIKE = 0.035;
/** Every so many directions and places are looked at. */
const STEPS_APART = 41;
const PLACES_APART = 5;

describe.each(Object.keys(PROFILES) as PersonName[])('on the head of the %s body', (name) => {
  const chart = faceChartOf(bodyOf(name), standInOf(name).surface);

  it('a place lies in shadow where three-mesh-bvh finds something on its way to the light', () => {
    const meetsHead = libraryRays(chart);
    const meetsNose = libraryRays(chart, chart.nose);
    const count = { rays: 0, held: 0, byNose: 0, unlike: 0 };
    for (let step = 0; step < STEPS.azimuths * STEPS.elevations; step += STEPS_APART) {
      const d = directionOf(step);
      const row = blockedTowards(chart, step);
      for (let i = 0; i < row.length; i += PLACES_APART) {
        if (dot(tripleAt(chart.normal, i), d) < 0) continue;
        const from = offPlace(chart, i);
        const met = meetsNose(from, d) ? BLOCKED.byNose : meetsHead(from, d) ? BLOCKED.byHead : BLOCKED.free;
        count.rays++;
        if (met !== BLOCKED.free) count.held++;
        if (met === BLOCKED.byNose) count.byNose++;
        if (met !== row[i]) count.unlike++;
      }
    }
    expect(count.rays).toBeGreaterThan(5000);
    expect(count.held / count.rays).toBeGreaterThan(0.1);
    expect(count.byNose).toBeGreaterThan(100);
    expect(count.unlike / count.rays).toBeLessThan(UNLIKE);
  });

  it('skin that turns away from a light is in shadow', () => {
    const behind = blockedTowards(chart, STEPS.azimuths * ((STEPS.elevations - 1) / 2) + STEPS.azimuths / 2);
    expect(directionOf(STEPS.azimuths * ((STEPS.elevations - 1) / 2) + STEPS.azimuths / 2)[2]).toBeCloseTo(
      -1,
    );
    for (let i = 0; i < behind.length; i++)
      if (chart.normal[i * 3 + 2]! > 0.2) expect(behind[i]).toBe(BLOCKED.byHead);
  });
});

describe('light on a face', () => {
  const chart = faceChartOf(bodyOf('average'), standInOf('average').surface);
  const from = (away: Vec3, more: Partial<PointSource> = {}): PointSource => {
    const centre = add(chart.round.middle, away);
    const xyz = [0, 0.2, -0.2].flatMap((dx) => [0, 0.3].flatMap((dy) => add(centre, [dx, dy, 0])));
    const farM = Math.hypot(...away);
    const aim = away.map((c) => -c / farM) as Vec3;
    return { xyz: Float64Array.from(xyz), aim, isBall: false, gridCos: -1, ...more };
  };

  it.each([
    ['before it', from([0.3, 0.5, 1.2])],
    ['from its right, with a grid', from([-1.4, 0.4, 0.2], { gridCos: 0.98 })],
    ['a ball near by', from([0.5, -0.3, 0.4], { isBall: true })],
    ['behind it, to both sides of straight behind', from([0.05, 0.9, -1], { isBall: true })],
    ['straight above', from([0, 1.5, 0.02])],
  ])('is that of plain loops: %s', (_, source) => {
    const quick = reaching(chart, source);
    const plain = plainReaching(chart, source);
    for (const which of ['free', 'byNose'] as const) {
      const most = Math.max(...plain[which], 1e-3);
      const off = quick[which].map((value, i) => Math.abs(value - plain[which][i]!) / most);
      expect(Math.max(...off)).toBeLessThan(1e-3);
    }
    expect(Math.max(...plain.free)).toBeGreaterThan(0);
  });

  it('reaches a cheek wholly that nothing is before, and one behind the nose in part', () => {
    const share = throughHead(chart, from([1.5, 0.1, 0.6]));
    const cheek = (side: number) =>
      chart.texel.findIndex(
        (_, i) => Math.abs(chart.x[i]! - 0.13 * side) < 0.02 && Math.abs(chart.y[i]! - 0.36) < 0.02,
      );
    expect(share[cheek(1)]).toBeCloseTo(1);
    expect(share[cheek(-1)]).toBeLessThan(0.6);
    expect(share.every((s) => s >= 0 && s <= 1 + 1e-9)).toBe(true);
  });
});
