import { describe, expect, it } from 'vitest';
import { LIGHT } from '../../../tests/support/people';
import type { Light } from '../light';
import { sunAt, type Site } from '../scene';
import { turnBetweenDeg } from '../units';
import { sunWindow, withinSun } from './sunWindow';

/** A summer's day in the north; the camera stands to the south of the sitter. */
const SITE: Site = { latitudeDeg: 52.4, longitudeDeg: 4.9, frontBearingDeg: 180 };
const NOON = new Date('2026-06-21T11:40:00Z');
const at = (min: number) => new Date(NOON.getTime() + min * 60_000);

/** The sun as it stands so many minutes after noon. */
function sunLight(min: number, site = SITE): Light {
  const { arcDeg, altitudeDeg } = sunAt(site, at(min));
  return { ...LIGHT, kind: 'sun', arcDeg, altitudeDeg };
}

describe('when the sun stands as planned', () => {
  it('is round the time that it was planned for, and the sun stands so at both ends', () => {
    for (const min of [60, 180, 300]) {
      const light = sunLight(min);
      const { fromMin, untilMin } = sunWindow(light, SITE, NOON)!;
      expect(fromMin).toBeLessThanOrEqual(min);
      expect(untilMin).toBeGreaterThanOrEqual(min);
      for (const end of [fromMin, untilMin]) {
        const sun = sunAt(SITE, at(end));
        expect(Math.abs(turnBetweenDeg(sun.arcDeg, light.arcDeg))).toBeLessThanOrEqual(20);
        expect(Math.abs(sun.altitudeDeg - light.altitudeDeg!)).toBeLessThanOrEqual(8);
      }
      // fifteen degrees an hour: more than half an hour, less than three
      expect(untilMin - fromMin).toBeGreaterThan(30);
      expect(untilMin - fromMin).toBeLessThan(180);
    }
  });

  it('turns with the set: another front, another light, the same minutes', () => {
    const turned = { ...SITE, frontBearingDeg: 40 };
    expect(sunWindow(sunLight(180, turned), turned, NOON)).toEqual(sunWindow(sunLight(180), SITE, NOON));
  });

  it('is never where the sun does not go that day, and nothing for a lamp', () => {
    expect(sunWindow({ ...sunLight(60), altitudeDeg: 80 }, SITE, NOON)).toBeNull();
    expect(sunWindow({ ...sunLight(60), arcDeg: sunLight(60).arcDeg + 180 }, SITE, NOON)).toBeNull();
    expect(sunWindow(LIGHT, SITE, NOON)).toBeUndefined();
  });
});

it('narrows what was asked, and leaves it where the two do not meet', () => {
  const sun = { fromMin: 20, untilMin: 80 };
  expect(withinSun({ mustHave: true }, sun)).toEqual({ mustHave: true, fromMin: 20, untilMin: 80 });
  expect(withinSun({ fromMin: 40, untilMin: 200 }, sun)).toEqual({ fromMin: 40, untilMin: 80 });
  expect(withinSun({ untilMin: 10 }, sun)).toEqual({ untilMin: 10 });
  expect(withinSun({ fromMin: 5 }, undefined)).toEqual({ fromMin: 5 });
  expect(withinSun({ fromMin: 5 }, null)).toEqual({ fromMin: 5 });
});
