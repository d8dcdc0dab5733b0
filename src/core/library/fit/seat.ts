import type { Body } from '../../body';
import { atEase } from '../../figure';
import type { Pose } from '../../pose';
import { SUPPORTS, type Support } from '../../scene';
import { clamp } from '../../units';
import { ownSupport } from '../forSitter';
import type { Adaptation } from './adaptation';

/** Height of the knee of somebody for whom the poses of the house are made, standing, metres: of 1.75 m (average of our bodies). */
const KNEE_OF_THE_HOUSE_M = 0.5;
/** A lower leg that is shorter by less than this still stands, share (from memory). */
const STILL_STANDS = 0.07;

/** A pose on another seat, and why. */
interface Seated {
  pose: Pose;
  adaptations: Adaptation[];
}

/** The usual height of what is sat on; undefined where it has none. */
function usualSeatM({ kind }: Support): readonly [min: number, max: number, usual: number] | undefined {
  return (SUPPORTS[kind].sizes as Record<string, readonly [number, number, number]>).seatHeightM;
}

/** The first support of a pose at another height. */
function atHeight(pose: Pose, seatHeightM: number): Pose {
  const [seat, ...rest] = pose.objects!;
  return { ...pose, objects: [{ ...seat!, sizesM: { ...seat!.sizesM, seatHeightM } }, ...rest] };
}

/** A seat as low as a sitter's lower legs ask, where the feet are to stand. */
function lowered(body: Body, pose: Pose): Seated {
  const [seat] = pose.objects ?? [];
  const range = seat && usualSeatM(seat);
  if (pose.support !== 'sit' || !range || seat.kind === 'wheelchair') return { pose, adaptations: [] };
  const fromM = seat.sizesM?.seatHeightM ?? range[2];
  const share = atEase(body).points.knees.left[1] / KNEE_OF_THE_HOUSE_M;
  const toM = Math.round(clamp(fromM * share, range[0], range[1]) * 100) / 100;
  if (share > 1 - STILL_STANDS || toM >= fromM) return { pose, adaptations: [] };
  const shorterPercent = Math.round((1 - share) * 100);
  return {
    pose: atHeight(pose, toM),
    adaptations: [{ kind: 'lowerSeat', seat: seat.kind, fromM, toM, shorterPercent }],
  };
}

/** A pose on what this sitter sits on: the own wheelchair, or a seat that is as low as the legs are short. */
export function seatedFor(body: Body, pose: Pose): Seated {
  const [seat, ...rest] = pose.objects ?? [];
  if (seat?.kind !== 'wheelchair') return lowered(body, pose);
  const own = ownSupport(seat, body.profile.wheelchairSeatM);
  if (own === seat) return { pose, adaptations: [] };
  return {
    pose: { ...pose, objects: [own, ...rest] },
    adaptations: [{ kind: 'ownSeat', seatHeightM: own.sizesM!.seatHeightM! }],
  };
}
