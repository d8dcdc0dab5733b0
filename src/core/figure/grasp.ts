import type { Body } from '../body';
import {
  BODY_PLACES,
  isSided,
  settingOf,
  SETTINGS,
  sided,
  withSetting,
  type ContactTarget,
  type Pose,
  type SidePlace,
} from '../pose';
import { placesOf, type Mark } from '../scene';
import { add, clamp, degrees, lengthOf, otherSide, sideSign, subtract, type Side, type Vec3 } from '../units';
import { hangFrame } from './arms/freeArm';
import { carriageOf, supportTarget } from './carriage';
import type { Figure } from './figureOf';
import { about, at, bonesM, chain, turned } from './joints/frames';
import { landmarkOf, placed } from './landmarks';
import { leastSquares } from './trunk/leastSquares';
import { ARM_PLACES } from './trunk/reach';

/** A place that a hand can be laid on, as it is in the pose. */
export interface ReachablePlace {
  to: ContactTarget;
  point: Vec3;
  normal: Vec3;
}

/** A hand reaches a little further than the arm's bones, because collarbone and trunk give way. */
const GIVES_M = 0.12;

/** Every place of the body and of the supports that the hand of one side comes to, the arm as it hangs. */
export function placesInReach(
  body: Body,
  figure: Figure,
  { pose, mark }: { pose: Pose; mark?: Mark | undefined },
  side: Side,
): ReachablePlace[] {
  const [upperM, lowerM] = bonesM(body, 'arm', side);
  const shoulder = figure.points.shoulders[side];
  const found: ReachablePlace[] = [];
  const put = (to: ContactTarget, point: Vec3, normal: Vec3) => {
    const far = lengthOf(subtract(point, shoulder));
    if (far < upperM + lowerM + GIVES_M) found.push({ to, point, normal });
  };
  for (const name of BODY_PLACES) {
    // not the arm's own places, which go with it
    if (!ARM_PLACES.has(name) && name !== 'shoulder') {
      const own = placed(figure.frames, body, landmarkOf(body, name, side));
      put(name, own.point, own.normal);
    }
    if (isSided(name)) {
      const other = placed(figure.frames, body, landmarkOf(body, name, otherSide(side)));
      put(`other:${name satisfies SidePlace}`, other.point, other.normal);
    }
  }
  const carriage = carriageOf(body, pose, mark);
  const pelvis = at(figure.frames, 'pelvis');
  for (const name of placesOf(pose.objects ?? [])) {
    const target = supportTarget(carriage, name, side, undefined, pelvis);
    if (target) put(name, target.point, target.normal);
  }
  return found;
}

/**
 * The free arm's settings that bring the wrist as near as it gets to a point: elbow by the cosine rule, the two swings
 * of the shoulder by a small search from where they are.
 */
export function armSettingsTowards(body: Body, figure: Figure, pose: Pose, side: Side, wrist: Vec3): Pose {
  const [upperM, lowerM] = bonesM(body, 'arm', side);
  const sign = sideSign(side);
  const shoulder = figure.points.shoulders[side];
  const to = subtract(wrist, shoulder);
  const far = clamp(lengthOf(to), Math.abs(upperM - lowerM) + 0.03, (upperM + lowerM) * 0.998);
  const cos = (far * far - upperM ** 2 - lowerM ** 2) / (2 * upperM * lowerM);
  const bend = clamp(degrees(Math.acos(clamp(cos, -1, 1))), 0, SETTINGS.leftElbowBendDeg.max);
  const frame = hangFrame(figure.frames, pose);
  const swivel = settingOf(pose, sided(side, 'ElbowSwivelDeg'));
  const reached = (forward: number, out: number): Vec3 => {
    const upper = chain(frame, about('x', -forward), about('z', sign * out), about('y', -sign * swivel));
    const elbow = turned([0, -upperM, 0], upper);
    return add(elbow, turned([0, -lowerM, 0], chain(upper, about('x', -bend))));
  };
  const ids = [sided(side, 'ArmForwardDeg'), sided(side, 'ArmOutDeg')] as const;
  const start = ids.map((id) => settingOf(pose, id));
  const { x } = leastSquares(
    ([forward, out]) => {
      const miss = subtract(reached(forward!, out!), to);
      return [...miss.map((v) => v * 100), (forward! - start[0]!) * 0.002, (out! - start[1]!) * 0.002];
    },
    start,
    [1e-3, 1e-3],
    12,
    1e-6,
  );
  let next = withSetting(pose, sided(side, 'ElbowBendDeg'), Math.round(bend * 2) / 2);
  ids.forEach((id, i) => {
    const { min, max } = SETTINGS[id];
    next = withSetting(next, id, Math.round(clamp(x[i]!, min, max) * 2) / 2);
  });
  return next;
}
