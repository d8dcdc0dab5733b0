import { partIndex, type BodySurface } from '../../body';

const HEAD_PARTS = new Set(
  (['face', 'ear', 'hair', 'neck', 'left:eye', 'right:eye'] as const).map((name) => partIndex(name)),
);

/** Whether a part of the surface is of the head. */
export function isOfHead(label: number): boolean {
  return HEAD_PARTS.has(label);
}

/** The head of a surface as a mesh of its own. */
export interface HeadMesh {
  /** Its vertices, by their numbers in the surface. */
  vertices: Uint32Array;
  /** Their places in the bind pose, metres. */
  positions: Float32Array;
  /** Triangles by the numbers of the head's own vertices, and by those of the surface. */
  triangles: Uint32Array;
  trianglesOfSurface: Uint32Array;
  /** Part that each triangle is of. */
  labels: Uint8Array;
}

/** Three numbers of each of some vertices. */
export function numbersOf(
  of: Float32Array,
  vertices: Uint32Array,
  out: Float32Array = new Float32Array(vertices.length * 3),
): Float32Array {
  for (let i = 0, to = 0; i < vertices.length; i++)
    for (let from = vertices[i]! * 3, end = from + 3; from < end; from++) out[to++] = of[from]!;
  return out;
}

/** Takes the head out of a surface. */
export function headMeshOf({ positions, triangles, triangleLabels }: BodySurface): HeadMesh {
  const own: number[] = [];
  const labels: number[] = [];
  triangleLabels.forEach((label, t) => {
    if (!HEAD_PARTS.has(label)) return;
    own.push(triangles[t * 3]!, triangles[t * 3 + 1]!, triangles[t * 3 + 2]!);
    labels.push(label);
  });
  const vertices = Uint32Array.from(new Set(own));
  const numberOf = new Map(Array.from(vertices, (v, i) => [v, i]));
  return {
    vertices,
    positions: numbersOf(positions, vertices),
    triangles: Uint32Array.from(own, (v) => numberOf.get(v)!),
    trianglesOfSurface: Uint32Array.from(own),
    labels: Uint8Array.from(labels),
  };
}
