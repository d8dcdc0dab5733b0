import { BALL_FORWARD_SHARE, BALL_HEIGHT_SHARE, HEEL_BACK_SHARE, heelTurnDeg, type Body } from '../../body';
import { legModes, limbContact, settingOf, sided, type ContactTarget } from '../../pose';
import { add, radians, SIDES, sideSign, type Quat, type Side, type Vec3 } from '../../units';
import { hipsYawDeg, standsFree, supportTarget, type Carriage } from '../carriage';
import { about, chain, turned } from '../joints/frames';

/** Where one foot is. */
export interface Foot {
  ankle: Vec3;
  /** World rotation of the foot, and of the toes, which stay flat when the heel is lifted. */
  rotation: Quat;
  toesRotation: Quat;
  heel: Vec3;
  ball: Vec3;
  toe: Vec3;
  /** Share of the way from heel to ball where the load acts. */
  loadShare: number;
  /** Sole corners where the foot stands, for the polygon of support; none where it does not stand. */
  sole: Vec3[];
}

/** Full heel lift turns the foot this far about its ball, degrees. */
const FULL_HEEL_LIFT_DEG = 48;
const TOE_FORWARD_SHARE = 0.118;
const SOLE_HALF_SHARE = 0.022;

/**
 * Where the load of a foot acts between heel and ball: under the arch when it stands flat, under the ball when the
 * heel is up; a heeled shoe carries it forwards (from memory: about two thirds on the forefoot at 8 cm).
 */
const FLAT_LOAD = 0.45;
const BALL_LOAD = 0.95;
const HEEL_LOAD_PER_M = 2.6;

/** A foot whose heel stands at a point, turned on the floor and lifted by a share of the full lift. */
export function plantedFoot(body: Body, heel: Vec3, yawDeg: number, lift: number): Foot {
  const { lengths } = body;
  const S = lengths.frameM;
  const { heelM } = body.profile.outfit.shoes;
  const shoeDeg = heelTurnDeg(lengths, heelM);
  const flatLoad = FLAT_LOAD + HEEL_LOAD_PER_M * heelM;
  const flat = about('y', yawDeg);
  const onFloor = (forwardShare: number, sideShare = 0): Vec3 =>
    add(heel, turned([sideShare * S, 0, (forwardShare + HEEL_BACK_SHARE) * S], flat));
  const ball: Vec3 = add(onFloor(BALL_FORWARD_SHARE), [0, BALL_HEIGHT_SHARE * S, 0]);
  const turnDeg = shoeDeg + lift * Math.max(0, FULL_HEEL_LIFT_DEG - shoeDeg);
  const lifted = chain(flat, about('x', turnDeg));
  const fromBall = (p: Vec3): Vec3 => add(ball, turned(p, lifted));
  const back: Vec3 = [0, -BALL_HEIGHT_SHARE * S, -(BALL_FORWARD_SHARE + HEEL_BACK_SHARE) * S];
  // a high heel stands on little, and further in than the heel of the foot
  const slender = Math.min(1, heelM / 0.06);
  const heelPlace = 0.8 - 0.2 * slender;
  const heelBreadth = 0.7 - 0.4 * slender;
  const sole = [
    onFloor(TOE_FORWARD_SHARE),
    onFloor(BALL_FORWARD_SHARE, SOLE_HALF_SHARE),
    onFloor(BALL_FORWARD_SHARE, -SOLE_HALF_SHARE),
  ];
  if (lift < 0.05)
    sole.push(
      onFloor(-HEEL_BACK_SHARE * heelPlace, SOLE_HALF_SHARE * heelBreadth),
      onFloor(-HEEL_BACK_SHARE * heelPlace, -SOLE_HALF_SHARE * heelBreadth),
    );
  return {
    ankle: fromBall([0, lengths.ankleHeightM - BALL_HEIGHT_SHARE * S, -BALL_FORWARD_SHARE * S]),
    rotation: lifted,
    toesRotation: flat,
    heel: fromBall(back),
    ball,
    toe: onFloor(TOE_FORWARD_SHARE),
    loadShare: flatLoad + (BALL_LOAD - flatLoad) * Math.min(1, lift / 0.2),
    sole,
  };
}

/** A foot carried in the air by its shank: pointed, with nothing under it. */
export function carriedFoot(body: Body, ankle: Vec3, rotation: Quat, toesRotation = rotation): Foot {
  const S = body.lengths.frameM;
  const { ankleHeightM } = body.lengths;
  const from = (forwardShare: number): Vec3 =>
    add(ankle, turned([0, -ankleHeightM + 0.004 * S, forwardShare * S], rotation));
  return {
    ankle,
    rotation,
    toesRotation,
    heel: from(-HEEL_BACK_SHARE),
    ball: from(BALL_FORWARD_SHARE),
    toe: from(TOE_FORWARD_SHARE),
    loadShare: BALL_LOAD,
    sole: [],
  };
}

/** Crossed ankles: how far over the other foot, and how far in front of it, shares of foot and shoulders. */
const CROSSED_ACROSS_SHOULDERS = 0.2;
const CROSSED_AHEAD_FEET = 0.42;

/**
 * Plants the feet that stand. Spacing and stagger are said in the frame of the hips, so that a turn of the hips
 * carries the stance with it. Standing feet are set round the sitter's mark; seated and kneeling ones round `under`,
 * the point on the floor where shanks would hang straight down. A foot with a contact of its own goes there.
 */
export function stanceOf(carriage: Carriage, under: Vec3): Record<Side, Foot> {
  const { body, pose, yaw: frame } = carriage;
  const { lengths } = body;
  const S = lengths.frameM;
  const turn = hipsYawDeg(carriage);
  const ahead = settingOf(pose, 'leftAheadFeet') * lengths.footM;
  const apart = settingOf(pose, 'heelSpacingShoulders') * lengths.shoulderBreadthM;
  const crossed = pose.crossed?.how === 'ankles' ? pose.crossed.over : null;
  const modes = legModes(pose);
  const raw = SIDES.map((side) => {
    const sign = sideSign(side);
    const yaw = turn + sign * settingOf(pose, sided(side, 'FootOutDeg'));
    const lift = settingOf(pose, sided(side, 'HeelLiftShare'));
    const over = crossed === side;
    const across = over
      ? -sign * CROSSED_ACROSS_SHOULDERS * lengths.shoulderBreadthM
      : crossed
        ? sign * 0.08 * lengths.shoulderBreadthM
        : (sign * apart) / 2;
    const forwards = (sign * ahead) / 2 + (over ? CROSSED_AHEAD_FEET * lengths.footM : 0);
    return { side, yaw, lift, heel: turned([across, 0, forwards], frame) };
  });
  const middle: Vec3 = [0, 0, 0];
  for (const foot of raw) {
    const a = radians(foot.yaw);
    const reach = (HEEL_BACK_SHARE + BALL_FORWARD_SHARE) * S * 0.5;
    middle[0] += (foot.heel[0] + Math.sin(a) * reach) / 2;
    middle[2] += (foot.heel[2] + Math.cos(a) * reach) / 2;
  }
  const slid = turned([0, 0, settingOf(pose, 'feetAheadFeet') * lengths.footM], frame);
  // seated feet are counted from the ankles
  if (!standsFree(carriage)) middle.splice(0, 3, ...turned([0, 0, HEEL_BACK_SHARE * S], frame));
  const kneeling = SIDES.some((s) => modes[s] === 'kneels');
  const feet = {} as Record<Side, Foot>;
  for (const { side, yaw, lift, heel } of raw) {
    const contact = limbContact(pose, side, 'foot');
    if (contact) {
      const place = supportTarget(carriage, contact.to, side, contact.spot, under)?.point;
      if (place) {
        feet[side] = plantedFoot(body, onPlace(body, place, yaw, contact.to), yaw, lift);
        continue;
      }
    }
    const standing = add(add(add(heel, middle, -1), slid), under);
    // the foot that stands beside a kneeling knee is set ahead, its shank upright
    if (kneeling && modes[side] === 'stands')
      standing.splice(0, 3, ...add(standing, turned([0, 0, lengths.thighM * 0.92], frame)));
    feet[side] = plantedFoot(body, standing, yaw, lift);
  }
  return feet;
}

/** Where the heel stands when the foot is on a place: on rails it is the arch that lies on it. */
function onPlace(body: Body, place: Vec3, yawDeg: number, to: ContactTarget): Vec3 {
  const S = body.lengths.frameM;
  const share = to === 'footRail' || to === 'rail' ? 0.075 : 0.055;
  return add(place, turned([0, 0, -share * S], about('y', yawDeg)));
}

/** Where the load of one foot acts on what it stands on. */
export function pressurePoint({ heel, ball, loadShare }: Foot): Vec3 {
  return [heel[0] + (ball[0] - heel[0]) * loadShare, 0, heel[2] + (ball[2] - heel[2]) * loadShare];
}
