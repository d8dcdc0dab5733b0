import type { Combination } from './combination';
import { changeMinutes } from './order';

/** What is called for one combination in the order. */
export interface Call {
  combination: Combination;
  /** From the beginning of the first, minutes. */
  startMin: number;
  endMin: number;
  /** Who comes into the picture and who stays in it from the one before. */
  come: string[];
  stay: string[];
  /** Who steps out of the one before: some wait beside the set for one after the next, some are done. */
  wait: string[];
  done: string[];
  /** Who stands ready at the edge while this one is taken: those who come into the next. */
  ready: string[];
}

/** Who is called when, who waits where, and who may go, in the order given. */
export function callsOf(order: readonly Combination[]): Call[] {
  let endMin = 0;
  return order.map((combination, i) => {
    const before = order[i - 1]?.personIds ?? [];
    const next = order[i + 1]?.personIds ?? [];
    const later = new Set(order.slice(i).flatMap((c) => c.personIds));
    const { personIds } = combination;
    const come = personIds.filter((id) => !before.includes(id));
    const out = before.filter((id) => !personIds.includes(id));
    const ready = next.filter((id) => !personIds.includes(id));
    const startMin = endMin;
    endMin = startMin + combination.minutes + changeMinutes(come.length, out.length);
    return {
      combination,
      startMin,
      endMin,
      come,
      stay: personIds.filter((id) => before.includes(id)),
      wait: out.filter((id) => later.has(id) && !ready.includes(id)),
      done: out.filter((id) => !later.has(id)),
      ready,
    };
  });
}
