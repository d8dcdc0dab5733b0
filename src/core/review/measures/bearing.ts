import type { Sight } from '../../picture';
import { HAND_REGIONS } from '../../pose';
import type { Side } from '../../units';

/** Share of the sitter's weight that a hand bears that leans on something; null of one that bears none. */
export function borneByHand({ figure }: Sight, side: Side): number | null {
  const loads = figure.balance.loads.filter((load) => load.side === side && load.part in HAND_REGIONS);
  return loads.length === 0 ? null : loads.reduce((sum, { share }) => sum + share, 0);
}
