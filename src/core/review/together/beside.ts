import type { Other, Sight } from '../../picture';
import { headPart, isOnFeet } from '../../pose';
import { dot, midpoint, subtract, type Side, type Vec3 } from '../../units';
import { turnFromLensDeg } from '../fromLens';

/** The middle of a paired place. */
export function middleOf({ left, right }: Record<'left' | 'right', Vec3>): Vec3 {
  return midpoint(left, right);
}

/** How far apart two points are over the floor, metres. */
export function overFloorM(a: Vec3, b: Vec3): number {
  return Math.hypot(a[0] - b[0], a[2] - b[2]);
}

/** The nearest of the others, by the shoulders; null where the sitter is alone. */
export function nearestOf({ figure, others }: Sight): Other | null {
  const here = middleOf(figure.points.shoulders);
  const farM = ({ figure: other }: Other) => overFloorM(middleOf(other.points.shoulders), here);
  return others.reduce<Other | null>((a, b) => (a && farM(a) <= farM(b) ? a : b), null);
}

/** Whether one of two lays something on the other. */
export function areTouching({ shot }: Sight, { companion }: Other): boolean {
  const role = shot.among?.role;
  const isOn = (contacts: readonly { of?: { role: string } | undefined }[], who: string | undefined) =>
    contacts.some((c) => c.of !== undefined && c.of.role === who);
  return isOn(shot.pose.contacts, companion.role) || isOn(companion.pose.contacts, role);
}

/** Whether both are on their feet. */
export function bothStand({ shot }: Sight, { companion }: Other): boolean {
  return isOnFeet(shot.pose.support) && isOnFeet(companion.pose.support);
}

/** Shoulders so near each other are those of two who stand together, metres from middle to middle (from memory). */
const TOGETHER_WITHIN_M = 0.7;

/** The other with whom somebody stands together, both on their feet; null where there is none. */
export function standingWith(sight: Sight): Other | null {
  const other = nearestOf(sight);
  if (!other || !bothStand(sight, other)) return null;
  const [own, theirs] = [sight.figure, other.figure].map(({ points }) => middleOf(points.shoulders));
  return overFloorM(own!, theirs!) <= TOGETHER_WITHIN_M ? other : null;
}

/** Heads that are laid on each other cover each other, and are meant to. */
export function headsTouch({ shot, others }: Sight): boolean {
  const contacts = [shot.pose, ...others.map((o) => o.companion.pose)].flatMap((p) => p.contacts);
  return contacts.some((c) => c.of && headPart(c) !== null);
}

/** Heads so near each other are seen as a pair, metres from chin to chin (common practice: within an arm). */
export const PAIR_WITHIN_M = 0.8;

/** Heads that differ by less are one line, head heights (from memory: a third of a head is seen at once). */
export const ONE_LINE_HEADS = 0.14;

/** An arm that is bent by less hangs, degrees (from memory). */
export const HANGS_BELOW_DEG = 16;

/** How far a face is turned from the lens on the floor either way, degrees. */
export function facesAwayDeg({ view }: Sight, { turnDeg, points }: Other['figure']): number {
  return Math.abs(turnFromLensDeg(view, points.nose, turnDeg.face));
}

/** The own side on which somebody stands close; null where nobody does. */
export function closeSide(sight: Sight): Side | null {
  const other = nearestOf(sight);
  if (!other) return null;
  const { left, right } = sight.figure.points.shoulders;
  const way = subtract(middleOf(other.figure.points.shoulders), midpoint(left, right));
  if (Math.hypot(way[0], way[2]) > TOGETHER_WITHIN_M) return null;
  return dot(way, subtract(left, right)) > 0 ? 'left' : 'right';
}
