import isSame from 'fast-deep-equal/es6';
import { useState } from 'react';

/** The value as it was first given, as long as what is given since is equal to it: every report brings its own copy. */
export function useSame<T>(value: T): T {
  const [same, setSame] = useState(value);
  if (isSame(same, value)) return same;
  setSame(value);
  return value;
}
