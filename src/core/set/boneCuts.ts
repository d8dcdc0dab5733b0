import type { PartName } from '../body';
import { project, type View } from '../camera';
import type { FigurePoints } from '../figure';
import { midpoint, SIDES, type Vec3 } from '../units';

/** A place where the edge of the frame goes through a bone. */
export interface BoneCut {
  edge: 'top' | 'bottom' | 'left' | 'right';
  /** What is cut, in words. */
  where: string;
  /** Good cuts are where the body narrows; a joint or a widest place is a fault. */
  kind: 'good' | 'joint' | 'wide';
  /** In the picture, half-frames. */
  x: number;
  y: number;
  /** Parts of the body that show the cut, where nothing hides it. */
  parts: readonly PartName[];
}

interface Zone {
  to: number;
  where: string;
  kind: BoneCut['kind'];
}

interface Bone {
  from: Vec3;
  to: Vec3;
  zones: readonly Zone[];
  parts: readonly PartName[];
}

// Where a bone may be cut, by share of its length (common practice: through the narrow middle, never a joint).
const THIGH: readonly Zone[] = [
  { to: 0.2, where: 'hips', kind: 'wide' },
  { to: 0.82, where: 'mid-thigh', kind: 'good' },
  { to: 1, where: 'knee', kind: 'joint' },
];
const SHANK: readonly Zone[] = [
  { to: 0.16, where: 'knee', kind: 'joint' },
  { to: 0.72, where: 'below the knee', kind: 'good' },
  { to: 1, where: 'ankle', kind: 'joint' },
];
const FOOT: readonly Zone[] = [{ to: 1, where: 'foot', kind: 'joint' }];
const TRUNK: readonly Zone[] = [
  { to: 0.14, where: 'hips', kind: 'wide' },
  { to: 0.55, where: 'waist', kind: 'good' },
  { to: 0.72, where: 'bust', kind: 'wide' },
  { to: 0.95, where: 'upper chest', kind: 'good' },
  { to: 1, where: 'neck base', kind: 'joint' },
];
const NECK: readonly Zone[] = [{ to: 1, where: 'neck', kind: 'joint' }];
const UPPER_ARM: readonly Zone[] = [
  { to: 0.14, where: 'shoulder', kind: 'joint' },
  { to: 0.8, where: 'mid-upper-arm', kind: 'good' },
  { to: 1, where: 'elbow', kind: 'joint' },
];
const FOREARM: readonly Zone[] = [
  { to: 0.16, where: 'elbow', kind: 'joint' },
  { to: 0.8, where: 'mid-forearm', kind: 'good' },
  { to: 1, where: 'wrist', kind: 'joint' },
];
const HAND: readonly Zone[] = [{ to: 1, where: 'fingers', kind: 'joint' }];

function bonesOf(points: FigurePoints): Bone[] {
  const hips = midpoint(points.hips.left, points.hips.right);
  const bones: Bone[] = [
    { from: hips, to: points.neckBase, zones: TRUNK, parts: ['hips', 'waist', 'chest', 'neck'] },
    { from: points.neckBase, to: points.chin, zones: NECK, parts: ['neck', 'face', 'chest'] },
  ];
  for (const s of SIDES) {
    bones.push(
      { from: points.hips[s], to: points.knees[s], zones: THIGH, parts: ['hips', `${s}:thigh`, `${s}:knee`] },
      {
        from: points.knees[s],
        to: points.ankles[s],
        zones: SHANK,
        parts: [`${s}:knee`, `${s}:shin`, `${s}:foot`],
      },
      { from: points.ankles[s], to: points.toes[s], zones: FOOT, parts: [`${s}:foot`] },
      {
        from: points.shoulders[s],
        to: points.elbows[s],
        zones: UPPER_ARM,
        parts: [`${s}:upperArm`, `${s}:elbow`],
      },
      {
        from: points.elbows[s],
        to: points.wrists[s],
        zones: FOREARM,
        parts: [`${s}:elbow`, `${s}:forearm`, `${s}:hand`],
      },
      { from: points.wrists[s], to: points.fingertips[s], zones: HAND, parts: [`${s}:hand`] },
    );
  }
  return bones;
}

const EDGES = [
  { edge: 'bottom', axis: 'y', at: -1 },
  { edge: 'top', axis: 'y', at: 1 },
  { edge: 'left', axis: 'x', at: -1 },
  { edge: 'right', axis: 'x', at: 1 },
] as const;

/** Cuts each bone with the planes of the frame, exactly; what hides a cut is for the picture to say. */
export function boneCuts(view: View, points: FigurePoints): BoneCut[] {
  return bonesOf(points).flatMap((bone) =>
    EDGES.flatMap((edge) => {
      const cut = cutAt(view, bone, edge);
      return cut ? [cut] : [];
    }),
  );
}

function cutAt(view: View, bone: Bone, { edge, axis, at }: (typeof EDGES)[number]): BoneCut | null {
  const a = project(view, bone.from);
  const b = project(view, bone.to);
  if (a.depthM <= 0 || b.depthM <= 0) return null;
  // homogeneous: the crossing of the bone with the frame's plane through the lens
  const fa = (a[axis] - at) * a.depthM;
  const fb = (b[axis] - at) * b.depthM;
  if (fa > 0 === fb > 0) return null;
  const share = fa / (fa - fb);
  const depth = a.depthM + (b.depthM - a.depthM) * share;
  const x = (a.x * a.depthM * (1 - share) + b.x * b.depthM * share) / depth;
  const y = (a.y * a.depthM * (1 - share) + b.y * b.depthM * share) / depth;
  if (Math.abs(x) > 1.001 || Math.abs(y) > 1.001) return null;
  const { where, kind } = bone.zones.find((z) => share <= z.to)!;
  return { edge, where, kind, x, y, parts: bone.parts };
}
