import { once } from '../../../units';
import { cage, POINT_NAMES, type Cage, type Region } from './cage';
import { graded, type Graded } from './graded';
import {
  composed,
  limitOf,
  spreadOver,
  subdivided,
  type Polygons,
  type Spread,
  type Step,
} from './subdivision';

/** The skin at one fineness: faces, what each is of, and what its vertices take from the control points. */
export interface Level {
  fineness: Fineness;
  polygons: Polygons;
  regions: Region[];
  count: number;
  /** From values at the control points to values on the skin itself. */
  toSkin: (values: Float64Array, size: number) => Float64Array;
}

/** How often the face is subdivided; the first points are always those of the cage. */
export const FINENESSES = [0, 1, 2] as const;
export type Fineness = (typeof FINENESSES)[number];

/**
 * What is round and bears no feature is subdivided once less than the face: a face of the cage on the skull is 25 mm
 * wide and lies 0.9 mm off a ball of 90 mm, half of it 0.2 mm.
 */
const IS_ROUND: Record<Region, boolean> = {
  forehead: false,
  brow: false,
  face: false,
  temple: false,
  eye: false,
  nose: false,
  jaw: false,
  mouth: false,
  inside: false,
  // what lies under the jaw tells whether a chin doubles
  neck: false,
  skull: true,
  nape: true,
  throat: true,
};

type ToSkin = Level['toSkin'];

/** Values spread one after the other. */
function over(...spreads: Spread[]): ToSkin {
  return (values, size) => spreads.reduce((carried, spread) => spreadOver(spread, carried, size), values);
}

/** Of the values of all vertices, those of some. */
function only(kept: readonly number[], toSkin: ToSkin): ToSkin {
  return (values, size) => {
    const all = toSkin(values, size);
    const out = new Float64Array(kept.length * size);
    kept.forEach((v, i) => out.set(all.subarray(v * size, (v + 1) * size), i * size));
    return out;
  };
}

function gradedLevel(
  fineness: Fineness,
  coarser: Cage,
  { polygons, within, kept }: Graded,
  toSkin: ToSkin,
): Level {
  const regions = within.map((f) => coarser.regions[f]!);
  return { fineness, polygons, regions, count: kept.length, toSkin: only(kept, toSkin) };
}

const levels = once((): Record<Fineness, Level> => {
  const start = cage();
  const first = subdivided(start.polygons, POINT_NAMES.length);
  const firstMesh = { polygons: first.polygons, regions: Array.from(first.within, (f) => start.regions[f]!) };
  const second = subdivided(first.polygons, first.count);
  const firstLimit = composed(limitOf(first.polygons, first.count), first.spread, first.count);
  const secondLimit = limitOf(second.polygons, second.count);
  const grade = (step: Step, { polygons, regions }: Cage) =>
    graded(step, polygons.length, (f) => !IS_ROUND[regions[f]!]);
  const points = POINT_NAMES.map((_, i) => i);
  return {
    0: { fineness: 0, ...start, count: points.length, toSkin: only(points, over(firstLimit)) },
    1: gradedLevel(1, start, grade(first, start), over(firstLimit)),
    2: gradedLevel(2, firstMesh, grade(second, firstMesh), over(first.spread, second.spread, secondLimit)),
  };
});

/** The skin as fine as asked. */
export function levelOf(fineness: Fineness): Level {
  return levels()[fineness];
}
