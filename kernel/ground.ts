import { EYE, FORWARD, RIGHT, TAN_HALF_HEIGHT, TAN_HALF_WIDTH, UP } from './view';

/** The ground laid out as numbers of 64 bits: the background, half its width, the wall beside it (metres), if it sweeps. */
const BACKGROUND: usize = 0;
const HALF_WIDTH: usize = 8;
const WALL: usize = 16;
const SWEEPS: usize = 24;

/** Parts of the ground, one more than their place in the list of them; 0 is none. */
const ON_BACKGROUND: u8 = 1;
const ON_WALL: u8 = 2;
export const ON_FLOOR: u8 = 3;

/** Where the last pixel saw the ground, and what lies there: a sweep lies on the floor. */
export let groundX: f64 = 0;
export let groundY: f64 = 0;
export let groundZ: f64 = 0;
export let groundPart: u8 = 0;

/** Whose tone a pixel without a figure sees. */
export function groundAt(viewAt: usize, width: i32, height: i32, col: i32, row: i32, at: usize): u8 {
  const u = ((<f64>col + 0.5) / <f64>width - 0.5) * 2 * load<f64>(viewAt + TAN_HALF_WIDTH);
  const v = (0.5 - (<f64>row + 0.5) / <f64>height) * 2 * load<f64>(viewAt + TAN_HALF_HEIGHT);
  const dx = ray(viewAt, u, v);
  const dy = ray(viewAt + 8, u, v);
  const dz = ray(viewAt + 16, u, v);
  const ex = load<f64>(viewAt + EYE);
  const ey = load<f64>(viewAt + EYE, 8);
  const ez = load<f64>(viewAt + EYE, 16);
  const background = load<f64>(at + BACKGROUND);
  const halfWidth = load<f64>(at + HALF_WIDTH);
  const toFloor = dy < 0 ? -ey / dy : Infinity;
  const toBack = dz < 0 ? (-background - ez) / dz : Infinity;
  const isBackground = Math.abs(ex + dx * toBack) <= halfWidth;
  const toUpright = isBackground || dz >= 0 ? toBack : (-load<f64>(at + WALL) - ez) / dz;
  const isFloor = toFloor < toUpright;
  const far = isFloor ? toFloor : toUpright;
  groundPart = 0;
  if (!(far > 0 && far < Infinity)) return 0;
  groundX = ex + dx * far;
  groundY = ey + dy * far;
  groundZ = ez + dz * far;
  groundPart = isFloor ? ON_FLOOR : isBackground ? ON_BACKGROUND : ON_WALL;
  const isSwept =
    isFloor && load<f64>(at + SWEEPS) !== 0 && Math.abs(groundX) <= halfWidth && groundZ >= -background;
  return isSwept ? ON_BACKGROUND : groundPart;
}

function ray(at: usize, u: f64, v: f64): f64 {
  return load<f64>(at + FORWARD) + load<f64>(at + RIGHT) * u + load<f64>(at + UP) * v;
}
