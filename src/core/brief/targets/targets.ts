import { z } from 'zod';
import type { Message } from '../../pose';
import { ARM_TARGETS } from './arms';
import { HEAD_TARGETS } from './head';
import { LEG_TARGETS } from './legs';
import type { Target, Unjudged } from './target';
import { TRUNK_TARGETS } from './trunk';

/**
 * What each message wants of the picture, from the floor up: the one table that review reads. The scales run from
 * softness to presence, reserved to open, easy to formal, still to moving.
 */
export const TARGETS = { ...LEG_TARGETS, ...TRUNK_TARGETS, ...ARM_TARGETS, ...HEAD_TARGETS };
export type TargetId = keyof typeof TARGETS;
export const TARGET_IDS = Object.keys(TARGETS) as TargetId[];

/** How far inside each end of a range a value comes before a finding that stands is let go. */
export type DeadBand = readonly [atLow: number, atHigh: number];
/** A wanted range, and how far inside it a finding that stands is let go. */
export interface Wanted {
  low: number;
  high: number;
  deadBand: DeadBand;
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

/** Whether a message leaves a figure to itself. */
function isUnjudged({ unjudged = {} }: Target, message: Message): boolean {
  return (Object.entries(unjudged) as [keyof Message, Unjudged][]).some(
    ([scale, { from = Infinity, upTo = -Infinity }]) => message[scale] >= from || message[scale] <= upTo,
  );
}

/** The range that a message wants of one figure. */
function rangeFor(target: Target, message: Message): { low: number; high: number } {
  const { min, max, per = {} } = target;
  if (isUnjudged(target, message)) return { low: min, high: max };
  let { low, high } = target;
  for (const [scale, [addLow, addHigh]] of Object.entries(per) as [
    keyof Message,
    readonly [number, number],
  ][]) {
    low += addLow * message[scale];
    high += addHigh * message[scale];
  }
  const within = (value: number) => Math.round(Math.min(max, Math.max(min, value)) * 1e6) / 1e6;
  return { low: within(low), high: within(high) };
}

/** An end that nothing can pass has no dead band. */
function wantedOf({ deadBand, min, max }: Target, low: number, high: number): Wanted {
  return { low, high, deadBand: [low > min ? deadBand : 0, high < max ? deadBand : 0] };
}

/** What a message wants of every figure. What was changed by hand wins. */
export function wantedRanges(message: Message, changes: TargetChanges = {}): WantedRanges {
  return Object.fromEntries(
    TARGET_IDS.map((id) => {
      const target: Target = TARGETS[id];
      const { low, high } = rangeFor(target, message);
      const change = changes[id];
      return [id, wantedOf(target, change?.low ?? low, change?.high ?? high)];
    }),
  ) as unknown as WantedRanges;
}
