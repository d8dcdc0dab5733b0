import { polygonHull, polygonLength } from 'd3-polygon';
import { BIND_ARM_DEG, BIND_LEG_DEG, jointIndex, type Body, type GirthName } from '@/core/body';
import { GIRTH_PLACES } from '@/core/body/fields/girths';
import { handField } from '@/core/body/fields/handField';
import { headCharacter, headShape } from '@/core/body/fields/headField';
import { placesAlong } from '@/core/body/bones/proportions';
import { BODY_DENSITY_KG_PER_M3 } from '@/core/body/fields/segments';
import { shoeField } from '@/core/body/fields/shoeField';
import { gridLines, surfaceNets, type Mesh } from '@/core/body/skin/surfaceNets';
import { radians, type Vec3 } from '@/core/units';
import { volumeM3 } from './mesh';

/** Head, hand and shoe reach no farther than this: lengths of a head below its chin, of a hand from its wrist, metres up. */
const HEAD_BELOW_CHIN = 1;
const HAND_FROM_WRIST = 1.4;
const SHOE_UP_M = 0.2;

/** The undressed body in the bind pose as one closed mesh, with hands, feet and head. */
export function nakedMesh(body: Body, cellM = 0.005 * body.lengths.frameM): Mesh {
  const { lengths, fields, profile } = body;
  const { statureM, headHeightM: H, handM: h, frameM: S } = lengths;
  const head = headShape(headCharacter(profile)).skin;
  const hand = handField();
  const shoe = shoeField(lengths, 0);
  const wrist = body.skeleton.bind[jointIndex('left:hand')]!;
  const ankle = body.skeleton.bind[jointIndex('left:foot')]!;
  const [sin, cos] = [Math.sin(radians(BIND_ARM_DEG)), Math.cos(radians(BIND_ARM_DEG))];
  const skin = (x: number, y: number, z: number) => {
    const ax = Math.abs(x);
    const [u, v] = [ax - wrist[0], y - wrist[1]];
    let d = fields.whole(x, y, z);
    // what is farther away than the body cannot be nearest
    if (lengths.chinHeightM - HEAD_BELOW_CHIN * H - y < d)
      d = Math.min(d, head(x / H, (y - lengths.chinHeightM) / H, (z - 0.008 * S) / H) * H);
    if (Math.hypot(u, v, z) - HAND_FROM_WRIST * h < d)
      d = Math.min(d, hand((cos * u + sin * v) / h, (-sin * u + cos * v) / h, z / h) * h);
    if (y - SHOE_UP_M < d) d = Math.min(d, shoe(ax - ankle[0], y, z) + 0.004);
    return d;
  };
  const cell = () => cellM;
  const reach = wrist[0] + 1.2 * h;
  const depth = Math.max(fields.reach.frontM, fields.reach.backM, 0.14 * S) + 0.04;
  return surfaceNets(
    skin,
    gridLines(-reach, reach, cell),
    gridLines(-0.02, statureM + 0.02, cell),
    gridLines(-depth, depth, cell),
  );
}

/** Mass of a mesh at the density of a body, kilograms. */
export function meshMassKg(mesh: Mesh): number {
  return volumeM3(mesh, mesh.positions) * BODY_DENSITY_KG_PER_M3;
}

/** Where a mesh crosses a plane through `at` at a right angle to `axis`, in the plane's own coordinates. */
function crossing({ positions, triangles }: Mesh, at: Vec3, axis: Vec3, across: Vec3): [number, number][] {
  const points: [number, number][] = [];
  const corner = (i: number): Vec3 => [
    positions[i * 3]! - at[0],
    positions[i * 3 + 1]! - at[1],
    positions[i * 3 + 2]! - at[2],
  ];
  const along = (p: Vec3, d: Vec3) => p[0] * d[0] + p[1] * d[1] + p[2] * d[2];
  for (let t = 0; t < triangles.length; t += 3)
    for (let k = 0; k < 3; k++) {
      const a = corner(triangles[t + k]!);
      const b = corner(triangles[t + ((k + 1) % 3)]!);
      const [ha, hb] = [along(a, axis), along(b, axis)];
      if (ha > 0 === hb > 0) continue;
      const share = ha / (ha - hb);
      const p: Vec3 = [0, 1, 2].map((c) => a[c]! + (b[c]! - a[c]!) * share) as Vec3;
      points.push([along(p, across), p[2]]);
    }
  return points;
}

/** A girth of a mesh as a tape takes it, metres: the convex line round what crosses the plane of the tape. */
export function meshGirthM(body: Body, mesh: Mesh, name: GirthName): number {
  const { chain, at } = GIRTH_PLACES[name];
  const { lengths, fields } = body;
  const place = placesAlong(lengths, chain)(at / 1000);
  let points: [number, number][];
  if (chain === 'trunk' || chain === 'neck') {
    // the tape does not go round the arms
    const most = chain === 'neck' ? 0.12 : fields.reach.sideM + 0.06;
    points = crossing(mesh, [0, place, 0], [0, 1, 0], [1, 0, 0]).filter(([x]) => Math.abs(x) < most);
    if (name === 'chest' || name === 'underBust') {
      const widest = fields.trunkLoft.ring(place).outer + 0.025;
      points = points.filter(([x]) => Math.abs(x) < widest);
    }
  } else {
    const limb = chain === 'arm';
    const a = radians(limb ? BIND_ARM_DEG : BIND_LEG_DEG);
    const axis: Vec3 = [Math.sin(a), -Math.cos(a), 0];
    const from: Vec3 = limb
      ? [lengths.shoulderJointM, lengths.shoulderHeightM, 0]
      : [lengths.hipJointM, lengths.hipHeightM, 0];
    const middle: Vec3 = [from[0] + axis[0] * place, from[1] + axis[1] * place, 0];
    const ring = (limb ? fields.armLoft : fields.legLoft).ring(place);
    const most = Math.max(ring.outer, ring.inner, ring.front, ring.back) * 1.02 + 0.004;
    points = crossing(mesh, middle, axis, [Math.cos(a), Math.sin(a), 0]).filter(
      // high on the thigh the tape goes between the legs
      ([u, w]) =>
        name === 'thigh'
          ? middle[0] + Math.cos(a) * u > 0 && Math.hypot(u, w) < 3 * ring.outer
          : Math.hypot(u, w - ring.centreW) < most,
    );
  }
  return polygonLength(polygonHull(points)!);
}

/** Height of the centre of mass in the bind pose, as a share of the stature. */
export function centreShare({ masses, lengths }: Body): number {
  const moment = masses.massKg.reduce(
    (sum, kg, j) => sum + (kg > 0 ? kg * masses.centreM[j * 3 + 1]! : 0),
    0,
  );
  return moment / masses.totalKg / lengths.statureM;
}
