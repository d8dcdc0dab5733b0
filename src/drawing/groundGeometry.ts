import { BufferGeometry, Float32BufferAttribute } from 'three';
import type { Ground } from '@/core/scene';
import type { Vec3 } from '@/core/units';

const SWEEP_RADIUS_M = 0.9;
const SWEEP_STEPS = 12;
/** So far floor and walls are drawn to either side, in front and up, metres. */
const ASIDE_M = 40;
const AHEAD_M = 30;
const HIGH_M = 12;
/** What lies on the floor is drawn so far over it, metres. */
const LAID_M = 0.002;

/** Places of a strip from one edge to the other: depth z and height y, metres. */
type Profile = [z: number, y: number][];

/** Ground behind and under the sitter as one mesh: floor, wall, and what hangs before it, each in its own tone. */
export function groundGeometry(ground: Ground): BufferGeometry {
  const { backgroundM, halfWidthM, wallM, sweeps } = ground;
  const positions: number[] = [];
  const normals: number[] = [];
  const colours: number[] = [];
  const index: number[] = [];
  const strip = (profile: Profile, halfM: number, tone: Vec3) => {
    const first = positions.length / 3;
    profile.forEach(([z, y], i) => {
      const before = profile[Math.max(0, i - 1)]!;
      const after = profile[Math.min(profile.length - 1, i + 1)]!;
      const [dz, dy] = [after[0] - before[0], after[1] - before[1]];
      const l = Math.hypot(dz, dy);
      for (const x of [-halfM, halfM]) {
        positions.push(x, y, z);
        normals.push(0, dz / l, -dy / l);
        colours.push(...tone);
      }
      if (i > 0) {
        const a = first + (i - 1) * 2;
        index.push(a, a + 2, a + 1, a + 1, a + 2, a + 3);
      }
    });
  };
  const halfM = Math.min(ASIDE_M, halfWidthM);
  strip(
    [
      [-wallM, 0],
      [AHEAD_M, 0],
    ],
    ASIDE_M,
    ground.floor,
  );
  if (halfWidthM < ASIDE_M)
    strip(
      [
        [-wallM, HIGH_M],
        [-wallM, 0],
      ],
      ASIDE_M,
      ground.wall,
    );
  const hung: Profile = [[-backgroundM, HIGH_M]];
  if (sweeps) {
    for (let i = 0; i <= SWEEP_STEPS; i++) {
      const a = (i / SWEEP_STEPS) * (Math.PI / 2);
      hung.push([
        -backgroundM + SWEEP_RADIUS_M * (1 - Math.cos(a)),
        LAID_M + SWEEP_RADIUS_M * (1 - Math.sin(a)),
      ]);
    }
    hung.push([AHEAD_M, LAID_M]);
  } else hung.push([-backgroundM, 0]);
  strip(hung, halfM, ground.background);
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new Float32BufferAttribute(positions, 3));
  geometry.setAttribute('normal', new Float32BufferAttribute(normals, 3));
  geometry.setAttribute('color', new Float32BufferAttribute(colours, 3));
  geometry.setIndex(index);
  return geometry;
}
