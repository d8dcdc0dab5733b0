import { radians, SIDES, smoothstep, type Vec3 } from '../../../units';
import type { Lengths } from '../../bones/proportions';
import { EYEBALL, eyeCentre, headToBind, jointIndex } from '../../bones/skeleton';
import { mix, same, type Piece, type Rgb } from '../../pieces/piece';
import type { BodyProfile } from '../../said/profile';
import type { Mesh } from '../../skin/surfaceNets';
import { lidEdges } from '../looks/lids';
import { faceTones } from '../looks/usualTones';

const scaled = (colour: Rgb, by: number): Rgb => [colour[0] * by, colour[1] * by, colour[2] * by];

/** Shade that the lids and their lashes lay on the ball, by the place in the open eye, head heights. */
function lidShade([x, y]: Vec3): number {
  const { upper, lower } = lidEdges(x);
  const corner = 1 - 0.25 * smoothstep(0.03, 0.058, Math.abs(x));
  return (
    corner *
    (0.42 + 0.58 * smoothstep(-0.001, 0.018, upper - y)) *
    (0.72 + 0.28 * smoothstep(0, 0.008, y - lower))
  );
}

/** Eyeballs with iris and pupil, each on its own joint, from so many rings of so many vertices. */
export function eyePieces(profile: BodyProfile, lengths: Lengths, rings: number, around: number): Piece[] {
  const { eyes: iris } = faceTones(profile);
  // whites yellow a little with the years
  const old = smoothstep(30, 90, profile.ageYears);
  const white: Rgb = [0.42, 0.385 - 0.02 * old, 0.36 - 0.05 * old];
  const H = lengths.headHeightM;
  const positions: number[] = [];
  const triangles: number[] = [];
  const r = EYEBALL.radius;
  const normals: number[] = [];
  const put = (polar: number, azimuth: number) => {
    const n = [Math.sin(polar) * Math.cos(azimuth), Math.sin(polar) * Math.sin(azimuth), Math.cos(polar)];
    const bulge = 1 + 0.045 * smoothstep(radians(34), radians(8), polar);
    positions.push(...n.map((value) => value * r * bulge));
    normals.push(...n);
  };
  // rings from the pupil (+z) backwards, denser in front so that iris and pupil have clean edges
  put(0, 0);
  for (let i = 1; i < rings; i++)
    for (let j = 0; j < around; j++) put(Math.PI * Math.pow(i / rings, 1.35), (2 * Math.PI * j) / around);
  put(Math.PI, 0);
  const back = positions.length / 3 - 1;
  for (let j = 0; j < around; j++) {
    const next = (j + 1) % around;
    triangles.push(0, 1 + j, 1 + next);
    for (let i = 0; i < rings - 2; i++) {
      const a = 1 + i * around + j;
      const b = 1 + i * around + next;
      triangles.push(a, a + around, b, b, a + around, b + around);
    }
    const last = back - around;
    triangles.push(last + j, back, last + next);
  }
  const mesh: Mesh = {
    positions: Float32Array.from(positions),
    normals: Float32Array.from(normals),
    triangles: Uint32Array.from(triangles),
  };
  const c = eyeCentre(lengths, 'left');
  return [
    {
      mesh,
      field: (x, y, z) => Math.hypot(x, y, z) - r,
      place: (p) => headToBind(lengths, [c[0] + p[0], c[1] + p[1], c[2] + p[2]]),
      turn: same,
      unitM: H,
      sides: SIDES,
      paint: (p) => {
        const polar = Math.acos(Math.min(1, p[2] / Math.hypot(p[0], p[1], p[2])));
        const spoke = 1 + 0.14 * Math.sin(18 * Math.atan2(p[1], p[0]));
        // an iris is a dish: its lower half gets the light that falls in from above
        const dish = (1 - 0.35 * (p[1] / (r * 0.5))) * spoke;
        let colour: Rgb = mix(
          [0.008, 0.007, 0.007],
          scaled(iris, dish),
          smoothstep(radians(10), radians(13), polar),
        );
        colour = mix(colour, scaled(iris, 0.3), smoothstep(radians(24), radians(28.5), polar));
        colour = mix(colour, white, smoothstep(radians(28.5), radians(32), polar));
        return { part: 'left:eye', colour: scaled(colour, lidShade(p)) };
      },
      weigh: () => new Map([[jointIndex('left:eye'), 1]]),
    },
  ];
}
