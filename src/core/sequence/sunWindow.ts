import { USUAL_ALTITUDE_DEG, type Light } from '../light';
import { sunAt, type Site } from '../scene';
import { turnBetweenDeg } from '../units';
import { LAST_MIN, MINUTE_S, type OrderWishes } from './stop';

/** The sun falls as planned while it is off by no more than this, degrees (common practice: a hand at arm's length is twenty). */
const MOST_OFF = { arcDeg: 20, altitudeDeg: 8 } as const;
/** How closely it is looked for, minutes: the sun goes a degree in four. */
const STEP_MIN = 5;

/** When the sun stands as a light has it, minutes from the beginning of the run; null where that day it does not. */
export type SunWindow = Required<Pick<OrderWishes, 'fromMin' | 'untilMin'>> | null;

function standsSo({ arcDeg, altitudeDeg = USUAL_ALTITUDE_DEG }: Light, site: Site, time: Date): boolean {
  const sun = sunAt(site, time);
  return (
    Math.abs(turnBetweenDeg(arcDeg, sun.arcDeg)) <= MOST_OFF.arcDeg &&
    Math.abs(altitudeDeg - sun.altitudeDeg) <= MOST_OFF.altitudeDeg
  );
}

/**
 * When a picture that is lit by the sun can be taken as it is planned.
 * @returns undefined for a picture whose key is not the sun.
 */
export function sunWindow(light: Light, site: Site, startsAt: Date): SunWindow | undefined {
  if (light.kind !== 'sun') return undefined;
  const minutes = Array.from({ length: LAST_MIN / STEP_MIN }, (_, i) => i * STEP_MIN);
  const stands = minutes.map((min) =>
    standsSo(light, site, new Date(startsAt.getTime() + min * MINUTE_S * 1000)),
  );
  const first = stands.indexOf(true);
  if (first < 0) return null;
  const after = stands.indexOf(false, first);
  return { fromMin: minutes[first]!, untilMin: minutes[after < 0 ? minutes.length - 1 : after - 1]! };
}

/** What was asked of a picture's time and what the sun allows; where they do not meet, what was asked stands. */
export function withinSun(wishes: OrderWishes, sun: SunWindow | undefined): OrderWishes {
  if (!sun) return wishes;
  const fromMin = Math.max(wishes.fromMin ?? 0, sun.fromMin);
  const untilMin = Math.min(wishes.untilMin ?? LAST_MIN, sun.untilMin);
  return fromMin <= untilMin ? { ...wishes, fromMin, untilMin } : wishes;
}
