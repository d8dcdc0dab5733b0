import { z } from 'zod';
import type { Message, Station } from '../pose';

/** One figure of the picture and the range that a message wants of it. */
export interface Target {
  station: Station;
  words: string;
  unit: string;
  /** Wanted range when all four scales stand in the middle. */
  low: number;
  high: number;
  /** What one step to the end of a scale adds to the lower and to the upper end. */
  per: Partial<Record<keyof Message, readonly [low: number, high: number]>>;
  /** Neither end may leave these. */
  min: number;
  max: number;
  /** Why the message moves it, or why it does not. */
  reason: string;
}

/**
 * What each message wants of the picture: the one table that review reads. Values are common practice; the scales run
 * from softness to presence, reserved to open, easy to formal, still to moving.
 */
export const TARGETS = {
  toesOutDeg: {
    station: 'feet',
    words: 'toes turned out',
    unit: '°',
    low: -1,
    high: 100,
    per: { presence: [1, 0], formality: [0.5, 0] },
    min: -5,
    max: 100,
    reason: 'Toes turned in read as unsure; soft pictures bear a little of it.',
  },
  feetApartShoulders: {
    station: 'feet',
    words: 'heels apart',
    unit: '× shoulders',
    low: 0.38,
    high: 1.5,
    per: { presence: [0.08, 0.3], formality: [0, -0.15] },
    min: 0.2,
    max: 3,
    reason: 'A wide stance takes room, a narrow one gives it up.',
  },
  weightOffEvenPercent: {
    station: 'weight',
    words: 'weight off even',
    unit: '%',
    low: 12,
    high: 50,
    per: { presence: [-20, 0], formality: [-2, 0], movement: [6, 0] },
    min: 0,
    max: 50,
    reason: 'Even weight is a statement of presence and otherwise looks blocky.',
  },
  kneeBendDeg: {
    station: 'hips',
    words: 'each knee bent',
    unit: '°',
    low: 2.5,
    high: 180,
    per: { movement: [1.5, 0] },
    min: 0,
    max: 180,
    reason: 'A locked knee looks stiff and tires.',
  },
  hipsEnlargement: {
    station: 'hips',
    words: 'hips against their share',
    unit: '×',
    low: 0,
    high: 1.16,
    per: { presence: [0, 0.03] },
    min: 0,
    max: 3,
    reason: 'The face should be the nearest, not the hips.',
  },
  shouldersTurnDeg: {
    station: 'shoulders',
    words: 'shoulders turned from the lens',
    unit: '°',
    low: 15,
    high: 180,
    per: { presence: [-20, 0], openness: [-3, 0], formality: [-2, 0] },
    min: 0,
    max: 180,
    reason: 'Square shoulders are presence; a turn softens.',
  },
  waistDaylightCm: {
    station: 'arms',
    words: 'daylight beside the waist',
    unit: 'cm',
    low: 2,
    high: 60,
    per: { openness: [0.5, 0], presence: [0.25, 0] },
    min: 0,
    max: 60,
    reason: 'Air between arm and trunk shows the form and opens the figure.',
  },
  elbowBendDeg: {
    station: 'arms',
    words: 'each elbow bent',
    unit: '°',
    low: 8,
    high: 180,
    per: { formality: [-3, 0], movement: [3, 0] },
    min: 0,
    max: 180,
    reason: 'A straight arm hangs; a formal picture bears more of it.',
  },
  limbEnlargement: {
    station: 'arms',
    words: 'elbow, hand, knee against their share',
    unit: '×',
    low: 0,
    high: 1.25,
    per: { presence: [0, 0.05], movement: [0, 0.1] },
    min: 0,
    max: 4,
    reason: 'What is nearest is drawn largest; movement bears more of it.',
  },
  wristBendDeg: {
    station: 'hands',
    words: 'wrist bent',
    unit: '°',
    low: 0,
    high: 55,
    per: { presence: [0, -5], movement: [0, 5] },
    min: 0,
    max: 90,
    reason: 'A hard wrist breaks the line of the arm.',
  },
  headTiltDeg: {
    station: 'head',
    words: 'head tilted',
    unit: '°',
    low: 0,
    high: 14,
    per: { formality: [0, -6], presence: [0, -3], movement: [0, 4] },
    min: 0,
    max: 35,
    reason: 'A tilt is soft and easy; formal pictures keep the head level.',
  },
  jawSharePercent: {
    station: 'head',
    words: 'jaw clear of the neck, against standing at ease',
    unit: '%',
    low: 86,
    high: 300,
    per: { presence: [3, 0] },
    min: 40,
    max: 300,
    reason: 'A face carried forward draws the jaw.',
  },
  eyeWhitePercent: {
    station: 'gaze',
    words: 'white on one side of the iris',
    unit: '%',
    low: 0,
    high: 50,
    per: { openness: [0, -3], movement: [0, 4] },
    min: 0,
    max: 100,
    reason: 'Eyes that run far from the nose show mostly white.',
  },
} as const satisfies Record<string, Target>;
export type TargetId = keyof typeof TARGETS;
export const TARGET_IDS = Object.keys(TARGETS) as TargetId[];

/** A wanted range. */
export interface Wanted {
  low: number;
  high: number;
}
/** The wanted range of every figure. */
export type WantedRanges = Readonly<Record<TargetId, Wanted>>;

const changeShape = Object.fromEntries(
  TARGET_IDS.map((id) => {
    const end = z.number().min(TARGETS[id].min).max(TARGETS[id].max).optional();
    const change = z
      .strictObject({ low: end, high: end })
      .refine(({ low, high }) => low === undefined || high === undefined || low <= high, {
        error: 'the lower end lies above the upper one',
      });
    return [id, change.optional()];
  }),
) as Record<
  TargetId,
  z.ZodOptional<z.ZodObject<{ low: z.ZodOptional<z.ZodNumber>; high: z.ZodOptional<z.ZodNumber> }>>
>;

/** Ranges that a person set by hand; an end that is absent follows the message. */
export const targetChangesSchema = z.strictObject(changeShape);
export type TargetChanges = z.infer<typeof targetChangesSchema>;

/** What a message wants of every figure. What was changed by hand wins. */
export function wantedRanges(message: Message, changes: TargetChanges = {}): WantedRanges {
  return Object.fromEntries(
    TARGET_IDS.map((id) => {
      const target: Target = TARGETS[id];
      let { low, high } = target;
      for (const [scale, [addLow, addHigh]] of Object.entries(target.per) as [
        keyof Message,
        readonly [number, number],
      ][]) {
        low += addLow * message[scale];
        high += addHigh * message[scale];
      }
      const within = (value: number) =>
        Math.round(Math.min(target.max, Math.max(target.min, value)) * 1e6) / 1e6;
      const change = changes[id];
      return [id, { low: change?.low ?? within(low), high: change?.high ?? within(high) }];
    }),
  ) as unknown as WantedRanges;
}
