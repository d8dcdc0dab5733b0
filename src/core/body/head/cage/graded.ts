import type { Polygons, Step } from './subdivision';

/** A mesh of which some faces are subdivided once more than the others. */
export interface Graded {
  polygons: Polygons;
  /** Face of the coarser mesh that each lies in. */
  within: number[];
  /** Vertices of the finer mesh that are used, in ascending order: the polygons count in these. */
  kept: number[];
}

/** Faces of the finer mesh by the coarser one that they lie in, in the order of its corners. */
function childrenOf(step: Step, count: number): (readonly number[])[][] {
  const out = Array.from({ length: count }, (): (readonly number[])[] => []);
  step.polygons.forEach((quad, i) => out[step.within[i]!]!.push(quad));
  return out;
}

/**
 * A coarser face with the corners that finer faces beside it have on its edges, so that nothing gapes. It begins with
 * one of these, from where a fan has no flat triangle.
 */
function withSharedCorners(children: readonly (readonly number[])[], shared: ReadonlySet<number>): number[] {
  // each child begins with a corner of the face and goes on with the middle of the edge behind it
  const corners = children.flatMap(([corner, middle]) =>
    shared.has(middle!) ? [corner!, middle!] : [corner!],
  );
  const middles = new Set(children.map(([, middle]) => middle!));
  const first = Math.max(
    0,
    corners.findIndex((v) => middles.has(v)),
  );
  return [...corners.slice(first), ...corners.slice(0, first)];
}

/**
 * Subdivides some faces and leaves the others as they are.
 * @param step the mesh subdivided everywhere.
 * @param faces number of faces of the coarser mesh.
 */
export function graded(step: Step, faces: number, isFine: (face: number) => boolean): Graded {
  const children = childrenOf(step, faces);
  const shared = new Set(children.flatMap((quads, f) => (isFine(f) ? quads.flat() : [])));
  const within: number[] = [];
  const all = children.flatMap((quads, f) => {
    const made = isFine(f) ? quads : [withSharedCorners(quads, shared)];
    within.push(...made.map(() => f));
    return made;
  });
  const kept = [...new Set(all.flat())].sort((a, b) => a - b);
  const numbers = new Map(kept.map((v, i) => [v, i]));
  return { polygons: all.map((corners) => corners.map((v) => numbers.get(v)!)), within, kept };
}
