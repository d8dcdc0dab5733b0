import { degrees } from '../../units';
import { loft, roundedCone, smoothIntersection, smoothUnion, type Field } from './distance';
import type { Lengths } from '../bones/proportions';
import { BALL_FORWARD_SHARE, BALL_HEIGHT_SHARE, HEEL_BACK_SHARE } from '../bones/skeleton';

/** How far a heel of this height turns the foot about its ball, degrees. */
export function heelTurnDeg(lengths: Lengths, heelM: number): number {
  const fromBallM = (BALL_FORWARD_SHARE + HEEL_BACK_SHARE * 0.55) * lengths.frameM;
  return degrees(Math.asin(Math.min(0.85, heelM / fromBallM)));
}

/**
 * A left shoe round the foot that stands flat, as in the bind pose; metres, origin on the floor below the ankle, z
 * towards the toes. A heel hangs below the floor there: it meets it when the foot is turned by `heelTurnDeg`.
 */
export function shoeField(lengths: Lengths, heelM: number): Field {
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
  const foot: Field = (x, y, z) => smoothIntersection(upper.distance(z, x, y), 0.4 * m - y, 0.003);
  if (heelM === 0) return foot;
  const turn = (heelTurnDeg(lengths, heelM) * Math.PI) / 180;
  const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
  const [ballY, ballZ] = [BALL_HEIGHT_SHARE * lengths.frameM, BALL_FORWARD_SHARE * lengths.frameM];
  const standing = (y: number, z: number): [y: number, z: number] => {
    const [dy, dz] = [y - ballY, z - ballZ];
    return [ballY + cos * dy - sin * dz, ballZ + sin * dy + cos * dz];
  };
  // a low heel is a block, a high one tapers
  const [seatY, seatZ] = standing(8 * m, -24 * m);
  const slender = Math.min(1, heelM / 0.08);
  const top = (17 - 3 * slender) * m;
  const bottom = (15 - 8 * slender) * m;
  const seat = [0, seatY, seatZ];
  const tip = [0, bottom * 0.4, seatZ + 2 * m];
  return (x, y, z) => {
    const [sy, sz] = standing(y, z);
    const heel = smoothIntersection(roundedCone(x, sy, sz, seat, tip, top, bottom), -sy, 0.002);
    return smoothUnion(foot(x, y, z), heel, 0.012);
  };
}
