import { partIndex, type PartName } from '../../body';
import { project } from '../../camera';
import type { Picture, Sight } from '../../picture';
import type { Side, Vec3 } from '../../units';

/** A hand with fewer pixels than this is not judged: its edge would decide. */
const LEAST_HAND_PX = 12;

/** Pixel of the picture at which a point lies, and how far it is along the axis; null where it is not in the picture. */
function placeOf({ view, width, height }: Picture, point: Vec3): { pixel: number; depthM: number } | null {
  const { x, y, depthM } = project(view, point);
  if (depthM <= 0 || Math.abs(x) >= 1 || Math.abs(y) >= 1) return null;
  return { pixel: Math.floor(((1 - y) / 2) * height) * width + Math.floor(((x + 1) / 2) * width), depthM };
}

/** Whether a point is in the picture. */
export function isInPicture(picture: Picture, point: Vec3): boolean {
  return placeOf(picture, point) !== null;
}

/**
 * Whether what a point lies in is seen there: nothing is before it by more than its own flesh.
 * @param fleshM how far the surface may lie before the point, metres.
 * @returns null where the point is not in the picture.
 */
export function isSeenAt(picture: Picture, point: Vec3, fleshM: number): boolean | null {
  const place = placeOf(picture, point);
  if (!place) return null;
  const beforeM = picture.depthM[place.pixel]!;
  return beforeM > 0 && beforeM >= place.depthM - fleshM;
}

/** Whether one of some parts of the sitter is what the picture shows at a point, before it. */
export function isCoveredBy(picture: Picture, point: Vec3, parts: ReadonlySet<number>): boolean {
  const place = placeOf(picture, point);
  return (
    place !== null && parts.has(picture.label[place.pixel]!) && picture.depthM[place.pixel]! < place.depthM
  );
}

/** Whether one of some parts of the sitter is what the picture shows at a point; null where the point is not in it. */
export function isShownAt(picture: Picture, point: Vec3, parts: ReadonlySet<number>): boolean | null {
  const place = placeOf(picture, point);
  return place && parts.has(picture.label[place.pixel]!);
}

export function partsOf(...names: PartName[]): ReadonlySet<number> {
  return new Set(names.map(partIndex));
}

/** Whether enough of a hand is seen to judge it. */
export function isHandJudged({ picture, readings }: Sight, side: Side): boolean {
  return readings.faceInFrame > 0 && picture.sums[partIndex(`${side}:hand`)]!.pixels >= LEAST_HAND_PX;
}

/** Distance of a point along the axis of the lens, metres. */
export function depthOf({ view }: Sight, point: Vec3): number {
  return project(view, point).depthM;
}

/** Square of how much nearer one thing is than another: how much larger it is drawn than its share. */
export function nearerSquared(farM: number, nearM: number): number {
  return (farM / nearM) ** 2;
}
