import type { Body } from '../body';
import { figureOf, type Figure } from './figureOf';
import { neutralPose } from '../pose';

/** So far before the mark stands what one at ease looks at, metres: it moves the eyes alone. */
const LOOKED_AT_M = 3;

const known = new WeakMap<Body, Figure>();

/** A sitter standing at ease: what bends and lifts are counted from. Worked out once a body. */
export function atEase(body: Body): Figure {
  const ease =
    known.get(body) ??
    figureOf(body, neutralPose('at ease'), { lens: [0, body.lengths.chinHeightM, LOOKED_AT_M] });
  known.set(body, ease);
  return ease;
}
