/** Stops with their sign, to a tenth; what is hardly anything has none. */
export function signedStops(stops: number): string {
  const tenths = Math.round(stops * 10) / 10;
  return `${tenths > 0 ? '+' : ''}${(tenths === 0 ? 0 : tenths).toFixed(1)}`;
}
