/**
 * Subdivision of a mesh of polygons after E. Catmull and J. Clark, "Recursively generated B-spline surfaces on
 * arbitrary topological meshes" (Computer-Aided Design, 1978), with the limit points of M. Halstead, M. Kass and
 * T. DeRose, "Efficient, fair interpolation using Catmull-Clark surfaces" (SIGGRAPH 1993). Open edges are cubic
 * B-splines of their own. Only the connections are worked on: what a vertex takes from those before it stands in a
 * table, so that places, shifts and masks are all spread in the same way.
 */

/** A mesh as polygons: corner numbers of each, counter-clockwise from outside. */
export type Polygons = readonly (readonly number[])[];

/** Sparse rows: vertex `v` takes `weight[i]` of `from[i]` for i from `start[v]` to `start[v + 1]`. */
export interface Spread {
  start: Uint32Array;
  from: Uint32Array;
  weight: Float64Array;
}

/** Values of `size` components a vertex, carried over by a spread. */
export function spreadOver(
  { start, from, weight }: Spread,
  values: Float64Array,
  size: number,
): Float64Array {
  const count = start.length - 1;
  const out = new Float64Array(count * size);
  for (let v = 0; v < count; v++)
    for (let i = start[v]!; i < start[v + 1]!; i++)
      for (let c = 0; c < size; c++) out[v * size + c]! += weight[i]! * values[from[i]! * size + c]!;
  return out;
}

type Row = Map<number, number>;

function packed(rows: readonly Row[]): Spread {
  const count = rows.reduce((sum, row) => sum + row.size, 0);
  const out = {
    start: new Uint32Array(rows.length + 1),
    from: new Uint32Array(count),
    weight: new Float64Array(count),
  };
  let at = 0;
  rows.forEach((row, v) => {
    for (const [from, weight] of row) {
      out.from[at] = from;
      out.weight[at++] = weight;
    }
    out.start[v + 1] = at;
  });
  return out;
}

function take(row: Row, from: number, weight: number): void {
  row.set(from, (row.get(from) ?? 0) + weight);
}

interface Edge {
  a: number;
  b: number;
  /** Faces on either side; one at an open edge. */
  faces: number[];
}

/** Edges of a mesh, each once, and the edges and faces about every vertex. */
interface Connections {
  edges: Edge[];
  edgesOf: number[][];
  facesOf: number[][];
  /** Number of the edge between two vertices. */
  edgeAt(a: number, b: number): number;
}

function connectionsOf(polygons: Polygons, count: number): Connections {
  const edges: Edge[] = [];
  const known = new Map<number, number>();
  const key = (a: number, b: number) => Math.min(a, b) * count + Math.max(a, b);
  const facesOf = Array.from({ length: count }, (): number[] => []);
  const edgesOf = Array.from({ length: count }, (): number[] => []);
  polygons.forEach((corners, f) => {
    corners.forEach((a, i) => {
      const b = corners[(i + 1) % corners.length]!;
      facesOf[a]!.push(f);
      const e = known.get(key(a, b)) ?? edges.push({ a, b, faces: [] }) - 1;
      if (edges[e]!.faces.push(f) > 1) return;
      known.set(key(a, b), e);
      edgesOf[a]!.push(e);
      edgesOf[b]!.push(e);
    });
  });
  return { edges, edgesOf, facesOf, edgeAt: (a, b) => known.get(key(a, b))! };
}

const otherEnd = ({ a, b }: Edge, v: number) => (a === v ? b : a);

/** One step: the finer mesh's quadrilaterals and what its vertices take from the coarser one's. */
export interface Step {
  /** Vertices of the coarser mesh keep their numbers; then come one of each edge, then one of each face. */
  polygons: Polygons;
  count: number;
  spread: Spread;
  /** Face of the coarser mesh that each finer one lies in. */
  within: Uint32Array;
}

/** Subdivides once. */
export function subdivided(polygons: Polygons, count: number): Step {
  const { edges, edgesOf, facesOf, edgeAt } = connectionsOf(polygons, count);
  const facePoint = (row: Row, f: number, weight: number) => {
    const corners = polygons[f]!;
    for (const v of corners) take(row, v, weight / corners.length);
  };
  const rows: Row[] = [];
  for (let v = 0; v < count; v++) {
    const row: Row = new Map();
    const open = edgesOf[v]!.filter((e) => edges[e]!.faces.length < 2);
    const n = edgesOf[v]!.length;
    if (open.length > 0) {
      take(row, v, 3 / 4);
      for (const e of open) take(row, otherEnd(edges[e]!, v), 1 / 8);
    } else {
      take(row, v, (n - 2) / n);
      for (const e of edgesOf[v]!) take(row, otherEnd(edges[e]!, v), 1 / n ** 2);
      for (const f of facesOf[v]!) facePoint(row, f, 1 / n ** 2);
    }
    rows.push(row);
  }
  for (const { a, b, faces } of edges) {
    const row: Row = new Map();
    const share = faces.length < 2 ? 1 / 2 : 1 / 4;
    take(row, a, share);
    take(row, b, share);
    if (faces.length === 2) for (const f of faces) facePoint(row, f, 1 / 4);
    rows.push(row);
  }
  const finer: number[][] = [];
  const within: number[] = [];
  polygons.forEach((corners, f) => {
    const row: Row = new Map();
    facePoint(row, f, 1);
    rows.push(row);
    corners.forEach((v, i) => {
      const next = corners[(i + 1) % corners.length]!;
      const before = corners[(i + corners.length - 1) % corners.length]!;
      finer.push([v, count + edgeAt(v, next), count + edges.length + f, count + edgeAt(before, v)]);
      within.push(f);
    });
  });
  return { polygons: finer, count: rows.length, spread: packed(rows), within: Uint32Array.from(within) };
}

/** Where the vertices of a mesh of quadrilaterals come to lie when it is subdivided without end. */
export function limitOf(quads: Polygons, count: number): Spread {
  const { edges, edgesOf, facesOf } = connectionsOf(quads, count);
  return packed(
    Array.from({ length: count }, (_, v) => {
      const row: Row = new Map();
      const n = edgesOf[v]!.length;
      const open = edgesOf[v]!.filter((e) => edges[e]!.faces.length < 2);
      if (open.length > 0) {
        take(row, v, 2 / 3);
        for (const e of open) take(row, otherEnd(edges[e]!, v), 1 / 6);
        return row;
      }
      take(row, v, n / (n + 5));
      for (const e of edgesOf[v]!) take(row, otherEnd(edges[e]!, v), 4 / (n * (n + 5)));
      for (const f of facesOf[v]!) {
        const corners = quads[f]!;
        take(row, corners[(corners.indexOf(v) + 2) % 4]!, 1 / (n * (n + 5)));
      }
      return row;
    }),
  );
}

/** First `to`, then `over`: what each vertex takes of those before both. */
export function composed(over: Spread, to: Spread, rows: number): Spread {
  return packed(
    Array.from({ length: rows }, (_, v) => {
      const row: Row = new Map();
      for (let i = over.start[v]!; i < over.start[v + 1]!; i++) {
        const u = over.from[i]!;
        for (let k = to.start[u]!; k < to.start[u + 1]!; k++)
          take(row, to.from[k]!, over.weight[i]! * to.weight[k]!);
      }
      return row;
    }),
  );
}
