import { ellipsoid, loft, roundedCone, smoothUnion, type Field } from './distance';
import { FINGERS, HAND_SHAPE, fingerPoints } from '../bones/skeleton';

/** The left hand in hand coordinates (see HAND_SHAPE), one hand length as the unit, with a stub of the wrist. */
export function handField(): Field {
  const palm = loft(
    // at: towards the fingertips; u: back of the hand (+) to palm (-); w: towards the thumb
    [
      { at: -0.14, centreU: 0, centreW: 0, outer: 0.101, inner: 0.1, front: 0.138, back: 0.134, power: 2.3 },
      { at: 0.0, centreU: 0, centreW: 0.0, outer: 0.1, inner: 0.098, front: 0.139, back: 0.135, power: 2.4 },
      {
        at: 0.12,
        centreU: 0,
        centreW: 0.0,
        outer: 0.094,
        inner: 0.085,
        front: 0.155,
        back: 0.165,
        power: 2.5,
      },
      {
        at: 0.28,
        centreU: 0,
        centreW: 0.0,
        outer: 0.085,
        inner: 0.068,
        front: 0.178,
        back: 0.178,
        power: 2.6,
      },
      {
        at: 0.42,
        centreU: 0,
        centreW: 0.004,
        outer: 0.068,
        inner: 0.052,
        front: 0.182,
        back: 0.172,
        power: 2.6,
      },
      {
        at: 0.49,
        centreU: 0,
        centreW: 0.008,
        outer: 0.05,
        inner: 0.042,
        front: 0.165,
        back: 0.145,
        power: 2.5,
      },
    ],
  );
  const chains = FINGERS.map((finger) => {
    const points = fingerPoints(finger);
    const r = finger === 'thumb' ? 0.05 : HAND_SHAPE.fingers[finger].radius;
    return {
      points,
      radii: finger === 'thumb' ? [0.075, 0.055, 0.05, 0.041] : [r * 1.06, r, r * 0.93, r * 0.82],
    };
  });
  return (x, y, z) => {
    let d = palm.distance(-y, x, z);
    d = smoothUnion(d, ellipsoid(x + 0.062, y + 0.2, z - 0.135, 0.062, 0.135, 0.075), 0.06);
    d = smoothUnion(d, ellipsoid(x + 0.045, y + 0.23, z + 0.115, 0.048, 0.145, 0.055), 0.05);
    for (let f = 0; f < chains.length; f++) {
      const { points, radii } = chains[f]!;
      let chain = Infinity;
      for (let i = 0; i < 3; i++) {
        const bone = roundedCone(x, y, z, points[i]!, points[i + 1]!, radii[i]!, radii[i + 1]!);
        chain = i === 0 ? bone : smoothUnion(chain, bone, 0.012);
      }
      d = smoothUnion(d, chain, f === 0 ? 0.075 : y > -0.5 ? 0.04 : 0.018);
    }
    return d;
  };
}
