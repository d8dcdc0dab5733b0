import { BALL_FORWARD_SHARE, BALL_HEIGHT_SHARE, HEEL_BACK_SHARE, heelTurnDeg, type Body } from '../body';
import { settingOf, sided, type Pose } from '../pose';
import { add, radians, SIDES, sideSign, type Quat, type Side, type Vec3 } from '../units';
import { about, chain, turned } from './frames';

/** Where one foot stands. */
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
  /** Sole corners on the floor, for the polygon of support. */
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

/**
 * Plants both feet round the sitter's mark. Spacing and stagger are said in the frame of the hips, so that a turn
 * of the hips carries the stance with it.
 */
export function stanceOf(body: Body, pose: Pose): Record<Side, Foot> {
  const { lengths } = body;
  const S = lengths.frameM;
  const { heelM } = body.profile.outfit.shoes;
  const shoeDeg = heelTurnDeg(lengths, heelM);
  const flatLoad = FLAT_LOAD + HEEL_LOAD_PER_M * heelM;
  const turn = settingOf(pose, 'hipsTurnLeftDeg');
  const frame = about('y', turn);
  const ahead = settingOf(pose, 'leftAheadFeet') * lengths.footM;
  const apart = settingOf(pose, 'heelSpacingShoulders') * lengths.shoulderBreadthM;
  const raw = SIDES.map((side) => {
    const sign = sideSign(side);
    const yaw = turn + sign * settingOf(pose, sided(side, 'FootOutDeg'));
    const lift = settingOf(pose, sided(side, 'HeelLiftShare'));
    const heel = turned([(sign * apart) / 2, 0, (sign * ahead) / 2], frame);
    return { side, yaw, lift, heel };
  });
  const middle: Vec3 = [0, 0, 0];
  for (const foot of raw) {
    const a = radians(foot.yaw);
    const reach = (HEEL_BACK_SHARE + BALL_FORWARD_SHARE) * S * 0.5;
    middle[0] += (foot.heel[0] + Math.sin(a) * reach) / 2;
    middle[2] += (foot.heel[2] + Math.cos(a) * reach) / 2;
  }
  const feet = {} as Record<Side, Foot>;
  for (const { side, yaw, lift, heel } of raw) {
    const flat = about('y', yaw);
    const standing = add(heel, middle, -1);
    const onFloor = (forwardShare: number, sideShare = 0): Vec3 =>
      add(standing, turned([sideShare * S, 0, (forwardShare + HEEL_BACK_SHARE) * S], flat));
    const ball: Vec3 = add(onFloor(BALL_FORWARD_SHARE), [0, BALL_HEIGHT_SHARE * S, 0]);
    const turnDeg = shoeDeg + lift * Math.max(0, FULL_HEEL_LIFT_DEG - shoeDeg);
    const lifted = chain(flat, about('x', turnDeg));
    const fromBall = (p: Vec3): Vec3 => add(ball, turned(p, lifted));
    const back: Vec3 = [0, -BALL_HEIGHT_SHARE * S, -(BALL_FORWARD_SHARE + HEEL_BACK_SHARE) * S];
    // a high heel stands on little, and further in than the heel of the foot
    const slender = Math.min(1, heelM / 0.08);
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
    feet[side] = {
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
  return feet;
}

/** Where the load of one foot acts on the floor. */
export function pressurePoint({ heel, ball, loadShare }: Foot): Vec3 {
  return [heel[0] + (ball[0] - heel[0]) * loadShare, 0, heel[2] + (ball[2] - heel[2]) * loadShare];
}
