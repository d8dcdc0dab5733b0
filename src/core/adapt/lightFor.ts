import { viewOf } from '../camera';
import { canBeMoved, isInRoom, KEY_RANGES, keyPutAt, type Light } from '../light';
import {
  directionFromFace,
  figureFor,
  patternsOf,
  pointFromFace,
  type FacePattern,
  type StandIn,
} from '../picture';
import type { SoloShot } from '../shot';
import type { Room } from '../scene';
import { aboutZeroDeg } from '../units';

/** What the light is to do. */
export interface LightGoal {
  pattern: FacePattern;
  /** Whether the wide half of the face, as the lens sees it, is to be lit or the narrow one. */
  facing: 'broad' | 'short';
  /** Key and ambient against the ambient alone, stops; the ambient is set to it. */
  ratioStops: number;
}

/** A key that does it. */
export interface LightProposal {
  light: Light;
  /** How many of the eight places round the stand, a step away, draw the same pattern: how firmly it holds. */
  holdsOf8: number;
}

/** Where keys for a pattern are looked for: off the nose and above it, degrees. */
const SOUGHT: Partial<Record<FacePattern, { asideDeg: [number, number]; upDeg: [number, number] }>> = {
  flat: { asideDeg: [0, 20], upDeg: [-5, 20] },
  butterfly: { asideDeg: [0, 15], upDeg: [20, 65] },
  loop: { asideDeg: [10, 50], upDeg: [15, 60] },
  triangle: { asideDeg: [30, 75], upDeg: [15, 60] },
  split: { asideDeg: [60, 110], upDeg: [-5, 35] },
  rim: { asideDeg: [100, 150], upDeg: [0, 45] },
  side: { asideDeg: [25, 65], upDeg: [-5, 15] },
};

/** Patterns that can be asked for. */
export const SOUGHT_PATTERNS = Object.keys(SOUGHT) as FacePattern[];

const STEP_DEG = 5;
/**
 * Looks for a place of the key, as far from the face as it is now, that draws a wanted pattern: of all places that the
 * room has, the one in the middle of those that draw it, and of equals the nearest to where it stands.
 * @returns null when no place in the room draws it, or when the key is one that cannot be moved.
 */
export function lightFor(
  standIn: StandIn,
  shot: SoloShot,
  goal: LightGoal,
  room: Room,
): LightProposal | null {
  const sought = SOUGHT[goal.pattern];
  if (!sought || !canBeMoved(shot.light)) return null;
  const lens = viewOf(shot.camera).eye;
  const figure = figureFor(standIn, shot, lens);
  const { nose } = figure.points;
  const { light } = shot;
  const reachM = Math.hypot(light.distanceM, light.heightM - nose[1]);
  const ambientShare = Math.min(KEY_RANGES.ambientShare.max, 1 / (2 ** goal.ratioStops - 1));
  const lensAside = directionFromFace(standIn.body, figure, lens).asideDeg;
  const wide = lensAside >= 0 ? 1 : -1;
  const side = goal.facing === 'broad' ? wide : -wide;
  const steps = ([from, to]: [number, number]) =>
    Array.from({ length: Math.round((to - from) / STEP_DEG) + 1 }, (_, i) => from + i * STEP_DEG);
  const ups = steps(sought.upDeg);
  const asides = steps(sought.asideDeg);
  const placed = ups.flatMap((upDeg, row) =>
    asides.map((asideDeg, col) => {
      const at = pointFromFace(standIn.body, figure, side * asideDeg, upDeg, reachM);
      const moved = keyPutAt({ ...light, ambientShare }, at);
      return moved && isInRoom(moved, room) ? { row, col, light: moved } : null;
    }),
  );
  const possible = placed.filter((p) => p !== null);
  const names = patternsOf(
    standIn,
    shot,
    possible.map((p) => p.light),
  );
  const draws = new Set(
    possible.filter((_, i) => names[i]!.name === goal.pattern).map((p) => p.row * asides.length + p.col),
  );
  const moveOf = (l: Light) =>
    Math.abs(aboutZeroDeg(l.arcDeg - light.arcDeg)) / 45 + Math.abs(l.heightM - light.heightM);
  let best: LightProposal | null = null;
  for (const p of possible) {
    if (!draws.has(p.row * asides.length + p.col)) continue;
    let holdsOf8 = 0;
    for (let r = -1; r <= 1; r++)
      for (let c = -1; c <= 1; c++) {
        const [row, col] = [p.row + r, p.col + c];
        const isThere = row >= 0 && row < ups.length && col >= 0 && col < asides.length;
        if ((r !== 0 || c !== 0) && isThere && draws.has(row * asides.length + col)) holdsOf8++;
      }
    const isBetter =
      !best ||
      holdsOf8 > best.holdsOf8 ||
      (holdsOf8 === best.holdsOf8 && moveOf(p.light) < moveOf(best.light));
    if (isBetter) best = { light: p.light, holdsOf8 };
  }
  return best;
}
