/** Shares that add up to a whole by rounding alone do. */
const ROUNDING = 1e-9;

/** The fewest rests that stops can be taken with, whatever their order: between two there is at most a whole strain. */
export function restsNeeded(strainNow: number, strainToCome: number): number {
  return Math.max(0, Math.ceil(strainNow + strainToCome - 1 - ROUNDING));
}
