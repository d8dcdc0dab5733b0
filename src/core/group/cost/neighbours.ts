import type { Vec3 } from '../../units';
import { placesApartM, type Place } from '../places/places';

/** Whether two places are next to each other in one row. */
function areBeside(a: Place, b: Place): boolean {
  return a.row === b.row && Math.abs(a.column - b.column) === 1;
}

/** Half a gap aside, and a little more where rows are shifted less than that. */
const NEXT_GAP_M = 0.5;

/** Whether one of two places is in the gap before or behind the other. */
function areInNextGap(a: Place, b: Place): boolean {
  return Math.abs(a.xM - b.xM) < NEXT_GAP_M;
}

/** Two lines of sight that pass each other so far aside have nothing to do with each other, metres. */
const CLEAR_M = 0.5;

/** How two places stand to each other, whoever is at them. */
export interface Between {
  apartM: number;
  isBeside: boolean;
  /** Whether one can cover the other from the lens, and from the key. */
  fromLens: boolean;
  fromKey: boolean;
}

/** Whether two places lie so nearly in one direction from a point that whoever is at one can cover the other. */
function inOneLine([x, , z]: Vec3, a: Place, b: Place): boolean {
  const [near, far] = a.zM > b.zM ? [a, b] : [b, a];
  if (near.zM >= z) return true;
  const t = (near.zM - z) / (far.zM - z);
  return Math.abs(x + (far.xM - x) * t - near.xM) < CLEAR_M;
}

/** How two places stand to each other, seen from lens and key. */
export function betweenOf(a: Place, b: Place, lens: Vec3, key: Vec3): Between {
  return {
    apartM: placesApartM(a, b),
    isBeside: areBeside(a, b),
    fromLens: inOneLine(lens, a, b),
    fromKey: inOneLine(key, a, b),
  };
}

/** Three places are a triangle of heads where each is a neighbour of the others, two in one row and one in the next. */
export function trianglesOf(places: readonly Place[]): [number, number, number][] {
  const near = (a: Place, b: Place) =>
    a.row === b.row ? areBeside(a, b) : Math.abs(a.row - b.row) === 1 && areInNextGap(a, b);
  const found: [number, number, number][] = [];
  for (let a = 0; a < places.length; a++)
    for (let b = a + 1; b < places.length; b++) {
      if (!near(places[a]!, places[b]!)) continue;
      for (let c = b + 1; c < places.length; c++)
        if (near(places[a]!, places[c]!) && near(places[b]!, places[c]!)) found.push([a, b, c]);
    }
  return found;
}
