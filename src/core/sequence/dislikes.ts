import isSame from 'fast-deep-equal';
import { SENSOR_FORMATS, type Camera } from '../camera';
import { heightOf } from '../pose';
import type { RunStop } from './stop';

/** What one would rather not have in a run. A dislike is weighed against time: so many seconds are spent to avoid it. */
interface DislikeRow {
  seconds: number;
  /** Of the second directly after the first. */
  next?(first: RunStop, second: RunStop): boolean;
  /** Of the first anywhere before the second. */
  before?(first: RunStop, second: RunStop): boolean;
  /** Of a picture at a share of the run, 0 at its beginning and 1 at its end: 0 none, 1 as much as can be. */
  place?(stop: RunStop, share: number): number;
}

/** From this level on a pose is demanding (common practice: most sitters are no models). */
const DEMANDING_LEVEL = 3;
/** From here on a message is formal: what is creased is seen. */
const FORMAL = 0.3;

const levelOf = ({ shot }: RunStop) => Math.max(...shot.people.map((p) => p.pose.level));
const isDemanding = (stop: RunStop) => levelOf(stop) >= DEMANDING_LEVEL;

/** What a camera sees at the mark from edge to edge, on the long side of its sensor, metres. */
function seenM({ sensor, distanceM, focalLengthMm }: Camera): number {
  return (SENSOR_FORMATS[sensor].longMm * distanceM) / focalLengthMm;
}

/** Whether somebody sits or lies in a picture: that creases clothes. */
const creases = ({ shot }: RunStop) => shot.people.some((p) => heightOf(p.pose) !== 'standing');
const isFormal = ({ shot }: RunStop) => shot.message.formality >= FORMAL;

/**
 * What is not liked of an order, by trade: easy first, what must be had early, no hard hold beside another, no two
 * neighbours alike, wide before close, clothes that crease last. The seconds are our own estimates.
 */
const ROWS = {
  demandingEarly: { seconds: 60, place: (s, share) => (isDemanding(s) ? Math.max(0, 1 - 2 * share) : 0) },
  mustHaveLate: { seconds: 120, place: (s, share) => (s.wishes?.mustHave ? share : 0) },
  demandingTogether: { seconds: 30, next: (a, b) => isDemanding(a) && isDemanding(b) },
  alike: {
    seconds: 20,
    next: (a, b) => isSame(a.shot.people, b.shot.people) && isSame(a.shot.camera, b.shot.camera),
  },
  closeBeforeWide: {
    seconds: 20,
    before: (a, b) => isSame(a.shot.people, b.shot.people) && seenM(a.shot.camera) < seenM(b.shot.camera),
  },
  standsCreased: {
    seconds: 20,
    next: (a, b) => a.lookId === b.lookId && creases(a) && !creases(b) && isFormal(b),
  },
} as const satisfies Record<string, DislikeRow>;

export type DislikeId = keyof typeof ROWS;
export const DISLIKES: Readonly<Record<DislikeId, DislikeRow>> = ROWS;
export const DISLIKE_IDS = Object.keys(ROWS) as DislikeId[];

/** Seconds of dislike of one of the ways, summed over all rows. */
export function dislikedS(of: (row: DislikeRow) => number): number {
  return DISLIKE_IDS.reduce((sum, id) => sum + DISLIKES[id].seconds * of(DISLIKES[id]), 0);
}
