import { expect, it } from 'vitest';
import { faceChartOf } from '@/core/picture/face/chart';
import { rayMeets } from '@/core/picture/face/rays';
import { libraryRays, raysOff } from '../support/headRays';
import { bodyOf, PROFILES, standInOf, type PersonName } from '../support/people';

/** Rays through an edge may fall on either side of it: no more than this share of them. */
const ON_EDGES = 0.001;

it.each(Object.keys(PROFILES) as PersonName[])(
  'rays off the face of the %s body meet its head where three-mesh-bvh finds it',
  (name) => {
    const chart = faceChartOf(bodyOf(name), standInOf(name).surface);
    const meets = libraryRays(chart);
    const rays = raysOff(chart, 7);
    const blocked = rays.filter(({ from, d }) => meets(from, d)).length;
    const unlike = rays.filter(({ from, d }) => meets(from, d) !== rayMeets(chart.rays(), from, d)).length;
    expect(rays.length).toBeGreaterThan(2000);
    expect(blocked / rays.length).toBeGreaterThan(0.2);
    expect(blocked / rays.length).toBeLessThan(0.9);
    expect(unlike / rays.length).toBeLessThan(ON_EDGES);
  },
);
