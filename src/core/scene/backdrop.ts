import { z } from 'zod';
import type { Vec3 } from '../units';
import type { Support } from './placed';

/** What a backdrop is made of. `sweeps` runs on over the floor under the sitter. */
interface BackdropKind {
  words: string;
  /** Width that one of these usually has, metres. */
  usualWidthM: number;
  /** From the mark to it where nothing else is known, metres. */
  usualBehindM: number;
  sweeps: boolean;
}

/** What can stand behind a sitter besides the room's own wall. Widths are those that rolls and cloths are sold in (common practice). */
export const BACKDROPS = {
  paper: { words: 'paper roll', usualWidthM: 2.72, usualBehindM: 1.8, sweeps: true },
  cloth: { words: 'cloth', usualWidthM: 3, usualBehindM: 1.8, sweeps: false },
  panel: { words: 'painted board', usualWidthM: 2.4, usualBehindM: 1.2, sweeps: false },
  outdoors: { words: 'outdoors, what lies behind', usualWidthM: 60, usualBehindM: 15, sweeps: false },
} as const satisfies Record<string, BackdropKind>;
export type BackdropKindId = keyof typeof BACKDROPS;
export const BACKDROP_KIND_IDS = Object.keys(BACKDROPS) as [BackdropKindId, ...BackdropKindId[]];

/** Tones of walls, papers and floors: linear reflectance (common practice: white 80, middle grey 18 to 27, black 3 %). */
export const GROUND_TONES = {
  white: { words: 'white', reflectance: [0.8, 0.79, 0.76] },
  pale: { words: 'pale', reflectance: [0.5, 0.48, 0.44] },
  grey: { words: 'grey', reflectance: [0.3, 0.27, 0.235] },
  dark: { words: 'dark', reflectance: [0.09, 0.083, 0.075] },
  black: { words: 'black', reflectance: [0.03, 0.028, 0.026] },
  wood: { words: 'wood', reflectance: [0.26, 0.17, 0.1] },
  green: { words: 'green', reflectance: [0.08, 0.12, 0.05] },
} as const satisfies Record<string, { words: string; reflectance: Vec3 }>;
export type GroundTone = keyof typeof GROUND_TONES;
export const GROUND_TONE_IDS = Object.keys(GROUND_TONES) as [GroundTone, ...GroundTone[]];

/** Ranges of a backdrop's numbers. */
export const BACKDROP_RANGES = {
  behindM: { min: 0.2, max: 60, unit: 'm', words: 'mark to the backdrop' },
  widthM: { min: 0.5, max: 60, unit: 'm', words: 'backdrop width' },
} as const;

const ranged = (name: keyof typeof BACKDROP_RANGES) =>
  z.number().min(BACKDROP_RANGES[name].min).max(BACKDROP_RANGES[name].max);

/** A backdrop that hangs or stands behind the mark, its middle straight behind it. */
export const backdropSchema = z.strictObject({
  kind: z.enum(BACKDROP_KIND_IDS),
  behindM: ranged('behindM'),
  widthM: ranged('widthM'),
  tone: z.enum(GROUND_TONE_IDS),
});
export type Backdrop = z.infer<typeof backdropSchema>;

/** A backdrop of a kind as one usually has it, as far behind the mark as the wall there allows. */
export function usualBackdrop(kind: BackdropKindId, markToBackM: number, tone: GroundTone): Backdrop {
  const { usualWidthM, usualBehindM } = BACKDROPS[kind];
  const mostM = kind === 'outdoors' ? Infinity : markToBackM;
  return { kind, widthM: usualWidthM, behindM: Math.min(usualBehindM, mostM), tone };
}

/** What lies behind and under the sitter, as lens and light meet it. */
export interface Ground {
  /** From the mark to what the lens sees straight behind the sitter, metres. */
  backgroundM: number;
  /** Half the width of that; beyond it the room's wall is seen, metres. */
  halfWidthM: number;
  /** From the mark to the room's wall, metres. */
  wallM: number;
  /** Whether the background runs on over the floor. */
  sweeps: boolean;
  background: Vec3;
  wall: Vec3;
  floor: Vec3;
  /** What else stands in the room. */
  furniture: readonly Support[];
}

/** A wall and a floor of middle grey, where no room is known. */
export function plainGround(backgroundM: number): Ground {
  const grey: Vec3 = [...GROUND_TONES.grey.reflectance];
  return {
    backgroundM,
    halfWidthM: Infinity,
    wallM: backgroundM,
    sweeps: false,
    background: grey,
    wall: grey,
    floor: grey,
    furniture: [],
  };
}
