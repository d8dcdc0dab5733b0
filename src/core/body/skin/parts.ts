import { mirrorName, type Side } from '../../units';

type SidePart = 'eye' | 'upperArm' | 'elbow' | 'forearm' | 'hand' | 'thigh' | 'knee' | 'shin' | 'foot';

/** What a pixel of the picture can show. `ground` is whatever is not the sitter. */
export type PartName =
  'ground' | 'face' | 'ear' | 'hair' | 'neck' | 'chest' | 'waist' | 'hips' | `${Side}:${SidePart}`;

const SIDE_PARTS: readonly SidePart[] = [
  'eye',
  'upperArm',
  'elbow',
  'forearm',
  'hand',
  'thigh',
  'knee',
  'shin',
  'foot',
];

/** Part labels; the index is the value stored per triangle and per pixel. */
export const PARTS: readonly PartName[] = [
  'ground',
  'face',
  'ear',
  'hair',
  'neck',
  'chest',
  'waist',
  'hips',
  ...SIDE_PARTS.map((p): PartName => `left:${p}`),
  ...SIDE_PARTS.map((p): PartName => `right:${p}`),
];

const INDEX = new Map(PARTS.map((name, i) => [name, i]));

/** Label value of a part. */
export function partIndex(name: PartName): number {
  return INDEX.get(name)!;
}

/** Label of the same part on the other side. */
export const MIRRORED_PARTS: readonly number[] = PARTS.map((name) => partIndex(mirrorName(name)));
