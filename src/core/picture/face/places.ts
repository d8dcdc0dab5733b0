import type { Places } from '../../kernel';
import { apart, type Vec3 } from '../../units';
import type { HeadMesh } from './headMesh';

/** A sphere round places: its middle, and its radius in metres. */
export interface Round {
  middle: Vec3;
  radiusM: number;
}

/** The sphere round the box round places. */
export function roundOf(position: Float32Array): Round {
  const least: Vec3 = [Infinity, Infinity, Infinity];
  const most: Vec3 = [-Infinity, -Infinity, -Infinity];
  position.forEach((value, i) => {
    least[i % 3] = Math.min(least[i % 3]!, value);
    most[i % 3] = Math.max(most[i % 3]!, value);
  });
  const middle = least.map((value, c) => (value + most[c]!) / 2) as Vec3;
  return { middle, radiusM: apart(least, middle) };
}

/** What blocks a place, as the compiled loops number it. */
export const BLOCKED = { free: 0, byHead: 1, byNose: 2 } as const;

/** Places of the skin of one sitter's head, with what of the head blocks light from every direction. */
export interface HeadPlaces extends Places {
  /** The sphere that light is looked for in. */
  round: Round;
  /** The whole head, and the triangles of its nose. */
  head: HeadMesh;
  nose: Uint32Array;
  /** What blocks each place, by the number of a stepped direction, as far as it was asked for, see `reaching`. */
  rows: Map<number, Uint8Array>;
}
