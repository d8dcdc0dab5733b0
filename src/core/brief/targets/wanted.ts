import type { Message } from '../../pose';
import { asSchooled, FIRST_SCHOOL, type SchoolId } from '../schools/schools';
import type { Target, Unjudged } from './target';
import { TARGET_IDS, TARGETS, type TargetChanges, type TargetId } from './targets';

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

/** Both ends of a range as changed by hand; an end that was not changed gives way to one that was. */
function withChange(
  { low, high }: { low: number; high: number },
  { low: setLow, high: setHigh }: NonNullable<TargetChanges[TargetId]> = {},
): [low: number, high: number] {
  return [setLow ?? Math.min(low, setHigh ?? low), setHigh ?? Math.max(high, setLow ?? high)];
}

/** What a message wants of every figure, as a school has it. What was changed by hand wins. */
export function wantedRanges(
  message: Message,
  changes: TargetChanges = {},
  school: SchoolId = FIRST_SCHOOL,
): WantedRanges {
  return Object.fromEntries(
    TARGET_IDS.map((id) => {
      const target = asSchooled(id, TARGETS[id], school);
      const { low, high } = rangeFor(target, message);
      return [id, wantedOf(target, ...withChange({ low, high }, changes[id]))];
    }),
  ) as unknown as WantedRanges;
}
