import { z } from 'zod';

/** How long one thing takes. */
interface PaceRow {
  words: string;
  /** Seconds for each, or for each metre walked. */
  usual: number;
  most: number;
}

/**
 * How long things take between two pictures, seconds (common practice; estimates, not yet measured on sets): the one
 * table that a run is reckoned by. A photographer's own figures take the place of these.
 */
const ROWS = {
  settle: { words: 'letting a pose settle, each person', usual: 6, most: 60 },
  sentence: { words: 'saying a sentence, until it is done', usual: 5, most: 60 },
  arrival: { words: 'somebody else comes into the picture', usual: 15, most: 300 },
  carried: { words: 'another support, or other legs', usual: 14, most: 120 },
  rising: { words: 'getting up or down', usual: 10, most: 120 },
  furniture: { words: 'a support is brought, moved or taken away', usual: 20, most: 300 },
  lens: { words: 'another lens', usual: 35, most: 300 },
  moveCamera: { words: 'picking up the camera', usual: 6, most: 120 },
  perMetre: { words: 'carrying it, each metre', usual: 3, most: 60 },
  height: { words: 'another camera height', usual: 5, most: 120 },
  orientation: { words: 'turning the camera upright or across', usual: 2, most: 60 },
  turnCamera: { words: 'aiming it otherwise', usual: 3, most: 60 },
  aperture: { words: 'another aperture', usual: 2, most: 60 },
  light: { words: 'a light or panel is put up or moved, each', usual: 25, most: 600 },
  outfit: { words: 'changing clothes', usual: 300, most: 1800 },
  rest: { words: 'a rest', usual: 180, most: 1800 },
} as const satisfies Record<string, PaceRow>;

export type PaceId = keyof typeof ROWS;
export const PACE_ROWS: Readonly<Record<PaceId, PaceRow>> = ROWS;
export const PACE_IDS = Object.keys(ROWS) as PaceId[];

/** How long each thing takes, seconds. */
export type Pace = Readonly<Record<PaceId, number>>;

export const USUAL_PACE = Object.fromEntries(PACE_IDS.map((id) => [id, ROWS[id].usual])) as Pace;

/** What a photographer said of the own pace; of what nothing is said, the usual holds. */
export const ownPaceSchema = z.strictObject(
  Object.fromEntries(PACE_IDS.map((id) => [id, z.number().min(0).max(ROWS[id].most).optional()])) as Record<
    PaceId,
    z.ZodOptional<z.ZodNumber>
  >,
);
export type OwnPace = z.infer<typeof ownPaceSchema>;

/** The usual pace with what was said of one's own. */
export function paceWith(own: OwnPace): Pace {
  const said = Object.entries(own).filter(([, seconds]) => seconds !== undefined);
  return { ...USUAL_PACE, ...(Object.fromEntries(said) as Partial<Pace>) };
}
