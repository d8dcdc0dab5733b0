import { radians, type Vec3 } from '../../../units';
import type { Lengths } from '../../bones/proportions';
import { heightsOf } from '../../bones/proportions';
import { bindToHead, EYEBALL, headToBind } from '../../bones/skeleton';
import { smoothIntersection, smoothUnion, type Field } from '../../fields/distance';
import type { BodyFields } from '../../fields/bodyField';
import { averagePlace, LEFT_NAMES, NECK_COLUMN_DEG, NECK_COLUMNS, type PointName } from './cage';
import { placeWith, type Looks } from '../looks/looks';

/** Neck and upper trunk that the head's skin lies on, down into the collar, bind pose, metres. */
export function neckField(lengths: Lengths, { neck, trunk }: BodyFields): Field {
  const H = lengths.headHeightM;
  const endY = heightsOf(lengths)(0.775);
  const halfM = Math.max(0.07 * lengths.frameM, 0.42 * H * lengths.headBreadthFactor);
  const halfDepthM = 0.63 * H;
  return (x, y, z) => {
    const d = smoothUnion(neck(x, y, z), trunk(x, y, z), 0.03);
    return smoothIntersection(
      smoothIntersection(smoothIntersection(d, endY - y, 0.004), Math.abs(x) - halfM, 0.004),
      Math.abs(z) - halfDepthM,
      0.004,
    );
  };
}

/** Length of the way from a place within a field to its surface along a unit vector, metres. */
function wayOut(field: Field, from: Vec3, along: Vec3, mostM: number): number {
  const at = (m: number) => field(from[0] + along[0] * m, from[1] + along[1] * m, from[2] + along[2] * m);
  let inside = 0;
  while (inside < mostM && at(inside + 0.004) < 0) inside += 0.004;
  let outside = inside + 0.004;
  for (let i = 0; i < 12; i++) {
    const middle = (inside + outside) / 2;
    if (at(middle) < 0) inside = middle;
    else outside = middle;
  }
  return inside;
}

/** Where a row of the neck is looked for: level, at a height that falls to the back, or down from one centre. */
type NeckRow = { front: number; back: number } | { pitchDeg: number };
/** Heights as shares of the frame, as all below the chin. */
const ROWS: readonly NeckRow[] = [
  { front: 0.863, back: 0.853 },
  { front: 0.85, back: 0.8435 },
  { pitchDeg: -4 },
  { pitchDeg: -24 },
  { pitchDeg: -44 },
  { pitchDeg: -64 },
];
/** Centre of the neck at its base, shares of the frame. */
const BASE = { up: 0.838, forward: -0.01 };

function neckPlace(lengths: Lengths, field: Field, row: NeckRow, columnDeg: number): Vec3 {
  const heightM = heightsOf(lengths);
  const [sin, cos] = [Math.sin(radians(columnDeg)), Math.cos(radians(columnDeg))];
  const level = 'front' in row;
  const pitch = level ? 0 : radians(row.pitchDeg);
  const y = heightM(level ? row.front + ((row.back - row.front) * (1 - cos)) / 2 : BASE.up);
  const from: Vec3 = [0, y, BASE.forward * lengths.frameM];
  const along: Vec3 = [sin * Math.cos(pitch), Math.sin(pitch), cos * Math.cos(pitch)];
  const m = wayOut(field, from, along, lengths.headHeightM);
  return bindToHead(lengths, [
    columnDeg === 180 ? 0 : from[0] + along[0] * m,
    from[1] + along[1] * m,
    from[2] + along[2] * m,
  ]);
}

/** Column of the neck that continues a point of the rows above it; none for those of the open face. */
function columnOf(name: PointName): number | undefined {
  const part = /^(?:H_(\d+)|[GRKQJ]s([123])|[GRKQJ]p([0-6]))$/.exec(name);
  if (!part) return undefined;
  const [, under, side, back] = part;
  if (under !== undefined) return Number(under);
  return side !== undefined ? 6 + Number(side) : 16 - Number(back);
}

/** How far the nape follows the sitter's own neck, by row; under the chin less than behind. */
const FOLLOWS: Record<string, number> = { H: 1, J: 0.75, Q: 0.5, K: 0.25, R: 0.1, G: 0 };
const UNDER_CHIN_FOLLOWS = 0.35;

/** The larger of two lengths, the one going over into the other within `soft`. */
function softMax(a: number, b: number, soft: number): number {
  const near = Math.max(0, soft - Math.abs(a - b)) / soft;
  return Math.max(a, b) + (near * near * soft) / 4;
}

/** Keeps a place of the jaw or below it out of the neck: straight out from the axis, and softly. */
function outOfNeck(lengths: Lengths, neck: Field, p: Vec3, softM: number): Vec3 {
  const [x, y, z] = headToBind(lengths, p);
  const axisZ = BASE.forward * lengths.frameM;
  const r = Math.hypot(x, z - axisZ) || 1;
  const along: Vec3 = [x / r, 0, (z - axisZ) / r];
  const neckM = neck(0, y, axisZ) < 0 ? wayOut(neck, [0, y, axisZ], along, lengths.headHeightM) : 0;
  const m = softMax(r, neckM, softM);
  return bindToHead(lengths, [along[0] * m, y, axisZ + along[2] * m]);
}

/** Whether a point is of the rim of a lid, which lies on the eyeball whatever the face about it is like. */
const ofBall = (name: PointName) => /^e[012]_/.test(name);

function onBall(lengths: Lengths, p: readonly number[]): Vec3 {
  return [p[0]!, p[1]! + lengths.eyesUpShare - EYEBALL.centre[1], p[2]!];
}

/** Where the points of the left half lie on one sitter, head coordinates. */
export function headPlaces(lengths: Lengths, fields: BodyFields, looks: Looks): Map<PointName, Vec3> {
  const places = new Map<PointName, Vec3>();
  const field = neckField(lengths, fields);
  ROWS.forEach((row, r) =>
    NECK_COLUMN_DEG.forEach((deg, column) =>
      places.set(`N${r + 1}_${column}`, neckPlace(lengths, field, row, deg)),
    ),
  );
  const offNeck = Array.from({ length: NECK_COLUMNS }, (_, column): Vec3 => {
    const [own, average] = [places.get(`N1_${column}`)!, averagePlace(`N1_${column}`)!];
    return [own[0] - average[0]!, own[1] - average[1]!, own[2] - average[2]!];
  });
  for (const name of LEFT_NAMES) {
    if (places.has(name)) continue;
    let place = ofBall(name) ? onBall(lengths, averagePlace(name)!) : placeWith(looks, averagePlace(name)!);
    const column = columnOf(name);
    if (column !== undefined) {
      const share = column < 7 ? UNDER_CHIN_FOLLOWS : FOLLOWS[name[0]!]!;
      const by = offNeck[column]!;
      place = [place[0] + by[0] * share, place[1], place[2] + by[2] * share];
    }
    if (column !== undefined || /^J|^[RKQ]6$/.test(name))
      place = outOfNeck(lengths, fields.neck, place, column === undefined ? 0.006 : 0.02);
    places.set(name, place);
  }
  return places;
}
