/** A stored number as it is shown: times what a stored 1 is shown as, to two places and no more than it has. */
export function shownNumber(value: number, factor = 1): string {
  return String(Math.round(value * factor * 100) / 100);
}

/** A number with two decimals at most, and none that say nothing. */
export function twoDecimals(value: number): string {
  return String(+value.toFixed(2));
}
