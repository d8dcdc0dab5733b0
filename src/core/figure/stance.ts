import { BALL_FORWARD_SHARE, BALL_HEIGHT_SHARE, HEEL_BACK_SHARE, type Body } from '../body';
import { settingOf, sided, type Pose } from '../pose';
import { radians, SIDES, sideSign, type Quat, type Side, type Vec3 } from '../units';
import { about, add, chain, turned } from './frames';

/** Where one foot stands. */
export interface Foot {
  ankle: Vec3;
  /** World rotation of the foot, and of the toes, which stay flat when the heel is lifted. */
  rotation: Quat;
  toesRotation: Quat;
  heel: Vec3;
  ball: Vec3;
  toe: Vec3;
  /** Sole corners on the floor, for the polygon of support. */
  sole: Vec3[];
}

/** Full heel lift turns the foot this far about its ball, degrees. */
const FULL_HEEL_LIFT_DEG = 48;
const TOE_FORWARD_SHARE = 0.118;
const SOLE_HALF_SHARE = 0.022;

/**
 * Plants both feet round the sitter's mark. Spacing and stagger are said in the frame of the hips, so that a turn
 * of the hips carries the stance with it.
 */
export function stanceOf(body: Body, pose: Pose): Record<Side, Foot> {
  const { lengths } = body;
  const S = lengths.frameM;
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
    const lifted = chain(flat, about('x', lift * FULL_HEEL_LIFT_DEG));
    const fromBall = (p: Vec3): Vec3 => add(ball, turned(p, lifted));
    const back: Vec3 = [0, -BALL_HEIGHT_SHARE * S, -(BALL_FORWARD_SHARE + HEEL_BACK_SHARE) * S];
    const sole = [
      onFloor(TOE_FORWARD_SHARE),
      onFloor(BALL_FORWARD_SHARE, SOLE_HALF_SHARE),
      onFloor(BALL_FORWARD_SHARE, -SOLE_HALF_SHARE),
    ];
    if (lift < 0.05)
      sole.push(
        onFloor(-HEEL_BACK_SHARE * 0.8, SOLE_HALF_SHARE * 0.7),
        onFloor(-HEEL_BACK_SHARE * 0.8, -SOLE_HALF_SHARE * 0.7),
      );
    feet[side] = {
      ankle: fromBall([0, lengths.ankleHeightM - BALL_HEIGHT_SHARE * S, -BALL_FORWARD_SHARE * S]),
      rotation: lifted,
      toesRotation: flat,
      heel: fromBall(back),
      ball,
      toe: onFloor(TOE_FORWARD_SHARE),
      sole,
    };
  }
  return feet;
}

/** Where the load of one foot acts: under the arch, or under the ball when the heel is up. */
export function pressurePoint(foot: Foot): Vec3 {
  const onBall = Math.min(1, foot.heel[1] / 0.03);
  const share = 0.45 + 0.5 * onBall;
  return [
    foot.heel[0] + (foot.ball[0] - foot.heel[0]) * share,
    0,
    foot.heel[2] + (foot.ball[2] - foot.heel[2]) * share,
  ];
}
