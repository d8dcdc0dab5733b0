import { merge } from '../../changes';
import type { SoloShot } from '../../shot';
import type { Variant, VariationKind } from './kinds';

/** What is varied at once: what the sitter does. Another place of the camera is a picture of its own. */
const TOGETHER: readonly (readonly [VariationKind, VariationKind])[] = [
  ['head', 'gaze'],
  ['hands', 'head'],
  ['hands', 'gaze'],
  ['legs', 'hands'],
  ['legs', 'head'],
];
/** So many of each kind are put together with those of another. */
const MOST_OF_EACH = 2;

/** One change of a shot beside another; null where both change the same thing. */
function both(start: SoloShot, a: Variant, b: Variant): Variant | null {
  const { value: shot, conflicts } = merge(start, a.shot, b.shot);
  if (conflicts.length > 0) return null;
  return {
    of: a.of,
    beside: b.of,
    what: `${a.what} and ${b.what}`,
    shot,
    changes: [...a.changes, ...b.changes],
    seconds: a.seconds + b.seconds,
  };
}

/** Variations of two things at once, out of some of one thing each, the best first. */
export function ofTwo(start: SoloShot, alone: readonly Variant[]): Variant[] {
  const best = (kind: VariationKind) => alone.filter((v) => v.of === kind).slice(0, MOST_OF_EACH);
  return TOGETHER.flatMap(([of, beside]) =>
    best(of).flatMap((a) => best(beside).flatMap((b) => both(start, a, b) ?? [])),
  );
}
