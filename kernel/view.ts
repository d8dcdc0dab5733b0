/** A view laid out as numbers: eye, right, up, forward (set, metres and unit vectors), half sides of the frame at 1 m. */
export const EYE: usize = 0;
export const RIGHT: usize = 24;
export const UP: usize = 48;
export const FORWARD: usize = 72;
export const TAN_HALF_WIDTH: usize = 96;
export const TAN_HALF_HEIGHT: usize = 104;

export function dotAt(at: usize, x: f64, y: f64, z: f64): f64 {
  return x * load<f64>(at) + y * load<f64>(at, 8) + z * load<f64>(at, 16);
}
