import type { Polygons } from '@/core/body/head/cage/subdivision';

/** A cube of six faces: bottom, top and four sides, seen from outside. */
export const CUBE: Polygons = [
  [0, 3, 2, 1],
  [4, 5, 6, 7],
  [0, 1, 5, 4],
  [1, 2, 6, 5],
  [2, 3, 7, 6],
  [3, 0, 4, 7],
];
