import { expect, it } from 'vitest';
import { decimalFrom } from './decimal';

it.each([
  ['12', 12],
  [' 1.5 ', 1.5],
  ['1,5', 1.5],
  ['-3', -3],
  ['0.05', 0.05],
  ['', NaN],
  ['0x50', NaN],
  ['+1', NaN],
  ['1e3', NaN],
  ['Infinity', NaN],
  ['1.2.3', NaN],
  ['twelve', NaN],
  ['١٢', NaN],
])('%j is read as %d', (text, value) => {
  expect(decimalFrom(text)).toBe(value);
});
