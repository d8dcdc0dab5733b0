/** Number that was typed with a decimal point or comma; NaN for anything else, nothing included. */
export function typedNumber(text: string): number {
  const trimmed = text.trim().replace(',', '.');
  return trimmed === '' ? NaN : Number(trimmed);
}
