import { loft, smoothIntersection, type Field } from './distance';
import type { Lengths } from './proportions';

/** A flat left shoe around the foot; metres, origin on the floor below the ankle, z towards the toes. */
export function shoeField(lengths: Lengths): Field {
  const m = lengths.frameM / 1000;
  const section = (at: number, centre: number, half: number, up: number, down: number, shift = 0) => ({
    at: at * m,
    centreU: shift * m,
    centreW: centre * m,
    outer: half * m,
    inner: half * m,
    front: up * m,
    back: down * m,
    power: 2.3,
  });
  const upper = loft([
    section(-42, 17, 13, 17, 17),
    section(-34, 17, 20, 27, 18),
    section(-18, 18, 22, 34, 19),
    section(4, 18, 22.5, 33, 19),
    section(26, 17, 24, 25, 18),
    section(52, 14, 27.5, 19, 15, -1),
    section(80, 12, 29.5, 15, 13, -1.5),
    section(102, 11, 26, 11, 12, -3),
    section(116, 10, 19, 9, 11, -5),
    section(125, 9, 9, 5, 9, -6),
  ]);
  return (x, y, z) => smoothIntersection(upper.distance(z, x, y), 0.4 * m - y, 0.003);
}
