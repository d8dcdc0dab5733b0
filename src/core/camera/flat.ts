import { project, type View } from './camera';
import type { Vec3 } from '../units';

/** A place in the picture: to the right and up from its middle, in lengths of the picture's plane at one metre. */
export type Flat = readonly [right: number, up: number];

/** Where the picture shows a point of the set. */
export function flatAt(view: View, point: Vec3): Flat {
  const { x, y } = project(view, point);
  return [x * view.tanHalfWidth, y * view.tanHalfHeight];
}
