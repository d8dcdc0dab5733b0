import { TAN_HALF_HEIGHT } from './view';

/** A source laid out as numbers of 64 bits. */
export const AIM: usize = 0;
export const IS_BALL: usize = 24;
export const GRID_COS: usize = 32;
/** Intensity over the number of points. */
export const AMOUNT: usize = 40;
/** Fours of points, 32 bits each: four x, four y, four z, and 1 for each that is one. */
export const FOURS: usize = 48;
export const FOURS_AT: usize = 56;
export const HAS_MAP: usize = 64;
/** Its shadow map: a view, then pixels across and down, diameter of the source, where depths and tiles lie. */
export const MAP: usize = 72;
export const MAP_WIDTH: usize = TAN_HALF_HEIGHT + 8;
export const MAP_HEIGHT: usize = MAP_WIDTH + 8;
export const MAP_SIZE_M: usize = MAP_WIDTH + 16;
export const MAP_INVERSE_AT: usize = MAP_WIDTH + 24;
export const MAP_OCCUPIED_AT: usize = MAP_WIDTH + 32;

export const SOURCE_BYTES: usize = MAP + MAP_OCCUPIED_AT + 8;
