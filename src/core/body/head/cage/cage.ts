import { once } from '../../../units';
import cageData from './cage.json';
import type { Polygons } from './subdivision';

/**
 * The control cage of the head: names of its points and the faces between them. Head coordinates: chin 0, crown 1,
 * ear plane z = 0, x to the sitter's left, z to the front, one head height as the unit. Points are places ON the skin
 * of an average adult, by published measures (L. Farkas, Anthropometry of the Head and Face, 1994; ANSUR 1988; from
 * memory). The file holds the left half; a name with an apostrophe is its mirror image.
 *
 * Rows of the open face from above, seven columns from the middle line to the ear: T U W forehead, B brow, n eye level,
 * C D cheek, G nose base, R mouth, K chin fold, Q chin, J edge of the jaw. Rings about the eye from behind the lid
 * outwards: e0 to e5, ten points from the inner corner over the top. Half rings of the mouth: u (upper), l (lower) and
 * c (corner), 9 inside, 0 contact behind, 1 contact, 2 crest, 3 border, 4 outside. Nose: s root, t tip, w g wing, r
 * nostril, i co base. Skull and nape: s and p after the row, X the crown. H under the jaw, N1 to N6 down the neck.
 */
export type PointName = string;

const NECK_ROWS = 6;
export const NECK_COLUMNS = 17;
/** Direction of the columns of the neck from the front, degrees: dense under the chin. */
export const NECK_COLUMN_DEG = [
  0, 10.1, 20.4, 31.6, 44, 56.7, 69.8, 84.4, 98.6, 112.7, 125.9, 137.1, 146.4, 154.8, 163.1, 171.6, 180,
] as const;

/** What a face of the cage is of. */
export type Region = keyof typeof cageData.faces;

const POINTS = cageData.points as Record<string, [number, number, number] | number[]>;
const onMiddleLine = (name: PointName) =>
  /^N\d_/.test(name) ? /_(0|16)$/.test(name) : POINTS[name.replace("'", '')]![0] === 0;

/** Name of the point on the other side. */
export function mirrored(name: PointName): PointName {
  if (onMiddleLine(name)) return name;
  return name.endsWith("'") ? name.slice(0, -1) : `${name}'`;
}

/** The first row of the neck stands in the file, as it is on the average; all of them are the body's own. */
const NECK_NAMES = Array.from({ length: NECK_ROWS - 1 }, (_, row) =>
  Array.from({ length: NECK_COLUMNS }, (_, column) => `N${row + 2}_${column}`),
).flat();
/** Points of the left half and the middle line, which decide about their mirror images. */
export const LEFT_NAMES: readonly PointName[] = [...Object.keys(POINTS), ...NECK_NAMES];
export const POINT_NAMES: readonly PointName[] = [
  ...LEFT_NAMES,
  ...LEFT_NAMES.filter((name) => !onMiddleLine(name)).map(mirrored),
];
const NUMBER = new Map(POINT_NAMES.map((name, i) => [name, i]));

/** Number of a point. */
export function pointNumber(name: PointName): number {
  return NUMBER.get(name)!;
}

/** Place of a point of the left half on an average adult, head coordinates; none for the neck, which is the body's. */
export function averagePlace(name: PointName): readonly number[] | undefined {
  return POINTS[name];
}

/** The faces and what each is of. */
export interface Cage {
  polygons: Polygons;
  regions: Region[];
}

export const cage = once((): Cage => {
  const polygons: number[][] = [];
  const regions: Region[] = [];
  for (const [region, faces] of Object.entries(cageData.faces))
    for (const face of faces) {
      const names = face.split(' ');
      const across = names.map(mirrored);
      const sides = across.some((name) => names.includes(name) && !onMiddleLine(name))
        ? [names]
        : [names, across.reverse()];
      for (const side of sides) {
        polygons.push(side.map(pointNumber));
        regions.push(region as Region);
      }
    }
  return { polygons, regions };
});
