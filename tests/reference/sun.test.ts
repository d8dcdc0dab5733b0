import { Body, Equator, Horizon, Observer } from 'astronomy-engine';
import { describe, expect, it } from 'vitest';
import { sunAt, sunFor, sunPath, sunTimes, type Site } from '@/core/scene';

const site = (latitudeDeg: number, longitudeDeg: number, frontBearingDeg = 0): Site => ({
  latitudeDeg,
  longitudeDeg,
  frontBearingDeg,
});

// Twenty places and times over the year, from both hemispheres.
const PLACES: readonly (readonly [number, number])[] = [
  [52.4, 4.9],
  [69.6, 18.9],
  [40.7, -74],
  [-33.9, 151.2],
  [1.3, 103.8],
  [-22.9, -43.2],
  [35.7, 139.7],
  [64.1, -21.9],
  [28.6, 77.2],
  [-54.8, -68.3],
];
const TIMES = [
  '2026-03-20T09:10:00Z',
  '2026-06-21T15:40:00Z',
  '2026-09-01T06:20:00Z',
  '2026-12-21T12:00:00Z',
];

describe('the sun against a second astronomy library', () => {
  it.each(PLACES.flatMap((place, i) => [0, 1].map((k) => [...place, TIMES[(i * 2 + k) % 4]!] as const)))(
    'at %d, %d on %s',
    (latitude, longitude, iso) => {
      const time = new Date(iso);
      const observer = new Observer(latitude, longitude, 0);
      const equator = Equator(Body.Sun, time, observer, true, true);
      const wanted = Horizon(time, observer, equator.ra, equator.dec, 'normal');
      const sun = sunAt(site(latitude, longitude), time);
      // near the zenith a small angle is a large azimuth
      const flat = Math.cos((wanted.altitude * Math.PI) / 180);
      const off = Math.abs(((sun.azimuthDeg - wanted.azimuth + 540) % 360) - 180);
      expect(off * flat).toBeLessThan(0.1);
      // refraction below the horizon is not defined
      if (wanted.altitude > 1) expect(Math.abs(sun.altitudeDeg - wanted.altitude)).toBeLessThan(0.1);
    },
  );

  it('rises at the equator on an equinox at about 06:06 local mean time', () => {
    // from memory: six o'clock, seven and a half minutes of the equation of time, less air and half the sun's width
    const { rise } = sunTimes(site(0, 0), new Date('2026-03-20T12:00:00Z'));
    const minutes = rise!.getUTCHours() * 60 + rise!.getUTCMinutes();
    expect(Math.abs(minutes - 366)).toBeLessThan(4);
  });
});

describe('the sun in the set', () => {
  const noon = new Date('2026-06-21T12:00:00Z');

  it('stands where its bearing says, seen from the front of the set', () => {
    // at noon it is in the south: a set that looks south has it behind the camera, one that looks north behind the sitter
    expect(Math.abs(sunAt(site(52, 0, 180), noon).arcDeg)).toBeLessThan(3);
    expect(Math.abs(sunAt(site(52, 0, 0), noon).arcDeg)).toBeGreaterThan(177);
    // with the camera in the west, looking east, south is at its right hand
    const { arcDeg, towards } = sunAt(site(52, 0, 270), noon);
    expect(arcDeg).toBeGreaterThan(87);
    expect(arcDeg).toBeLessThan(93);
    expect(towards[0]).toBeGreaterThan(0.4);
    expect(Math.hypot(...towards)).toBeCloseTo(1, 9);
  });

  it('is named for one who looks at the camera, and by the hour of its light', () => {
    expect(sunFor(sunAt(site(52, 0, 180), new Date('2026-12-21T12:00:00Z')), 0)).toBe('in the sitter’s eyes');
    expect(sunFor(sunAt(site(52, 0, 180), noon), 0)).toBe('high behind the camera');
    expect(sunFor(sunAt(site(52, 0, 0), noon), 0)).toBe('behind the sitter');
    expect(sunFor(sunAt(site(52, 0, 270), noon), 0)).toBe('from camera right');
    expect(sunFor(sunAt(site(52, 0, 270), noon), 90)).toBe('high behind the camera');
    const at = (hour: string) => sunAt(site(52, 0), new Date(`2026-06-21T${hour}:00Z`)).light;
    expect(at('12:00')).toBe('day');
    expect(at('20:10')).toBe('golden hour');
    expect(at('20:58')).toBe('blue hour');
    expect(at('00:00')).toBe('night');
    expect(sunFor(sunAt(site(52, 0), new Date('2026-06-21T00:00:00Z')), 0)).toBe('below the horizon');
  });

  it('goes its way above the horizon only, all night in the far north and not at all in its winter', () => {
    const path = sunPath(site(52, 0), noon);
    expect(path.every(({ sun }) => sun.altitudeDeg > 0)).toBe(true);
    expect(path.length).toBeGreaterThan(45);
    expect(sunPath(site(75, 20), noon).length).toBe(72);
    expect(sunPath(site(75, 20), new Date('2026-12-21T12:00:00Z'))).toEqual([]);
    expect(sunTimes(site(75, 20), noon)).toEqual({ rise: null, set: null });
  });
});
