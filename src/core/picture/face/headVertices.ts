import { partIndex, type BodySurface } from '../../body';
import { tripleAt } from '../../units';
import type { FaceChart } from './chart';
import { numbersOf } from './headMesh';
import { roundOf, type HeadPlaces } from './places';

/** The vertices of the head: what each of them receives can be spread over the triangles between them. */
export interface HeadVertices extends HeadPlaces {
  /** Place of each vertex of the surface; -1 for those of other parts. */
  placeOf: Int32Array;
}

/** Skin and hair that are lit vertex by vertex. Eyes lie too deep between the lids for that. */
const SHADED_PARTS = new Set((['face', 'ear', 'hair', 'neck'] as const).map((n) => partIndex(n)));

export function isLitByVertex(label: number): boolean {
  return SHADED_PARTS.has(label);
}

/**
 * The vertices of the head of a surface, with what blocks light from them: the head that a chart was made of, which can be
 * that of another surface of the same sitter.
 */
export function headVerticesOf(surface: BodySurface, { head, nose }: FaceChart): HeadVertices {
  const { labels, positions, normals, triangles, triangleLabels } = surface;
  const vertex: number[] = [];
  const placeOf = new Int32Array(labels.length).fill(-1);
  // by triangles: a vertex at a border carries the label of one side only
  triangleLabels.forEach((label, t) => {
    if (!isLitByVertex(label)) return;
    for (const v of tripleAt(triangles, t)) if (placeOf[v]! < 0) placeOf[v] = vertex.push(v) - 1;
  });
  const vertices = Uint32Array.from(vertex);
  const position = numbersOf(positions, vertices);
  const normal = numbersOf(normals, vertices);
  return { placeOf, position, normal, round: roundOf(position), head, nose, rows: new Map() };
}
