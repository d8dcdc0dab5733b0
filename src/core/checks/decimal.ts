/** Digits with a decimal point or comma, and a minus: what people write, and nothing that only a program would read. */
const DECIMAL = /^-?\d+(?:[.,]\d+)?$/;

/** A number as it was typed; NaN for anything else, nothing included. */
export function decimalFrom(text: string): number {
  const trimmed = text.trim();
  return DECIMAL.test(trimmed) ? Number(trimmed.replace(',', '.')) : NaN;
}
